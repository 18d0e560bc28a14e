import type { PartLine, Catalogue } from '../parts/index.ts'
import type { Assumption } from '../figures/index.ts'
import type { JobChange, JobDocument, SectionName } from '../job/index.ts'
import type { Station as StationId } from '../sections/index.ts'
import type { Sentence, Verdict, VerdictState } from '../verdict/index.ts'

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

/** What a station says of a job. */
export interface StationAssessment {
  readonly state: VerdictState
  /** Worst first. */
  readonly verdicts: readonly Verdict[]
  /** What it computes with and nobody has measured. */
  readonly assumptions: readonly Assumption[]
  /** What to do next there, as the board says it; null where nothing waits. */
  readonly action: string | null
}

/** A change to try on the job. */
export interface Trial {
  readonly label: Sentence
  readonly change: JobChange
}

/** One kind of change, its trials in order from the least on. */
export interface Ladder {
  readonly id: string
  /** Verdicts it may cure, by id or kind. */
  readonly cures: readonly string[]
  /** Sought only when the verdict asks for it: this may take a while. */
  readonly trials: (verdict: Verdict) => Iterable<Trial>
  /** Whether less bad than before is enough, short of sound. */
  readonly betterIsEnough?: true
}

/** What a station is called and where it stands: all that lists, addresses and boards need of it. */
export interface StationHead {
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
}

export const stationHead = (head: StationHead): StationHead => head

/** A station as the rest of the program sees it: a value, without type parameters. */
export interface StationValue extends StationHead {
  /**
   * Places of the document that its assessment looks at, beside the figures that name it as a user: it is assessed again
   * only when one of them has changed.
   */
  readonly reads: readonly string[]
  /** Kinds of parts that its assessment looks through. */
  readonly stock: readonly (keyof Catalogue)[]
  /** Workings that its verdicts may point to. */
  readonly workings: readonly string[]
  /** What can hurt somebody at this station's work; local rules and licensed trades come first. */
  cautions(job: JobDocument): readonly string[]
  /** Whether nobody has entered anything there yet. */
  untouched(job: JobDocument, empty: JobDocument): boolean
  /** Every verdict, without remedies: a pure function of the document and the parts it looks through. */
  assess(job: JobDocument, catalogue: Catalogue): StationAssessment
  /** Where the assessment takes long: works it out ahead, a step at a time, so that the assessment finds it done. */
  readonly prepare?: (job: JobDocument) => Iterable<void>
  /** Changes worth trying where a verdict is not sound. */
  ladders(job: JobDocument, catalogue: Catalogue): readonly Ladder[]
  /** What must be bought for it; null where a station has no list. */
  readonly parts: ((job: JobDocument) => readonly PartLine[]) | null
}

/** A station with all that its own screens and papers read off its assessment. */
export interface StationOf<A extends StationAssessment> extends StationValue {
  assess(job: JobDocument, catalogue: Catalogue): A
}

/** A station, its assessment known by type. */
export const station = <A extends StationAssessment>(value: StationOf<A>): StationOf<A> => value
