import { isOwnPart, PART_COLUMNS, PART_KINDS, partToCells, type PartKind } from '@lochmoor/contract'
import { answersTo, withArticle, type Part } from '@lochmoor/core'
import { Download, Plus, Upload } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import { NavLink, useParams } from 'react-router'
import { explainApiError } from '../api/client.ts'
import { partsCsvPath } from '../api/catalogue.ts'
import { DataTable } from '../benches/bench/DataTable.tsx'
import { Button } from '../shell/Button.tsx'
import { HeaderMiddle } from '../shell/HeaderMiddle.tsx'
import { NotFound } from '../shell/Misses.tsx'
import { Trouble } from '../shell/Trouble.tsx'
import { loadCatalogue, useCatalogue } from '../store/catalogueStore.ts'
import { inReadersEnglish } from '../words/readersEnglish.ts'
import { useMayWrite } from '../store/sessionStore.ts'
import { ImportDialog } from './ImportDialog.tsx'
import { isKind, KIND_ONE, KIND_TITLES } from './kinds.ts'
import { PartDialog } from './PartDialog.tsx'

/** The parts a workshop chooses from: those that ship with Lochmoor, and its own. */
export const CataloguePage = () => {
  const { kind = 'pumps' } = useParams()
  const catalogue = useCatalogue((s) => s.catalogue)
  const [trouble, setTrouble] = useState<string | null>(null)
  const load = () => void loadCatalogue().then((r) => setTrouble(r.ok ? null : explainApiError(r.error)))
  useEffect(() => {
    document.title = inReadersEnglish('Catalogue · Lochmoor')
    load()
  }, [])
  if (!isKind(kind)) return <NotFound />
  return (
    <div className="mx-auto w-full max-w-7xl p-3 lg:p-6">
      <HeaderMiddle>
        <span className="hidden truncate text-soft sm:inline">Catalogue</span>
      </HeaderMiddle>
      <h1 className="mb-1 text-2xl font-extrabold">Catalogue of parts</h1>
      <p className="mb-3 text-soft">
        Lochmoor ships with invented parts; enter what you buy as your own. A job keeps its own copy of every part it
        uses.
      </p>
      <nav aria-label="Kinds of parts" className="mb-3 flex overflow-x-auto border-b-2 border-ink">
        {PART_KINDS.map((k) => (
          <NavLink
            key={k}
            to={`/catalogue/${k}`}
            aria-current={k === kind ? 'page' : undefined}
            className={`shrink-0 border-b-[3px] px-3 py-1.5 whitespace-nowrap hover:bg-wash ${k === kind ? 'border-accent font-bold' : 'border-transparent'}`}
          >
            {KIND_TITLES[k]}
            {catalogue && <span className="ml-1.5 text-soft">{catalogue[k].length}</span>}
          </NavLink>
        ))}
      </nav>
      {trouble && <Trouble title="The parts could not be loaded." why={trouble} onRetry={load} />}
      {!catalogue && !trouble && <p className="text-soft">Loading the parts…</p>}
      {catalogue && <KindList key={kind} kind={kind} parts={catalogue[kind]} />}
    </div>
  )
}

/** What of a part's row is shown in the list; the rest is in its dialog. */
const shownColumns = (kind: PartKind) =>
  PART_COLUMNS[kind]
    .map((column, i) => ({ column, i }))
    .filter(({ column }) => column.path !== 'id' && column.path !== 'name')

const shortened = (reads: string, cell: string): string =>
  cell !== '' && (reads === 'curve' || reads === 'dead-times') ? `${cell.split(' ').length} points` : cell

const KindList = ({ kind, parts }: { kind: PartKind; parts: readonly Part[] }) => {
  const [search, setSearch] = useState('')
  const [ownOnly, setOwnOnly] = useState(false)
  const [open, setOpen] = useState<{ part: Part | null } | null>(null)
  const [importing, setImporting] = useState(false)
  const mayWrite = useMayWrite()
  const rows = useMemo(
    () =>
      parts
        .map((part) => ({ part, cells: partToCells(kind, part) }))
        .filter(({ part, cells }) => (!ownOnly || isOwnPart(part)) && answersTo(cells.join(' '), search)),
    [kind, parts, search, ownOnly],
  )
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <input
          type="search"
          aria-label="Search the parts"
          placeholder="Search, such as dash 6 90"
          value={search}
          onChange={(e) => setSearch(e.target.value)}
          className="h-9 w-60 border border-soft bg-sheet px-2 placeholder:text-soft"
        />
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={ownOnly}
            onChange={(e) => setOwnOnly(e.target.checked)}
            className="size-4 accent-accent"
          />
          Only our own
        </label>
        {mayWrite && (
          <>
            <Button onClick={() => setOpen({ part: null })}>
              <Plus size={16} aria-hidden /> Add {withArticle(KIND_ONE[kind])} of our own
            </Button>
            <Button onClick={() => setImporting(true)}>
              <Upload size={16} aria-hidden /> Import CSV
            </Button>
            <a href={partsCsvPath(kind)} download className="flex items-center gap-1 text-accent underline">
              <Download size={16} aria-hidden /> Export CSV
            </a>
          </>
        )}
      </div>
      {rows.length === 0 ? (
        <p className="py-3">
          {ownOnly && search === ''
            ? `No ${KIND_ONE[kind]} of our own yet.`
            : `No ${KIND_ONE[kind]} matches this search.`}
        </p>
      ) : (
        <DataTable
          name={KIND_TITLES[kind]}
          rows={rows}
          keyOf={({ part }) => part.id}
          columns={[
            {
              head: 'Name',
              cell: ({ part }) => (
                <button
                  type="button"
                  className="text-left font-semibold text-accent underline"
                  onClick={() => setOpen({ part })}
                >
                  {part.name}
                  {isOwnPart(part) && <span className="font-normal text-ink"> (our own)</span>}
                </button>
              ),
            },
            ...shownColumns(kind).map(({ column, i }) => ({
              head: column.header,
              right: column.reads === 'number',
              cell: ({ cells }: (typeof rows)[number]) => shortened(column.reads, cells[i] ?? ''),
            })),
          ]}
        />
      )}
      <p className="mt-2 text-sm text-soft">Figures in the units of data sheets, as in the CSV.</p>
      {open && <PartDialog kind={kind} part={open.part} parts={parts} onClose={() => setOpen(null)} />}
      {importing && <ImportDialog kind={kind} parts={parts} onClose={() => setImporting(false)} />}
    </>
  )
}
