import { drawNormal, seededRandom } from '../../numeric/seededRandom.ts'
import { circuitModel } from '../circuitModel.ts'
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

export interface SpreadAnswer {
  readonly draws: number
  /** Share of the draws in which the set pressure holds at this demand. */
  readonly probability: number
  /** Standard error of that share. */
  readonly standardError: number
  /** Pressure to spare at the regulated point with the regulator shut: 5, 50 and 95 % of the draws lie below. */
  readonly lowPa: number
  readonly medianPa: number
  readonly highPa: number
  /** Share of the spread that comes from each input, largest first; together 1. */
  readonly inputs: readonly { readonly id: string; readonly share: number }[]
  /** Counts of the margin in equal steps from `fromPa`. */
  readonly histogram: { readonly fromPa: number; readonly stepPa: number; readonly counts: readonly number[] }
}

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

/** What the pump brings above the set pressure at the demand with the regulator shut, Pa; negative: not held. */
export const heldMarginPa = (c: FuelCircuit): number => {
  const model = circuitModel(c)
  return model.suppliedPa(c.demandM3S) - model.effectiveSetPa
}

/**
 * Monte Carlo over the inputs of a circuit at one moment: the probability that the pressure holds, and which input's
 * spread matters most (squared correlation with the margin, made to sum to one). Normal factors around one, drawn with a
 * seed: the same seed gives the same answer.
 * @param onProgress called every thousand draws with how many are done
 */
export const spreadCircuit = (
  circuit: FuelCircuit,
  inputs: readonly SpreadInput[],
  { draws, seed }: { readonly draws: number; readonly seed: number },
  onProgress?: (done: number) => void,
): SpreadAnswer => {
  const random = seededRandom(seed)
  const margins = new Float64Array(draws)
  const sums = inputs.map(() => ({ x: 0, xx: 0, xy: 0 }))
  let y = 0
  let yy = 0
  let held = 0
  const nominal = Object.fromEntries(SPREAD_TARGETS.map((t) => [t, 1])) as Record<SpreadTarget, number>
  for (let i = 0; i < draws; i++) {
    const factors = { ...nominal }
    const drawn = inputs.map(({ relativeSd, target }) => {
      const z = drawNormal(random)
      factors[target] = clampFactor(factors[target] * (1 + relativeSd * z))
      return z
    })
    const margin = heldMarginPa(scaledCircuit(circuit, factors))
    margins[i] = margin
    if (margin >= 0) held++
    y += margin
    yy += margin * margin
    drawn.forEach((z, k) => {
      const s = sums[k]!
      s.x += z
      s.xx += z * z
      s.xy += z * margin
    })
    if ((i + 1) % 1000 === 0) onProgress?.(i + 1)
  }
  const varianceY = yy / draws - (y / draws) ** 2
  const squared = sums.map(({ x, xx, xy }) => {
    const varianceX = xx / draws - (x / draws) ** 2
    const covariance = xy / draws - (x / draws) * (y / draws)
    return varianceX > 0 && varianceY > 0 ? covariance ** 2 / (varianceX * varianceY) : 0
  })
  const total = squared.reduce((a, b) => a + b, 0)
  const sorted = margins.sort()
  const at = (share: number) => sorted[Math.min(draws - 1, Math.floor(share * draws))]!
  const probability = held / draws
  return {
    draws,
    probability,
    standardError: Math.sqrt((probability * (1 - probability)) / draws),
    lowPa: at(0.05),
    medianPa: at(0.5),
    highPa: at(0.95),
    inputs: inputs
      .map(({ id }, k) => ({ id, share: total > 0 ? squared[k]! / total : 0 }))
      .sort((a, b) => b.share - a.share),
    histogram: histogramOf(sorted),
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
