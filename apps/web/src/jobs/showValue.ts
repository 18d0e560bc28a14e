import { formatMeasured, type Family } from '@lochmoor/core'
import { unitOfFamily } from '../store/preferences.ts'
import { entryOf, familyOf } from './fieldNames.ts'

/** A stored value as one short text in the reader's units: parts by their name, what is not there as not known. */
export const showValue = (value: unknown, path = '', units: Partial<Record<Family, string>> = {}): string => {
  if (value === null || value === undefined) return 'not known'
  const entry = entryOf(path)
  if (Array.isArray(value))
    return value.length === 0 ? 'nothing' : value.map((v) => showValue(v, path, units)).join(', ')
  if (typeof value === 'object')
    return 'name' in value && typeof value.name === 'string' ? value.name : JSON.stringify(value)
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'string') {
    const words = entry?.kind === 'choice' ? entry.options.find(([v]) => v === value)?.[1] : undefined
    return words ?? (value === '' ? 'empty' : value)
  }
  if (typeof value !== 'number') return JSON.stringify(value)
  const family = familyOf(path)
  if (!family) return String(value)
  return formatMeasured(value, unitOfFamily(units, family))
}
