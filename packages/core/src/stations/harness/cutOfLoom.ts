import { cutBySpool, type SpoolCut } from '../../harness/index.ts'
import type { HarnessCase } from './harnessCase.ts'
import { wireListOf } from './wireList.ts'

/** Taken until somebody says how wire is bought, m. Typical. */
const USUAL_SPOOL_M = 25

export interface LoomCut {
  readonly spoolM: number
  readonly spoolAssumed: boolean
  readonly spools: readonly SpoolCut[]
}

/** What is cut from which spool; leads of a kit only by what they are short. */
export const cutOfLoom = (c: HarnessCase): LoomCut => {
  const spoolM = c.harness.cut.spoolM ?? USUAL_SPOOL_M
  const wires = wireListOf(c).filter((w) => w.cutM > 0)
  return {
    spoolM,
    spoolAssumed: c.harness.cut.spoolM === null,
    spools: cutBySpool(
      wires.map((w) => ({ id: w.circuit.id, size: w.size, colour: w.colour, lengthM: w.cutM })),
      spoolM,
    ),
  }
}
