/**
 * What hours and money are for: the work on the engine with controller, harness and sensor boss; the manifold where it is
 * altered, built up or changed; pump, lines and tank; spark and trigger.
 */
export const WORK_SCOPES = ['engine', 'manifold', 'fuel', 'ignition'] as const
export type WorkScope = (typeof WORK_SCOPES)[number]

export type ConsequenceKind = 'buy' | 'cut' | 'weld' | 'give-up' | 'rules-out'

/** Something that a way of building brings with it: to buy, to cut, to weld, to give up, or to rule out for later. */
export interface Consequence {
  readonly id: string
  readonly kind: ConsequenceKind
  readonly scope: WorkScope
  readonly text: string
  /** Hours of a practised installer, least and most: rule of thumb. */
  readonly hours: readonly [number, number]
  /** Weight in cost, 0 (nothing) to 6: rule of thumb. */
  readonly cost: number
}
