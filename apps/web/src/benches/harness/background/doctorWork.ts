import { LoomDoctor, type Diagnosis, type LoomNets, type Taken } from '@lochmoor/core'
import type { WorkReply } from '../../bench/background/useWork.ts'

/** What was read of a loom. */
export interface DoctorTask {
  readonly loom: LoomNets
  readonly taken: readonly Taken[]
}
export type DoctorReply = WorkReply<Diagnosis>

export const doDoctorTask = ({ loom, taken }: DoctorTask): Diagnosis => new LoomDoctor(loom).diagnose(taken)
