import type { FuelDesign } from './fuelDesign.ts'
import { demandByAirKgS, demandByPowerKgS } from '../../engine/index.ts'
import { collectWorking, type Trace, type Working } from '../../verdict/index.ts'
import type { Fluid } from '../../fuel/circuitTypes.ts'
import { elementDropPa } from '../../fuel/elementLoss.ts'
import { fuelProperties } from '../../engine/fuelProperties.ts'
import { columnPa, lineDropPa } from '../../fuel/lineLoss.ts'
import { pumpFlowAt } from '../../fuel/pumpCurve.ts'
import { injectorsOf } from './judgeInjection.ts'
import { lineOfDesign } from './lineOfDesign.ts'
import type { EngineOnFuel, OperatingPoint } from '../../engine/index.ts'
import { oldTubeMostPa } from '../../fuel/lines/oldTube.ts'
import { primeOf } from './primeOfJob.ts'
import { caseOfDesign, isSolved, solvePoint, type SolvedPoint } from './solvedPoint.ts'
import { moduleFitOf } from './tankOfJob.ts'
import { hotSoakOf, suctionAt, tankHeatOf, ventOf } from './vapourOfJob.ts'

const traceFluid = (design: FuelDesign, temperatureK: number, trace: Trace) =>
  fuelProperties({ ethanolShare: design.figure('fuel.ethanolShare'), temperatureK }, trace)

const traceLine = (design: FuelDesign, which: 'feed' | 'return', flowM3S: number, fluid: Fluid, trace: Trace): void => {
  const line = lineOfDesign(design, which, trace)
  if (!line) return
  lineDropPa(line, flowM3S, fluid, trace)
  columnPa(line.riseM, fluid, trace)
}

const tracePump = ({ answer, circuit, point }: SolvedPoint, trace: Trace): void => {
  if (answer.pumpOutletPa === null || answer.pumpInletPa === null) return
  const risePa = answer.pumpOutletPa - answer.pumpInletPa
  pumpFlowAt(circuit.pump.curve, risePa, trace, point.voltageV)
}

/** The walk from the tank to the rail in one line of arithmetic. */
const traceRail = ({ answer, circuit }: SolvedPoint, trace: Trace): void => {
  const { pumpInletPa, pumpOutletPa, railPa, feedDropPa, filterDropPa, regulatedPa } = answer
  if (pumpInletPa === null || pumpOutletPa === null || railPa === null) return
  elementDropPa(circuit.strainer, answer.pumpFlowM3S, trace, 'strainer')
  const filterFlow = circuit.filter?.position === 'after-regulator' ? circuit.demandM3S : answer.pumpFlowM3S
  elementDropPa(circuit.filter, filterFlow, trace, 'filter')
  const column = columnPa(circuit.feed.riseM, circuit.fluid)
  const single = circuit.regulator.type === 'single-line'
  const pa = (value: number | null) => ({ value: value ?? 0, unit: 'Pa' })
  if (single) {
    const after = circuit.filter?.position === 'after-regulator' ? (filterDropPa ?? 0) : 0
    trace.step({
      symbol: 'p_rail',
      meaning: 'rail: what the regulator at the tank holds, less the way to the engine',
      formula: 'p_r - dp_filter - dp_feed - p_column',
      inputs: { p_r: pa(regulatedPa), dp_filter: pa(after), dp_feed: pa(feedDropPa), p_column: pa(column) },
      result: railPa,
      unit: 'Pa gauge',
      source: 'pressure balance',
    })
    return
  }
  trace.step({
    symbol: 'p_rail',
    meaning: 'rail: pump outlet less filter, feed and column',
    formula: 'p_out - dp_filter - dp_feed - p_column',
    inputs: { p_out: pa(pumpOutletPa), dp_filter: pa(filterDropPa), dp_feed: pa(feedDropPa), p_column: pa(column) },
    result: railPa,
    unit: 'Pa gauge',
    source: 'pressure balance',
  })
  if (answer.returnFlowM3S > 0) {
    elementDropPa(circuit.regulator.fullOpen, answer.returnFlowM3S, trace, 'regulator, wide open')
    trace.step({
      symbol: 'p_behind',
      meaning: 'return-line back pressure: return line with its column, and the regulator wide open',
      formula: 'p_back + dp_open',
      inputs: {
        p_back: pa(answer.regulatorBackPa),
        dp_open: pa(elementDropPa(circuit.regulator.fullOpen, answer.returnFlowM3S)),
      },
      result: (answer.regulatorBackPa ?? 0) + elementDropPa(circuit.regulator.fullOpen, answer.returnFlowM3S),
      unit: 'Pa gauge',
      source: 'pressure balance',
    })
  }
}

interface Told {
  readonly title: string
  tell(design: FuelDesign, engine: EngineOnFuel, point: OperatingPoint, solved: SolvedPoint | null, trace: Trace): void
}

const TOLD = {
  'by-power': {
    title: 'Fuel by power',
    tell: (design, engine, _p, _s, trace) => {
      demandByPowerKgS(
        { powerW: design.figure('vehicle.powerW'), basis: design.powerBasis, aspiration: design.aspiration },
        engine.fuel,
        trace,
      )
      const { powerLaterW } = design
      if (powerLaterW !== null && design.sizedForLater())
        demandByPowerKgS(
          { powerW: powerLaterW, basis: design.powerBasis, aspiration: design.aspiration },
          engine.fuel,
          trace,
        )
    },
  },
  'by-air': {
    title: 'Fuel by air',
    tell: (_job, engine, _p, _s, trace) => {
      demandByAirKgS(engine.airAt(1), engine.fuel, trace)
    },
  },
  demand: {
    title: 'Fuel the engine uses',
    tell: (design, engine, point, _s, trace) => {
      traceFluid(design, point.temperatureK, trace)
      engine.traceDemand(point, trace)
    },
  },
  pump: {
    title: 'Pump delivery',
    tell: (_j, _e, _p, solved, trace) => void (solved && tracePump(solved, trace)),
  },
  feed: {
    title: 'Feed line drop',
    tell: (design, _e, _p, solved, trace) =>
      void (solved && traceLine(design, 'feed', solved.answer.feedFlowM3S, solved.circuit.fluid, trace)),
  },
  return: {
    title: 'Return line drop',
    tell: (design, _e, _p, solved, trace) =>
      void (solved && traceLine(design, 'return', solved.answer.returnFlowM3S, solved.circuit.fluid, trace)),
  },
  rail: { title: 'Rail pressure', tell: (_j, _e, _p, solved, trace) => void (solved && traceRail(solved, trace)) },
  injector: {
    title: 'Injectors',
    tell: (design, _e, _p, solved, trace) => void (solved && injectorsOf({ design }, solved, trace)),
  },
  suction: {
    title: 'Pump inlet pressure',
    tell: (design, _e, _p, solved, trace) => void (solved && suctionAt(design, solved, trace)),
  },
  'hot-soak': { title: 'Rail after a hot stop', tell: (design, _e, _p, _s, trace) => void hotSoakOf(design, trace) },
  'tank-heat': {
    title: 'Tank after an hour’s drive',
    tell: (design, engine, _p, _s, trace) => void tankHeatOf(caseOfDesign(design, engine), trace),
  },
  module: { title: 'Pump module fit', tell: (design, _e, _p, _s, trace) => void moduleFitOf(design, trace) },
  vent: { title: 'Vent', tell: (design, engine, _p, _s, trace) => void ventOf(caseOfDesign(design, engine), trace) },
  prime: { title: 'Prime', tell: (design, _e, _p, _s, trace) => void primeOf(design, trace) },
  'old-line': {
    title: 'Old line',
    tell: ({ fuel: { oldLine } }, _e, _p, _s, trace) => {
      if (oldLine.outsideM !== null && oldLine.wallM !== null) oldTubeMostPa(oldLine.outsideM, oldLine.wallM, trace)
    },
  },
} satisfies Record<string, Told>

export type WorkingId = keyof typeof TOLD
export const WORKING_IDS = Object.keys(TOLD) as WorkingId[]

/** How a figure of the fuel station comes about at a point; steps are empty where it does not exist there. */
export const fuelWorking = (
  design: FuelDesign,
  engine: EngineOnFuel,
  point: OperatingPoint,
  id: WorkingId,
): Working => {
  const told: Told = TOLD[id]
  const solved = solvePoint(design, point)
  return collectWorking(told.title, (trace) =>
    told.tell(design, engine, point, isSolved(solved) ? solved : null, trace),
  )
}
