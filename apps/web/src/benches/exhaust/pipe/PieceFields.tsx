import {
  formatQuantity,
  JOINT_KINDS,
  PIECE_KINDS,
  type ExhaustPiece,
  type JobDocument,
  type JointKind,
  type LaidPiece,
  type PieceKind,
} from '@lochmoor/core'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { run as doRun, setAt } from '../../../store/commands.ts'
import { useUnit } from '../../../store/preferences.ts'
import { Group } from '../../bench/Group.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { JOINT_CHOICES, KIND_WORDS } from '../words.ts'

interface Props {
  readonly job: JobDocument
  readonly path: string
  readonly piece: ExhaustPiece
  readonly laid: LaidPiece | undefined
  readonly index: number
}

const kinds = PIECE_KINDS.map((k) => [k, KIND_WORDS[k]] as const)
const joints = JOINT_KINDS.map((k) => JOINT_CHOICES.find(([kind]) => kind === k)!)

/** One piece: what it is, its measures, its bend, how it is joined. */
export const PieceFields = ({ job, path, piece, laid, index }: Props) => {
  const bore = useUnit('bore')
  const set = (name: keyof ExhaustPiece, value: unknown, label: string) =>
    doRun(setAt(`${path}.${name}`, value, `${piece.name}: ${label}`))
  const field = { job, of: piece.name }
  const bends = piece.bendDeg !== null && piece.bendDeg > 0
  return (
    <>
      <Group title={`Piece ${index + 1}`}>
        <NameEntry name={piece.name} what="A piece" onChange={(name) => set('name', name, 'name')} />
        <ChoiceField
          label="Type"
          value={piece.kind}
          options={kinds}
          onChange={(v: PieceKind) => set('kind', v, 'kind')}
        />
        <PathField {...field} path={`${path}.count`} label="Identical pipes in parallel" emptyMeans={1} decided />
        <PathField {...field} path={`${path}.lengthM`} label="Length" assumed={laid?.lengthM} />
        <PathField {...field} path={`${path}.roundM`} label="Circumference (by tape)" assumedWord="not measured" />
        <PathField
          {...field}
          path={`${path}.outsideM`}
          label="Outside diameter (by caliper)"
          assumed={piece.roundM === null ? laid?.outsideM : undefined}
        />
        {piece.roundM !== null && (
          <p className="pb-1 text-right text-sm text-soft">
            From the tape: {formatQuantity(piece.roundM / Math.PI, bore)} outside diameter.
          </p>
        )}
        <PathField {...field} path={`${path}.wallM`} label="Wall" assumed={laid?.wallM} />
        <ChoiceField
          label="Covered"
          value={piece.covered}
          options={[
            ['bare', 'Bare'],
            ['wrapped', 'Wrapped'],
            ['coated', 'Ceramic coating'],
          ]}
          onChange={(v: ExhaustPiece['covered']) => set('covered', v, 'cover')}
        />
      </Group>
      <Group title="Direction">
        <PathField {...field} path={`${path}.inclinationDeg`} label="Slope towards the tail" assumedWord="as before" />
        <PathField {...field} path={`${path}.bendDeg`} label="Bend" assumed={0} assumedWord="straight" />
        {bends && (
          <>
            <PathField
              {...field}
              path={`${path}.bendClockDeg`}
              label="Bend direction, clock position"
              assumed={laid?.bendClockDeg}
            />
            <PathField {...field} path={`${path}.bendRadiusM`} label="Centre-line radius" assumedWord="by its length" />
          </>
        )}
        {piece.kind === 'turbine' && (
          <PathField {...field} path={`${path}.wastegateReturnM`} label="Distance to wastegate return" />
        )}
      </Group>
      <Group title="Upstream end">
        <ChoiceField
          label="Joint"
          value={piece.joint}
          options={joints}
          onChange={(v: JointKind) => set('joint', v, 'joint')}
        />
      </Group>
    </>
  )
}
