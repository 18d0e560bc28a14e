import type { Figure, Sentence } from '../verdict/index.ts'

/** One line of what must be ordered or cut. */
export interface PartLine {
  /** Stable name of the line within the list. */
  readonly id: string
  readonly what: string
  readonly name: string
  readonly quantity: Figure
  /** Figures by which it is ordered. */
  readonly specification: Sentence
  /** Which figure it follows from. */
  readonly why: string
  /** Whether the quantity stands on an assumed figure. */
  readonly assumed: boolean
}
