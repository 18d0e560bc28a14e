import {
  BOLT_CLASSES,
  SHEAR_SHARE,
  TAPPED_MATERIALS,
  TORQUE_COEFFICIENTS,
  type BoltClassId,
  type TappedMaterialId,
  type ThreadState,
} from './boltMaterials.ts'
import { SOLD_LENGTHS_M, type Thread } from '../../parts/index.ts'
import { threadGeometry } from './thread.ts'

/** What stands behind the hole. */
export type HoleOpensInto = 'nothing' | 'air' | 'coolant' | 'oil' | 'port'

export interface BoltCase {
  readonly thread: Thread
  readonly boltClass: BoltClassId
  /** Everything between the head and the tapped part, washers and gasket as tightened included, m. */
  readonly clampedM: number
  readonly tapped: TappedMaterialId
  /** Thread that the bolt can use, from the face down, m. */
  readonly threadDepthM: number
  /** To the bottom of the hole, m; null where the hole goes through. */
  readonly holeDepthM: number | null
  readonly opensInto: HoleOpensInto
  readonly state: ThreadState
  /** Coefficient K that somebody measured or read off the sealant's sheet; else by the state of the thread. */
  readonly torqueCoefficient: number | null
  /** Clamp wanted, as a share of what the weakest of bolt and threads bears. */
  readonly preloadShare: number
  /** The bolt at hand or asked about, under its head, m; null: the shortest that does. */
  readonly lengthM: number | null
}

export interface BoltFit {
  readonly lengthM: number
  /** Of the bolt in the tapped thread, m; below 0 where it does not even reach. */
  readonly engagementM: number
  /** The same in diameters. */
  readonly engagementD: number
  /** Left between its tip and the bottom, m; null where there is none. */
  readonly tipGapM: number | null
  /** It meets the bottom, or leaves no turn of thread before it does. */
  readonly bottoms: boolean
  /** Less in the thread than is wanted at least. */
  readonly short: boolean
}

export type BoltPart = 'bolt' | 'bolt thread' | 'tapped thread'

export interface BoltAnswer {
  readonly leastEngagementM: number
  /** Beyond this more is of no use. */
  readonly usefulEngagementM: number
  /** What is asked about, or the shortest length sold that does; null where none is sold that does. */
  readonly fit: BoltFit | null
  /** Every length sold, with what becomes of it. */
  readonly lengths: readonly BoltFit[]
  /** Longest that does not bottom, m; null where the hole goes through. */
  readonly longestM: number | null
  readonly stressAreaM2: number
  /** What each bears of tension before it is permanently longer or strips, N; of the fit. */
  readonly bearsN: Readonly<Record<BoltPart, number>> | null
  readonly weakest: BoltPart | null
  readonly preloadN: number | null
  readonly torqueNm: number | null
  /** A third, two thirds, all of it. */
  readonly passesNm: readonly [number, number, number] | null
  /** What goes on the thread where the hole opens into something. */
  readonly sealant: string | null
}

/** A bolt that leaves less than a turn before the bottom clamps the hole, not the part. */
const TURNS_BEFORE_BOTTOM = 1
const HAIR_M = 1e-9

const SEALANTS: Readonly<Record<HoleOpensInto, string | null>> = {
  nothing: null,
  air: null,
  coolant: 'thread sealant that bears coolant',
  oil: 'thread sealant that bears hot oil',
  port: 'thread sealant that bears petrol; without it the port draws air past the thread',
}

/**
 * How much of a bolt is in the thread, whether it bottoms, which length to buy, and the torque for its clamp.
 *
 * Engagement wanted: shares of the diameter by material, rule of thumb. Tension at the proof stress of the bolt on its
 * stress area; threads strip at 1/sqrt(3) of the tensile strength on the areas of `threadGeometry`. Torque T = K d F
 * with K as stated (rule of thumb): a sixth either way in K is a sixth either way in clamp. In three passes.
 */
export const bolt = (c: BoltCase): BoltAnswer => {
  const { majorM, pitchM } = c.thread
  const geometry = threadGeometry(c.thread)
  const [leastD, usefulD] = TAPPED_MATERIALS[c.tapped].engagement
  const leastEngagementM = leastD * majorM
  const longestM = c.holeDepthM === null ? null : c.clampedM + c.holeDepthM - TURNS_BEFORE_BOTTOM * pitchM
  const fitOf = (lengthM: number): BoltFit => {
    const reachM = lengthM - c.clampedM
    const engagementM = Math.min(reachM, c.threadDepthM)
    const tipGapM = c.holeDepthM === null ? null : c.holeDepthM - reachM
    return {
      lengthM,
      engagementM,
      engagementD: engagementM / majorM,
      tipGapM,
      bottoms: longestM !== null && lengthM > longestM + HAIR_M,
      short: engagementM < leastEngagementM - HAIR_M,
    }
  }
  const lengths = SOLD_LENGTHS_M[c.thread.form].map(fitOf)
  const fit = c.lengthM === null ? (lengths.find((f) => !f.short && !f.bottoms) ?? null) : fitOf(c.lengthM)
  const bearsN = fit && fit.engagementM > 0 ? bearing(c, geometry, fit.engagementM) : null
  const weakest = bearsN && (Object.keys(bearsN) as BoltPart[]).reduce((a, b) => (bearsN[b] < bearsN[a] ? b : a))
  const preloadN = bearsN && weakest ? c.preloadShare * bearsN[weakest] : null
  const torqueNm = preloadN === null ? null : (c.torqueCoefficient ?? TORQUE_COEFFICIENTS[c.state]) * majorM * preloadN
  return {
    leastEngagementM,
    usefulEngagementM: usefulD * majorM,
    fit,
    lengths,
    longestM,
    stressAreaM2: geometry.stressAreaM2,
    bearsN,
    weakest,
    preloadN,
    torqueNm,
    passesNm: torqueNm === null ? null : [torqueNm / 3, (2 / 3) * torqueNm, torqueNm],
    sealant: SEALANTS[c.opensInto],
  }
}

const bearing = (
  c: BoltCase,
  { boltStripM2M, stressAreaM2, tappedStripM2M }: ReturnType<typeof threadGeometry>,
  engagementM: number,
): Record<BoltPart, number> => {
  const { proofPa, tensilePa } = BOLT_CLASSES[c.boltClass]
  return {
    bolt: proofPa * stressAreaM2,
    'bolt thread': SHEAR_SHARE * tensilePa * boltStripM2M * engagementM,
    'tapped thread': SHEAR_SHARE * TAPPED_MATERIALS[c.tapped].tensilePa * tappedStripM2M * engagementM,
  }
}

/** What the ranges of single fields cannot tell; null where a bolt can be judged. */
export const checkBolt = (c: BoltCase): { field: string; value: number; allowed: string } | null => {
  const { majorM, pitchM } = c.thread
  if (!(pitchM < majorM / 2))
    return { field: 'thread.pitchM', value: pitchM, allowed: `below ${majorM / 2}, half of the diameter` }
  if (c.holeDepthM !== null && c.threadDepthM > c.holeDepthM)
    return { field: 'threadDepthM', value: c.threadDepthM, allowed: `at most ${c.holeDepthM}, the depth of the hole` }
  return null
}
