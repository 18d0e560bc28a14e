import { assessor } from '@lochmoor/core'

/** What a station says of the open job: one assessment a change serves readiness, rail, headline and sheets. */
export const assessmentOf = assessor()
