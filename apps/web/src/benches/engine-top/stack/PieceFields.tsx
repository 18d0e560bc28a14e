import {
  describePath,
  STACK_KINDS,
  stackPiece,
  type JobDocument,
  type StackKind,
  type StackOfJob,
} from '@lochmoor/core'
import { useState } from 'react'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { FigureText } from '../../../fields/FigureText.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const MOST = 20
const TITLES = { pieces: 'New stack, from the pad up', old: 'Old stack, from the pad up' } as const
const USUAL_NEW: readonly StackKind[] = ['gasket', 'spacer', 'gasket', 'throttle-body', 'base', 'element', 'lid', 'nut']
/** Injectors in the ports: no air cleaner stands on a plenum. */
const USUAL_PORT: readonly StackKind[] = ['gasket', 'plenum']
const USUAL_OLD: readonly StackKind[] = ['gasket', 'carburettor', 'base', 'element', 'lid', 'nut']

interface Props {
  readonly job: JobDocument
  readonly list: keyof typeof TITLES
  readonly levels: StackOfJob['levels'] | null
}

/** A stack piece by piece, from the pad of the manifold up. */
export const PieceFields = ({ job, list, levels }: Props) => {
  const path = `engineTop.stack.${list}`
  const pieces = job.engineTop.stack[list]
  const [index, setIndex] = useState(0)
  const own = pieces[Math.min(index, Math.max(0, pieces.length - 1))]
  const set = (next: typeof pieces, label: string, to: number) => {
    run(setAt(path, next, label))
    setIndex(to)
  }
  const words = describePath(`${path}.x.kind`).words ?? {}
  const nameOf = (kind: string) => {
    const word = words[kind] ?? kind
    return word.charAt(0).toUpperCase() + word.slice(1)
  }
  const together = levels?.at(-1)?.toM ?? null
  const usual = list === 'old' ? USUAL_OLD : job.system.chosen?.injection === 'port' ? USUAL_PORT : USUAL_NEW
  return (
    <Group title={TITLES[list]}>
      {pieces.length === 0 && (
        <div className="py-1">
          <AddButton onClick={() => set(usual.map((kind) => stackPiece(newId(), kind)), 'usual pieces listed', 0)}>
            List the usual pieces
          </AddButton>
        </div>
      )}
      <ListEditor
        name={TITLES[list]}
        items={pieces}
        index={index}
        nameOf={(p) => nameOf(p.kind)}
        noteOf={(p) => (p.heightM === null ? 'not measured' : <FigureText figure={{ si: p.heightM, family: 'bore', decimals: 1 }} />)}
        onIndex={setIndex}
        onItems={set}
        add={pieces.length < MOST && <AddButton onClick={() => set([...pieces, stackPiece(newId(), 'spacer')], 'piece added', pieces.length)}>Add piece</AddButton>}
      />
      {own && (
        <div key={own.id}>
          <SelectEntry
            label="Piece"
            value={own.kind}
            options={STACK_KINDS.map((k) => [k, nameOf(k)] as const)}
            onChange={(kind) => run(setAt(`${path}.${own.id}.kind`, kind, 'piece'))}
          />
          <PathField job={job} path={`${path}.${own.id}.heightM`} label={own.kind === 'pad' || own.kind === 'base' ? 'Raises by (lower is negative)' : 'Height'} of={nameOf(own.kind)} />
        </div>
      )}
      {together !== null && (
        <p className="flex justify-between border-t-2 border-ink py-1 font-bold">
          <span>Together</span>
          <span><FigureText figure={{ si: together, family: 'bore', decimals: 1 }} /></span>
        </p>
      )}
    </Group>
  )
} // prettier-ignore
