import { say, type Sentence } from '../../verdict/index.ts'
import { JOINT_WORDS, jointsOf, type Joint } from '../../exhaust/pipe/joints.ts'
import { behindM, isUpstream, LEAK_REACH_M } from './leaksOfCase.ts'
import { chosenSpots, type ExhaustCase } from './exhaustCase.ts'

export interface LeakPlanLine {
  readonly joint: Joint
  /** Ahead of a sensor; behind it within reach; further down than any reads; or nobody knows yet. */
  readonly side: 'upstream' | 'behind' | 'downstream' | 'no-spot'
  /** Behind the nearest sensor that reads it; null elsewhere. */
  readonly behindM: number | null
  readonly how: string
}

const HOW: Readonly<Record<Joint['kind'], string>> = {
  'one-piece': 'No joint.',
  gasket: 'Soap along the whole gasket; a length of hose held to the ear picks up what soap misses.',
  welded: 'Soap along the seam, all round with a mirror; a pin-hole blows a single bubble.',
  flange: 'Soap round the edge and at each bolt.',
  slip: 'Soap the mouth of the sleeve and along its slots: the likeliest leak of all.',
  clamped: 'Soap both edges of the band and its gap.',
  ball: 'Soap round the ring; move the joint a little and look again.',
}

/** Joints in the order in which they matter, with the way to test each. */
export const leakPlan = (c: ExhaustCase): LeakPlanLine[] => {
  const spots = chosenSpots(c).map((s) => s.spot)
  return jointsOf(c.runs).map((joint) => {
    const ahead = spots.some((s) => isUpstream(joint, s))
    const behind = Math.min(...spots.map((s) => behindM(c, s, joint) ?? Infinity))
    const reached = !ahead && behind < LEAK_REACH_M
    const side = spots.length === 0 ? 'no-spot' : ahead ? 'upstream' : reached ? 'behind' : 'downstream'
    return { joint, how: HOW[joint.kind], side, behindM: reached ? behind : null }
  })
}

export const LEAK_TEST_STEPS: readonly Sentence[] = [
  say`Exhaust cold, sensor out or a blanking plug in its bung, engine stopped.`,
  say`Blow gently into the tail pipe with a vacuum cleaner’s outlet and a rag, or a smoke machine: no more pressure than a hand can hold back.`,
  say`Soapy water on each joint in the list, upstream ones first; smoke shows the same at a glance.`,
  say`Mark what bubbles, seal it, test that joint again. Only then does the sensor go in.`,
  say`Once more with the engine idling cold: a gloved hand near each joint feels the pulses before you hear them.`,
]

export const jointWords = (joint: Joint): string =>
  `${joint.name}, ${joint.count > 1 ? `${joint.count} × ` : ''}${JOINT_WORDS[joint.kind]}`
