import type { JudgedSpot, SoftFinding } from '@lochmoor/core'

/** Losses that make a point when rounded. */
export const worthTelling = (spot: JudgedSpot): SoftFinding[] => spot.losses.filter((l) => l.loss >= 0.5)
