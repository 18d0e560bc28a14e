import { cutBySpool, type SpoolCut } from '../../harness/index.ts'
import type { HarnessCase } from './harnessCase.ts'
import { wireListOf } from './wireList.ts'

/** Taken until somebody says how wire is bought, m. Typical. */
export const USUAL_SPOOL_M = 25

export interface LoomCut {
  readonly spoolM: number
  readonly spoolAssumed: boolean
  readonly spools: readonly SpoolCut[]
}

/** In which lengths wire is bought. */
export const spoolOf = (c: HarnessCase): Pick<LoomCut, 'spoolM' | 'spoolAssumed'> => ({
  spoolM: c.harness.cut.spoolM ?? USUAL_SPOOL_M,
  spoolAssumed: c.harness.cut.spoolM === null,
})

/** What is cut from which spool; leads of a kit only by what they are short. */
export const cutOfLoom = (c: HarnessCase): LoomCut => {
  const spool = spoolOf(c)
  const wires = wireListOf(c).filter((w) => w.cutM > 0)
  return {
    ...spool,
    spools: cutBySpool(
      wires.map((w) => ({ id: w.circuit.id, size: w.size, colour: w.colour, lengthM: w.cutM })),
      spool.spoolM,
    ),
  }
}
