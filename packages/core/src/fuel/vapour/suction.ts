import { ambientAtPa } from '../../engine/ambient.ts'
import type { Trace } from '../../verdict/index.ts'
import type { Fluid, Line, Loss } from '../circuitTypes.ts'
import { elementDropPa } from '../elementLoss.ts'
import { columnPa, lineDropPa } from '../lineLoss.ts'
import { vapourPressure, type VapourFuel } from './vapourPressure.ts'

export interface SuctionCase {
  readonly fluid: Fluid
  readonly fuel: VapourFuel
  readonly temperatureK: number
  readonly altitudeM: number
  /** Fuel level above the pump's inlet; negative where the pump has to lift. */
  readonly headM: number
  readonly pumpFlowM3S: number
  readonly strainer: Loss | null
  /** From the tank to an in-line pump; its own rise is not used, the head is. */
  readonly line: Line | null
  /** Inside the tank against the air, default 0; negative where the vent is too tight. */
  readonly tankPressurePa?: number
}

export interface SuctionAnswer {
  readonly ambientPa: number
  /** Absolute, at the pump's inlet; 0 where the losses would take more than there is. */
  readonly inletPa: number
  /** False where no such flow can get there: the losses take more than air and fuel level give. */
  readonly flows: boolean
  readonly vapourPa: number
  readonly marginPa: number
  readonly lossPa: number
}

/** Margin over the vapour pressure that is wanted at a pump's inlet: 10 to 20 kPa, rule of thumb. */
export const WANTED_INLET_MARGIN_PA = 10e3

/**
 * Absolute pressure at a pump's inlet against the fuel's true vapour pressure: ambient + tank + rho g h - losses.
 * A negative margin means that the fuel boils there.
 */
export const suction = (c: SuctionCase, trace?: Trace): SuctionAnswer => {
  const ambientPa = ambientAtPa(c.altitudeM, trace)
  const strainerPa = elementDropPa(c.strainer, c.pumpFlowM3S, trace, 'strainer')
  const linePa = c.line ? lineDropPa(c.line, c.pumpFlowM3S, c.fluid, trace) : 0
  const headPa = columnPa(c.headM, c.fluid)
  const tankPa = c.tankPressurePa ?? 0
  const leftPa = ambientPa + tankPa + headPa - strainerPa - linePa
  const inletPa = Math.max(0, leftPa)
  trace?.step({
    symbol: 'p_in',
    meaning: 'pressure at the pump inlet, absolute',
    formula: 'p_amb + p_tank + rho * 9.80665 * h - dp_s - dp_l',
    inputs: {
      p_amb: { value: ambientPa, unit: 'Pa' },
      p_tank: { value: tankPa, unit: 'Pa' },
      rho: { value: c.fluid.densityKgM3, unit: 'kg/m³' },
      h: { value: c.headM, unit: 'm of fuel above the inlet' },
      dp_s: { value: strainerPa, unit: 'Pa' },
      dp_l: { value: linePa, unit: 'Pa' },
    },
    result: leftPa,
    unit: leftPa < 0 ? 'Pa absolute: less than nothing, so no such flow gets there' : 'Pa absolute',
    source: 'hydrostatics and losses',
  })
  const { vapourPa } = vapourPressure(c.fuel, c.temperatureK, trace)
  const marginPa = inletPa - vapourPa
  trace?.step({
    symbol: 'margin',
    meaning: 'what is left before the fuel boils at the inlet',
    formula: 'p_in - p_v',
    inputs: { p_in: { value: inletPa, unit: 'Pa' }, p_v: { value: vapourPa, unit: 'Pa' } },
    result: marginPa,
    unit: 'Pa',
    source: 'definition',
  })
  return { ambientPa, inletPa, flows: leftPa >= 0, vapourPa, marginPa, lossPa: strainerPa + linePa }
}
