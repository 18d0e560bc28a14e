import type { JobDocument } from '../../job/index.ts'
import type { WalkAroundSection } from '../../sections/index.ts'
import type { Family } from '../../quantity/index.ts'

type PathsOf<Prefix extends string, T> = { [K in keyof T & string]: `${Prefix}.${K}` }[keyof T & string]
/** Where an entry of the walk-around is stored. */
export type WalkPath =
  | { [G in keyof WalkAroundSection]: PathsOf<`walkAround.${G}`, WalkAroundSection[G]> }[keyof WalkAroundSection]
  | PathsOf<'vehicle', JobDocument['vehicle']>
  | PathsOf<'facts', JobDocument['facts']>
  // Asked on the walk, used further on: one place in the document.
  | 'system.uses'
  | 'system.welder'
  | 'power.old.killSwitch'
  | 'power.old.keyedWires'

/**
 * How much waits for an entry: 3 = something cannot be judged or is judged on a bare guess, 2 = a judgement would get
 * sharper, 1 = only planning.
 */
export type Need = 1 | 2 | 3

/** A small drawing where words are poor; the screen has one for each name. */
export type DrawingId =
  | 'bore-and-stroke'
  | 'firing-order'
  | 'divider'
  | 'tank-gap'
  | 'pipe-tape'
  | 'tail-length'
  | 'voltage-drop'
  | 'bonnet-clay'
  | 'chain-slack'
  | 'vacuum-needle'

interface Common {
  readonly path: WalkPath
  readonly label: string
  /** How it is measured or seen, in a few words. */
  readonly how?: string
  readonly drawing?: DrawingId
  readonly need: Need
  /** What waits for it. */
  readonly neededFor: string
  /** Left out where it does not concern this car. */
  readonly relevant?: (job: JobDocument) => boolean
}

export interface FigureEntry extends Common {
  readonly kind: 'figure'
  readonly family: Family
  readonly whole?: boolean
}
export interface ChoiceEntry extends Common {
  readonly kind: 'choice'
  readonly options: readonly (readonly [value: string, words: string])[]
}
export interface SeenEntry extends Common {
  readonly kind: 'seen'
  readonly yes?: string
  readonly no?: string
}
export interface TextEntry extends Common {
  readonly kind: 'text'
}
/** One figure a cylinder. */
export interface ListEntry extends Common {
  readonly kind: 'list'
  readonly family: Family
}
/** Several words at once; the one that says there is none stands alone. */
export interface SetEntry extends Common {
  readonly kind: 'set'
  readonly options: readonly (readonly [value: string, words: string])[]
  readonly none?: string
}
/** Rows of which each has entries of its own; the screen has an editor for each list. */
export interface RowsEntry extends Common {
  readonly kind: 'rows'
}
/** A fact of the job that nobody measures and no guest sees. */
export interface FactEntry extends Common {
  readonly kind: 'fact'
}
export type WalkEntry = FigureEntry | ChoiceEntry | SeenEntry | TextEntry | ListEntry | SetEntry | RowsEntry | FactEntry

export interface WalkGroup {
  readonly id: string
  readonly title: string
  readonly entries: readonly WalkEntry[]
}
