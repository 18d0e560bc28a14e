import { z } from 'zod'
import { explainProblems } from '../field/explainProblems.ts'
import { PART_SCHEMAS, type PartKind } from '../job/parts.ts'
import { PART_COLUMNS, type PartColumn } from './partColumns.ts'

/** What is wrong with one cell, in the units of its column. */
export interface CellProblem {
  readonly header: string
  readonly value: string
  readonly allowed: string
}

export type ReadPart<P> =
  { readonly ok: true; readonly part: P } | { readonly ok: false; readonly problems: readonly CellProblem[] }

type Json = Record<string, unknown>

const get = (object: unknown, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((at, key) => (typeof at === 'object' && at !== null ? (at as Json)[key] : undefined), object)

const set = (object: Json, path: string, value: unknown): void => {
  const keys = path.split('.')
  const last = keys.pop()!
  const at = keys.reduce<Json>((o, key, i) => {
    o[key] ??= /^\d+$/.test(keys[i + 1] ?? last) ? [] : {}
    return o[key] as Json
  }, object)
  at[last] = value
}

const LITRES_PER_HOUR = 1 / 3.6e6
const round = (n: number): string => String(Number(n.toPrecision(9)))
/** A decimal comma is understood; anything else that is no number stays as it was written, to be refused by name. */
const numberOf = (written: string, factor: number, offset = 0): number | string => {
  const plain = written.replace(/^(-?\d+),(\d+)$/, '$1.$2')
  return /^[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?$/i.test(plain)
    ? Number((Number(plain) * factor + offset).toPrecision(15))
    : written
}

const YES = /^(yes|true|1)$/i
const NO = /^(no|false|0)$/i

/** Points written as "0:160:4 300:110:6"; null where one is not written so. */
const pointsOf = (written: string, figures: number): number[][] | null => {
  const points = written.split(/[\s;]+/).map((p) => p.split(':').map((f) => numberOf(f, 1)))
  return points.every((p) => p.length === figures && p.every((f) => typeof f === 'number'))
    ? (points as number[][])
    : null
}

const read = (column: PartColumn, written: string): unknown => {
  if (written === '') return null
  switch (column.reads) {
    case 'text':
      return written
    case 'number':
      return numberOf(written, column.factor, column.offset)
    case 'flag':
      return YES.test(written) ? true : NO.test(written) ? false : written
    case 'list':
      return written.split(/[\s;]+/)
    case 'curve':
      return (
        pointsOf(written, 3)?.map(([kPa, litresPerHour, currentA]) => ({
          pressurePa: kPa! * 1e3,
          flowM3S: litresPerHour! * LITRES_PER_HOUR,
          currentA,
        })) ?? written
      )
    case 'dead-times':
      return pointsOf(written, 2)?.map(([voltageV, ms]) => ({ voltageV, deadTimeS: ms! / 1e3 })) ?? written
  }
}

const write = (column: PartColumn, value: unknown): string => {
  if (value === null || value === undefined) return ''
  switch (column.reads) {
    case 'text':
      return value as string
    case 'number':
      return round(((value as number) - (column.offset ?? 0)) / column.factor)
    case 'flag':
      return value === true ? 'yes' : 'no'
    case 'list':
      return (value as string[]).join(' ')
    case 'curve':
      return (value as { pressurePa: number; flowM3S: number; currentA: number }[])
        .map((p) => [p.pressurePa / 1e3, p.flowM3S / LITRES_PER_HOUR, p.currentA].map(round).join(':'))
        .join(' ')
    case 'dead-times':
      return (value as { voltageV: number; deadTimeS: number }[])
        .map((p) => `${round(p.voltageV)}:${round(p.deadTimeS * 1e3)}`)
        .join(' ')
  }
}

const FORMS: Readonly<Partial<Record<PartColumn['reads'], string>>> = {
  flag: 'yes or no',
  curve: 'pressure:flow:current of each point in kPa, L/h and A, such as "0:160:4 300:110:6"',
  'dead-times': 'voltage:dead time of each point in V and ms, such as "12:1.1 14:0.8"',
}

/** The range of a column in its own unit, from the schema that refuses by it. */
const rangeOf = (kind: PartKind, column: PartColumn, message: string): string => {
  const form = FORMS[column.reads]
  // What two fields say of each other is said as it is; a range is given in the unit of the column.
  if (column.reads !== 'number' || !/^a (whole )?number/.test(message)) return form ?? message
  let at: unknown = PART_SCHEMAS[kind]
  for (const key of column.path.split('.')) {
    if (at instanceof z.ZodObject) at = at.shape[key]
    else if (at instanceof z.ZodArray) at = at.element
  }
  if (at instanceof z.ZodNullable) at = at.unwrap()
  if (!(at instanceof z.ZodNumber)) return message
  const [least, most] = [at.minValue, at.maxValue].map((v) => round(((v ?? 0) - (column.offset ?? 0)) / column.factor))
  return `a ${at.isInt ? 'whole number' : 'number'}, ${least} to ${most}${column.unit ? ` ${column.unit}` : ''}`
}

const plain = (message: string): string => message.replace(/^allowed: /, '')

/** Headings of the list of one kind. */
export const partHeaders = (kind: PartKind): string[] => PART_COLUMNS[kind].map((c) => c.header)

/** A part as a row of cells. */
export const partToCells = (kind: PartKind, part: unknown): string[] =>
  PART_COLUMNS[kind].map((c) => write(c, get(part, c.path)))

/** A row of cells as a part; or every cell that is wrong, with what stood there and what would be allowed. */
export const partFromCells = <K extends PartKind>(
  kind: K,
  cells: Readonly<Record<string, string>>,
): ReadPart<z.output<(typeof PART_SCHEMAS)[K]>> => {
  const raw: Json = {}
  const written = (c: PartColumn) => (cells[c.header] ?? '').trim()
  for (const column of PART_COLUMNS[kind]) {
    const cell = written(column)
    // A second table that is not there is no table; a list that is empty is an empty one.
    if (cell === '' && column.path.startsWith('tables.1')) continue
    set(raw, column.path, cell === '' && column.reads === 'dead-times' ? [] : read(column, cell))
  }
  const parsed = PART_SCHEMAS[kind].safeParse(raw)
  if (parsed.success) return { ok: true, part: parsed.data as z.output<(typeof PART_SCHEMAS)[K]> }
  const problems = explainProblems(parsed.error, raw).map((p): CellProblem => {
    const column = [...PART_COLUMNS[kind]]
      .sort((a, b) => b.path.length - a.path.length)
      .find((c) => p.field === c.path || p.field.startsWith(`${c.path}.`) || c.path.startsWith(`${p.field}.`))
    if (!column) return { header: p.field, value: '', allowed: plain(p.allowed) }
    const inPoint = p.field.length > column.path.length && typeof get(raw, column.path) === 'object'
    return {
      header: column.header,
      value: written(column),
      allowed: inPoint
        ? `${FORMS[column.reads] ?? ''}; ${p.field.split('.').at(-1)} in SI: ${plain(p.allowed)}`
        : rangeOf(kind, column, plain(p.allowed)),
    }
  })
  return { ok: false, problems: [...new Map(problems.map((p) => [p.header, p])).values()] }
}
