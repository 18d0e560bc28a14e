import { explainQuantityError, formatQuantity, parseQuantity, UNITS, type Family, type LogRecord } from '@lochmoor/core'
import { useMemo, useState } from 'react'
import { SelectEntry } from '../fields/SelectEntry.tsx'
import { TextEntry, useEntries } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'
import { useJobStore } from '../store/jobStore.ts'
import { useUnit } from '../store/preferences.ts'
import { enterMeasurement, measurable, rangeProblem, type MeasurementBody } from './measure.ts'

const FREE = 'free'

interface Props {
  readonly corrects: LogRecord | null
  readonly onDone: () => void
}

const FAMILY_WORDS: readonly (readonly [Family, string])[] = [
  ['pressure', 'Pressure'],
  ['voltage', 'Voltage'],
  ['temperature', 'Temperature'],
  ['distance', 'Length'],
  ['bore', 'Small length'],
  ['current', 'Current'],
  ['engineSpeed', 'Engine speed'],
  ['angle', 'Angle'],
  ['duration', 'Short time'],
  ['work', 'Time'],
  ['volume', 'Volume'],
  ['volumeFlow', 'Flow'],
  ['mass', 'Weight'],
  ['ratio', 'Ratio'],
  ['count', 'Number'],
]

const unitsOf = (family: Family): string =>
  UNITS[family]
    .map((u) => u.label)
    .filter(Boolean)
    .join(', ') || 'plain'

/** Quantity, value with unit, place, condition, instrument. One that belongs to a station feeds its computation. */
export const MeasurementForm = ({ corrects, onDone }: Props) => {
  const job = useJobStore((s) => s.document)!
  const old = corrects?.body.kind === 'measurement' ? corrects.body : null
  const choices = useMemo(() => measurable(job), [job])
  const [field, setField] = useState(old ? (old.field ?? FREE) : (choices[0]?.entry.path ?? FREE))
  const [freeFamily, setFreeFamily] = useState<Family>(old?.family ?? 'pressure')
  const { entries, set, reset } = useEntries({
    quantity: old?.quantity ?? '',
    value: '',
    place: old?.place ?? '',
    condition: old?.condition ?? '',
    instrument: old?.instrument ?? '',
  })
  const entry = choices.find((c) => c.entry.path === field)?.entry
  const family = entry?.family ?? freeFamily
  const feeds = entry?.path ?? old?.field ?? null
  const unit = useUnit(family)
  const parsed = entries.value.trim() === '' ? null : parseQuantity(entries.value, family, unit)
  const problem = !parsed
    ? null
    : !parsed.ok
      ? explainQuantityError(parsed.error)
      : feeds
        ? rangeProblem(feeds, parsed.value.si, unit)
        : null
  const quantity = entry?.label ?? entries.quantity.trim()
  const ready = parsed?.ok === true && problem === null && quantity !== ''
  const enter = () => {
    if (!parsed?.ok) return
    const typed = entries.value.trim()
    const body: MeasurementBody = {
      kind: 'measurement',
      quantity,
      si: parsed.value.si,
      family,
      text: /[^\d.,\s/+−-]/.test(typed) || !unit.label ? typed : `${typed} ${unit.label}`,
      field: feeds,
      place: entries.place.trim(),
      condition: entries.condition.trim(),
      instrument: entries.instrument.trim(),
    }
    enterMeasurement(body, corrects)
    reset()
    onDone()
  }
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        if (ready) enter()
      }}
    >
      <SelectEntry
        label="Of"
        value={field}
        disabled={old !== null}
        onChange={setField}
        options={[
          [FREE, 'Something else'],
          ...choices.map(({ entry: e, group }) => [e.path as string, `${group}: ${e.label}`] as const),
        ]}
      />
      {!entry && (
        <>
          <TextEntry label="What was measured" most={120} value={entries.quantity} onChange={set('quantity')} />
          <SelectEntry
            label="Kind of figure"
            value={freeFamily}
            onChange={setFreeFamily}
            options={FAMILY_WORDS.map(([f, words]) => [f, `${words} (${unitsOf(f)})`] as const)}
          />
        </>
      )}
      <TextEntry
        label={`Value${unit.label ? `, in ${unit.label} or any other unit` : ''}`}
        most={60}
        value={entries.value}
        onChange={set('value')}
        problem={problem}
      />
      {parsed?.ok && !problem && (
        <p className="text-sm text-soft">= {formatQuantity(parsed.value.si, unit, unit.decimals + 1)}</p>
      )}
      <TextEntry label="Place" most={120} value={entries.place} onChange={set('place')} />
      <TextEntry label="Condition" most={200} value={entries.condition} onChange={set('condition')} />
      <TextEntry label="Instrument" most={120} value={entries.instrument} onChange={set('instrument')} />
      {feeds && <p className="text-sm text-soft">Recorded in the job log and used in the calculation.</p>}
      <div className="mt-1 flex">
        <Button kind="main" type="submit" disabled={!ready}>
          Add entry
        </Button>
      </div>
    </form>
  )
}
