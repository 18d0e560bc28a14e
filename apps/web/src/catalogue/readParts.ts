import {
  isOwnPart,
  MOST_IMPORTED_PARTS,
  ownPartIdFor,
  partFromCells,
  partHeaders,
  type CellProblem,
  type PartKind,
} from '@lochmoor/contract'
import { pumpSanity, type Part, type PumpPart } from '@lochmoor/core'
import Papa from 'papaparse'

export interface ReadRow {
  /** Line of the file, counted as a spreadsheet does. */
  readonly line: number
  readonly name: string
  readonly part: Part | null
  readonly replaces: boolean
  /** Whether another part of this kind goes by the same name. */
  readonly twin: boolean
  readonly problems: readonly CellProblem[]
}

export type ReadFile =
  | { readonly ok: true; readonly rows: readonly ReadRow[]; readonly unread: readonly string[] }
  | { readonly ok: false; readonly says: string }

/** A list of parts of one kind from CSV text, row by row; nothing is stored. */
export const readParts = (kind: PartKind, text: string, known: readonly Part[]): ReadFile => {
  const headers = partHeaders(kind)
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, '').trim(), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim(),
  })
  const fields = meta.fields ?? []
  const missing = headers.filter((h) => h !== 'id' && !fields.includes(h))
  if (!fields.includes('name') || missing.length > headers.length / 2)
    return {
      ok: false,
      says: `The first row must name the columns; missing: ${missing.slice(0, 4).join(', ')}${missing.length > 4 ? ' and more' : ''}. Export the list to see them all.`,
    }
  if (data.length === 0) return { ok: false, says: 'There is no row under the headings.' }
  if (data.length > MOST_IMPORTED_PARTS)
    return { ok: false, says: `${data.length} rows; allowed: at most ${MOST_IMPORTED_PARTS} at once.` }
  const taken = new Set(known.map((p) => p.id))
  const inFile = new Set<string>()
  const named = new Map(known.map((p) => [p.name.toLowerCase(), p.id]))
  const isTwin = (name: string, id: string): boolean => {
    const key = name.trim().toLowerCase()
    const other = named.get(key)
    if (other === undefined) named.set(key, id)
    return other !== undefined && other !== id
  }
  const rows = data.map((cells, i): ReadRow => {
    const given = (cells['id'] ?? '').trim()
    // One of the stock, or none at all, comes in as a part of our own.
    const id = isOwnPart({ id: given }) ? given : ownPartIdFor(cells['name'] ?? '', new Set([...taken, ...inFile]))
    const twice = inFile.has(id)
    inFile.add(id)
    const read = partFromCells(kind, { ...cells, id })
    const row = {
      line: i + 2,
      name: (cells['name'] ?? '').trim() || '(no name)',
      replaces: taken.has(id),
      twin: isTwin(cells['name'] ?? '', id),
    }
    if (!read.ok) return { ...row, part: null, problems: read.problems }
    if (twice) return { ...row, part: null, problems: [{ header: 'id', value: id, allowed: 'an id once in a file' }] }
    const wrong = kind === 'pumps' ? pumpSanity(read.part as PumpPart).filter((d) => d.severity === 'wrong') : []
    const [fault] = wrong
    if (fault)
      return {
        ...row,
        part: null,
        problems: [
          {
            header: fault.field.startsWith('tables.1') ? 'second table kPa:L/h:A' : 'first table kPa:L/h:A',
            value: '',
            allowed: `flow falls strictly as pressure rises (${fault.says})`,
          },
        ],
      }
    return { ...row, part: read.part, problems: [] }
  })
  return { ok: true, rows, unread: fields.filter((f) => f !== '' && !headers.includes(f)) }
}
