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

/** Turn out of a link for turns in, by interpolation between steps far finer than a lever is set. */
const followed = (link: ThrottleLink, travelRad: number): { at: (rad: number) => number; endRad: number; binds: boolean } => {
  if (link.kind === 'cable')
    return {
      at: (rad) => camTurnRad(link, cablePullM(link, link.sense.drives * rad)),
      endRad: travelRad,
      binds: false,
    }
  const { bindsAtRad, points } = sweepRod(link, link.sense.drives * travelRad, link.sense.opens)
  const endRad = bindsAtRad === null ? travelRad : Math.min(bindsAtRad, points.at(-1)?.driverRad ?? 0)
  return {
    endRad,
    binds: bindsAtRad !== null,
    at: (rad) => {
      if (points.length === 0) return NaN
      const i = Math.min(points.length - 2, points.findIndex((p) => p.driverRad >= rad) - 1)
      const a = points[Math.max(0, i)]!
      const b = points[Math.max(0, i) + 1] ?? a
      const span = b.driverRad - a.driverRad
      return span === 0 ? a.drivenRad : a.drivenRad + ((rad - a.driverRad) / span) * (b.drivenRad - a.drivenRad)
    },
  }
} // prettier-ignore

/**
 * What the plate does over the pedal's travel: every link solved by its geometry, one after the other.
 * The slack is lost first; a link that no longer reaches holds all that comes after it.
 */
export const throttle = (c: ThrottleCase): ThrottleAnswer => {
  const slackRad = c.slackM / c.padArmM
  const usedRad = Math.max(0, c.pedalRad - slackRad)
  let binds: ThrottleAnswer['binds'] = null
  // How far the pedal may go before each link, and what follows it.
  let turns = Array.from({ length: STEPS + 1 }, (_, i) => (usedRad * i) / STEPS)
  c.links.forEach((link, index) => {
    const travelRad = Math.max(0, ...turns)
    const { at, binds: stuck, endRad } = followed(link, travelRad)
    if (stuck && binds === null) {
      const step = turns.findIndex((t) => t > endRad)
      const pedalRad = slackRad + (usedRad * Math.max(0, step - 1)) / STEPS
      binds = { link: index, padM: c.padArmM * pedalRad }
    }
    turns = turns.map((t) => at(Math.min(t, endRad)))
  })
  const points = turns.map((plateRad, i): ThrottlePoint => {
    const pedalRad = slackRad + (usedRad * i) / STEPS
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
