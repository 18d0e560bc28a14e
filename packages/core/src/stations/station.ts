import type { PartLine } from '../parts/index.ts'
import type { Assumption, JobDocument, SectionName, Station as StationId } from '../job/index.ts'
import type { Catalogue } from '../parts/index.ts'
import type { Sentence, VerdictState } from '../verdict/index.ts'

/** The phases of the work, in their order. */
export const PHASES = ['survey', 'design', 'build', 'run'] as const
export type Phase = (typeof PHASES)[number]

/** One sheet of a station, with the verdicts it shows. */
export interface StationTab {
  /** Last part of its address; empty for the first one. */
  readonly path: string
  readonly title: string
  /** Kinds of verdicts shown on it; null shows them all. */
  readonly judges: readonly string[] | null
}

/** A verdict as every screen and paper can show it, whatever its station. */
export interface StationVerdict {
  readonly id: string
  /** What it judges, without whom: "gas" for the gas at either sensor. */
  readonly kind: string
  readonly title: string
  readonly state: VerdictState
  readonly reason: Sentence
}

/** What a station says of a job. */
export interface StationJudgement {
  readonly state: VerdictState
  /** Worst first. */
  readonly verdicts: readonly StationVerdict[]
  readonly assumptions: readonly Assumption[]
  /** What to do next there, as the board says it; null where nothing waits. */
  readonly action: string | null
}

/** A station as the rest of the program sees it: a value, without type parameters. */
export interface StationValue {
  readonly id: StationId
  /** Part of its address. */
  readonly path: string
  /** Single key that leads to it, outside of fields. */
  readonly key: string
  readonly title: string
  /** Where there is little room. */
  readonly short: string
  /** In a sentence: "the fuel station". */
  readonly inSentence: string
  readonly phase: Phase
  /** Sections it enters. */
  readonly sections: readonly SectionName[]
  readonly tabs: readonly StationTab[]
  /** Whether nobody has entered anything there yet. */
  untouched(job: JobDocument, empty: JobDocument): boolean
  /** The judgement without remedies: for rail, board and everything that lists stations. */
  judge(job: JobDocument, catalogue: Catalogue): StationJudgement
  /** What must be bought for it; null where a station has no list. */
  readonly parts: ((job: JobDocument) => readonly PartLine[]) | null
}

/** What a maker gives of its station: its own case, judged once, and what is read off it. */
interface Maker<Case> extends Omit<StationValue, 'judge'> {
  caseOf(job: JobDocument, catalogue: Catalogue): Case
  state(c: Case): VerdictState
  verdicts(c: Case): readonly StationVerdict[]
  assumptions(c: Case): readonly Assumption[]
  action(c: Case, state: VerdictState): string | null
}

/** Hides a station's own case behind what every station says. */
export const station = <Case>({
  caseOf,
  state,
  verdicts,
  assumptions,
  action,
  ...value
}: Maker<Case>): StationValue => ({
  ...value,
  judge: (job, catalogue) => {
    const c = caseOf(job, catalogue)
    const found = state(c)
    return { state: found, verdicts: verdicts(c), assumptions: assumptions(c), action: action(c, found) }
  },
})
