import { Done, PartsStored, PartUses, type PartKind } from '@lochmoor/contract'
import type { Part } from '@lochmoor/core'
import { call } from './client.ts'

export const storeOwnPart = (kind: PartKind, part: Part) => call(Done, 'PUT', `/catalogue/${kind}/${part.id}`, part)
export const storeOwnParts = (kind: PartKind, parts: readonly Part[]) =>
  call(PartsStored, 'POST', `/catalogue/${kind}/import`, { parts })
export const removeOwnPart = (kind: PartKind, id: string) => call(Done, 'DELETE', `/catalogue/${kind}/${id}`)
export const fetchPartUses = (kind: PartKind, id: string) =>
  call(PartUses, 'GET', `/catalogue/${kind}/${encodeURIComponent(id)}/uses`)
export const partsCsvPath = (kind: PartKind) => `/api/catalogue/${kind}/parts.csv`
