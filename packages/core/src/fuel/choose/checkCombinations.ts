import type { InputError } from '../../verdict/index.ts'
import { checkPumpCurve } from '../checkFuelCircuit.ts'
import type { CombinationCase } from './combinations.ts'

export type CombinationsError = InputError<string>

const twice = (ids: readonly string[], field: string): CombinationsError[] =>
  ids.flatMap((id, i) =>
    ids.indexOf(id) < i ? [{ code: 'twice', field: `${field}.${i}.id`, value: id, allowed: 'an id once' }] : [],
  )

/** What the ranges of single fields cannot tell about combinations; empty when they can be ranked. */
export const checkCombinations = (c: CombinationCase): CombinationsError[] => [
  ...c.pumps.flatMap((pump, i) => {
    const [a, b] = pump.tables
    const same =
      a && b && a.voltageV === b.voltageV
        ? [
            {
              code: 'sameVoltage',
              field: `pumps.${i}.tables.1.voltageV`,
              value: b.voltageV,
              allowed: `other than ${a.voltageV}, the first table's`,
            },
          ]
        : []
    return [...same, ...pump.tables.flatMap((t, k) => checkPumpCurve(t.points, `pumps.${i}.tables.${k}.points`))]
  }),
  ...(['points', 'pumps', 'feeds', 'returns', 'filters', 'regulators'] as const).flatMap((list) =>
    twice(
      c[list].map((x) => x.id),
      list,
    ),
  ),
  ...c.points.flatMap((p, i) =>
    c.loop === 'return' && c.setPressurePa + p.referencePa <= 0
      ? [
          {
            code: 'effectiveSetNotPositive',
            field: `points.${i}.referencePa`,
            value: p.referencePa,
            allowed: `above ${-c.setPressurePa}, so that set pressure plus reference stays positive`,
          },
        ]
      : [],
  ),
  ...(c.points.some((p) => p.id === c.cruiseId)
    ? []
    : [{ code: 'unknown', field: 'cruiseId', value: c.cruiseId, allowed: 'the id of one of the points' }]),
]
