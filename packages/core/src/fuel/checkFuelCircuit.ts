import type { InputError } from '../verdict/index.ts'
import type { FuelCircuit, PumpPoint } from './circuitTypes.ts'

export type CircuitErrorCode =
  'curveTooShort' | 'curveNotSorted' | 'curveNotFalling' | 'effectiveSetNotPositive' | 'filterAfterReturnRegulator'

export type CircuitError = InputError<CircuitErrorCode>

/** Least steps of a pump curve that count as rising and falling: far below anything measurable, above rounding. */
const LEAST_STEP = { pressurePa: 1e-6, flowM3S: 1e-15, flowShare: 1e-9 } as const

/** Faults of a pump curve: too short, not sorted by pressure, flow not strictly falling. */
export const checkPumpCurve = (curve: readonly PumpPoint[], field: string): CircuitError[] => {
  if (curve.length < 2) return [{ code: 'curveTooShort', field, value: curve.length, allowed: 'at least 2 points' }]
  const errors: CircuitError[] = []
  for (let i = 1; i < curve.length; i++) {
    const before = curve[i - 1]!
    const here = curve[i]!
    if (!(here.pressurePa - before.pressurePa >= LEAST_STEP.pressurePa))
      errors.push({
        code: 'curveNotSorted',
        field: `${field}.${i}.pressurePa`,
        value: here.pressurePa,
        allowed: `above ${before.pressurePa}, the point before (sorted by pressure)`,
      })
    if (!(before.flowM3S - here.flowM3S >= Math.max(LEAST_STEP.flowM3S, LEAST_STEP.flowShare * before.flowM3S)))
      errors.push({
        code: 'curveNotFalling',
        field: `${field}.${i}.flowM3S`,
        value: here.flowM3S,
        allowed: `below ${before.flowM3S}, the point before (flow falls strictly as pressure rises)`,
      })
  }
  return errors
}

/** What the ranges of single fields cannot tell; empty when the circuit can be solved. */
export const checkFuelCircuit = (circuit: FuelCircuit): CircuitError[] => {
  const errors = checkPumpCurve(circuit.pump.curve, 'pump.curve')
  const { setPressurePa, referencePa = 0, type } = circuit.regulator
  if (!(setPressurePa + referencePa > 0))
    errors.push({
      code: 'effectiveSetNotPositive',
      field: 'regulator.referencePa',
      value: referencePa,
      allowed: `above ${-setPressurePa}, so that set pressure plus reference stays positive`,
    })
  if (type === 'return' && circuit.filter?.position === 'after-regulator')
    errors.push({
      code: 'filterAfterReturnRegulator',
      field: 'filter.position',
      value: 'after-regulator',
      allowed: '"before-regulator" in a return-type system: after the regulator only returning fuel flows',
    })
  return errors
}
