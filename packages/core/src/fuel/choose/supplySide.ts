import type { FilterPart, HosePart, PumpPart } from '../../parts/index.ts'
import { checkFuelCircuit } from '../checkFuelCircuit.ts'
import { workedCircuit, type WorkedCircuit } from '../circuitBalance.ts'
import { circuitModel, returnBackPa } from '../circuitModel.ts'
import type { FuelCircuit, Line } from '../circuitTypes.ts'
import { feedSinking, type FeedSinking } from '../feedSinking.ts'
import { mostHeldDemandM3S } from '../limits.ts'
import type { PumpCurveAtVoltage } from '../pumpAtVoltage.ts'
import type { CombinationCase, LinePath } from './combinationCase.ts'

/** How far the rail sinks, as the station judges it. */
const sinkingOf = (c: CombinationCase, circuits: readonly FuelCircuit[]): FeedSinking['state'] => {
  const at = (id: string) => circuits[c.points.findIndex((p) => p.id === id)]!
  return feedSinking(at(c.idleId), at(c.fullId)).state
}

export type PumpCurve = PumpCurveAtVoltage['curve']

export const lineOf = (hose: HosePart, path: LinePath): Line => ({
  boreM: hose.boreM,
  roughnessM: Math.min(hose.roughnessM, 0.1 * hose.boreM),
  ...path,
})

/** A return line by its part; both null in a single-line system. */
export interface ReturnLine {
  readonly part: HosePart | null
  readonly line: Line | null
}

/** A pump with a feed and a filter, at every moment, before a regulator or a return is chosen. */
export interface SupplySide {
  readonly circuits: readonly FuelCircuit[]
  readonly setPa: readonly number[]
  readonly reserve: number
  readonly tightestId: string
  readonly sinking: FeedSinking['state']
}

/**
 * What a supply side comes to where the regulator holds, by how far its pressure rises with its flow. Which regulator
 * and which return line it is does not matter until one of them would lift the rail.
 */
export interface Held {
  /** By moment. */
  readonly worked: readonly WorkedCircuit[]
  /** By moment and return line: what stands behind the regulator, Pa gauge. */
  readonly backPa: readonly (readonly number[])[]
}

export const supplySideOf = (
  c: CombinationCase,
  pump: PumpPart,
  curves: readonly PumpCurve[],
  feed: HosePart,
  filter: FilterPart,
): SupplySide => {
  const inLine = pump.mount === 'in-line'
  const single = c.loop === 'single-line'
  const line = lineOf(feed, c.feedPath)
  const circuits = c.points.map((p, i): FuelCircuit => ({
    fluid: p.fluid,
    strainer: inLine ? c.strainer : c.sock,
    suction: inLine ? c.suction : null,
    pump: { curve: curves[i]! },
    filter: { flowM3S: filter.flowM3S, dropPa: filter.dropPa * p.filterFactor, linearShare: filter.linearShare },
    feed: line,
    return: null,
    demandM3S: p.demandM3S,
    regulator: {
      type: c.loop,
      setPressurePa: c.setPressurePa,
      referencePa: single ? 0 : p.referencePa,
      fullOpen: null,
    },
  }))
  for (const circuit of circuits) {
    const errors = checkFuelCircuit(circuit)
    // A circuit that the schema has let through is solved; anything else is a fault of ours.
    if (errors.length > 0) throw new Error(`a combination was refused: ${JSON.stringify(errors)}`)
  }
  const reserves = circuits.map((circuit) =>
    circuit.demandM3S > 0 ? mostHeldDemandM3S(circuit) / circuit.demandM3S - 1 : Infinity,
  )
  const reserve = Math.min(...reserves)
  return {
    circuits,
    setPa: circuits.map((circuit) => circuitModel(circuit).effectiveSetPa),
    reserve,
    tightestId: c.points[reserves.indexOf(reserve)]?.id ?? '',
    sinking: single ? sinkingOf(c, circuits) : 'ok',
  }
}

export const heldBy = (supply: SupplySide, slopePaPerM3S: number, returns: readonly ReturnLine[]): Held => {
  const worked = supply.circuits.map((circuit) =>
    workedCircuit({ ...circuit, regulator: { ...circuit.regulator, slopePaPerM3S } }),
  )
  return {
    worked,
    backPa: supply.circuits.map((circuit, i) =>
      returns.map(({ line }) => returnBackPa({ ...circuit, return: line }, worked[i]!.returnFlowM3S)),
    ),
  }
}
