import type { PumpPart } from '../../parts/index.ts'
import { checkPumpTables } from '../pumpAtVoltage.ts'

export interface PumpDoubt {
  /** `wrong`: it cannot be computed with; `doubtful`: it can, but look at the sheet again. */
  readonly severity: 'wrong' | 'doubtful'
  readonly field: string
  readonly says: string
}

/** Hydraulic power over electric: small fuel pumps reach 15 to 35 %. Rule of thumb. */
const MOST_EFFICIENCY = 0.45
const MOST_SHUT_OFF_PA = 1.5e6

/**
 * Looks a pump's sheet over as an experienced eye would: flow that falls with pressure and rises with voltage, rising
 * current, a power balance that closes, no flow beyond its own relief valve.
 */
export const pumpSanity = ({ tables, reliefPa }: Pick<PumpPart, 'tables' | 'reliefPa'>): PumpDoubt[] => [
  ...checkPumpTables(tables).map((e): PumpDoubt => ({
    severity: 'wrong',
    field: e.field,
    says: `${e.value ?? 'nothing'} is not allowed; allowed: ${e.allowed}`,
  })),
  ...tables.flatMap((table, t): PumpDoubt[] => {
    const field = (i: number, what: string) => `tables.${t}.points.${i}.${what}`
    const doubts = table.points.flatMap((p, i): PumpDoubt[] => {
      const electricW = table.voltageV * p.currentA
      const share = electricW > 0 ? (p.pressurePa * p.flowM3S) / electricW : Infinity
      const before = table.points[i - 1]
      return [
        ...(p.flowM3S > 0 && p.pressurePa > 0 && share > MOST_EFFICIENCY
          ? [
              {
                severity: 'doubtful' as const,
                field: field(i, 'flowM3S'),
                says:
                  electricW > 0
                    ? `it would turn ${(100 * share).toFixed(0)} % of its electric power into flow; small pumps reach 15 to 35 %: check the units of flow, pressure and current`
                    : 'it delivers without drawing current',
              },
            ]
          : []),
        ...(before && p.currentA < before.currentA
          ? [
              {
                severity: 'doubtful' as const,
                field: field(i, 'currentA'),
                says: 'the current falls while the pressure rises; with these pumps it rises',
              },
            ]
          : []),
      ]
    })
    const last = table.points.at(-1)
    const high: PumpDoubt[] =
      last && last.pressurePa > MOST_SHUT_OFF_PA
        ? [
            {
              severity: 'doubtful',
              field: field(table.points.length - 1, 'pressurePa'),
              says: 'more than 1.5 MPa: check the unit of pressure',
            },
          ]
        : []
    const beyond = table.points.findIndex((p) => reliefPa !== null && p.pressurePa > reliefPa && p.flowM3S > 0)
    const relief: PumpDoubt[] =
      beyond < 0
        ? []
        : [
            {
              severity: 'doubtful',
              field: field(beyond, 'pressurePa'),
              says: 'it still delivers above its relief valve’s opening pressure',
            },
          ]
    return [...doubts, ...high, ...relief]
  }),
]
