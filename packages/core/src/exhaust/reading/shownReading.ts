import type { Known } from '../../quantity/index.ts'

export interface ShownReading {
  /** What the display shows. */
  readonly lambda: number
  /** It stands at its lean end: the real figure is anything from there on. */
  readonly pinned: boolean
}

/**
 * What a display shows of a reading: nothing leaner than the lean end of its own scale, `readsToLambda`; everything
 * where that end is not known.
 */
export const shownReading = (lambda: number, readsToLambda: Known): ShownReading => {
  const pinned = readsToLambda !== null && lambda >= readsToLambda
  return { lambda: pinned ? readsToLambda : lambda, pinned }
}
