import { emptyComesOff, describePath, type ComesOff, type JobDocument, type OffPart } from '@lochmoor/core'
import { useState } from 'react'
import { KnownChoiceField } from '../../../fields/KnownChoiceField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { TextEntry } from '../../../fields/TextEntry.tsx'
import { YesNoField } from '../../../fields/YesNoField.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'

const PATH = 'engineTop.stack.off'
const wordsOf = () => describePath(`${PATH}.x.fate`).words ?? {}

/** What becomes of a part that comes off. */
export const OffFields = ({ job, off }: { job: JobDocument; off: readonly OffPart[] }) => {
  const { off: entries } = job.engineTop.stack
  const [chosen, setChosen] = useState<string | null>(null)
  const part = off.find((p) => p.id === chosen) ?? off[0]
  if (!part)
    return (
      <Group title="What comes off">
        <p className="py-1 leading-snug text-soft">Choose the system first: what comes off follows from it.</p>
      </Group>
    )
  const own = entries.find((e) => e.id === part.id) ?? emptyComesOff(part.id)
  const set = (change: Partial<ComesOff>, label: string) => {
    const next = { ...own, ...change }
    run(setAt(PATH, entries.some((e) => e.id === part.id) ? entries.map((e) => (e.id === part.id ? next : e)) : [...entries, next], label))
  }
  return (
    <Group title="What comes off">
      <SelectEntry label="Part" value={part.id} options={off.map((p) => [p.id, p.name] as const)} onChange={setChosen} />
      <p className="py-1 text-sm leading-snug text-soft">Usually: {part.usually}.</p>
      <KnownChoiceField
        label="What becomes of it"
        value={own.fate}
        options={Object.entries(wordsOf()).map(([id, w]) => [id, w.charAt(0).toUpperCase() + w.slice(1)] as const)}
        none="not decided"
        onChange={(fate) => set({ fate: fate as ComesOff['fate'] }, `${part.name}: what becomes of it`)}
      />
      {part.leavesOpen && <TextEntry label="On the tag of its open end" value={own.tag} most={80} onChange={(tag) => set({ tag }, `${part.name}: tag`)} />}
      {(part.leavesHole || own.fate === 'blanked') && (
        <YesNoField label="Blank painted before it was fitted" value={own.painted} onChange={(painted) => set({ painted }, `${part.name}: blank painted`)} />
      )}
    </Group>
  )
} // prettier-ignore

/** Every part that comes off, with what becomes of it. */
export const OffTable = ({ off, entries }: { off: readonly OffPart[]; entries: readonly ComesOff[] }) => {
  if (off.length === 0) return null
  const words = wordsOf()
  const of = (id: string) => entries.find((e) => e.id === id)
  return (
    <section aria-label="Old parts" className="my-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">What comes off</h2>
      <DataTable
        name="What comes off"
        rows={off}
        keyOf={(p) => p.id}
        columns={[
          { head: 'Part', wide: true, cell: (p) => p.name },
          { head: 'Becomes', cell: (p) => words[of(p.id)?.fate ?? ''] ?? 'not decided' },
          { head: 'Tag', cell: (p) => (p.leavesOpen ? of(p.id)?.tag || '–' : '') },
        ]}
      />
    </section>
  )
} // prettier-ignore
