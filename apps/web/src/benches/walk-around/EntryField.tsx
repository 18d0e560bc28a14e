import {
  explainFiringOrderError,
  parseFiringOrder,
  valueAt,
  type JobDocument,
  type Known,
  type WalkEntry,
} from '@lochmoor/core'
import { useState, type ReactNode } from 'react'
import { KnownChoiceField } from '../../fields/KnownChoiceField.tsx'
import { overruledAt } from '../../fields/standIn.ts'
import { SetField } from '../../fields/SetField.tsx'
import { PhotoAt } from '../../records/PhotoAt.tsx'
import { FactField } from './FactField.tsx'
import { RowsField } from './RowsField.tsx'
import { QuantityField } from '../../fields/QuantityField.tsx'
import { TextEntry } from '../../fields/TextEntry.tsx'
import { run, setAt } from '../../store/commands.ts'
import { enterRecord, measuredAt } from '../../store/records.ts'
import { Drawing } from './Drawing.tsx'
import { entryElementId } from './view.ts'

/** A word chosen or text entered at this station stands in the log book too. */
const seenOrSaid = (entry: WalkEntry, text: string): void =>
  enterRecord(
    {
      kind: 'measurement',
      quantity: entry.label,
      si: null,
      family: null,
      text,
      field: entry.path,
      place: '',
      condition: '',
      instrument: '',
    },
    { of: entry.path },
  )

/** What is looked at or measured has its photographs where it is explained how. */
const WITH_PHOTOGRAPHS: ReadonlySet<WalkEntry['kind']> = new Set(['choice', 'figure', 'seen', 'set'])

const howOf = (entry: WalkEntry): ReactNode =>
  entry.how || entry.drawing ? (
    <>
      {entry.how && <p>{entry.how}</p>}
      {entry.drawing && <Drawing id={entry.drawing} />}
      <p className="mt-1.5 text-sm text-soft">Needed for: {entry.neededFor}.</p>
      {WITH_PHOTOGRAPHS.has(entry.kind) && !entry.path.startsWith('facts.') && (
        <PhotoAt field={entry.path} label={entry.label} />
      )}
    </>
  ) : null

interface Props {
  readonly entry: WalkEntry
  readonly job: JobDocument
}

/** One entry of the walk-around, by its kind. */
export const EntryField = ({ entry, job }: Props) => {
  const value = valueAt(job, entry.path)
  const set = (next: unknown) => run(setAt(entry.path, next, entry.label.toLowerCase()))
  const how = howOf(entry)
  const overruled = overruledAt(job, entry.path)
  return (
    <div id={entryElementId(entry.path)} className="scroll-mt-28">
      {entry.kind === 'figure' && (
        <QuantityField
          label={entry.label}
          path={entry.path}
          value={value as Known}
          how={how}
          onChange={set}
          onMeasured={entry.path.startsWith('facts.') ? undefined : measuredAt(entry.path, entry.label)}
        />
      )}
      {entry.kind === 'choice' && (
        <KnownChoiceField
          label={entry.label}
          value={value as string | null}
          options={entry.options}
          how={how}
          onChange={(next) => {
            set(next)
            const words = entry.options.find(([v]) => v === next)?.[1]
            if (words) seenOrSaid(entry, words)
          }}
        />
      )}
      {entry.kind === 'seen' && (
        <KnownChoiceField
          label={entry.label}
          value={value === null ? null : value ? 'yes' : 'no'}
          options={[
            ['yes', entry.yes ?? 'Yes'],
            ['no', entry.no ?? 'No'],
          ]}
          none="not looked at"
          how={how}
          onChange={(next) => {
            set(next === null ? null : next === 'yes')
            if (next !== null) seenOrSaid(entry, next)
          }}
        />
      )}
      {entry.kind === 'set' && (
        <SetField
          label={entry.label}
          value={value as readonly string[]}
          options={entry.options}
          none={entry.none}
          how={how}
          onChange={(next) => {
            set(next)
            const words = next.map((w) => entry.options.find(([v]) => v === w)?.[1]).join(', ')
            if (words !== '' && !entry.path.startsWith('facts.')) seenOrSaid(entry, words)
          }}
        />
      )}
      {entry.kind === 'fact' && <FactField entry={entry} job={job} />}
      {entry.kind === 'rows' && <RowsField path={entry.path} job={job} />}
      {entry.kind === 'text' && <FiringOrderField entry={entry} job={job} how={how} />}
      {entry.kind === 'list' && <CylinderFields entry={entry} job={job} how={how} />}
      {overruled && <p className="text-right text-sm text-soft italic">Assumed: {overruled}</p>}
    </div>
  )
}

/** Free text that is read as a firing order; what cannot be read is kept and explained. */
const FiringOrderField = ({ entry, job, how }: { entry: WalkEntry; job: JobDocument; how: ReactNode }) => {
  const { firingOrder } = job.walkAround.engine
  const read = firingOrder === null ? null : parseFiringOrder(firingOrder, job.vehicle.cylinders)
  return (
    <div className="border-b border-hair/70">
      <TextEntry
        label={entry.label}
        value={firingOrder ?? ''}
        placeholder="not known"
        most={60}
        problem={read && !read.ok ? explainFiringOrderError(read.error) : null}
        onChange={(text) => run(setAt(entry.path, text === '' ? null : text, entry.label.toLowerCase()))}
        onLeave={(text) => text !== '' && read?.ok && seenOrSaid(entry, text)}
      />
      {how && (
        <details className="pb-1 text-soft">
          <summary className="text-sm">How to find out</summary>
          {how}
        </details>
      )}
    </div>
  )
}

const DEFAULT_CYLINDERS = 4

/** One figure a cylinder. */
const CylinderFields = ({ entry, job, how }: { entry: WalkEntry; job: JobDocument; how: ReactNode }) => {
  const list = valueAt(job, entry.path) as readonly Known[]
  const [shown, setShown] = useState(list.length > 0)
  const count = Math.max(job.vehicle.cylinders ?? DEFAULT_CYLINDERS, list.length)
  if (entry.kind !== 'list') return null
  const set = (i: number, si: Known) => {
    const next = Array.from({ length: count }, (_, k) => (k === i ? si : (list[k] ?? null)))
    const trimmed = next.some((v) => v !== null) ? next : []
    run(setAt(entry.path, trimmed, `${entry.label.toLowerCase()} of cylinder ${i + 1}`))
  }
  return (
    <details open={shown} onToggle={(e) => setShown(e.currentTarget.open)} className="border-b border-hair/70 py-1">
      <summary className="leading-tight">
        {entry.label}
        <span className="ml-2 text-sm text-soft">
          {list.filter((v) => v !== null).length} of {count} cylinders
        </span>
      </summary>
      <div className="pl-3">
        {how}
        {Array.from({ length: count }, (_, i) => (
          <QuantityField
            key={i}
            label={`Cylinder ${i + 1}`}
            path={`${entry.path}.${i}`}
            value={list[i] ?? null}
            onChange={(si) => set(i, si)}
            onMeasured={measuredAt(`${entry.path}.${i}`, `${entry.label}, cylinder ${i + 1}`)}
          />
        ))}
      </div>
    </details>
  )
}
