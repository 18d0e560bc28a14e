import { createHash } from 'node:crypto'

/** Key of an own part's row: ids of own parts are unique within their workshop only. */
export const rowIdOf = (workshopId: string, kind: string, partId: string): string =>
  createHash('sha256').update(`${workshopId}\n${kind}\n${partId}`).digest('hex')
