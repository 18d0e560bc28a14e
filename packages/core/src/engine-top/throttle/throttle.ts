import { cablePullM, camTurnRad, type CableCam } from './cableCam.ts'
import { sweepRod, type RodLinkage } from './rodLinkage.ts'

/** One pair of levers on the way from the pedal to the plate; the next one's driver turns with this one's driven lever. */
export type ThrottleLink =
  (RodLinkage & { readonly sense: LinkSense }) | (CableCam & { readonly sense: Pick<LinkSense, 'drives'> })

/** 1: clockwise looking along its shaft, -1: the other way. */
export interface LinkSense {
  readonly drives: 1 | -1
  readonly opens: 1 | -1
} // prettier-ignore

export interface ThrottleCase {
  /** From the pedal's pivot to its pad, m. */
  readonly padArmM: number
  /** Pedal from rest to its stop, rad. */
  readonly pedalRad: number
  /** Movement of the pad before anything follows, m. */
  readonly slackM: number
  readonly links: readonly ThrottleLink[]
  /** Plate from closed to fully open, rad. */
  readonly plateRad: number
}

export interface ThrottlePoint {
  readonly padM: number
  readonly pedalRad: number
  /** As the linkage would turn it, past its stop if need be. */
  readonly plateRad: number
}

export interface ThrottleAnswer {
  readonly points: readonly ThrottlePoint[]
  /** Of full opening, with the pedal on its stop; above 1 where the pedal would force the plate's stop. */
  readonly share: number
  /** Pad at which the plate is fully open, m; null where it never is. */
  readonly fullAtM: number | null
  /** Movement of the pad left after that, m; null where it never is fully open. */
  readonly leftAtPadM: number | null
  /** Which link no longer follows, and the pad at which, m; null where all do to the end. */
  readonly binds: { readonly link: number; readonly padM: number } | null
  /** Opening at half of the pedal, as a share of full. */
  readonly atHalf: number
}

const STEPS = 240
const COARSE_STEPS = 40
const HAIR_RAD = 1e-9

/** What comes out of a link for what goes in, between two turns of its driver. */
interface Followed {
  readonly at: (rad: number) => number
  /** How far its driver turns before it binds, either way. */
  readonly leastRad: number
  readonly mostRad: number
}

/** Turn out of a rod linkage for turns in one way, by interpolation between steps far finer than a lever is set. */
const oneWay = (link: RodLinkage & { readonly sense: LinkSense }, turnRad: number, stepRad?: number) => {
  const { bindsAtRad, points } = sweepRod(link, link.sense.drives * turnRad, link.sense.opens, stepRad)
  const reachesRad = points.at(-1)?.driverRad ?? 0
  const endRad = bindsAtRad === null ? Math.abs(turnRad) : Math.min(bindsAtRad, reachesRad)
  const perRad = reachesRad > 0 ? (points.length - 1) / reachesRad : 0
  return {
    endRad,
    at: (rad: number): number => {
      const place = Math.min(points.length - 1, rad * perRad)
      const i = Math.floor(place)
      const from = points[i]?.drivenRad ?? NaN
      const to = points[i + 1]?.drivenRad ?? from
      return from + (place - i) * (to - from)
    },
  }
}

const followed = (link: ThrottleLink, leastRad: number, mostRad: number, stepRad?: number): Followed => {
  if (link.kind === 'cable')
    return { leastRad, mostRad, at: (rad) => camTurnRad(link, cablePullM(link, link.sense.drives * rad)) }
  const on = oneWay(link, mostRad, stepRad)
  const back = leastRad < 0 ? oneWay(link, leastRad, stepRad) : null
  return {
    leastRad: back ? -back.endRad : 0,
    mostRad: on.endRad,
    at: (rad) => (rad < 0 && back ? back.at(-rad) : on.at(Math.max(0, rad))),
  }
}

/**
 * What the plate does over the pedal's travel: every link solved by its geometry, one after the other.
 * The slack is lost first; a link that no longer reaches holds all that comes after it. Every rod must reach at rest.
 * @param stepRad of the levers; coarser where a change is only sought
 */
export const throttle = (c: ThrottleCase, stepRad?: number): ThrottleAnswer => {
  const slackRad = c.slackM / c.padArmM
  const usedRad = Math.max(0, c.pedalRad - slackRad)
  let binds: ThrottleAnswer['binds'] = null
  const steps = stepRad === undefined ? STEPS : COARSE_STEPS
  // How far each link's driver turns while the pedal goes down.
  let turns = Array.from({ length: steps + 1 }, (_, i) => (usedRad * i) / steps)
  c.links.forEach((link, index) => {
    const { at, leastRad, mostRad } = followed(link, Math.min(0, ...turns), Math.max(0, ...turns), stepRad)
    const step = turns.findIndex((t) => t > mostRad + HAIR_RAD || t < leastRad - HAIR_RAD)
    if (step >= 0 && binds === null) {
      const pedalRad = slackRad + (usedRad * Math.max(0, step - 1)) / steps
      binds = { link: index, padM: c.padArmM * pedalRad }
    }
    turns = turns.map((t) => at(Math.min(mostRad, Math.max(leastRad, t))))
  })
  const points = turns.map((plateRad, i): ThrottlePoint => {
    const pedalRad = slackRad + (usedRad * i) / steps
    return { pedalRad, padM: c.padArmM * pedalRad, plateRad }
  })
  const fullAtM = crossing(points, c.plateRad)
  const half = points.findIndex((p) => p.pedalRad >= c.pedalRad / 2)
  return {
    points,
    share: points.at(-1)!.plateRad / c.plateRad,
    fullAtM,
    leftAtPadM: fullAtM === null ? null : c.padArmM * c.pedalRad - fullAtM,
    binds,
    atHalf: Math.min(1, (points[half]?.plateRad ?? 0) / c.plateRad),
  }
}

/** Pad at which the plate first stands at an angle. */
const crossing = (points: readonly ThrottlePoint[], plateRad: number): number | null => {
  const i = points.findIndex((p) => p.plateRad >= plateRad - 1e-9)
  if (i < 0) return null
  if (i === 0) return points[0]!.padM
  const [a, b] = [points[i - 1]!, points[i]!]
  const share = (plateRad - a.plateRad) / (b.plateRad - a.plateRad)
  return a.padM + Math.min(1, Math.max(0, share)) * (b.padM - a.padM)
}
