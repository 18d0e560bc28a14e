import { bundleDiameterM, roundAreaM2 } from './bundleDiameter.ts'

/** Share of a bore's area that bare wires may take. Trade practice: up to 45 %. */
export const WIRE_FILL = 0.45
/** Share of a bore that the covered bundle's diameter may take: the other way of saying the same. Trade practice. */
export const COVERED_FILL = 0.83
/** Bores that grommets are commonly sold with, m. Typical. */
export const GROMMET_BORES_M: readonly number[] = [
  0.006, 0.008, 0.01, 0.012, 0.014, 0.016, 0.018, 0.02, 0.022, 0.025, 0.028, 0.03, 0.032, 0.035, 0.038, 0.04, 0.045,
  0.05,
]

export interface PassThrough {
  readonly boreM: number
  /** Over the insulation, each wire that goes through. */
  readonly diametersM: readonly number[]
  /** Thickness of tape, braid or conduit over the bundle. */
  readonly coveringM: number
  /** Diagonals of plugs that must go through with the wires on them. */
  readonly plugsM: readonly number[]
  readonly fill: number
}

export interface PassThroughResult {
  readonly takenM2: number
  readonly allowedM2: number
  /** Wires' area over the bore's. */
  readonly wireShare: number
  /** Bundle with its covering. */
  readonly coveredM: number
  /** Its diameter over the bore. */
  readonly coveredShare: number
  readonly wiresFit: boolean
  /** By number, those that will not pass: their end is pinned last. */
  readonly pinnedLast: readonly number[]
  /** Smallest bore that takes the wires, plugs pinned last. */
  readonly leastBoreM: number
  /** Smallest bore that takes wires and plugs as they are. */
  readonly leastBoreWithPlugsM: number
  /** The common grommet for `leastBoreM`; null above the largest. */
  readonly grommetM: number | null
}

/** Smallest bore that takes these wires by their area. */
export const leastBoreM = (takenM2: number, fill = WIRE_FILL): number => Math.sqrt(takenM2 / fill / (Math.PI / 4))

/** Smallest common grommet that is not under a bore; null above the largest. */
export const grommetFor = (boreM: number): number | null =>
  GROMMET_BORES_M.find((bore) => bore >= boreM * (1 - 1e-9)) ?? null

/**
 * Whether wires and plugs go through a hole with a grommet in it. Wires fit where their areas take no more than `fill`
 * of the bore, or their covered bundle no more than 0.83 of its diameter; a plug passes where its diagonal is no larger
 * than the bore.
 */
export const passThrough = ({ boreM, diametersM, coveringM, plugsM, fill }: PassThrough): PassThroughResult => {
  const takenM2 = diametersM.reduce((sum, d) => sum + roundAreaM2(d), 0)
  const coveredM = diametersM.length === 0 ? 0 : bundleDiameterM(diametersM) + 2 * coveringM
  const byArea = leastBoreM(takenM2, fill)
  const byDiameter = coveredM / COVERED_FILL
  const least = Math.min(byArea, byDiameter)
  const within = (a: number, b: number): boolean => a <= b * (1 + 1e-9)
  return {
    takenM2,
    allowedM2: fill * roundAreaM2(boreM),
    wireShare: takenM2 / roundAreaM2(boreM),
    coveredM,
    coveredShare: coveredM / boreM,
    wiresFit: within(byArea, boreM) || within(byDiameter, boreM),
    pinnedLast: plugsM.flatMap((d, n) => (d > boreM ? [n] : [])),
    leastBoreM: least,
    leastBoreWithPlugsM: Math.max(least, ...plugsM),
    grommetM: grommetFor(least),
  }
}
