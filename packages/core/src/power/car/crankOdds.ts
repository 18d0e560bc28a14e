import { drawNormal, seededRandom } from '../../numeric/seededRandom.ts'
import { compileNetwork, solveMoments } from '../network/index.ts'
import { crankTrace } from '../starter/crankTrace.ts'
import { carNetwork } from './carNetwork.ts'
import type { CarSupply, CarWire } from './carSupply.ts'
import { conditionMoment } from './conditions.ts'
import { crankRigOf } from './crankRig.ts'

/** What is uncertain about a start, each as a standard deviation: shares of a figure (as a logarithm), or K. */
export interface CrankSpread {
  readonly battery: number
  readonly age: number
  /** Of full charge. */
  readonly charge: number
  readonly temperatureK: number
  readonly joints: number
  readonly starter: number
  readonly friction: number
}
export const CRANK_INPUTS = ['battery', 'age', 'charge', 'temperatureK', 'joints', 'starter', 'friction'] as const
export type CrankInput = (typeof CRANK_INPUTS)[number]

/** What a start needs. */
export interface CrankNeeds {
  readonly leastRpm: number
  /** Volts at the pump from which the rail reaches its pressure; null: not judged. */
  readonly railLeastV: number | null
}

export interface CrankOdds {
  readonly draws: number
  readonly starts: number
  /** Share of starts, with its 95 % interval (Wilson 1927). */
  readonly share: number
  readonly lowShare: number
  readonly highShare: number
  /** Draws that failed by each need; one draw can fail by several. */
  readonly failedBy: { readonly ecu: number; readonly speed: number; readonly rail: number }
  /** How closely the outcome follows each input: rank correlation with the margin, strongest first. */
  readonly follows: readonly { readonly input: CrankInput; readonly rank: number }[]
}

/** So much of each start is followed, s. */
const FOLLOWED_S = 0.7
const Z = 1.959964

/** Interval of a share found in n draws: Wilson's score interval, 95 %. */
export const wilson = (starts: number, draws: number): readonly [number, number] => {
  const p = starts / draws
  const z2 = Z * Z
  const middle = (p + z2 / (2 * draws)) / (1 + z2 / draws)
  const half = (Z * Math.sqrt((p * (1 - p)) / draws + z2 / (4 * draws * draws))) / (1 + z2 / draws)
  return [Math.max(0, middle - half), Math.min(1, middle + half)]
}

const ranks = (x: readonly number[]): number[] => {
  const order = x.map((_, i) => i).sort((a, b) => x[a]! - x[b]!)
  const out = x.map(() => 0)
  order.forEach((i, rank) => (out[i] = rank))
  return out
}
/** Spearman's rank correlation, -1 to 1. */
export const rankCorrelation = (x: readonly number[], y: readonly number[]): number => {
  const n = x.length
  const [a, b] = [ranks(x), ranks(y)]
  const middle = (n - 1) / 2
  let [sum, va, vb] = [0, 0, 0]
  for (let i = 0; i < n; i++) {
    sum += (a[i]! - middle) * (b[i]! - middle)
    va += (a[i]! - middle) ** 2
    vb += (b[i]! - middle) ** 2
  }
  return va === 0 || vb === 0 ? 0 : sum / Math.sqrt(va * vb)
}

const drawn = (s: CarSupply, spread: CrankSpread, z: Readonly<Record<CrankInput, number>>): CarSupply => {
  const grow = (input: CrankInput) => Math.exp(spread[input] * z[input])
  const joints = grow('joints')
  const wire = (w: CarWire): CarWire => ({
    ...w,
    jointOhm: w.jointOhm * joints,
    // A measured drop is known to a tenth.
    measuredOhm: w.measuredOhm === null ? null : w.measuredOhm * Math.exp(0.1 * z.joints),
  })
  return {
    ...s,
    battery: {
      ...s.battery,
      coldCrankA: s.battery.coldCrankA * grow('battery'),
      ageS: s.battery.ageS * grow('age'),
      charge: Math.min(1, Math.max(0, s.battery.charge + spread.charge * z.charge)),
    },
    coldestK: s.coldestK + spread.temperatureK * z.temperatureK,
    starter: { ...s.starter, armatureOhm: s.starter.armatureOhm * grow('starter') },
    engine: { ...s.engine, oilFactor: s.engine.oilFactor * grow('friction') },
    wires: Object.fromEntries(Object.entries(s.wires).map(([role, w]) => [role, wire(w)])) as CarSupply['wires'],
  }
}

/** Volts, or rpm over 30, that the worst need has to spare; and which needs fail. */
const oneStart = (s: CarSupply, needs: CrankNeeds) => {
  const car = carNetwork(s)
  const [prime] = solveMoments(compileNetwork(car.network), [
    conditionMoment(s, car.network, 'prime', { 'crank-warm': 0, 'crank-cold': 0 }),
  ])
  const trace = crankTrace(crankRigOf({ supply: s, car, at: { prime: prime! } }, 'crank-cold'), FOLLOWED_S)
  const sags = Math.min(trace.least['ecu']?.volts ?? 0, trace.least['keyed']?.volts ?? Infinity) - s.ecu.leastV
  const pump = trace.watchedV['pump'] ?? []
  const last = pump.slice(-200)
  const pumpV = last.reduce((a, b) => a + b, 0) / Math.max(1, last.length)
  const railV = needs.railLeastV === null ? Infinity : pumpV - needs.railLeastV
  return {
    margin: Math.min(sags, (trace.meanRpm - needs.leastRpm) / 30, railV),
    ecu: trace.resets.length > 0,
    speed: trace.meanRpm < needs.leastRpm,
    rail: railV < 0,
  }
}

/**
 * How likely the car starts at its coldest: supply and keyed input stay above the ECU's least but for what it rides
 * through, the crank turns fast enough over the last two turns, and the pump has the volts that the rail needs.
 * @param draws at least 1 @param seed whole number; the same seed gives the same odds
 */
export const crankOdds = (
  s: CarSupply,
  spread: CrankSpread,
  needs: CrankNeeds,
  { draws, seed }: { readonly draws: number; readonly seed: number },
  onProgress: (share: number) => void = () => undefined,
): CrankOdds => {
  const random = seededRandom(seed)
  const all: Record<CrankInput, number>[] = []
  const margins: number[] = []
  const failedBy = { ecu: 0, speed: 0, rail: 0 }
  let starts = 0
  for (let n = 0; n < draws; n++) {
    const z = Object.fromEntries(CRANK_INPUTS.map((input) => [input, drawNormal(random)])) as Record<CrankInput, number>
    const found = oneStart(drawn(s, spread, z), needs)
    all.push(z)
    margins.push(found.margin)
    if (found.ecu) failedBy.ecu++
    if (found.speed) failedBy.speed++
    if (found.rail) failedBy.rail++
    if (!found.ecu && !found.speed && !found.rail) starts++
    if (n % 20 === 19) onProgress((n + 1) / draws)
  }
  const [lowShare, highShare] = wilson(starts, draws)
  return {
    draws,
    starts,
    share: starts / draws,
    lowShare,
    highShare,
    failedBy,
    follows: CRANK_INPUTS.map((input) => ({
      input,
      rank:
        spread[input] === 0
          ? 0
          : rankCorrelation(
              all.map((z) => z[input]),
              margins,
            ),
    })).sort((a, b) => Math.abs(b.rank) - Math.abs(a.rank)),
  }
}
