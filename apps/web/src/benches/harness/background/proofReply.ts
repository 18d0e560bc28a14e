import type { Proof } from '@lochmoor/core'
import type { WorkReply } from '../../bench/background/useWork.ts'

export type ProofReply = WorkReply<Proof>
