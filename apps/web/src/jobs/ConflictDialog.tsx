import { counted, describePath, isItemPath, sameValue } from '@lochmoor/core'
import { useState } from 'react'
import { Button } from '../shell/Button.tsx'
import { OverPage } from '../shell/OverPage.tsx'
import { settleConflict, type Choice } from '../store/conflicts.ts'
import { useJobStore } from '../store/jobStore.ts'
import { ownLabel, showValue, type Reader } from './showValue.ts'
import { useReader } from './useReader.ts'

/** Fields that two people changed differently: both values side by side, chosen one by one. Nothing is overwritten unasked. */
export const ConflictDialog = () => {
  const entry = useJobStore((s) => s.conflict)
  if (!entry?.conflict) return null
  return (
    <Dispute
      key={`${entry.key} ${entry.conflict.theirVersion}`}
      section={entry.section}
      clashes={entry.conflict.clashes}
    />
  )
}

/** One side's value; of an item that the other side took out, what this side changed of it. */
const shownOf = (value: unknown, base: unknown, path: string, reader: Reader): string => {
  if (value === undefined) return 'removed'
  if (!isItemPath(path) || typeof value !== 'object' || value === null) return showValue(value, path, reader)
  const was = (base ?? {}) as Readonly<Record<string, unknown>>
  const changed = Object.entries(value).filter(([key, v]) => key !== 'id' && !sameValue(was[key], v))
  return changed.map(([key, v]) => `${ownLabel(`${path}.${key}`)} ${showValue(v, `${path}.${key}`, reader)}`).join(', ')
}

type Clashes = NonNullable<NonNullable<ReturnType<typeof useJobStore.getState>['conflict']>['conflict']>['clashes']

const Dispute = ({ section, clashes }: { section: string; clashes: Clashes }) => {
  const reader = useReader()
  const job = useJobStore((s) => s.document)
  const [choices, setChoices] = useState<Readonly<Record<string, Choice>>>({})
  const open = clashes.filter((c) => !choices[c.path]).length
  const all = (choice: Choice) => setChoices(Object.fromEntries(clashes.map((c) => [c.path, choice])))
  return (
    <OverPage
      title="Somebody else changed the same"
      about="Nothing was overwritten. Changes made by only one of you have been merged; choose the rest field by field. Undo brings yours back."
      wide="figures"
    >
      <table className="mb-4 w-full text-left">
        <thead>
          <tr className="border-b-2 border-ink">
            <th className="py-1">Field</th>
            <th>Was</th>
            <th>Mine</th>
            <th>Theirs</th>
          </tr>
        </thead>
        <tbody>
          {clashes.map((c) => {
            const path = `${section}.${c.path}`
            const name = describePath(path, job).label
            const option = (choice: Choice, value: unknown) => (
              <td className="py-1 pr-2">
                <button
                  type="button"
                  aria-pressed={choices[c.path] === choice}
                  aria-label={`${choice === 'mine' ? 'Mine' : 'Theirs'}: ${shownOf(value, c.base, path, reader)}, for ${name}`}
                  onClick={() => setChoices((old) => ({ ...old, [c.path]: choice }))}
                  className={`min-h-9 w-full border px-2 text-left font-semibold ${choices[c.path] === choice ? 'border-accent bg-accent text-on-accent' : 'border-ink hover:bg-wash'}`}
                >
                  {shownOf(value, c.base, path, reader)}
                </button>
              </td>
            )
            return (
              <tr key={c.path} className="border-b border-hair">
                <td className="py-1 pr-3">{name}</td>
                <td className="pr-3 text-soft">{showValue(c.base, path, reader)}</td>
                {option('mine', c.mine)}
                {option('theirs', c.theirs)}
              </tr>
            )
          })}
        </tbody>
      </table>
      <div className="flex flex-wrap items-center gap-3">
        <Button kind="main" disabled={open > 0} onClick={() => settleConflict(choices)}>
          Keep these
        </Button>
        <Button onClick={() => all('mine')}>All mine</Button>
        <Button onClick={() => all('theirs')}>All theirs</Button>
        {open > 0 && <span className="text-soft">{`${counted(open, 'field')} to choose`}</span>}
      </div>
    </OverPage>
  )
}
