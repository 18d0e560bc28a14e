import type { InjectorPart } from '../../parts/index.ts'
import { fig, say, type Trace, type VerdictState, plain } from '../../verdict/index.ts'
import { deadTimeAt, RATED_VOLTAGE_V } from '../../fuel/injectorSet.ts'
import { injectorAt, MOST_DUTY, type InjectorAnswer } from '../../fuel/injector.ts'
import type { FuelCase, FuelVerdict, SolvedPoint } from './solvedPoint.ts'

/** Rule of thumb where the sheet gives no lower limit. */
export const LEAST_EFFECTIVE_S = 0.8e-3

/** Dead time at a voltage by the sheet's table, else by its one figure at 13.5 V. */
export const deadTimeOf = (part: InjectorPart, voltageV: number): number =>
  deadTimeAt(
    part.deadTimes.length > 0 ? part.deadTimes : [{ voltageV: RATED_VOLTAGE_V, deadTimeS: part.deadTimeS }],
    voltageV,
  )

/** Injectors of a job at a solved point; null without injectors, without a rail, or with the rail below the tip. */
export const injectorsOf = (
  { design }: Pick<FuelCase, 'design'>,
  s: SolvedPoint,
  trace?: Trace,
): InjectorAnswer | null => {
  const part = design.fuel.injector
  if (!part || s.answer.railPa === null || s.point.speedRpm === 0) return null
  return injectorAt(
    {
      count: design.figure('fuel.injectorCount'),
      ratedFlowM3S: part.ratedFlowM3S,
      ratedPressurePa: part.ratedPressurePa,
      deadTimeS: deadTimeOf(part, s.point.voltageV),
      leastEffectiveS: part.leastEffectiveS ?? LEAST_EFFECTIVE_S,
    },
    {
      railPa: s.answer.railPa,
      tipPa: s.point.tipPa,
      fuelDensityKgM3: s.point.fuel.densityKgM3,
      demandKgS: s.point.demandKgS,
      speedRpm: s.point.speedRpm,
      openingsPerCycle: design.figure('fuel.openingsPerCycle'),
    },
    trace,
  )
}

/** Injectors made for the place they spray into. Nothing to say while none are chosen or they fit. */
export const judgeInjectorUse = ({ design }: FuelCase): FuelVerdict | null => {
  const { injector } = design.fuel
  const injectionPlace = design.place
  if (!injector || (injector.use === 'port') === (injectionPlace === 'port')) return null
  return {
    id: 'injector-use',
    title: 'Injectors made for another location',
    state: 'stop',
    figureName: '',
    figure: null,
    limitName: '',
    limit: null,
    margin: null,
    reason:
      injector.use === 'port'
        ? say`${injector.name} is a port injector: its seat, seal and narrow spray do not suit a throttle body.`
        : say`${injector.name} is a throttle-body injector: it does not seat in a port and its spray is wide.`,
    source: 'maker’s data sheet',
    pointId: null,
    workings: [],
  }
}

const CAREFUL_DUTY = 0.8

/** Highest duty of the injectors over all points with their real rail pressure. */
export const judgeDuty = (c: FuelCase): FuelVerdict | null => {
  const full = c.solved.find((s) => s.point.id === 'full')
  const at = full && injectorsOf(c, full)
  if (!full || !at) return null
  const state: VerdictState = at.duty > MOST_DUTY ? 'stop' : at.duty > CAREFUL_DUTY ? 'caution' : 'ok'
  return {
    id: 'duty',
    title: 'Injector duty at full load',
    state,
    figureName: 'duty',
    figure: fig(at.duty, 'share'),
    limitName: 'at most',
    limit: fig(MOST_DUTY, 'share'),
    margin: fig(MOST_DUTY - at.duty, 'share'),
    reason:
      state === 'ok'
        ? say`At ${fig(at.differencePa, 'pressure')} across the injector each pulse lasts ${fig(at.pulseS, 'duration')}: the injectors can meter this.`
        : say`At ${fig(at.differencePa, 'pressure')} across the injector each pulse lasts ${fig(at.pulseS, 'duration')}: beyond ${fig(MOST_DUTY, 'share')} an injector no longer closes reliably and the mixture goes lean.`,
    source: 'orifice equation; 80 to 85 %: rule of thumb',
    pointId: 'full',
    workings: ['demand', 'injector'],
  }
}

/** Commanded pulse at idle against the shortest that meters repeatably. */
export const judgeIdlePulse = (c: FuelCase): FuelVerdict | null => {
  const idle = c.solved.find((s) => s.point.id === 'idle')
  const at = idle && injectorsOf(c, idle)
  if (!idle || !at) return null
  const short = at.pulseS < at.leastPulseS
  return {
    id: 'idle-pulse',
    title: 'Injector pulse width at idle',
    state: short ? 'caution' : 'ok',
    figureName: 'pulse',
    figure: fig(at.pulseS, 'duration'),
    limitName: 'at least',
    limit: fig(at.leastPulseS, 'duration'),
    margin: fig(at.pulseS - at.leastPulseS, 'duration'),
    reason: short
      ? say`Only ${fig(at.effectiveS, 'duration')} of the pulse is flow; below 0.8 ms an injector meters unevenly and the idle hunts. Use fewer openings per cycle or smaller injectors.`
      : say`${fig(at.effectiveS, 'duration')} of the pulse is flow: enough to meter evenly.`,
    source: 'mass balance; 0.8 ms beyond the dead time: rule of thumb, the data sheet comes first',
    pointId: 'idle',
    workings: ['demand', 'injector'],
  }
}

/** Can the injectors' coils lift against the largest pressure over them? Nothing to say where their sheet is silent. */
export const judgeInjectorPressure = (c: FuelCase): FuelVerdict | null => {
  const mostPa = c.design.fuel.injector?.mostPressurePa ?? null
  if (mostPa === null) return null
  const all = c.solved.flatMap((s) => {
    const at = s.point.demandM3S > 0 ? injectorsOf(c, s) : null
    return at ? [{ s, at }] : []
  })
  const [first] = all
  if (!first) return null
  const worst = all.reduce((w, x) => (x.at.differencePa > w.at.differencePa ? x : w), first)
  const over = worst.at.differencePa > mostPa
  return {
    ...plain,
    id: 'injector-pressure',
    title: 'Pressure across the injector',
    state: over ? 'stop' : 'ok',
    figureName: 'across the injector',
    figure: fig(worst.at.differencePa, 'pressure'),
    limitName: 'opens up to',
    limit: fig(mostPa, 'pressure'),
    margin: fig(mostPa - worst.at.differencePa, 'pressure'),
    reason: over
      ? say`Above this its coil cannot lift the needle and it stays shut.`
      : say`Injector opens at every operating condition.`,
    source: 'maker’s data sheet',
    pointId: worst.s.point.id,
    workings: ['injector'],
  }
}

const flowOf = ({ fuel }: FuelCase['engine'], kgS: number) => fig(kgS / fuel.densityKgM3, 'volumeFlow')

/** What the two routes to the demand go by, as one asks for it. */
const DEMAND_FIGURES = [
  ['vehicle.powerW', 'the target power'],
  ['vehicle.powerSpeedRpm', 'the speed at that power'],
  ['vehicle.displacementM3', 'the displacement'],
] as const

/** Do the two routes to the demand agree? An assumed figure is nobody's mistake: then it is asked for instead. */
export const judgeDemand = ({ design, engine }: FuelCase): FuelVerdict => {
  const open = DEMAND_FIGURES.find(([field]) => design.isAssumed(field))
  const { byAirKgS, byPowerKgS, bandsOverlap, disagreement } = engine.demand
  const sized =
    engine.laterKgS === null
      ? say`Pump and lines are sized for the larger typical figure.`
      : say`Pump and lines are sized for the planned power, which needs ${flowOf(engine, engine.laterKgS)}.`
  const flow = (kgS: number) => flowOf(engine, kgS)
  return {
    id: 'demand',
    title: 'Fuel by power against fuel by air',
    state: bandsOverlap ? 'ok' : open ? 'unknown' : 'caution',
    ...(!bandsOverlap && open && { next: say`Enter ${open[1]}` }),
    figureName: 'by power',
    figure: flow(byPowerKgS.typical),
    limitName: 'by air',
    limit: flow(byAirKgS.typical),
    margin: fig(disagreement, 'share'),
    marginIs: 'apart',
    reason: bandsOverlap
      ? say`By power ${flow(byPowerKgS.low)} to ${flow(byPowerKgS.high)}, by air ${flow(byAirKgS.low)} to ${flow(byAirKgS.high)}: the two ranges overlap. ${sized}`
      : say`By power ${flow(byPowerKgS.low)} to ${flow(byPowerKgS.high)}, by air ${flow(byAirKgS.low)} to ${flow(byAirKgS.high)}: the two ranges do not overlap. ${open ? `Enter ${open[1]}: it is assumed so far.` : 'Check displacement, speed, boost, and which power is stated.'}${engine.laterKgS === null ? '' : say` ${sized}`}`,
    source: 'specific consumption and volumetric efficiency: rules of thumb',
    pointId: 'full',
    workings: ['by-power', 'by-air'],
  }
}
