import type { JointKind, RunId } from '../../sections/index.ts'
import type { Run } from './layOut.ts'

export interface Joint {
  readonly run: RunId
  /** The piece whose upstream end it is. */
  readonly pieceId: string
  readonly name: string
  readonly kind: JointKind
  readonly atM: number
  /** Pipes side by side: so many joints of that kind. */
  readonly count: number
  readonly state: 'tight' | 'leaks' | null
  readonly leakM: number | null
}

/** Every joint that could leak, in the order of the flow: each piece's upstream end, the first one at the ports. */
export const jointsOf = (runs: readonly Run[]): Joint[] =>
  runs.flatMap((run) =>
    run.pieces
      .filter(({ piece }) => piece.kind !== 'open-end' && piece.joint !== 'one-piece')
      .map(({ piece, fromM }) => ({
        run: run.id,
        pieceId: piece.id,
        name: piece.name,
        kind: piece.joint,
        atM: fromM,
        count: piece.count,
        state: piece.jointState,
        leakM: piece.leakM,
      })),
  )

/** A leak that no test has closed: it holds the first start. */
export const openLeaks = (runs: readonly Run[]): Joint[] => jointsOf(runs).filter((j) => j.state === 'leaks')

export const JOINT_WORDS: Readonly<Record<JointKind, string>> = {
  'one-piece': 'one piece',
  gasket: 'gasket',
  welded: 'welded',
  flange: 'flange',
  slip: 'slip joint',
  clamped: 'clamp',
  ball: 'ball joint',
}
