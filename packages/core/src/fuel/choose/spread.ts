import { drawNormal, seededRandom } from '../../numeric/seededRandom.ts'
import { railOrNothingPa } from '../solveFuelCircuit.ts'
import type { FuelCircuit, Line, Loss } from '../circuitTypes.ts'

/** What of a circuit is drawn. */
export const SPREAD_TARGETS = [
  'pumpFlow',
  'demand',
  'feedBore',
  'feedLength',
  'fittings',
  'filterDrop',
  'strainerDrop',
  'setPressure',
  'viscosity',
] as const
export type SpreadTarget = (typeof SPREAD_TARGETS)[number]

/** One uncertain input: what it acts on and its standard deviation as a share of the figure. */
export interface SpreadInput {
  readonly id: string
  readonly target: SpreadTarget
  readonly relativeSd: number
}

/** Where the rail has to stay. */
export interface RailBand {
  readonly lowPa: number
  readonly highPa: number
}

export interface SpreadAnswer {
  readonly draws: number
  /** Share of the draws in which the rail stays within its band at this demand. */
  readonly probability: number
  /** Standard error of that share. */
  readonly standardError: number
  readonly band: RailBand
  /** Rail, Pa gauge: 5, 50 and 95 % of the draws lie below. Nothing where the circuit is starved. */
  readonly lowPa: number
  readonly medianPa: number
  readonly highPa: number
  /** By how much of itself the rail's variance falls when an input is known exactly, largest first. */
  readonly inputs: readonly { readonly id: string; readonly share: number }[]
  /** Counts of the rail in equal steps from `fromPa`. */
  readonly histogram: { readonly fromPa: number; readonly stepPa: number; readonly counts: readonly number[] }
}

/** What the injectors' flow may differ from its figure at the set pressure. Rule of thumb of this house. */
export const FLOW_BAND = 0.05

/**
 * The rail at which the injectors' flow, which goes with the root of the pressure over them, stays within 5 % of its figure
 * at the set pressure.
 * @param tipPa at their tips, Pa gauge; what the regulator is referenced to where it is not said
 */
export const railBandOf = ({ regulator }: FuelCircuit, tipPa = regulator.referencePa ?? 0): RailBand => {
  const overPa = regulator.setPressurePa + (regulator.referencePa ?? 0) - tipPa
  return { lowPa: tipPa + overPa * (1 - FLOW_BAND) ** 2, highPa: tipPa + overPa * (1 + FLOW_BAND) ** 2 }
}
const isWithin = (railPa: number, { highPa, lowPa }: RailBand): boolean => railPa >= lowPa && railPa <= highPa

const BINS = 40
/** A factor drawn is kept within this, so that a bore never turns negative. */
const clampFactor = (f: number) => Math.min(3, Math.max(0.05, f))

const scaledLoss = <L extends Loss>(loss: L | null, factor: number): L | null =>
  loss && { ...loss, dropPa: loss.dropPa * factor }

const scaledLine = (line: Line, f: Readonly<Record<SpreadTarget, number>>): Line => {
  const piece = <P extends Omit<Line, 'riseM' | 'then'>>(p: P): P => ({
    ...p,
    boreM: p.boreM * f.feedBore,
    lengthM: p.lengthM * f.feedLength,
    minorK: p.minorK * f.fittings,
    roughnessM: Math.min(p.roughnessM, 0.1 * p.boreM * f.feedBore),
  })
  return { ...piece(line), ...(line.then && { then: line.then.map(piece) }) }
}

/** The circuit with every target multiplied by its factor. */
export const scaledCircuit = (c: FuelCircuit, f: Readonly<Record<SpreadTarget, number>>): FuelCircuit => ({
  ...c,
  fluid: { ...c.fluid, kinematicViscosityM2S: c.fluid.kinematicViscosityM2S * f.viscosity },
  strainer: scaledLoss(c.strainer, f.strainerDrop),
  pump: { curve: c.pump.curve.map((p) => ({ ...p, flowM3S: p.flowM3S * f.pumpFlow })) },
  filter: scaledLoss(c.filter, f.filterDrop),
  feed: scaledLine(c.feed, f),
  demandM3S: c.demandM3S * f.demand,
  regulator: { ...c.regulator, setPressurePa: c.regulator.setPressurePa * f.setPressure },
})

const NOMINAL = Object.fromEntries(SPREAD_TARGETS.map((t) => [t, 1])) as Record<SpreadTarget, number>

/** The rail with the drawn factors of the inputs; one of them may be held at its figure. */
const railWith = (circuit: FuelCircuit, inputs: readonly SpreadInput[], z: ArrayLike<number>, held = -1): number => {
  const factors = { ...NOMINAL }
  inputs.forEach(({ relativeSd, target }, k) => {
    if (k !== held) factors[target] = clampFactor(factors[target] * (1 + relativeSd * z[k]!))
  })
  return railOrNothingPa(scaledCircuit(circuit, factors))
}

const varianceOf = (values: ArrayLike<number>): number => {
  const n = values.length
  let [mean, m2] = [0, 0]
  for (let i = 0; i < n; i++) {
    const d = values[i]! - mean
    mean += d / (i + 1)
    m2 += d * (values[i]! - mean)
  }
  return m2 / n
}

/** Draws with which the part of each input is sought: its own variance is enough for two digits. */
const DRAWS_FOR_SHARES = 2000

/**
 * Monte Carlo over the inputs of a circuit at one moment: the probability that the rail stays within its band, and with
 * it the injectors' flow, and by how much the rail's variance falls when one input is held at its figure. Normal factors
 * around one, drawn with a seed: the same seed gives the same answer.
 * @param onProgress called every thousand draws with how many are done
 * @param onDraw called with every draw and whether the rail stayed within its band
 */
export const spreadCircuit = (
  circuit: FuelCircuit,
  inputs: readonly SpreadInput[],
  { draws, seed, tipPa }: { readonly draws: number; readonly seed: number; readonly tipPa?: number },
  onProgress?: (done: number) => void,
  onDraw?: (draw: number, within: boolean) => void,
): SpreadAnswer => {
  const random = seededRandom(seed)
  const band = railBandOf(circuit, tipPa)
  const rails = new Float64Array(draws)
  const forShares: Float64Array[] = []
  let held = 0
  for (let i = 0; i < draws; i++) {
    const z = Float64Array.from(inputs, () => drawNormal(random))
    const railPa = railWith(circuit, inputs, z)
    const within = isWithin(railPa, band)
    rails[i] = railPa
    if (within) held++
    if (i < DRAWS_FOR_SHARES) forShares.push(z)
    onDraw?.(i, within)
    if ((i + 1) % 1000 === 0) onProgress?.(i + 1)
  }
  const all = varianceOf(rails.subarray(0, forShares.length))
  const shareOf = (k: number): number => {
    if (all === 0 || inputs[k]!.relativeSd === 0) return 0
    const without = varianceOf(Float64Array.from(forShares, (z) => railWith(circuit, inputs, z, k)))
    return Math.max(0, 1 - without / all)
  }
  const shares = inputs.map(({ id }, k) => ({ id, share: shareOf(k) }))
  const sorted = rails.sort()
  const at = (share: number) => sorted[Math.min(draws - 1, Math.floor(share * draws))]!
  const probability = held / draws
  return {
    draws,
    probability,
    standardError: Math.sqrt((probability * (1 - probability)) / draws),
    band,
    lowPa: at(0.05),
    medianPa: at(0.5),
    highPa: at(0.95),
    inputs: shares.sort((a, b) => b.share - a.share),
    histogram: histogramOf(sorted),
  }
}

/** A circuit at one of several moments, with what is unsure there; the inputs of all are the same, in the same order. */
export interface SpreadCase {
  readonly circuit: FuelCircuit
  /** At the injectors' tips, Pa gauge. */
  readonly tipPa: number
  readonly inputs: readonly SpreadInput[]
}

export interface SpreadOverMoments {
  /** Share of the draws in which the rail stays within its band at every moment. */
  readonly probability: number
  readonly standardError: number
  /** By moment, in the order asked. */
  readonly probabilities: readonly number[]
  /** The moment at which it holds least often, and what is to be said of it. */
  readonly worst: number
  readonly answer: SpreadAnswer
}

/** The same draw of every input at all moments: what holds, holds at all of them at once. */
export const spreadOverMoments = (
  cases: readonly SpreadCase[],
  options: { readonly draws: number; readonly seed: number },
  onProgress?: (share: number) => void,
): SpreadOverMoments | null => {
  const { draws } = options
  const within = new Uint8Array(draws).fill(1)
  const answers = cases.map(({ circuit, inputs, tipPa }, k) =>
    spreadCircuit(
      circuit,
      inputs,
      { ...options, tipPa },
      (done) => onProgress?.((k + done / draws) / cases.length),
      (i, holds) => {
        if (!holds) within[i] = 0
      },
    ),
  )
  const worst = answers.reduce((w, a, i) => (a.probability < answers[w]!.probability ? i : w), 0)
  const answer = answers[worst]
  if (!answer) return null
  const probability = within.reduce((n, w) => n + w, 0) / draws
  return {
    probability,
    standardError: Math.sqrt((probability * (1 - probability)) / draws),
    probabilities: answers.map((a) => a.probability),
    worst,
    answer,
  }
}

const histogramOf = (sorted: Float64Array): SpreadAnswer['histogram'] => {
  const n = sorted.length
  // The outermost half per cent on each side would only stretch the picture.
  const fromPa = sorted[Math.floor(0.005 * n)]!
  const toPa = sorted[Math.min(n - 1, Math.ceil(0.995 * n))]!
  const stepPa = Math.max((toPa - fromPa) / BINS, 1)
  const counts = new Array<number>(BINS).fill(0)
  for (const m of sorted) {
    const bin = Math.floor((m - fromPa) / stepPa)
    if (bin >= 0 && bin < BINS) counts[bin]!++
  }
  return { fromPa, stepPa, counts }
}
