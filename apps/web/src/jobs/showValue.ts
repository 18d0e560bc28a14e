import { counted, describePath, formatMeasured, JOB, nodeAt, type Family } from '@lochmoor/core'
import { unitOfFamily } from '../store/preferences.ts'

type Units = Partial<Record<Family, string>>

const MOST_WORDS = 4

const showList = (list: readonly unknown[], path: string, units: Units): string => {
  if (list.length === 0) return 'nothing'
  const node = nodeAt(JOB, path)
  // Items without a name are only counted.
  if (node?.is === 'list' && !('name' in node.item.fields)) return counted(list.length, node.one)
  // So are many words that the program has made itself: readings, corridors.
  if (node?.is === 'set' && (node.of as { is?: string }).is === 'text' && list.length > MOST_WORDS)
    return counted(list.length, 'entry')
  return list.map((v) => showValue(v, path, units)).join(', ')
}

/** What a part of a group or item is called, without what it is a part of. */
export const ownLabel = (path: string): string => describePath(path).label.split(': ').at(-1)!

/** What has a name goes by it; of anything else each part that is known, by its name. */
const showObject = (value: object, path: string, units: Units): string => {
  if ('name' in value && typeof value.name === 'string') return value.name
  const parts = Object.entries(value).filter(([key, v]) => v !== null && key !== 'id')
  return parts.map(([key, v]) => `${ownLabel(`${path}.${key}`)}: ${showValue(v, `${path}.${key}`, units)}`).join('; ')
}

/** A stored value as one short text in the reader's units: parts by their name, what is not there as not known. */
export const showValue = (value: unknown, path = '', units: Units = {}): string => {
  if (value === undefined) return 'not there'
  if (value === null) return 'not known'
  if (Array.isArray(value)) return showList(value, path, units)
  if (typeof value === 'object') return showObject(value, path, units)
  const { family, words } = describePath(path)
  if (typeof value === 'boolean') return words?.[String(value)]?.toLowerCase() ?? (value ? 'yes' : 'no')
  if (typeof value === 'string') return words?.[value] ?? (value === '' ? 'empty' : value)
  if (typeof value !== 'number') return JSON.stringify(value)
  return family ? formatMeasured(value, unitOfFamily(units, family)) : String(value)
}
