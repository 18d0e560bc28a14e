/** A branch of a kit harness, from the ECU's connector to its plug. */
export interface KitBranch {
  readonly id: string
  /** Length as delivered. */
  readonly reachM: number
  /** Along the corridors to where its plug belongs. */
  readonly pathM: number
  /** From the corridors to the pins, both ends together. */
  readonly leadsM: number
}

export interface BranchReach {
  readonly id: string
  /** Length that it needs, slack in it. */
  readonly neededM: number
  readonly reaches: boolean
  readonly shortfallM: number
  readonly surplusM: number
}

/**
 * Whether the branches of a kit reach: each needs its way and leads with a share of slack, and something at both ends.
 * `W = (1 + share) (P + leads) + 2 perEnd`, as for any wire.
 */
export const kitReach = (
  branches: readonly KitBranch[],
  slack: { readonly share: number; readonly perEndM: number },
): readonly BranchReach[] =>
  branches.map(({ id, reachM, pathM, leadsM }) => {
    const neededM = (1 + slack.share) * (pathM + leadsM) + 2 * slack.perEndM
    const over = neededM - reachM
    return {
      id,
      neededM,
      reaches: over <= reachM * 1e-9,
      shortfallM: Math.max(0, over),
      surplusM: Math.max(0, -over),
    }
  })
