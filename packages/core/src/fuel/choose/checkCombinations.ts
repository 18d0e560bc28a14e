import type { InputError } from '../../verdict/index.ts'
import { checkPumpTables } from '../pumpAtVoltage.ts'
import type { CombinationCase } from './combinationCase.ts'

export type CombinationsError = InputError<string>

const twice = (ids: readonly string[], field: string): CombinationsError[] =>
  ids.flatMap((id, i) =>
    ids.indexOf(id) < i ? [{ code: 'twice', field: `${field}.${i}.id`, value: id, allowed: 'an id once' }] : [],
  )

/** What the ranges of single fields cannot tell about combinations; empty when they can be ranked. */
export const checkCombinations = (c: CombinationCase): CombinationsError[] => [
  ...c.pumps.flatMap(({ tables }, i) => checkPumpTables(tables).map((e) => ({ ...e, field: `pumps.${i}.${e.field}` }))),
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
  ...(['cruiseId', 'idleId', 'fullId'] as const)
    .filter((field) => !c.points.some((p) => p.id === c[field]))
    .map((field) => ({ code: 'unknown', field, value: c[field], allowed: 'the id of one of the points' })),
]
