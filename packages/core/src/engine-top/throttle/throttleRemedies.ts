import { ballAt, closures, near, rodAtRestM, type Lever, type RodLinkage } from './rodLinkage.ts'
import { throttle, type ThrottleAnswer, type ThrottleCase, type ThrottleLink } from './throttle.ts'

/** What of a linkage can be changed at the bench. */
export type ThrottleChange = 'driven arm' | 'driver arm' | 'driven ball' | 'driver ball' | 'rod length'

export interface ThrottleRemedy {
  readonly change: ThrottleChange
  readonly link: number
  /** As it is, and as it would have to be: m, or rad for a ball set elsewhere round its shaft. */
  readonly from: number
  readonly to: number
  readonly rodM: number
  readonly then: ThrottleCase
  readonly answer: ThrottleAnswer
}

/** With the pedal on its stop the plate stands at its own, a hair beyond: neither is opening lost nor the stop forced. */
const WANTED_SHARE = 1.01
const NEAR_SHARE = 0.003
const TRIED = 32
const HALVINGS = 24
/** Of the levers while a change is sought; what is found is tried with fine ones. */
const COARSE_STEP_RAD = Math.PI / 60

const withLink = (c: ThrottleCase, index: number, link: ThrottleLink, pedalRad = c.pedalRad): ThrottleCase => ({
  ...c,
  pedalRad,
  links: c.links.map((l, i) => (i === index ? link : l)),
})

/** Levers changed, and the rod made to fit them at rest. */
const refitted = (link: ThrottleLink & RodLinkage, levers: { driver?: Lever; driven?: Lever }): ThrottleLink => {
  const next = { ...link, ...levers }
  return { ...next, rodM: rodAtRestM(next) }
}

/** A longer or shorter rod with the plate shut sets the pedal elsewhere; its stop stays. */
const withRod = (c: ThrottleCase, index: number, link: ThrottleLink & RodLinkage, rodM: number): ThrottleCase | null => {
  if (index !== 0) return null
  const { driven, driver } = link
  const ways = closures({ kind: 'rod', driver: driven, driven: driver, rodM }, ballAt(driven, driven.restRad))
  if (ways.length === 0) return null
  const restRad = ways
    .map((w) => near(w, driver.restRad))
    .reduce((a, b) => (Math.abs(b - driver.restRad) < Math.abs(a - driver.restRad) ? b : a))
  const pedalRad = c.pedalRad - link.sense.drives * (restRad - driver.restRad)
  return pedalRad <= c.slackM / c.padArmM ? null : withLink(c, index, { ...link, rodM, driver: { ...driver, restRad } }, pedalRad)
} // prettier-ignore

interface Knob {
  readonly change: ThrottleChange
  readonly from: number
  readonly least: number
  readonly most: number
  readonly set: (x: number) => ThrottleCase | null
}

const knobsOf = (c: ThrottleCase, index: number, link: ThrottleLink & RodLinkage): Knob[] => {
  const { driven, driver } = link
  return [
    { change: 'driven arm', from: driven.armM, least: 0.5 * driven.armM, most: 2 * driven.armM, set: (armM) => withLink(c, index, refitted(link, { driven: { ...driven, armM } })) },
    { change: 'driver arm', from: driver.armM, least: 0.5 * driver.armM, most: 2 * driver.armM, set: (armM) => withLink(c, index, refitted(link, { driver: { ...driver, armM } })) },
    { change: 'driven ball', from: driven.restRad, least: driven.restRad - 1, most: driven.restRad + 1, set: (restRad) => withLink(c, index, refitted(link, { driven: { ...driven, restRad } })) },
    { change: 'driver ball', from: driver.restRad, least: driver.restRad - 1, most: driver.restRad + 1, set: (restRad) => withLink(c, index, refitted(link, { driver: { ...driver, restRad } })) },
    { change: 'rod length', from: link.rodM, least: 0.85 * link.rodM, most: 1.15 * link.rodM, set: (rodM) => withRod(c, index, link, rodM) },
  ] // prettier-ignore
}

/** The value nearest to what is there at which the plate just opens all the way, and nothing binds; null where there is none. */
const solved = ({ change, from, least, most, set }: Knob, link: number): ThrottleRemedy | null => {
  const shareAt = (x: number): number => {
    const c = set(x)
    if (c === null) return NaN
    const { binds, share } = throttle(c, COARSE_STEP_RAD)
    return binds === null ? share - WANTED_SHARE : NaN
  }
  const places = Array.from({ length: TRIED + 1 }, (_, i) => least + ((most - least) * i) / TRIED)
  const off = places.map(shareAt)
  const spans = places
    .slice(1)
    .flatMap((x, i) => (off[i]! * off[i + 1]! <= 0 ? [{ a: places[i]!, fa: off[i]!, b: x }] : []))
    .sort((s, t) => Math.abs((s.a + s.b) / 2 - from) - Math.abs((t.a + t.b) / 2 - from))
  for (const span of spans) {
    let { a, b, fa } = span
    for (let i = 0; i < HALVINGS; i++) {
      const middle = (a + b) / 2
      const f = shareAt(middle)
      if (fa * f <= 0) b = middle
      else [a, fa] = [middle, f]
    }
    const then = set((a + b) / 2)
    const answer = then && throttle(then)
    if (!then || !answer || answer.binds !== null || Math.abs(answer.share - WANTED_SHARE) > NEAR_SHARE) continue
    const rod = then.links[link]
    return { change, link, from, to: (a + b) / 2, rodM: rod?.kind === 'rod' ? rod.rodM : NaN, then, answer }
  }
  return null
}

/**
 * What would make the plate open all the way with the pedal on its stop: one change of one rod linkage at a time, each
 * solved for and tried on the whole mechanism, least change of its kind. Cables are left alone: their length is set, not made.
 */
export const throttleRemedies = (c: ThrottleCase): ThrottleRemedy[] =>
  c.links.flatMap((link, index) =>
    link.kind === 'rod' ? knobsOf(c, index, link).flatMap((knob) => solved(knob, index) ?? []) : [],
  )
