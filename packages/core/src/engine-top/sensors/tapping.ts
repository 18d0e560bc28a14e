import { isTapered, type NamedThread, type TaperedThread } from '../../parts/index.ts'
import { taperedGeometry } from '../bolts/taperedThread.ts'

export interface TappingCase {
  readonly thread: NamedThread | TaperedThread
  /** Across the metal that is tapped, at its narrowest, m. */
  readonly acrossM: number
  /** Metal in the way of the drill, m. */
  readonly depthM: number
  /** Thread of the sensor, m; null of a tapered one. */
  readonly sensorThreadM: number | null
}
export interface TappingAnswer {
  readonly drillM: number
  /** Thread that is wanted in the hole, m. */
  readonly threadM: number
  /** Metal left on either side, m. */
  readonly wallM: number
  readonly deepEnough: boolean
  readonly sealsBy: 'its taper' | 'a washer'
}

/** Share of the thread's height that an inch drill leaves. Trade practice. */
const INCH_SHARE = 0.75
/** Height of the old full thread on the diameter, pitches: 2 · 3/4 H. */
const DOUBLE_HEIGHT = 1.299038

/**
 * Drill and wall of a sensor's hole. Metric: diameter less pitch (ISO 2306); inch: three quarters of the thread; tapered: minor
 * diameter at the small end, reamed or tapped from there. A tapered plug seals on its thread, a parallel one on its washer.
 */
export const tapping = ({ acrossM, depthM, sensorThreadM, thread }: TappingCase): TappingAnswer => {
  if (isTapered(thread)) {
    const g = taperedGeometry(thread)
    return { drillM: g.drillM, threadM: g.usefulM, wallM: (acrossM - g.largestM) / 2, deepEnough: depthM >= g.usefulM - 1e-9, sealsBy: 'its taper' } // prettier-ignore
  }
  const { form, majorM, pitchM } = thread
  const threadM = sensorThreadM ?? majorM
  return {
    drillM: form === 'iso' ? majorM - pitchM : majorM - INCH_SHARE * DOUBLE_HEIGHT * pitchM,
    threadM,
    wallM: (acrossM - majorM) / 2,
    deepEnough: depthM >= threadM - 1e-9,
    sealsBy: 'a washer',
  }
}
