import type { JointKind, PieceKind, RunId } from '@lochmoor/core'

/** Where there is little room. */
export const RUN_SHORT: Readonly<Record<RunId, string>> = { a: 'Bank A', b: 'Bank B', common: 'Common' }

export const KIND_WORDS: Readonly<Record<PieceKind, string>> = {
  primaries: 'Primaries',
  log: 'Log manifold',
  merge: 'Merge or collector',
  pipe: 'Pipe',
  flexible: 'Flexible piece',
  turbine: 'Turbo',
  catalyst: 'Catalyst',
  silencer: 'Silencer',
  crossover: 'Cross-over',
  'open-end': 'Open end',
}

export const JOINT_CHOICES: readonly (readonly [JointKind, string])[] = [
  ['one-piece', 'None: same tube'],
  ['gasket', 'Gasket at the ports'],
  ['welded', 'Welded'],
  ['flange', 'Flange'],
  ['slip', 'Slip joint'],
  ['clamped', 'Clamp'],
  ['ball', 'Ball joint'],
]
