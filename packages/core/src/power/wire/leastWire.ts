import { WIRE_SIZES, type WireSize } from '../../parts/index.ts'
import { COPPER, REFERENCE_K } from '../network/index.ts'
import { ampacityA, shortLimitA2S, type Insulation } from './ampacity.ts'
import { latestBlowS } from './fuseTimes.ts'

export interface WireDemand {
  /** Flows for good, A. */
  readonly currentA: number
  /** At which the drop is held against its limit, A; the current that flows for good where it is not given. */
  readonly dropCurrentA?: number
  /** Of this wire out, and of what it shares the drop with on the way back, m. */
  readonly lengthM: number
  readonly limitV: number
  /** All terminals of the way, ohm. */
  readonly jointOhm: number
  /** Where it runs, K. */
  readonly ambientK: number
  readonly insulation: Insulation
  readonly loadedWires: number
  /** Null: no fuse of its own. */
  readonly fuseA: number | null
  /** Never thinner than that, whatever the figures say, m²: trade practice. */
  readonly leastM2?: number
  /** What a short at its far end meets beside the wire itself. */
  readonly short: { readonly volts: number; readonly otherOhm: number }
}
export const GOVERNS = ['drop', 'heat', 'fuse', 'short', 'practice'] as const
export type Governs = (typeof GOVERNS)[number]
export const GOVERNS_WORDS: Readonly<Record<Governs, string>> = {
  drop: 'voltage drop',
  heat: 'continuous current',
  fuse: 'its fuse',
  short: 'a short at its end',
  practice: 'trade practice',
}
export const WIRE_KINDS = ['mm2', 'awg', 'sae'] as const
export type WireKind = (typeof WIRE_KINDS)[number]

/** Resistance of a length of a size, at a temperature, without terminals, ohm. */
export const wireOhm = (size: Pick<WireSize, 'ohmPerM'>, lengthM: number, temperatureK: number): number =>
  size.ohmPerM * lengthM * (1 + COPPER.coefficientPerK * (temperatureK - REFERENCE_K))

/** How a short at the far end of a wire ends. */
export interface ShortAtEnd {
  readonly currentA: number
  /** Latest time after which the fuse has opened, s; Infinity where it need not open. */
  readonly opensWithinS: number
  /** For which the wire bears that current, s. */
  readonly wireBearsS: number
  readonly clears: boolean
}
/** Current against the fuse's slowest time and the wire's own limit. */
export const shortAtEnd = (currentA: number, fuseA: number, sectionM2: number, insulation: Insulation): ShortAtEnd => {
  const opensWithinS = latestBlowS(currentA / fuseA)
  const wireBearsS = shortLimitA2S(sectionM2, insulation) / Math.max(1e-9, currentA) ** 2
  return { currentA, opensWithinS, wireBearsS, clears: opensWithinS <= wireBearsS }
}

/** What speaks against a size; empty where it will do. */
export const sizeLacks = (size: WireSize, d: WireDemand): Governs[] => {
  const ohm = wireOhm(size, d.lengthM, d.ambientK)
  const bears = ampacityA(size.sectionM2, d.ambientK, d)
  const shortA = d.short.volts / (d.short.otherOhm + ohm)
  return [
    ...(size.sectionM2 < (d.leastM2 ?? 0) ? (['practice'] as const) : []),
    ...((d.dropCurrentA ?? d.currentA) * (ohm + d.jointOhm) > d.limitV ? (['drop'] as const) : []),
    ...(bears < d.currentA ? (['heat'] as const) : []),
    ...(d.fuseA !== null && bears < d.fuseA ? (['fuse'] as const) : []),
    ...(d.fuseA !== null && !shortAtEnd(shortA, d.fuseA, size.sectionM2, d.insulation).clears
      ? (['short'] as const)
      : []),
  ]
}

export interface LeastWire {
  readonly size: WireSize
  /** What the next thinner size lacks; empty for the thinnest there is. */
  readonly governs: readonly Governs[]
}
const bySection = (kind: WireKind): WireSize[] =>
  WIRE_SIZES.filter((s) => s.id.startsWith(`${kind}-`)).sort((a, b) => a.sectionM2 - b.sectionM2)

/** Least standard size of a kind that does everything asked of it; null where none does. */
export const leastWire = (d: WireDemand, kind: WireKind): LeastWire | null => {
  let governs: readonly Governs[] = []
  for (const size of bySection(kind)) {
    const lacks = sizeLacks(size, d)
    if (lacks.length === 0) return { size, governs }
    governs = lacks
  }
  return null
}
