import type { Known } from '../../quantity/known.ts'
import type { FuelLoop } from '../../sections/index.ts'
import type { FilterPart, HosePart, PumpPart, RegulatorPart } from '../../parts/index.ts'
import { circuitModel } from '../circuitModel.ts'
import type { Fluid, FuelCircuit, FuelCircuitAnswer, Line, Loss } from '../circuitTypes.ts'
import { feedSinking, type FeedSinking } from '../feedSinking.ts'
import { mostHeldDemandM3S } from '../limits.ts'
import { currentAtRise, pumpAtVoltage } from '../pumpAtVoltage.ts'
import { shutOffAt, type ShutOff } from '../shutOff.ts'
import { solveFuelCircuit } from '../solveFuelCircuit.ts'
import { FUEL_HEAT_J_KG_K } from '../vapour/tankHeat.ts'

/** One moment the system must stand. */
export interface CombinationPoint {
  readonly id: string
  readonly fluid: Fluid
  readonly demandM3S: number
  readonly voltageV: number
  readonly referencePa: number
  /** Drop of the fine filter over its clean one. */
  readonly filterFactor: number
}

/** Way of a line whatever hose it is made of. */
export interface LinePath {
  readonly lengthM: number
  readonly riseM: number
  readonly minorK: number
}

export interface CombinationCase {
  readonly loop: FuelLoop
  readonly setPressurePa: number
  readonly referenced: boolean
  readonly ethanolShare: number
  readonly highV: number
  readonly points: readonly CombinationPoint[]
  /** The point heat and current are told for. */
  readonly cruiseId: string
  /** Between which the rail of a single line sinks. */
  readonly idleId: string
  readonly fullId: string
  readonly pumpCount: number
  /** Before a pump in the line. */
  readonly strainer: Loss | null
  /** On a pump that hangs in the tank. */
  readonly sock: Loss | null
  /** Before an in-line pump. */
  readonly suction: Line | null
  readonly feedPath: LinePath
  readonly returnPath: LinePath
  /** The fuel comes back warmer by this. */
  readonly returnWarmerK: number
  readonly pumps: readonly PumpPart[]
  readonly feeds: readonly HosePart[]
  /** Not used in a single-line system. */
  readonly returns: readonly HosePart[]
  readonly filters: readonly FilterPart[]
  readonly regulators: readonly RegulatorPart[]
}

/** Every reason against a combination, in the order in which they are asked: the later, the nearer to passing. */
export const COMBINATION_FAILURES = [
  'pump stalls at a voltage',
  'regulator is made for a module',
  'regulator cannot be set to it',
  'regulator has no reference port',
  'hose is not rated for the fuel',
  'shut-off pressure of the pump not known',
  'hose is not rated for the pressure',
  'filter is not rated for the pressure',
  'regulator is not rated for the pressure',
  'pressure not maintained',
  'rail pressure above set',
  'feed drops too much of the pressure',
  'reserve below 15 %',
  'less than 10 % return-line margin',
  'feed drops more than 4 % of the pressure',
] as const
export type CombinationFailure = (typeof COMBINATION_FAILURES)[number]

export interface Combination {
  readonly pumpId: string
  readonly feedId: string
  /** Null in a single-line system. */
  readonly returnId: string | null
  readonly filterId: string
  readonly regulatorId: string
  /** Null where it passes; else the first reason against it. */
  readonly fails: CombinationFailure | null
  /** Demand to spare at the tightest moment, as a share. */
  readonly reserve: number
  readonly tightestId: string
  /** Share of the set pressure left behind the regulator at the moment of most return; 1 in a single line. */
  readonly headroom: number
  /** At cruise. */
  readonly currentA: number
  readonly heatW: number
  /** 1 to 5. */
  readonly noiseClass: number
  /** Sum of the price classes of its parts. */
  readonly price: number
  /** Not beaten in price, noise and reserve at once by another that passes. */
  readonly best: boolean
}

export interface CombinationAnswer {
  readonly tried: number
  readonly passing: number
  /** Circuits really solved: many combinations share one. */
  readonly solved: number
  /** Passing ones first, then cheapest, quietest, most reserve. */
  readonly ranked: readonly Combination[]
}

const WANTED_RESERVE = 0.15
/** As the judgement of the station wants it. Rule of thumb of this house. */
const WANTED_HEADROOM = 0.1
const ASSUMED_NOISE = 3

const lineOf = (hose: HosePart, path: LinePath): Line => ({
  boreM: hose.boreM,
  roughnessM: Math.min(hose.roughnessM, 0.1 * hose.boreM),
  ...path,
})

/** A circuit that the schema has let through is solved; anything else is a fault of ours. */
const solve = (c: FuelCircuit): FuelCircuitAnswer => {
  const a = solveFuelCircuit(c)
  if (!a.ok) throw new Error(`a combination was refused: ${JSON.stringify(a.error)}`)
  return a.value
}

/** Pressure needed behind the regulator, as a share of what it shall hold. */
const behindShare = (c: FuelCircuit, returnM3S: number): number => {
  const model = circuitModel(c)
  return model.wideOpenPa(returnM3S) / model.effectiveSetPa
}

/**
 * Every pump with every feed, return, filter and regulator, over all moments. What does not depend on a part is
 * computed once: the reserve needs no return and no regulator; a return line matters only where it would lift the rail,
 * so each is first tried against the circuit solved with a free return.
 * @param onProgress called with the share done, 0 to 1
 */
export const rankCombinations = (c: CombinationCase, onProgress?: (share: number) => void): CombinationAnswer => {
  const single = c.loop === 'single-line'
  const returns: readonly (HosePart | null)[] = single ? [null] : c.returns
  const found: Combination[] = []
  let solved = 0
  c.pumps.forEach((pump, pumpIndex) => {
    const curves = c.points.map((p) => pumpAtVoltage(pump.tables, p.voltageV))
    const reach = shutOffAt(pump, c.highV)
    const stalls = curves.some((r) => !r.ok)
    const inLine = pump.mount === 'in-line'
    for (const feed of c.feeds)
      for (const filter of c.filters) {
        const base = stalls
          ? []
          : c.points.map((p, i): FuelCircuit => {
              const at = curves[i]!
              if (!at.ok) throw new Error('a stalled pump has no curve')
              return {
                fluid: p.fluid,
                strainer: inLine ? c.strainer : c.sock,
                suction: inLine ? c.suction : null,
                pump: { curve: at.value.curve.map((q) => ({ ...q, flowM3S: q.flowM3S * c.pumpCount })) },
                filter: {
                  flowM3S: filter.flowM3S,
                  dropPa: filter.dropPa * p.filterFactor,
                  linearShare: filter.linearShare,
                },
                feed: lineOf(feed, c.feedPath),
                return: null,
                demandM3S: p.demandM3S,
                regulator: {
                  type: c.loop,
                  setPressurePa: c.setPressurePa,
                  referencePa: single ? 0 : p.referencePa,
                  fullOpen: null,
                },
              }
            })
        const reserves = base.map((circuit) =>
          circuit.demandM3S > 0 ? mostHeldDemandM3S(circuit) / circuit.demandM3S - 1 : Infinity,
        )
        const reserve = Math.min(...reserves)
        const sinking = single && !stalls ? sinkingOf(c, base) : 'ok'
        const tightest = reserves.indexOf(reserve)
        for (const regulator of c.regulators) {
          const free = base.map((circuit) => ({
            ...circuit,
            regulator: {
              ...circuit.regulator,
              fullOpen: regulator.fullOpen,
              slopePaPerM3S: regulator.slopePaPerM3S,
            },
          }))
          const answers = free.map((circuit) => {
            solved++
            return solve(circuit)
          })
          for (const back of returns) {
            const line = back && lineOf(back, c.returnPath)
            let lifted = false
            let worstBehind = 0
            let cruise: FuelCircuitAnswer | null = null
            free.forEach((circuit, i) => {
              const withReturn = line ? { ...circuit, return: line } : circuit
              let answer = answers[i]!
              // With a free return the most comes back; where even that does not lift the rail, the line changes nothing.
              if (line && (answer.state === 'lifted' || behindShare(withReturn, answer.returnFlowM3S) > 1)) {
                solved++
                answer = solve(withReturn)
              }
              if (c.points[i]!.id === c.cruiseId) cruise = answer
              if (answer.state === 'lifted' && c.points[i]!.demandM3S > 0) lifted = true
              worstBehind = Math.max(worstBehind, behindShare(withReturn, answer.returnFlowM3S))
            })
            found.push({
              pumpId: pump.id,
              feedId: feed.id,
              returnId: back?.id ?? null,
              filterId: filter.id,
              regulatorId: regulator.id,
              fails: failureOf(c, {
                stalls,
                reach,
                pump,
                feed,
                back,
                filter,
                regulator,
                reserve,
                lifted,
                sinking,
                headroom: single ? 1 : 1 - worstBehind,
              }),
              reserve: stalls ? -1 : reserve,
              tightestId: stalls ? '' : (c.points[tightest]?.id ?? ''),
              headroom: stalls ? 0 : single ? 1 : 1 - worstBehind,
              ...heatOf(c, pump, cruise),
              noiseClass: pump.noiseClass ?? ASSUMED_NOISE,
              price:
                c.pumpCount * pump.priceClass +
                feed.priceClass +
                filter.priceClass +
                regulator.priceClass +
                (back?.priceClass ?? 0),
              best: false,
            })
          }
        }
      }
    onProgress?.((pumpIndex + 1) / c.pumps.length)
  })
  const ranked = markBest(found).sort(
    (a, b) =>
      Number(a.fails !== null) - Number(b.fails !== null) ||
      a.price - b.price ||
      a.noiseClass - b.noiseClass ||
      b.reserve - a.reserve,
  )
  return { tried: found.length, passing: found.filter((f) => f.fails === null).length, solved, ranked }
}

/** How far the rail sinks, as the station judges it. */
const sinkingOf = (c: CombinationCase, circuits: readonly FuelCircuit[]): FeedSinking['state'] => {
  const at = (id: string) => circuits[c.points.findIndex((p) => p.id === id)]!
  return feedSinking(at(c.idleId), at(c.fullId)).state
}

const failureOf = (
  c: CombinationCase,
  s: {
    stalls: boolean
    reach: ShutOff
    pump: PumpPart
    feed: HosePart
    back: HosePart | null
    filter: FilterPart
    regulator: RegulatorPart
    reserve: number
    lifted: boolean
    sinking: FeedSinking['state']
    headroom: number
  },
): CombinationFailure | null => {
  if (s.stalls) return 'pump stalls at a voltage'
  if (s.regulator.sits === 'module' && s.pump.mount !== 'module') return 'regulator is made for a module'
  if (s.regulator.type !== c.loop || s.regulator.leastPa > c.setPressurePa || s.regulator.mostPa < c.setPressurePa)
    return 'regulator cannot be set to it'
  if (c.loop === 'return' && c.referenced && !s.regulator.referencePort) return 'regulator has no reference port'
  if (s.feed.mostEthanolShare < c.ethanolShare || (s.back !== null && s.back.mostEthanolShare < c.ethanolShare))
    return 'hose is not rated for the fuel'
  const { mostPa } = s.reach
  if (mostPa === null) return 'shut-off pressure of the pump not known'
  const weak = (part: { readonly mostPressurePa: Known } | null) =>
    part !== null && part.mostPressurePa !== null && part.mostPressurePa < mostPa
  if (weak(s.feed) || weak(s.back)) return 'hose is not rated for the pressure'
  if (weak(s.filter)) return 'filter is not rated for the pressure'
  if (weak(s.regulator)) return 'regulator is not rated for the pressure'
  if (s.reserve < 0) return 'pressure not maintained'
  if (s.lifted) return 'rail pressure above set'
  if (s.sinking === 'stop') return 'feed drops too much of the pressure'
  if (s.reserve < WANTED_RESERVE) return 'reserve below 15 %'
  if (s.headroom < WANTED_HEADROOM) return 'less than 10 % return-line margin'
  if (s.sinking === 'caution') return 'feed drops more than 4 % of the pressure'
  return null
}

const heatOf = (c: CombinationCase, pump: PumpPart, cruise: FuelCircuitAnswer | null) => {
  const point = c.points.find((p) => p.id === c.cruiseId)
  if (!cruise || !point || cruise.pumpOutletPa === null || cruise.pumpInletPa === null) return { currentA: 0, heatW: 0 }
  const at = pumpAtVoltage(pump.tables, point.voltageV)
  const currentA = at.ok ? c.pumpCount * currentAtRise(at.value.curve, cruise.pumpOutletPa - cruise.pumpInletPa) : 0
  const returnKgS = c.loop === 'return' ? cruise.returnFlowM3S * point.fluid.densityKgM3 : 0
  return { currentA, heatW: currentA * point.voltageV + returnKgS * FUEL_HEAT_J_KG_K * c.returnWarmerK }
}

/** Marks those that no other passing one equals or beats in price, noise and reserve while beating one; alike ones are all marked. */
const markBest = (all: readonly Combination[]): Combination[] => {
  const passing = all.filter((x) => x.fails === null)
  const front: Combination[] = []
  for (const x of [...passing].sort(
    (a, b) => a.price - b.price || a.noiseClass - b.noiseClass || b.reserve - a.reserve,
  )) {
    // Sorted by price: only what came before, or costs the same, can beat it.
    const beats = (f: Combination) =>
      f.noiseClass <= x.noiseClass &&
      f.reserve >= x.reserve &&
      (f.price < x.price || f.noiseClass < x.noiseClass || f.reserve > x.reserve)
    if (!front.some(beats)) front.push(x)
  }
  const best = new Set(front)
  return all.map((x) => (best.has(x) ? { ...x, best: true } : x))
}
