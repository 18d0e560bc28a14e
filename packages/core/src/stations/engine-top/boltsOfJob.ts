import {
  bolt,
  boltPlaces,
  checkBolt,
  taperedGeometry,
  tighteningOrder,
  TORQUE_COEFFICIENTS,
  type BoltAnswer,
  type BoltPlace,
  type TaperedGeometry,
  type TighteningOrder,
} from '../../engine-top/index.ts'
import { ALL_THREADS, isTapered, type NamedThread, type TaperedThread } from '../../parts/index.ts'
import type { BoltGroup } from '../../sections/index.ts'

/** Share of what is weakest that is taken as clamp where nothing is said. Rule of thumb. */
export const USUAL_CLAMP = 0.75
/** Washer where none was measured: none. */
const NO_WASHER_M = 0

export interface BoltsOfGroup {
  readonly group: BoltGroup
  readonly thread: NamedThread | TaperedThread | null
  /** What must be known before it can be judged; empty where all is. */
  readonly missing: readonly string[]
  /** Depths that contradict each other. */
  readonly contradiction: string | null
  readonly clampedM: number | null
  /** Bolt that is meant: the one at hand, or the shortest that does. */
  readonly answer: BoltAnswer | null
  /** The one that would be bought, whatever is at hand. */
  readonly toBuy: BoltAnswer | null
  readonly tapered: TaperedGeometry | null
  readonly places: readonly BoltPlace[] | null
  readonly order: TighteningOrder | null
  readonly torqueCoefficient: number | null
}

const placesOf = (g: BoltGroup): BoltPlace[] | null => {
  switch (g.pattern) {
    case 'circle':
      return g.circleM === null ? null : boltPlaces({ kind: 'circle', count: g.many, diameterM: g.circleM, firstAtTop: g.firstAtTop === true }) // prettier-ignore
    case 'rows': {
      if (g.rows.length === 0 || g.rows.some((r, i) => (r.count > 1 && r.pitchM === null) || (i > 0 && r.behindM === null))) return null // prettier-ignore
      return boltPlaces({ kind: 'rows', rows: g.rows.map((r) => ({ count: r.count, pitchM: r.pitchM ?? 0, belowM: r.behindM ?? 0 })) }) // prettier-ignore
    }
    case 'places':
      if (g.places.length === 0 || g.places.some((p) => p.rightM === null || p.aheadM === null)) return null
      return g.places.map((p) => ({ xM: p.rightM!, yM: p.aheadM! }))
    default:
      return null
  }
}

/** One group of fasteners with all that follows from its entries. */
export const boltsOf = (group: BoltGroup): BoltsOfGroup => {
  const thread = ALL_THREADS.find((t) => t.id === group.thread) ?? null
  const places = placesOf(group)
  const order = places && places.length > 0 ? tighteningOrder(places) : null
  const base = { group, thread, places, order, answer: null, toBuy: null, contradiction: null, clampedM: null, torqueCoefficient: null } // prettier-ignore
  if (thread === null) return { ...base, missing: ['thread'], tapered: null }
  if (isTapered(thread)) {
    const missing = [
      ...(group.threadDepthM === null ? ['depth that can be tapped'] : []),
      ...(group.wallM === null ? ['wall beside the hole'] : []),
    ]
    return { ...base, missing, tapered: taperedGeometry(thread) }
  }
  const { flangeM, gasketM, holeDepthM, opensInto, state, strength, tapped, threadDepthM, through, washerM } = group
  const missing = [
    ...(strength === null ? ['marking on the head'] : []),
    ...(tapped === null ? ['material that is tapped'] : []),
    ...(flangeM === null ? ['thickness of the flange'] : []),
    ...(gasketM === null ? ['thickness of the gasket'] : []),
    ...(threadDepthM === null ? ['thread in the hole'] : []),
    ...(through === null && holeDepthM === null ? ['whether the hole goes through, or its depth'] : []),
    ...(through === false && holeDepthM === null ? ['depth of the hole'] : []),
    ...(opensInto === null ? ['what the hole opens into'] : []),
    ...(state === null ? ['whether the thread is dry, oiled or sealed'] : []),
  ]
  if (missing.length > 0 || !strength || !tapped || !opensInto || !state) return { ...base, missing, tapered: null }
  const clampedM = flangeM! + gasketM! + (washerM ?? NO_WASHER_M)
  const c = {
    thread,
    boltClass: strength,
    clampedM,
    tapped,
    threadDepthM: threadDepthM!,
    holeDepthM: through === true ? null : holeDepthM,
    opensInto,
    state,
    torqueCoefficient: group.frictionK,
    preloadShare: group.clampShare ?? USUAL_CLAMP,
    lengthM: group.lengthM,
  }
  const wrong = checkBolt(c)
  if (wrong) return { ...base, missing, tapered: null, clampedM, contradiction: 'the thread is deeper than the hole' }
  return {
    ...base,
    missing,
    tapered: null,
    clampedM,
    answer: bolt(c),
    toBuy: bolt({ ...c, lengthM: null }),
    torqueCoefficient: group.frictionK ?? TORQUE_COEFFICIENTS[state],
  }
}
