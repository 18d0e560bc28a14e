import {
  piecesPath,
  emptyBank,
  emptyPiece,
  exhaustFromWalkAround,
  PIECE_KINDS,
  usualBanks,
  type ExhaustPiece,
  type PieceKind,
  type RunId,
} from '@lochmoor/core'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { Button } from '../../../shell/Button.tsx'
import { run as doRun, setExhaust } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'
import { BuiltSwitch } from '../../bench/BuiltSwitch.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { StillToMeasure } from '../../bench/judgement/StillToMeasure.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'
import { ExhaustCautions } from '../ExhaustCautions.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { RunPicker } from '../inputs/RunPicker.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { KIND_WORDS } from '../words.ts'
import { BankFields } from './BankFields.tsx'
import { ExhaustDrawing } from './ExhaustDrawing.tsx'
import { PieceFields } from './PieceFields.tsx'
import { PipeTable } from './PipeTable.tsx'
import { editableRuns, piecesOf, withPieces } from './runDocument.ts'

const KINDS = PIECE_KINDS.map((k) => [k, KIND_WORDS[k]] as const)

/** The exhaust as measured, drawn as it is entered. */
export const PipeSheet = (props: SheetProps) => {
  const { job, assessment } = props
  const { exhaust } = job
  const [asked, setAsked] = useState<RunId>('a')
  const runs = editableRuns(exhaust)
  const run = runs.includes(asked) ? asked : 'a'
  const pieces = piecesOf(exhaust, run)
  const [askedPiece, setPiece] = useState(0)
  const index = Math.min(askedPiece, Math.max(0, pieces.length - 1))
  const piece = pieces[index]
  const laid = assessment.c.runs.find((r) => r.id === run)?.pieces[index]
  const mayWrite = useMayWrite()
  const begin = () => doRun(setExhaust(exhaustFromWalkAround(job, newId), 'exhaust from the walk-around', false))
  return (
    <Columns
      measured={
        <>
          <ExhaustCautions job={job} where={['under-car']} />
          <Shape {...props} onBegin={begin} />
          <RunPicker
            name="Run of pipe"
            runs={runs}
            value={run}
            onChange={(r) => {
              setAsked(r)
              setPiece(0)
            }}
          />
          {exhaust.banks.length > 0 && (
            <>
              <PieceList
                pieces={pieces}
                index={index}
                onIndex={setPiece}
                onPieces={(next, label, at) => {
                  doRun(setExhaust(withPieces(exhaust, run, next), label, false))
                  setPiece(at)
                }}
              />
              {piece && (
                <PieceFields key={piece.id} {...{ job, piece, laid, index }} path={`${piecesPath(run)}.${piece.id}`} />
              )}
              {run !== 'common' && <BankFields key={run} job={job} bank={run} />}
              <Group title="Under the car">
                <PathField job={job} path="exhaust.groundClearanceM" decided />
              </Group>
            </>
          )}
        </>
      }
      picture={
        assessment.c.runs.length === 0 ? (
          <div className="border border-ink bg-sheet p-6 text-center">
            <p className="mb-3">
              The exhaust is drawn here in side view and plan as you enter it, piece by piece from the ports to the open
              end.
            </p>
            <div className="flex justify-center">
              <Button kind="main" disabled={!mayWrite} onClick={begin}>
                Start from the walk-around
              </Button>
            </div>
          </div>
        ) : (
          <>
            <ExhaustDrawing
              runs={assessment.c.runs}
              spots={exhaust.spots.slice(0, assessment.c.sensorCount)}
              groundClearanceM={exhaust.groundClearanceM}
              chosen={{ run, index }}
              onPiece={(r, i) => {
                setAsked(r)
                setPiece(i)
              }}
            />
            <PipeTable runs={assessment.c.runs} />
          </>
        )
      }
      judgement={
        <SheetJudgement sheet="">
          <StillToMeasure assumptions={assessment.assumptions} />
          <BuiltSwitch station="exhaust" />
          <p className="mt-4 text-sm text-soft">
            Lochmoor calculates and records. Local law, emissions rules, makers’ instructions and licensed trades come
            first.
          </p>
        </SheetJudgement>
      }
    />
  )
}

type ShapeWord = 'none' | 'one' | 'two' | 'joined'

/** One pipe, two, or two that join: what the lists below are for. */
const Shape = ({ job, onBegin }: SheetProps & { onBegin: () => void }) => {
  const { banks, common } = job.exhaust
  const value: ShapeWord =
    banks.length === 0 ? 'none' : banks.length === 1 ? 'one' : common.length > 0 ? 'joined' : 'two'
  const change = (next: ShapeWord) => {
    if (next === value || next === 'none') return
    const numbers = usualBanks(job.vehicle.cylinders ?? 4, next === 'one' ? 1 : 2)
    const wanted = numbers.map((cylinders, i) => ({ ...(banks[i] ?? emptyBank), cylinders }))
    doRun(
      setExhaust(
        {
          banks: wanted,
          common: next === 'joined' ? (common.length > 0 ? common : [emptyPiece(newId(), 'merge', 'Y-piece')]) : [],
        },
        'shape of the exhaust',
        false,
      ),
    )
  }
  return (
    <Group title="Exhaust">
      <ChoiceField
        label="Shape"
        value={value}
        options={[
          ...(value === 'none' ? ([['none', 'not entered yet']] as const) : []),
          ['one', 'Single pipe'],
          ['two', 'One pipe per bank'],
          ['joined', 'Two into one'],
        ]}
        onChange={change}
        how="How the banks run. Changing this keeps the pieces that still have a place; undo brings the others back."
      />
      {banks.length === 0 && (
        <div className="py-2">
          <Button onClick={onBegin}>From the walk-around</Button>
        </div>
      )}
    </Group>
  )
}

interface PieceListProps {
  readonly pieces: readonly ExhaustPiece[]
  readonly index: number
  readonly onIndex: (index: number) => void
  readonly onPieces: (pieces: readonly ExhaustPiece[], label: string, index: number) => void
}

/** The chain from the ports on; a new piece comes behind the chosen one. */
const PieceList = ({ pieces, index, onIndex, onPieces }: PieceListProps) => {
  const [kind, setKind] = useState<PieceKind>('pipe')
  const add = () => {
    const at = pieces.length === 0 ? 0 : index + 1
    const names = new Set(pieces.map((p) => p.name))
    const base = KIND_WORDS[kind]
    let name = base
    for (let n = 2; names.has(name); n++) name = `${base} ${n}`
    onPieces([...pieces.slice(0, at), emptyPiece(newId(), kind, name), ...pieces.slice(at)], 'new piece', at)
  }
  return (
    <>
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Pieces, ports first</h2>
      {pieces.length === 0 && (
        <p className="pb-1 leading-snug text-soft">None yet: add them in the order the gas meets them.</p>
      )}
      <ListEditor
        name="Pieces"
        items={pieces}
        index={index}
        nameOf={(p) => p.name}
        noteOf={(p) => (p.bendDeg ? `bend ${p.bendDeg.toFixed(0)}°` : '')}
        onIndex={onIndex}
        onItems={onPieces}
        add={
          <div className="flex w-full items-end gap-1.5">
            <div className="min-w-0 flex-1">
              <SelectEntry label="New piece" value={kind} options={KINDS} onChange={setKind} />
            </div>
            <div className="pb-1">
              <Button onClick={add}>
                <Plus size={16} aria-hidden /> Add
              </Button>
            </div>
          </div>
        }
      />
    </>
  )
}
