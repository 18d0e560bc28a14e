import {
  kickdownTravel,
  padForceN,
  plateSprings,
  rodAtRestM,
  setByRod,
  throttle,
  type KickdownAnswer,
  type Lever,
  type SpringsAnswer,
  type ThrottleAnswer,
  type ThrottleCase,
  type ThrottleLink,
} from '../../engine-top/index.ts'
import { figureOf } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { EngineTopSection, LeverEntry, ThrottleLinkEntry } from '../../sections/index.ts'

const RAD = Math.PI / 180

export interface ThrottleOfJob {
  readonly entry: EngineTopSection['throttle']
  /** What must be measured before it can be solved; empty where all is. */
  readonly missing: readonly string[]
  /** Link whose rod does not reach both levers at rest, by its name. */
  readonly unreached: string | null
  readonly solved: ThrottleCase | null
  readonly answer: ThrottleAnswer | null
  readonly springs: SpringsAnswer | null
  /** At the pad, N: leaving the stop, and fully open. */
  readonly padN: readonly [leaving: number, open: number] | null
  readonly kickdown: KickdownAnswer | null
  readonly plateRad: number
  readonly slackM: number
  /** Of the gearbox maker's travel, m. */
  readonly toleranceM: number
}

/** Along the shaft, as its lever is looked at: from the left, from behind, from above. */
const shaftOf = ({ shaft, swungDeg }: LeverEntry): Lever['shaft'] => {
  if (shaft === 'upright') return [0, 0, -1]
  const rad = (swungDeg ?? 0) * RAD
  // Clockwise from above: what points right turns to the rear, what points ahead turns right.
  return shaft === 'across' ? [Math.cos(rad), -Math.sin(rad), 0] : [Math.sin(rad), Math.cos(rad), 0]
}

const leverOf = (l: LeverEntry): Lever | null =>
  l.rightM === null || l.aheadM === null || l.upM === null || l.armM === null || l.restDeg === null
    ? null
    : { at: [l.rightM, l.aheadM, l.upM], shaft: shaftOf(l), armM: l.armM, restRad: l.restDeg * RAD }

const senseOf = (l: LeverEntry): 1 | -1 => (l.opens === 'clockwise' ? 1 : -1)

/** A link as it stands; what is missing of it; or that its rod does not reach. */
const linkOf = (e: ThrottleLinkEntry): { link: ThrottleLink } | { missing: string } | 'unreached' => {
  const driver = leverOf(e.driver)
  if (driver === null) return { missing: `lever on the pedal side of “${e.name}”` }
  if (e.kind === 'cable') {
    const { camDeg, closedRadiusM, openRadiusM, sheathAheadM, sheathRightM, sheathUpM } = e
    if (sheathRightM === null || sheathAheadM === null || sheathUpM === null)
      return { missing: `end of the sheath of “${e.name}”` }
    if (closedRadiusM === null || openRadiusM === null || camDeg === null) return { missing: `cam of “${e.name}”` }
    return {
      link: {
        kind: 'cable',
        driver,
        sheath: [sheathRightM, sheathAheadM, sheathUpM],
        closedRadiusM,
        openRadiusM,
        camRad: camDeg * RAD,
        sense: { drives: senseOf(e.driver) },
      },
    }
  }
  const driven = leverOf(e.driven)
  if (driven === null) return { missing: `lever on the plate side of “${e.name}”` }
  const rodM = e.rodM ?? rodAtRestM({ driver, driven })
  const set = rodM > 0 ? setByRod({ kind: 'rod', driver, driven, rodM }) : null
  return set === null
    ? 'unreached'
    : { link: { ...set, sense: { drives: senseOf(e.driver), opens: senseOf(e.driven) } } }
}

/** Turn of the plate for a movement of the pad, by the two points of the solved mechanism about a place, rad/m. */
const perM = (answer: ThrottleAnswer, open: boolean): number => {
  const { points } = answer
  const i = open ? points.length - 1 : Math.min(8, points.length - 1)
  const j = open ? Math.max(0, points.length - 9) : 0
  const [a, b] = [points[j]!, points[i]!]
  return b.padM === a.padM ? 0 : (b.plateRad - a.plateRad) / (b.padM - a.padM)
}

const kickdownOf = (job: JobDocument): KickdownAnswer | null => {
  const k = job.engineTop.throttle.kickdown
  if (k.armM === null || k.restDeg === null || k.closedM === null || k.wantsClosedM === null || k.wantsOpenM === null)
    return null
  return kickdownTravel({
    armM: k.armM,
    restRad: k.restDeg * RAD,
    plateRad: figureOf(job, 'engineTop.throttle.plateDeg') * RAD,
    closedM: k.closedM,
    wantsClosedM: k.wantsClosedM,
    wantsOpenM: k.wantsOpenM,
  })
}

/** Solved once for the same entries: a lump of clay moves no lever. */
const solvedOf = new WeakMap<EngineTopSection['throttle'], ThrottleOfJob>()

/** The throttle linkage of a job, solved once for all judges. */
export const throttleOfJob = (job: JobDocument): ThrottleOfJob => {
  const entry = job.engineTop.throttle
  let own = solvedOf.get(entry)
  if (!own) solvedOf.set(entry, (own = solve(job)))
  return own
}

const solve = (job: JobDocument): ThrottleOfJob => {
  const entry = job.engineTop.throttle
  const plateRad = figureOf(job, 'engineTop.throttle.plateDeg') * RAD
  const slackM = figureOf(job, 'engineTop.throttle.slackM')
  const links = entry.links.map(linkOf)
  const missing = [
    ...(entry.links.length === 0 ? ['rods or cable from the pedal to the plate'] : []),
    ...(entry.padArmM === null ? ['pedal from pivot to pad'] : []),
    ...(entry.pedalDeg === null ? ['travel of the pedal'] : []),
    ...links.flatMap((l) => (l !== 'unreached' && 'missing' in l ? [l.missing] : [])),
  ]
  const at = links.indexOf('unreached')
  const solved: ThrottleCase | null =
    missing.length > 0 || at >= 0
      ? null
      : {
          padArmM: entry.padArmM!,
          pedalRad: entry.pedalDeg! * RAD,
          slackM,
          links: links.map((l) => (l as { link: ThrottleLink }).link),
          plateRad,
        }
  const answer = solved && throttle(solved)
  const { dragNm, springClosedNm, springOpenNm, springs } = entry
  const spring =
    springs !== null && springClosedNm !== null && springOpenNm !== null && dragNm !== null
      ? { springs, closedNm: springClosedNm, openNm: springOpenNm, dragNm }
      : null
  return {
    entry,
    missing,
    unreached: at >= 0 ? entry.links[at]!.name : null,
    solved,
    answer,
    springs: spring && plateSprings(spring),
    padN: spring && answer ? [padForceN(spring, 0, perM(answer, false)), padForceN(spring, 1, perM(answer, true))] : null,
    kickdown: kickdownOf(job),
    plateRad,
    slackM,
    toleranceM: figureOf(job, 'engineTop.throttle.kickdown.toleranceM'),
  }
} // prettier-ignore
