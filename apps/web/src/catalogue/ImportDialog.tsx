import type { PartKind } from '@lochmoor/contract'
import type { Part } from '@lochmoor/core'
import { useId, useMemo, useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { storeOwnParts } from '../api/catalogue.ts'
import { DataTable } from '../benches/bench/DataTable.tsx'
import { Button } from '../shell/Button.tsx'
import { reloadCatalogue } from '../store/catalogueStore.ts'
import { OverPage } from '../shell/OverPage.tsx'
import { KIND_TITLES } from './kinds.ts'
import { readParts, type ReadRow } from './readParts.ts'

interface Props {
  readonly kind: PartKind
  readonly parts: readonly Part[]
  readonly onClose: () => void
}

/** A list of parts from a CSV file or pasted, looked through before anything is stored. */
export const ImportDialog = ({ kind, parts, onClose }: Props) => {
  const [text, setText] = useState('')
  const [trouble, setTrouble] = useState<string | null>(null)
  const fileId = useId()
  const textId = useId()
  const read = useMemo(() => (text.trim() === '' ? null : readParts(kind, text, parts)), [kind, text, parts])
  const good = read?.ok ? read.rows.flatMap((r) => (r.part ? [r.part] : [])) : []
  const bad = read?.ok ? read.rows.length - good.length : 0
  const store = async () => {
    const stored = await storeOwnParts(kind, good)
    if (!stored.ok) return setTrouble(explainApiError(stored.error))
    const loaded = await reloadCatalogue()
    if (!loaded.ok) return setTrouble(explainApiError(loaded.error))
    onClose()
  }
  return (
    <OverPage title={`Import into ${KIND_TITLES[kind].toLowerCase()}`} wide="table" onClose={onClose}>
      <p className="mb-2 text-soft">
        The first row names the columns, as in an exported list. Rows without an id of our own become new parts.
      </p>
      <label htmlFor={fileId} className="mr-2 font-semibold">
        CSV file
      </label>
      <input
        id={fileId}
        type="file"
        accept=".csv,text/csv,text/plain"
        onChange={(e) => {
          const file = e.target.files?.[0]
          if (file)
            file.text().then(setText, (error: unknown) => setTrouble(`The file could not be read: ${String(error)}`))
        }}
      />
      <label htmlFor={textId} className="mt-2 block font-semibold">
        or pasted here
      </label>
      <textarea
        id={textId}
        rows={4}
        value={text}
        spellCheck={false}
        onChange={(e) => setText(e.target.value)}
        className="w-full border border-soft/60 bg-sheet px-1.5 py-1"
      />
      <div role="status" aria-label="Preview">
        {read && !read.ok && <p className="py-1 font-semibold text-stop">{read.says}</p>}
        {read?.ok && (
          <>
            <p className="py-1 font-semibold">
              {good.length} of {read.rows.length} rows can be imported{bad > 0 && `; ${bad} cannot`}.
              {read.unread.length > 0 && (
                <span className="font-normal text-soft"> Columns not used: {read.unread.join(', ')}.</span>
              )}
            </p>
            <Preview rows={read.rows} />
          </>
        )}
      </div>
      {trouble && (
        <p role="alert" className="my-2 font-semibold text-stop">
          {trouble}
        </p>
      )}
      {good.length > 0 && (
        <div className="mt-3">
          <Button kind="main" onClick={() => void store()}>
            {bad > 0 ? `Import ${good.length}, leave out ${bad}` : `Import ${good.length}`}
          </Button>
        </div>
      )}
    </OverPage>
  )
}

const Preview = ({ rows }: { rows: readonly ReadRow[] }) => (
  <DataTable
    name="Preview of the import"
    rows={rows}
    keyOf={(r) => String(r.line)}
    columns={[
      { head: 'Row', right: true, cell: (r) => r.line },
      { head: 'Name', cell: (r) => r.name },
      {
        head: 'What happens to it',
        cell: (r) =>
          r.part ? (
            r.replaces ? (
              'replaces our part with this id'
            ) : r.twin ? (
              <span className="font-semibold text-caution">new, and a second one of this name</span>
            ) : (
              'new'
            )
          ) : (
            <ul>
              {r.problems.map((p) => (
                <li key={p.header} className="text-stop">
                  <strong>{p.header}</strong>: {p.value === '' ? 'nothing' : `“${p.value.slice(0, 40)}”`} is not
                  allowed; allowed: {p.allowed}
                </li>
              ))}
            </ul>
          ),
      },
    ]}
  />
)
