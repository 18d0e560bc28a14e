import { fig, say, type Sentence } from '../../verdict/index.ts'

/** What forbids a spot, in the order in which it is told. */
export const HARD_RULES = [
  'one-primary',
  'before-turbine',
  'before-wastegate',
  'after-catalyst',
  'after-crossover',
  'banks-joined',
  'not-plain-pipe',
  'on-bend',
  'at-joint',
  'short-tail',
  'lowest-point',
  'air-injection',
  'too-hot',
  'below-level',
  'ground',
  'blocked',
  'moving',
] as const
export type HardRule = (typeof HARD_RULES)[number]

/** What makes a spot worse. */
export const SOFT_RULES = [
  'school',
  'hexagon',
  'hot-gas',
  'wet',
  'after-bend',
  'after-slip',
  'tail',
  'low-angle',
  'upright',
  'late',
  'one-bank',
  'tool',
  'close-motion',
] as const
export type SoftRule = (typeof SOFT_RULES)[number]

export const HARD_WORDS: Readonly<Record<HardRule, string>> = {
  'one-primary': 'before the merge',
  'before-turbine': 'before the turbo',
  'before-wastegate': 'before the wastegate return',
  'after-catalyst': 'after the catalyst',
  'after-crossover': 'after the cross-over',
  'banks-joined': 'both banks mixed',
  'not-plain-pipe': 'not on plain pipe',
  'on-bend': 'on a bend',
  'at-joint': 'at a joint',
  'short-tail': 'too near the open end',
  'lowest-point': 'lowest point',
  'air-injection': 'air injected upstream',
  'too-hot': 'too hot',
  'below-level': 'below level',
  ground: 'too near the ground',
  blocked: 'no room',
  moving: 'fouled by something that moves',
}

export const SOFT_WORDS: Readonly<Record<SoftRule, string>> = {
  school: 'outside the recommended distance',
  hexagon: 'housing hot at full load',
  'hot-gas': 'gas above continuous limit at full load',
  wet: 'wall wet at idle',
  'after-bend': 'just after a bend',
  'after-slip': 'just after a slip joint',
  tail: 'tail on the short side',
  'low-angle': 'little slope to drain',
  upright: 'straight up: cable in the heat',
  late: 'slow at idle',
  'one-bank': 'reads one bank only',
  tool: 'tight for the tool',
  'close-motion': 'near something that moves',
}

export interface HardFinding {
  readonly rule: HardRule
  readonly says: Sentence
}
export interface SoftFinding {
  readonly rule: SoftRule
  /** Points taken off a hundred. */
  readonly loss: number
  readonly says: Sentence
}

/** Reasons that need no figure of the place. */
export const HARD_REASONS: Readonly<
  Record<Exclude<HardRule, 'short-tail' | 'too-hot' | 'below-level' | 'blocked' | 'moving' | 'ground'>, Sentence>
> = {
  'one-primary': say`Not all cylinders of this bank have merged yet: it would read only some of them.`,
  'before-turbine': say`Before the turbo, pressure and heat swing with boost: the sensor reads wrong and dies early. Put it after the turbo.`,
  'before-wastegate': say`The wastegate gas rejoins further down: part of the engine’s exhaust is missing here.`,
  'after-catalyst': say`A catalyst uses up the oxygen the sensor needs to read. Put the sensor before it.`,
  'after-crossover': say`After a cross-over the banks are mixed: a sensor for one bank goes before it.`,
  'banks-joined': say`Two sensors, one per bank: the banks are already mixed here.`,
  'not-plain-pipe': say`Not plain pipe: a bung needs smooth round tube.`,
  'on-bend': say`On a bend the gas runs to the outside and no bung sits flat.`,
  'at-joint': say`Too near a joint: no room for weld or saddle, and a leak here shows up first.`,
  'lowest-point': say`Water collects at the lowest point of the pipe.`,
  'air-injection': say`Air is pumped into the ports: in closed loop it reads as a lean mixture.`,
}

export const tailReason = (tailM: number): Sentence =>
  say`Only ${fig(tailM, 'bore', 0)} of pipe to the open end: outside air is drawn back to the sensor at idle.`
