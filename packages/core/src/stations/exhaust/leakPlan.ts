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
  gasket: 'Soap along the whole gasket; a hand’s breadth of hose at the ear hears what soap misses.',
  welded: 'Soap along the seam, all round with a mirror; a pin-hole blows one bubble.',
  flange: 'Soap around the edge and at each bolt.',
  slip: 'Soap at the mouth of the sleeve and along its slots: the likeliest of all.',
  clamped: 'Soap at both edges of the band and at its gap.',
  ball: 'Soap around the ring; turn the joint a little and look again.',
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
  say`Cold exhaust, sensor out or its boss plugged, engine stopped.`,
  say`Blow gently into the tail with a vacuum cleaner’s outlet and a rag, or with a smoke machine: no more than a hand can hold back.`,
  say`Soapy water on each joint of the list, upstream ones first; smoke shows the same at once.`,
  say`Mark what bubbles, seal it, test that joint again. Only then the sensor goes in.`,
  say`Once more with the engine idling cold: a gloved hand near each joint feels the pulses before they are heard.`,
]

export const jointWords = (joint: Joint): string =>
  `${joint.name}, ${joint.count > 1 ? `${joint.count} × ` : ''}${JOINT_WORDS[joint.kind]}`
