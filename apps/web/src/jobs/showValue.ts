import { counted, describePath, formatMeasured, JOB, nodeAt, type Family } from '@lochmoor/core'
import { unitOfFamily } from '../store/preferences.ts'
import { goneAt, noNames, type NameOf } from './namesInJob.ts'

/** Who reads it: in which units, and how what the document only refers to is called. */
export interface Reader {
  readonly units?: Partial<Record<Family, string>>
  readonly nameOf?: NameOf
}

/** Sets of texts that the program has made for itself. */
const OWN_KEYS = new Set(['harness.proof.done', 'harness.proof.off', 'harness.proof.asked', 'system.compared'])
/** Figures without a unit: so many digits are enough for anybody. */
const DIGITS = 6

const showList = (list: readonly unknown[], path: string, reader: Reader): string => {
  if (list.length === 0) return 'nothing'
  const node = nodeAt(JOB, path)
  // Items without a name are only counted.
  if (node?.is === 'list' && !('name' in node.item.fields)) return counted(list.length, node.one)
  if (OWN_KEYS.has(path)) return counted(list.length, 'entry')
  return list.map((v) => showValue(v, path, reader)).join(', ')
}

/** What a part of a group or item is called, without what it is a part of. */
export const ownLabel = (path: string): string => describePath(path).label.split(': ').at(-1)!

/** What has a name goes by it; of anything else each part that is known, by its name. */
const showObject = (value: object, path: string, reader: Reader): string => {
  if ('name' in value && typeof value.name === 'string') return value.name
  const parts = Object.entries(value).filter(([key, v]) => v !== null && key !== 'id')
  return parts.map(([key, v]) => `${ownLabel(`${path}.${key}`)}: ${showValue(v, `${path}.${key}`, reader)}`).join('; ')
}

const showText = (value: string, path: string, { nameOf = noNames }: Reader): string => {
  if (value === '') return 'empty'
  const gone = goneAt(path)
  return nameOf(value, path) ?? gone ?? value
}

/** A stored value as one short text in the reader's units: parts by their name, what is not there as not known. */
export const showValue = (value: unknown, path = '', reader: Reader = {}): string => {
  if (value === undefined) return 'not there'
  if (value === null) return 'not known'
  if (Array.isArray(value)) return showList(value, path, reader)
  if (typeof value === 'object') return showObject(value, path, reader)
  const { family, words } = describePath(path)
  if (typeof value === 'boolean') return words?.[String(value)]?.toLowerCase() ?? (value ? 'yes' : 'no')
  if (typeof value === 'string') return words?.[value] ?? showText(value, path, reader)
  // Figures, and what an older version kept as one.
  return family
    ? formatMeasured(value as number, unitOfFamily(reader.units ?? {}, family))
    : String(Number((value as number).toPrecision(DIGITS)))
}
