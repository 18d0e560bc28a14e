import { err, ok, type InputError, type Result } from '../verdict/index.ts'
import { checkPumpCurve, type CircuitErrorCode } from './checkFuelCircuit.ts'
import type { PumpPoint, PumpTable, PumpTablePoint } from '../parts/index.ts'
import { pumpFlowAt } from './pumpCurve.ts'

export interface PumpCurveAtVoltage {
  readonly voltageV: number
  readonly curve: readonly PumpTablePoint[]
  /** "two tables" (interpolated), or "threshold" (one table and the rule of thumb for the stall voltage). */
  readonly method: 'two tables' | 'threshold'
  /** Pressure at which the pump still turns but delivers nothing, Pa. */
  readonly shutOffPa: number
}

export type PumpVoltageError = InputError<'noTable' | 'sameVoltage' | 'stalls' | CircuitErrorCode>

/**
 * Voltage below which a roller or turbine pump delivers nothing against a pressure, V: about 4 V at 300 kPa rising to
 * 6.5 V at 550 kPa, straight between and beyond, never below 2 V. Rule of thumb, for pumps with one table only.
 */
export const stallVoltageV = (pressurePa: number): number => Math.max(2, 4 + ((pressurePa - 300e3) / 250e3) * 2.5)

/** Stall voltage at most, as a share of the voltage a table was taken at. */
const MOST_STALL_SHARE = 0.8

/** Current of a pump against a pressure rise, A: straight between its points, the end pieces prolonged, never below 0. */
export const currentAtRise = (points: readonly PumpTablePoint[], pressurePa: number): number => {
  let i = 1
  while (i < points.length - 1 && pressurePa > points[i]!.pressurePa) i++
  const a = points[i - 1]!
  const b = points[i]!
  const share = (pressurePa - a.pressurePa) / (b.pressurePa - a.pressurePa)
  return Math.max(0, a.currentA + share * (b.currentA - a.currentA))
}

const pressuresOf = (tables: readonly PumpTable[]): number[] =>
  [...new Set(tables.flatMap((t) => t.points.map((p) => p.pressurePa)))].sort((a, b) => a - b)

/**
 * Pump curve at a voltage. With two tables flow and current are taken straight between them (and beyond) at each
 * pressure; with one, Q(p, V) = Q(p, Vref) (V - V0)/(Vref - V0) with V0 from the rule of thumb, current unchanged
 * (torque follows pressure). The curve ends where the flow reaches nothing.
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
  const [a, b] = tables
  if (!a) return err([{ code: 'noTable', field: 'tables', value: 0, allowed: '1 or 2 tables' }])
  const errors = tables.flatMap((t, i) => checkPumpCurve(t.points, `tables.${i}.points`))
  if (errors.length > 0) return err(errors)
  if (b && a.voltageV === b.voltageV)
    return err([
      {
        code: 'sameVoltage',
        field: 'tables.1.voltageV',
        value: b.voltageV,
        allowed: `other than ${a.voltageV}, the first table's`,
      },
    ])

  const flowAt = (pressurePa: number): number => {
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

  const curve: PumpTablePoint[] = []
  let before: PumpPoint | null = null
  for (const pressurePa of pressuresOf(tables)) {
    const flowM3S = flowAt(pressurePa)
    if (flowM3S <= 0) {
      if (before) {
        const zeroPa =
          before.pressurePa + ((pressurePa - before.pressurePa) * before.flowM3S) / (before.flowM3S - flowM3S)
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
        allowed: 'a voltage at which this pump delivers at its lowest listed pressure',
      },
    ])
  const bent = checkPumpCurve(curve, `curve at ${voltageV} V`)
  if (bent.length > 0) return err(bent)
  return ok({ voltageV, curve, method: b ? 'two tables' : 'threshold', shutOffPa: shutOffPa(curve) })
}

/** Like pumpFlowAt, but going below zero beyond the shut-off pressure, so that straight lines stay straight. */
const signedFlowAt = (points: readonly PumpPoint[], pressurePa: number): number => {
  const flow = pumpFlowAt(points, pressurePa)
  if (flow > 0) return flow
  const a = points[points.length - 2]!
  const b = points[points.length - 1]!
  return b.flowM3S + ((b.flowM3S - a.flowM3S) * (pressurePa - b.pressurePa)) / (b.pressurePa - a.pressurePa)
}

const shutOffPa = (curve: readonly PumpPoint[]): number => {
  const a = curve[curve.length - 2]!
  const b = curve[curve.length - 1]!
  return b.pressurePa + ((b.pressurePa - a.pressurePa) * b.flowM3S) / (a.flowM3S - b.flowM3S)
}
