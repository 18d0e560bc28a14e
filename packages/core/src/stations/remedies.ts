import { withChange, type JobChange, type JobDocument } from '../job/index.ts'
import type { Catalogue } from '../parts/index.ts'
import { isWorse, kindOf, type Figure, type Sentence, type Verdict, type VerdictState } from '../verdict/index.ts'
import { assessor, type Assess } from './assessor.ts'
import { STATION_LIST } from './registry.ts'
import type { Ladder, StationValue } from './station.ts'

/** A change that was tried on the whole job: it cures the verdict it belongs to and makes nothing worse. */
export interface Remedy {
  readonly id: string
  readonly label: Sentence
  /** What the judged figure becomes; null where another figure decides then. */
  readonly becomes: Figure | null
  readonly change: JobChange
}

/** Remedies by the id of the verdict that they cure. */
export type Remedies = ReadonlyMap<string, readonly Remedy[]>

type States = ReadonlyMap<string, VerdictState>
const statesOf = (verdicts: readonly Verdict[]): States => new Map(verdicts.map((v) => [v.id, v.state]))

/**
 * Whether something is worse than before. What was not judged before and now is, because something was decided, is no
 * harm unless it fails; where nothing was open before, it must be sound.
 */
const harms = (before: States, after: readonly Verdict[], target: VerdictState): boolean =>
  after.some((v) => {
    const was = before.get(v.id)
    // Open before and decided now is no harm either, unless it fails, where what is sought was open itself.
    if (was !== undefined && !(was === 'unknown' && target === 'unknown')) return isWorse(v.state, was)
    return target === 'unknown' ? v.state === 'stop' : v.state !== 'ok'
  })

/** Short of sound: fails no more, is open no more, or is as before with more to spare. */
const isBetter = (was: Verdict, is: Verdict): boolean =>
  was.state === 'unknown'
    ? is.state === 'caution'
    : isWorse(was.state, is.state) ||
      (was.state === is.state && (is.margin?.si ?? -Infinity) > (was.margin?.si ?? Infinity))

const curesIt = (ladder: Ladder, v: Verdict): boolean => ladder.cures.includes(v.id) || ladder.cures.includes(kindOf(v))

/** What a change brings for one verdict of a station; null where it cures nothing or harms something anywhere. */
const tried = (
  change: JobChange,
  verdict: Verdict,
  enough: boolean,
  station: StationValue,
  job: JobDocument,
  catalogue: Catalogue,
  before: ReadonlyMap<string, States>,
  assess: Assess,
): Verdict | null => {
  const next = withChange(job, change)
  const own = assess(station, next, catalogue).verdicts
  const cured = own.find((v) => v.id === verdict.id)
  if (!cured || !(cured.state === 'ok' || (enough && isBetter(verdict, cured)))) return null
  const others = own.filter((v) => v !== cured)
  if (harms(before.get(station.id)!, others, verdict.state)) return null
  const harmed = STATION_LIST.some(
    (s) => s.id !== station.id && harms(before.get(s.id)!, assess(s, next, catalogue).verdicts, verdict.state),
  )
  return harmed ? null : cured
}

/**
 * For each verdict of a station that is not sound: per kind of change the least one that cures it and makes nothing in the
 * whole job worse. Each is found by changing the job and judging all of it again, so a remedy offered is a remedy that
 * cures. Gives null between two trials, so that whoever asked may turn to something else.
 */
export function* seekRemedies(
  station: StationValue,
  job: JobDocument,
  catalogue: Catalogue,
): Generator<null, Remedies, void> {
  const found = new Map<string, readonly Remedy[]>()
  const assess = assessor()
  const unsound = assess(station, job, catalogue).verdicts.filter((v) => v.state !== 'ok')
  const ladders = unsound.length === 0 ? [] : station.ladders(job, catalogue)
  if (ladders.length === 0) return found
  const before = new Map(STATION_LIST.map((s) => [s.id as string, statesOf(assess(s, job, catalogue).verdicts)]))
  for (const verdict of unsound) {
    const own: Remedy[] = []
    for (const ladder of ladders.filter((l) => curesIt(l, verdict)))
      for (const { label, change } of ladder.trials(verdict)) {
        yield null
        const enough = ladder.betterIsEnough ?? false
        const cured = tried(change, verdict, enough, station, job, catalogue, before, assess)
        if (!cured) continue
        own.push({
          id: ladder.id,
          label,
          becomes: cured.figureName === verdict.figureName ? cured.figure : null,
          change,
        })
        break
      }
    if (own.length > 0) found.set(verdict.id, own)
  }
  return found
}

/** All of them at once: for papers and calculations that wait. */
export const remediesOf = (station: StationValue, job: JobDocument, catalogue: Catalogue): Remedies => {
  const seeking = seekRemedies(station, job, catalogue)
  let step = seeking.next()
  while (!step.done) step = seeking.next()
  return step.value
}
