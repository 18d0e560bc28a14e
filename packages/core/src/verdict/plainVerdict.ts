import type { Verdict } from './verdict.ts'

/** The parts of a verdict that a plain one leaves empty. */
export const plain = {
  figureName: '',
  figure: null,
  limitName: '',
  limit: null,
  margin: null,
  pointId: null,
  workings: [],
} satisfies Partial<Verdict>
