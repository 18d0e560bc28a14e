import {
  isOwnPart,
  ownPartIdFor,
  PART_COLUMNS,
  partFromCells,
  partToCells,
  type CellProblem,
  type PartKind,
} from '@lochmoor/contract'
import { counted, pumpSanity, type Part, type PumpPart } from '@lochmoor/core'
import { useCallback, useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { fetchPartUses, removeOwnPart, storeOwnPart } from '../api/catalogue.ts'
import { Button } from '../shell/Button.tsx'
import { useFetched } from '../shell/useFetched.ts'
import { reloadCatalogue } from '../store/catalogueStore.ts'
import { useMayWrite } from '../store/sessionStore.ts'
import { OverPage } from '../shell/OverPage.tsx'
import { CellField } from './CellField.tsx'
import { CurveField } from './CurveField.tsx'
import { KIND_ONE } from './kinds.ts'

interface Props {
  readonly kind: PartKind
  /** Null: a new one. */
  readonly part: Part | null
  readonly parts: readonly Part[]
  readonly onClose: () => void
}

/** One part: its figures, the jobs that use it; an own one can be changed, one of the stock copied. */
export const PartDialog = ({ kind, part, parts, onClose }: Props) => {
  const own = part !== null && isOwnPart(part)
  const mayWrite = useMayWrite()
  const title = part === null ? `Our own ${KIND_ONE[kind]}` : part.name
  return (
    <OverPage title={title} wide="table" onClose={onClose}>
      {part && !own && (
        <p className="mb-2 text-soft">
          Ships with Lochmoor and stays as it is. Changed figures are saved as a part of our own.
        </p>
      )}
      <fieldset disabled={!mayWrite} className="contents">
        <PartForm kind={kind} part={part} parts={parts} onClose={onClose} />
      </fieldset>
      {part && mayWrite && <Uses kind={kind} part={part} own={own} onClose={onClose} />}
    </OverPage>
  )
}

const PartForm = ({ kind, part, parts, onClose }: Props) => {
  const columns = PART_COLUMNS[kind].filter((c) => c.path !== 'id')
  const [cells, setCells] = useState<Record<string, string>>(() => {
    const values = part ? partToCells(kind, part) : []
    return Object.fromEntries(PART_COLUMNS[kind].map((c, i) => [c.header, values[i] ?? '']))
  })
  const [problems, setProblems] = useState<readonly CellProblem[]>([])
  const [trouble, setTrouble] = useState<string | null>(null)
  const keepsId = part !== null && isOwnPart(part)
  const id = keepsId ? part.id : ownPartIdFor(cells['name'] ?? '', new Set(parts.map((p) => p.id)))
  const read = partFromCells(kind, { ...cells, id })
  const doubts = kind === 'pumps' && read.ok ? pumpSanity(read.part as PumpPart) : []
  const wrong = doubts.some((d) => d.severity === 'wrong')
  const store = async () => {
    if (!read.ok) return setProblems(read.problems)
    setProblems([])
    const stored = await storeOwnPart(kind, read.part)
    if (!stored.ok) return setTrouble(explainApiError(stored.error))
    const loaded = await reloadCatalogue()
    if (!loaded.ok) return setTrouble(explainApiError(loaded.error))
    onClose()
  }
  const set = (header: string) => (text: string) => setCells((c) => ({ ...c, [header]: text }))
  return (
    <form
      noValidate
      onSubmit={(e) => {
        e.preventDefault()
        void store()
      }}
    >
      <div className="grid grid-cols-1 gap-x-6 sm:grid-cols-2">
        {columns.map((column) => {
          const props = {
            column,
            kind,
            value: cells[column.header] ?? '',
            problem: problems.find((p) => p.header === column.header) ?? null,
            onChange: set(column.header),
          }
          return column.reads === 'curve' ? (
            <CurveField key={column.header} {...props} />
          ) : (
            <CellField key={column.header} {...props} />
          )
        })}
      </div>
      {doubts.length > 0 && (
        <ul aria-label="Pump curve warnings" className="my-2 border-l-4 border-caution px-3 py-1">
          {doubts.map((d, i) => (
            <li key={i} className={d.severity === 'wrong' ? 'font-semibold text-stop' : ''}>
              {d.severity === 'wrong' ? 'Wrong' : 'Doubtful'}: {inWords(d.field)}: {d.says}.
            </li>
          ))}
        </ul>
      )}
      {kind === 'pumps' && read.ok && doubts.length === 0 && (
        <p className="my-2 text-ok">Curve OK: flow falls, current rises, the power balance closes.</p>
      )}
      {problems.length > 0 && (
        <p role="alert" className="my-2 font-semibold text-stop">
          {counted(problems.length, 'entry is', 'entries are')} not allowed; see above.
        </p>
      )}
      {trouble && (
        <p role="alert" className="my-2 font-semibold text-stop">
          {trouble}
        </p>
      )}
      <div className="mt-3">
        <Button kind="main" type="submit" disabled={wrong}>
          {keepsId ? 'Save changes' : 'Save as our own'}
        </Button>
      </div>
    </form>
  )
}

/** "tables.1.points.2.flowM3S" as a person reads it. */
const inWords = (field: string): string => {
  const [, table, , point, what] = field.split('.')
  const name = what?.startsWith('flow') ? 'flow' : what?.startsWith('current') ? 'current' : 'pressure'
  return `${table === '0' ? 'first' : 'second'} table${point === undefined ? '' : `, point ${Number(point) + 1}, ${name}`}`
}

const Uses = ({ kind, part, own, onClose }: Omit<Props, 'parts' | 'part'> & { part: Part; own: boolean }) => {
  const { fetched } = useFetched(useCallback(() => fetchPartUses(kind, part.id), [kind, part.id]))
  const [trouble, setTrouble] = useState<string | null>(null)
  const remove = async () => {
    const removed = await removeOwnPart(kind, part.id)
    if (!removed.ok) return setTrouble(explainApiError(removed.error))
    const loaded = await reloadCatalogue()
    if (!loaded.ok) return setTrouble(explainApiError(loaded.error))
    onClose()
  }
  return (
    <section aria-label="Jobs that use it" className="mt-4 border-t-2 border-ink pt-2">
      <h3 className="font-extrabold">Jobs that use it</h3>
      {fetched.state === 'fetching' && <p className="text-soft">Looking…</p>}
      {fetched.state === 'trouble' && <p className="text-stop">{fetched.why}</p>}
      {fetched.state === 'there' &&
        (fetched.value.jobs.length === 0 ? (
          <p className="text-soft">None.</p>
        ) : (
          <ul className="list-disc pl-5">
            {fetched.value.jobs.map((j) => (
              <li key={j.id}>
                {j.title}
                {j.differs && <span className="text-caution">: its copy differs from the catalogue</span>}
              </li>
            ))}
          </ul>
        ))}
      {trouble && (
        <p role="alert" className="mt-1 font-semibold text-stop">
          {trouble}
        </p>
      )}
      {own && (
        <div className="mt-2">
          <Button kind="danger" onClick={() => void remove()}>
            Remove from the catalogue
          </Button>
        </div>
      )}
    </section>
  )
}
