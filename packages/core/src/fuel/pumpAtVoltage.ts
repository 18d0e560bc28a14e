import { err, ok, type InputError, type Result } from '../verdict/index.ts'
import { checkPumpCurve, type CircuitErrorCode } from './checkFuelCircuit.ts'
import type { PumpPoint, PumpTable, PumpTablePoint } from '../parts/index.ts'
import { pumpFlowAt, pumpRiseAt } from './pumpCurve.ts'

export interface PumpCurveAtVoltage {
  readonly voltageV: number
  readonly curve: readonly PumpTablePoint[]
  /** "two tables" (interpolated), or "threshold" (one table and the rule of thumb for the stall voltage). */
  readonly method: 'two tables' | 'threshold'
  /** Pressure at which this curve reaches no flow, prolonged if need be, Pa. What it can reach at most: `shutOffAt`. */
  readonly endsAtPa: number
}

export type PumpVoltageError = InputError<'noTable' | 'sameVoltage' | 'tablesCross' | 'stalls' | CircuitErrorCode>

/**
 * Voltage below which a roller or turbine pump delivers nothing against a pressure, V: about 4 V at 300 kPa rising to
 * 6.5 V at 550 kPa, straight between and beyond, never below 2 V. Rule of thumb, for pumps with one table only.
 */
export const stallVoltageV = (pressurePa: number): number => Math.max(2, 4 + ((pressurePa - 300e3) / 250e3) * 2.5)

/** Stall voltage at most, as a share of the voltage a table was taken at. */
const MOST_STALL_SHARE = 0.8

/** Flow that counts as none, as a share of what the nearest table begins with: far below anything measurable. */
const NOTHING_SHARE = 1e-6

/**
 * Beyond the voltages of its tables a curve falls at least by this share of what the nearest table does between the
 * same pressures. Rules that stretch a table can make a stiff pump deliver more against more pressure, which none does.
 * Rule of this house.
 */
const LEAST_FALL = 0.5

/** Current of a pump against a pressure rise, A: straight between its points, the end pieces prolonged, never below 0. */
export const currentAtRise = (points: readonly PumpTablePoint[], pressurePa: number): number => {
  let i = 1
  while (i < points.length - 1 && pressurePa > points[i]!.pressurePa) i++
  const a = points[i - 1]!
  const b = points[i]!
  const share = (pressurePa - a.pressurePa) / (b.pressurePa - a.pressurePa)
  return Math.max(0, a.currentA + share * (b.currentA - a.currentA))
}

/** Every listed pressure, and none at all: there a pump stalls or does not. */
const pressuresOf = (tables: readonly PumpTable[]): number[] =>
  [...new Set([0, ...tables.flatMap((t) => t.points.map((p) => p.pressurePa))])].sort((a, b) => a - b)

const ROUNDING_SHARE = 1e-9

/** Points at which the table of the higher voltage delivers less than the other does at that pressure. */
const crossings = (tables: readonly PumpTable[]): PumpVoltageError[] => {
  const [a, b] = tables as readonly [PumpTable, PumpTable]
  const listed = (t: PumpTable, pa: number) => pa >= t.points[0]!.pressurePa && pa <= t.points.at(-1)!.pressurePa
  return tables.flatMap((t, k) => {
    const other = k === 0 ? b : a
    return t.points.flatMap((p, i): PumpVoltageError[] => {
      if (!listed(other, p.pressurePa)) return []
      const otherM3S = pumpFlowAt(other.points, p.pressurePa)
      const higher = t.voltageV > other.voltageV
      const slackM3S = ROUNDING_SHARE * otherM3S
      if (higher ? p.flowM3S >= otherM3S - slackM3S : p.flowM3S <= otherM3S + slackM3S) return []
      return [
        {
          code: 'tablesCross',
          field: `tables.${k}.points.${i}.flowM3S`,
          value: p.flowM3S,
          allowed: `${higher ? 'at least' : 'at most'} ${otherM3S}, what the table of ${other.voltageV} V gives there`,
        },
      ]
    })
  })
}

/** What stands in the way of computing with a pump's tables, whatever the voltage. */
export const checkPumpTables = (tables: readonly PumpTable[]): PumpVoltageError[] => {
  const [a, b] = tables
  if (!a) return [{ code: 'noTable', field: 'tables', value: 0, allowed: '1 or 2 tables' }]
  const errors = tables.flatMap((t, i) => checkPumpCurve(t.points, `tables.${i}.points`))
  if (errors.length > 0 || !b) return errors
  if (a.voltageV === b.voltageV)
    return [
      {
        code: 'sameVoltage',
        field: 'tables.1.voltageV',
        value: b.voltageV,
        allowed: `other than ${a.voltageV}, the first table's`,
      },
    ]
  return crossings(tables)
}

/**
 * Pump curve at a voltage. With two tables flow and current are taken straight between them (and beyond) at each
 * pressure; with one, Q(p, V) = Q(p, Vref) (V - V0)/(Vref - V0) with V0 from the rule of thumb, current unchanged
 * (torque follows pressure). Beyond the tables the flow falls at least half as much as in the nearest table, so that
 * it falls everywhere. The curve ends where the flow reaches nothing; the pump stalls where it brings nothing even
 * against no pressure.
 * @param voltageV 5 to 18 V at the pump's own terminals
 */
export const pumpAtVoltage = (
  tables: readonly PumpTable[],
  voltageV: number,
): Result<PumpCurveAtVoltage, PumpVoltageError[]> => {
  // Three voltages serve all the moments of a design: the last few of a pump are remembered.
  let known = curves.get(tables)
  if (!known || known.size >= MOST_CURVES) curves.set(tables, (known = new Map<number, Found>()))
  let found = known.get(voltageV)
  if (!found) known.set(voltageV, (found = curveAt(tables, voltageV)))
  return found
}

type Found = Result<PumpCurveAtVoltage, PumpVoltageError[]>
const curves = new WeakMap<readonly PumpTable[], Map<number, Found>>()
const MOST_CURVES = 64

const curveAt = (tables: readonly PumpTable[], voltageV: number): Found => {
  const errors = checkPumpTables(tables)
  if (errors.length > 0) return err(errors)
  const a = tables[0]!
  const b = tables[1] ?? null
  const near = b && Math.abs(b.voltageV - voltageV) < Math.abs(a.voltageV - voltageV) ? b : a
  const within = b !== null && (voltageV - a.voltageV) * (voltageV - b.voltageV) <= 0

  const stretchedM3S = (pressurePa: number): number => {
    if (b) {
      const share = (voltageV - a.voltageV) / (b.voltageV - a.voltageV)
      const qa = signedFlowAt(a.points, pressurePa)
      return qa + share * (signedFlowAt(b.points, pressurePa) - qa)
    }
    // A pump that is listed as delivering at Vref turns well below it, whatever the rule of thumb says.
    const v0 = Math.min(stallVoltageV(pressurePa), MOST_STALL_SHARE * a.voltageV)
    return (signedFlowAt(a.points, pressurePa) * (voltageV - v0)) / (a.voltageV - v0)
  }
  const current = (pressurePa: number): number => {
    const ia = currentAtRise(a.points, pressurePa)
    if (!b) return ia
    return Math.max(
      0,
      ia + ((voltageV - a.voltageV) / (b.voltageV - a.voltageV)) * (currentAtRise(b.points, pressurePa) - ia),
    )
  }

  const nothingM3S = NOTHING_SHARE * near.points[0]!.flowM3S
  const curve: PumpTablePoint[] = []
  let before: PumpPoint | null = null
  for (const pressurePa of pressuresOf(tables)) {
    let flowM3S = stretchedM3S(pressurePa)
    if (before && !within) {
      const fallM3S = signedFlowAt(near.points, before.pressurePa) - signedFlowAt(near.points, pressurePa)
      flowM3S = Math.min(flowM3S, before.flowM3S - LEAST_FALL * fallM3S)
    }
    if (flowM3S <= nothingM3S) {
      if (before) {
        const zeroPa =
          before.pressurePa +
          ((pressurePa - before.pressurePa) * before.flowM3S) / (before.flowM3S - Math.min(0, flowM3S))
        curve.push({ pressurePa: zeroPa, flowM3S: 0, currentA: current(zeroPa) })
      }
      break
    }
    before = { pressurePa, flowM3S }
    curve.push({ pressurePa, flowM3S, currentA: current(pressurePa) })
  }
  if (curve.length < 2)
    return err([
      {
        code: 'stalls',
        field: 'voltageV',
        value: voltageV,
        allowed: 'a voltage at which this pump delivers against no pressure',
      },
    ])
  const bent = checkPumpCurve(curve, `curve at ${voltageV} V`)
  if (bent.length > 0) return err(bent)
  return ok({ voltageV, curve, method: b ? 'two tables' : 'threshold', endsAtPa: pumpRiseAt(curve, 0) })
}

/** Like pumpFlowAt, but going below zero beyond the shut-off pressure, so that straight lines stay straight. */
const signedFlowAt = (points: readonly PumpPoint[], pressurePa: number): number => {
  const flow = pumpFlowAt(points, pressurePa)
  if (flow > 0) return flow
  const a = points[points.length - 2]!
  const b = points[points.length - 1]!
  return b.flowM3S + ((b.flowM3S - a.flowM3S) * (pressurePa - b.pressurePa)) / (b.pressurePa - a.pressurePa)
}
