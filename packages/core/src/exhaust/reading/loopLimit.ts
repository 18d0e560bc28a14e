/** What the loop wants against what it may do. */
export interface LoopLimitCase {
  /** Mixture the loop would steer to. */
  readonly wanted: number
  /** Mixture in open loop. */
  readonly lambda: number
  /** Most it may add or take away, as a share of the fuel, 0 to 1. */
  readonly correctionLimit: number
}

/**
 * Mixture the loop ends at: between lambda_0/(1 + c), all the fuel it may add, and lambda_0/(1 - c), all it may take
 * away. Mass balance of the fuel.
 */
export const steeredTo = ({
  wanted,
  lambda,
  correctionLimit: c,
}: LoopLimitCase): { readonly lambda: number; readonly atLimit: boolean } => {
  const richest = lambda / (1 + c)
  const leanest = c < 1 ? lambda / (1 - c) : Infinity
  return { lambda: Math.min(Math.max(wanted, richest), leanest), atLimit: wanted < richest || wanted > leanest }
}
