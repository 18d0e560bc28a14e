import { z } from 'zod'

/** A condition that a schema of single fields cannot carry: which field it is told at, and what is allowed. */
export interface Rule {
  readonly field: string
  readonly allowed: string
}

interface Check {
  readonly _zod: {
    readonly def: {
      readonly check: string
      readonly path?: readonly PropertyKey[]
      readonly error?: (issue: object) => string | undefined
    }
  }
}

const join = (at: string, path: readonly PropertyKey[] = []): string =>
  [at, ...path.map(String)].filter(Boolean).join('.')

const ownRules = (schema: z.ZodType, at: string): Rule[] =>
  ((schema.def as { checks?: readonly Check[] }).checks ?? [])
    .filter((c) => c._zod.def.check === 'custom')
    .map(({ _zod: { def } }) => ({
      field: join(at, def.path),
      allowed: (def.error?.({}) ?? '').replace(/^allowed: /, ''),
    }))

/** Every condition between fields that a schema refuses by, with "*" for each item of a list. */
export const rulesOf = (schema: z.ZodType, at = ''): Rule[] => {
  const inner = (): Rule[] => {
    if (schema instanceof z.ZodObject)
      return Object.entries(schema.shape as Record<string, z.ZodType>).flatMap(([k, s]) => rulesOf(s, join(at, [k])))
    if (schema instanceof z.ZodArray) return rulesOf(schema.element as z.ZodType, join(at, ['*']))
    if (schema instanceof z.ZodNullable || schema instanceof z.ZodOptional)
      return rulesOf(schema.unwrap() as z.ZodType, at)
    if (schema instanceof z.ZodPipe) return rulesOf(schema.in as z.ZodType, at)
    if (schema instanceof z.ZodUnion) return (schema.options as z.ZodType[]).flatMap((s) => rulesOf(s, at))
    return []
  }
  const all = [...ownRules(schema, at), ...inner()]
  return [...new Map(all.map((r) => [`${r.field} ${r.allowed}`, r])).values()]
}

/** What the core refuses of a pump's curve. */
export const curveRules = (at: string): Rule[] => [
  { field: `${at}.*.pressurePa`, allowed: 'above that of the point before (sorted by pressure)' },
  { field: `${at}.*.flowM3S`, allowed: 'below that of the point before (flow falls strictly as pressure rises)' },
]

/** What the core refuses of a pump's tables. */
export const pumpTableRules = (at: string): Rule[] => [
  ...curveRules(`${at}.*.points`),
  { field: `${at}.1.voltageV`, allowed: 'other than the first table’s' },
  {
    field: `${at}.*.points.*.flowM3S`,
    allowed: 'where both tables list a pressure, at the higher voltage at least what the other gives there',
  },
]

/** What the core refuses of a fuel circuit. */
export const circuitRules = (at: string): Rule[] => [
  ...curveRules(`${at}pump.curve`),
  { field: `${at}regulator.referencePa`, allowed: 'so that set pressure plus reference stays positive' },
  { field: `${at}filter.position`, allowed: '"before-regulator" in a return-type system' },
]
