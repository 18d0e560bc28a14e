import type { FuelDesign } from './fuelDesign.ts'
import { ambientAtPa } from '../../engine/ambient.ts'
import type { Trace } from '../../verdict/index.ts'
import { currentAtRise, pumpAtVoltage } from '../../fuel/pumpAtVoltage.ts'
import { breathM3S, vent, type VentAnswer } from '../../fuel/tank/vent.ts'
import { suction, type SuctionAnswer } from '../../fuel/vapour/suction.ts'
import { tankHeat, type TankHeatAnswer, type TankHeatCase } from '../../fuel/vapour/tankHeat.ts'
import { boilingPointK, vapourPressure, type VapourFuel } from '../../fuel/vapour/vapourPressure.ts'
import { lineOfDesign } from './lineOfDesign.ts'
import { AMBIENT_PA } from '../../engine/index.ts'
import type { FuelCase, SolvedPoint } from './solvedPoint.ts'

/** Fuel in the rail some minutes after a hot engine was stopped: 60 to 90 °C are seen. Rule of thumb. */
export const HOT_SOAK_K = 348.15
const DRIVE_S = 3600
/** A roll-over valve's usual loss to air, where no sheet is at hand. Rule of thumb. */
const ROLL_OVER_LOSS = { flowM3S: 1 / 3.6e3, dropPa: 500, linearShare: 0 }

export const vapourFuelOf = (design: FuelDesign): VapourFuel => ({
  reidPa: design.figure('fuel.reidPa'),
  ethanolShare: design.figure('fuel.ethanolShare'),
})

/** Altitude at which the air has a pressure; the inverse of the standard atmosphere. */
const altitudeOf = (ambientPa: number): number => (1 - (ambientPa / 101_325) ** (1 / 5.25588)) / 2.25577e-5

/** Pressure at the pump's inlet at a solved moment; null where the circuit is starved and no flow is known. */
export const suctionAt = (design: FuelDesign, { answer, circuit, point }: SolvedPoint, trace?: Trace): SuctionAnswer =>
  suction(
    {
      fluid: point.fuel,
      fuel: vapourFuelOf(design),
      temperatureK: point.temperatureK,
      altitudeM: altitudeOf(point.ambientPa),
      headM: design.figure('fuel.inletHeadM'),
      pumpFlowM3S: answer.pumpFlowM3S / design.fuel.pumpCount,
      strainer: circuit.strainer,
      line: circuit.suction ?? null,
    },
    trace,
  )

export interface HotSoak {
  readonly railPa: number
  readonly vapourPa: number
  readonly marginPa: number
  readonly boilsAtK: number
  readonly extrapolated: boolean
}

/** The rail after stopping: the pressure it is left with against the fuel's vapour pressure at bonnet heat. */
export const hotSoakOf = (design: FuelDesign, trace?: Trace): HotSoak => {
  const fuel = vapourFuelOf(design)
  const railPa = design.figure('fuel.setPressurePa') + AMBIENT_PA
  const { vapourPa, extrapolated } = vapourPressure(fuel, HOT_SOAK_K, trace)
  trace?.step({
    symbol: 'margin',
    meaning: 'rail after stopping, absolute, less the vapour pressure at bonnet heat',
    formula: 'p_set + p_amb - p_v',
    inputs: {
      p_set: { value: railPa - AMBIENT_PA, unit: 'Pa gauge' },
      p_amb: { value: AMBIENT_PA, unit: 'Pa' },
      p_v: { value: vapourPa, unit: 'Pa' },
    },
    result: railPa - vapourPa,
    unit: 'Pa',
    source: 'definition; 75 °C under the bonnet: rule of thumb',
  })
  return { railPa, vapourPa, marginPa: railPa - vapourPa, boilsAtK: boilingPointK(fuel, railPa), extrapolated }
}

/** An hour at cruise with the tank low; null without a pump or while the circuit cannot be solved. */
export const tankHeatCaseOf = ({ design, solved }: Pick<FuelCase, 'design' | 'solved'>): TankHeatCase | null => {
  const cruise = solved.find((s) => s.point.id === 'cruise')
  const { pump, pumpCount } = design.fuel
  if (!cruise || !pump || cruise.answer.pumpOutletPa === null || cruise.answer.pumpInletPa === null) return null
  const at = pumpAtVoltage(pump.tables, cruise.point.voltageV)
  if (!at.ok) return null
  const risePa = cruise.answer.pumpOutletPa - cruise.answer.pumpInletPa
  const { densityKgM3 } = cruise.point.fuel
  return {
    fuelKg: design.figure('fuel.tank.lowM3') * densityKgM3,
    startK: design.figure('fuel.tank.hotDayK'),
    ambientK: design.figure('fuel.tank.hotDayK'),
    pumpW: pumpCount * cruise.point.voltageV * currentAtRise(at.value.curve, risePa),
    returnKgS: design.loop === 'return' ? cruise.answer.returnFlowM3S * densityKgM3 : 0,
    returnWarmerK: design.figure('fuel.tank.returnWarmerK'),
    lossWK: design.figure('fuel.tank.lossWK'),
    drawKgS: cruise.point.demandKgS,
  }
}

export const tankHeatOf = (c: Pick<FuelCase, 'design' | 'solved'>, trace?: Trace): TankHeatAnswer | null => {
  const heatCase = tankHeatCaseOf(c)
  return heatCase && tankHeat(heatCase, DRIVE_S, trace)
}

/** Tank temperature at which the pump's inlet would keep just so much margin at cruise, K. */
export const mostTankK = (design: FuelDesign, cruise: SolvedPoint, marginPa: number): number =>
  boilingPointK(vapourFuelOf(design), suctionAt(design, cruise).inletPa - marginPa)

/** The vent at the largest draw and while a nearly empty tank warms; null while its bore is not known. */
export const ventOf = (c: Pick<FuelCase, 'design' | 'solved' | 'engine'>, trace?: Trace): VentAnswer | null => {
  const line = lineOfDesign(c.design, 'vent')
  if (!line) return null
  const { tank } = c.design.fuel
  const heatCase = tankHeatCaseOf(c)
  const heat = heatCase && tankHeat(heatCase, DRIVE_S)
  const ullageM3 = c.design.figure('walkAround.tank.volumeM3') - c.design.figure('fuel.tank.lowM3')
  const warmest = heat?.curve.slice(1).reduce((best, p, i) => {
    const before = heat.curve[i]!
    return Math.max(best, (p.temperatureK - before.temperatureK) / (p.timeS - before.timeS))
  }, 0)
  const breath = breathM3S({
    fuel: vapourFuelOf(c.design),
    temperatureK: c.design.figure('fuel.hotFuelK'),
    ullageM3: Math.max(0, ullageM3),
    ambientPa: ambientAtPa(0),
    warmingKS: warmest ?? 0,
  })
  return vent(
    {
      line: { ...line, riseM: 0 },
      valve: tank.rollOverValve === true ? ROLL_OVER_LOSS : null,
      drawM3S: c.engine.demand.designM3S,
      ...(Number.isFinite(breath) && { breathM3S: breath }),
    },
    trace,
  )
}
