import type { FuelDesign } from './fuelDesign.ts'
import type { FigureField } from '../../figures/index.ts'
import type { SpreadInput } from '../../fuel/choose/spread.ts'
import { mostHeldDemandM3S } from '../../fuel/limits.ts'
import { pumpAtVoltage } from '../../fuel/pumpAtVoltage.ts'
import { pumpFlowAt } from '../../fuel/pumpCurve.ts'
import type { SolvedPoint } from './solvedPoint.ts'

export interface NamedSpread extends SpreadInput {
  readonly label: string
  /** What to do to know it better. */
  readonly measure: string
}

/** The moment with the least reserve: where the probability is asked. Null while nothing can be solved. */
export const tightestPoint = (solved: readonly SolvedPoint[]): SolvedPoint | null => {
  const reserve = (s: SolvedPoint) => mostHeldDemandM3S(s.circuit) / s.point.demandM3S
  return solved
    .filter((s) => s.point.demandM3S > 0)
    .reduce<SolvedPoint | null>((w, s) => (w === null || reserve(s) < reserve(w) ? s : w), null)
}

/** The moments at which the injectors work, each with its circuit and what is unsure of it. */
export const spreadCasesOf = (
  design: FuelDesign,
  solved: readonly SolvedPoint[],
): { readonly solved: SolvedPoint; readonly inputs: readonly NamedSpread[] }[] =>
  solved.filter((s) => s.point.demandM3S > 0).map((s) => ({ solved: s, inputs: spreadInputsOf(design, s) }))

const VOLTAGE_SD = { measured: 0.1, assumed: 0.5 } as const

/** Change of the pump's flow for a change of its voltage, as shares: d ln Q / dV at the set pressure. */
const flowPerVolt = (design: FuelDesign, s: SolvedPoint): number => {
  const { pump } = design.fuel
  if (!pump) return 0
  const at = (v: number) => {
    const r = pumpAtVoltage(pump.tables, v)
    return r.ok ? pumpFlowAt(r.value.curve, s.answer.effectiveSetPa) : 0
  }
  const q = at(s.point.voltageV)
  return q > 0 ? (at(s.point.voltageV + 0.1) - at(s.point.voltageV - 0.1)) / (0.2 * q) : 0
}

/**
 * How sure each input of a job is, as standard deviations: house figures for what was measured, larger ones for what is
 * assumed. Rules of thumb.
 */
export const spreadInputsOf = (design: FuelDesign, s: SolvedPoint): NamedSpread[] => {
  const unsure = (field: FigureField) => design.isAssumed(field)
  const voltageField = ({ low: 'fuel.lowV', running: 'fuel.runningV', high: 'fuel.highV' } as const)[s.point.voltage]
  const voltageSd = VOLTAGE_SD[unsure(voltageField) ? 'assumed' : 'measured']
  const engineUnsure = unsure('vehicle.powerW') || unsure('vehicle.displacementM3')
  const { feed } = design.fuel
  const input = (
    id: string,
    target: SpreadInput['target'],
    relativeSd: number,
    label: string,
    measure: string,
  ): NamedSpread => ({ id, target, relativeSd, label, measure })
  return [
    input('pump', 'pumpFlow', 0.05, 'Pump against its data sheet', 'measure its flow into a can at pressure'),
    input(
      'voltage',
      'pumpFlow',
      Math.abs(flowPerVolt(design, s)) * voltageSd,
      'Voltage at the pump',
      'measure at the pump’s own terminals, everything on',
    ),
    input(
      'demand',
      'demand',
      engineUnsure ? 0.15 : 0.08,
      'Fuel the engine uses',
      engineUnsure
        ? 'measure displacement, enter which power is stated'
        : 'specific consumption: a run on a rolling road',
    ),
    input(
      'feed-bore',
      'feedBore',
      feed.measuredBoreM !== null ? 0.01 : 0.03,
      'Bore of the feed',
      'measure it at a cut end',
    ),
    input(
      'feed-length',
      'feedLength',
      unsure('fuel.feed.lengthM') ? 0.2 : 0.03,
      'Length of the feed',
      'run string along the route',
    ),
    input('fittings', 'fittings', 0.3, 'Drop of bends and fittings', 'describe the line leg by leg'),
    input('filter', 'filterDrop', 0.25, 'Drop of the filter', 'a gauge before and after it'),
    input('strainer', 'strainerDrop', 0.25, 'Drop of the strainer', 'a clean one, and a gauge at the inlet'),
    input('set', 'setPressure', 0.02, 'Set pressure', 'a gauge at the rail'),
    input('viscosity', 'viscosity', 0.1, 'Viscosity of the fuel', 'its temperature and ethanol'),
  ]
}

/** What to measure next: the input whose spread matters most; none where no spread moves the rail, as where it starves. */
export const measureNext = (
  inputs: readonly NamedSpread[],
  shares: readonly { id: string; share: number }[],
): NamedSpread | null => (shares[0] && shares[0].share > 0 && inputs.find((i) => i.id === shares[0]!.id)) || null
