import { emptyDevice, headOf, type CarPlan, type HarnessDevice, type JobDocument } from '@lochmoor/core'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { TextEntry } from '../../../fields/TextEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { Group } from '../../bench/Group.tsx'

const PATH = 'harness.devices'
const MOST = 80

/** Where each device sits, and its plug. What it is was decided at other stations. */
export const DeviceFields = ({ job, plan }: { job: JobDocument; plan: CarPlan }) => {
  const [wanted, setWanted] = useState<string>('')
  const shown = plan.devices.find((d) => d.id === wanted) ?? plan.devices[0]
  const { devices, places, corridors } = job.harness
  if (!shown) return <p className="py-2 text-soft">Devices follow from the system: choose it first.</p>
  const entry = devices.find((d) => d.id === shown.id)
  const write = (change: Partial<HarnessDevice>, label: string) => {
    const next = entry
      ? devices.map((d) => (d.id === shown.id ? { ...d, ...change } : d))
      : [...devices, { ...emptyDevice(shown.id), ...change }]
    run(setAt(PATH, next, `${shown.name}: ${label}`))
  }
  const at = (field: string) => `${PATH}.${shown.id}.${field}`
  const own = entry !== undefined && entry.name !== ''
  return (
    <Group title="Devices">
      <SelectEntry label="Device" value={shown.id} options={plan.devices.map((d) => [d.id, d.name] as const)} onChange={setWanted} />
      <p className="py-1 text-sm text-soft">
        {shown.from === 'harness' ? 'Of this station.' : `From ${headOf(shown.from).inSentence}.`}
      </p>
      {own && <NameEntry key={shown.id} name={entry.name} what="A device" onChange={(name) => write({ name }, 'name')} />}
      <SelectEntry
        label="Place, or the corridor that it sits along"
        value={entry?.at ?? ''}
        options={[
          ['', `assumed: ${plan.places.find((p) => p.id === shown.node)?.name ?? 'no place'}`],
          ...places.map((p) => [p.id, p.name] as const),
          ...corridors.map((c) => [c.id, `along: ${c.name}`] as const),
        ]}
        onChange={(id) => write({ at: id }, 'place')}
      />
      {entry ? (
        <>
          {shown.along && <PathField job={job} path={at('alongM')} label="Distance along it" of={shown.name} assumed={shown.along.atM} />}
          <PathField job={job} path={at('leadM')} label="From there to its pins" of={shown.name} assumed={shown.leadM} />
          <PathField job={job} path={at('plugM')} label="Plug, across its diagonal" of={shown.name} assumed={shown.plugM} />
          <PathField job={job} path={at('ways')} label="Ways" of={shown.name} assumed={shown.ways} />
          <PathChoice job={job} path={at('sealed')} label="Sealed plug" />
          <PathChoice job={job} path={at('booted')} label="Booted or wrapped" />
          <PathField job={job} path={at('plugKg')} label="Weight on the lead" of={shown.name} />
          <PathField job={job} path={at('longestM')} label="Longest side" of={shown.name} />
          <PathField job={job} path={at('placeRoomM')} label="Room at its place" of={shown.name} />
          <SelectEntry
            label="Its plug also fits"
            value={entry.alsoFits}
            options={[['', 'nothing else'], ...plan.devices.filter((d) => d.id !== shown.id).map((d) => [d.id, d.name] as const)]}
            onChange={(id) => write({ alsoFits: id }, 'also fits')}
          />
          <TextEntry label="Pins moved in the old plug, from and to" value={entry.movedPins} most={200} onChange={(text) => write({ movedPins: text }, 'moved pins')} />
        </>
      ) : (
        <button type="button" onClick={() => write({}, 'measured')} className="my-2 border border-ink px-2 py-1 font-semibold hover:bg-wash">
          Measure its lead and plug
        </button>
      )}
      {devices.length < MOST && (
        <button
          type="button"
          onClick={() => {
            const id = newId()
            run(setAt(PATH, [...devices, { ...emptyDevice(id), name: `Device ${devices.length + 1}` }], 'device added'))
            setWanted(id)
          }}
          className="mt-2 flex items-center gap-1.5 border border-soft/60 px-2 py-1 font-semibold hover:bg-wash"
        >
          <Plus size={15} aria-hidden /> Add a device of this car
        </button>
      )}
      {own && (
        <button
          type="button"
          onClick={() => run(setAt(PATH, devices.filter((d) => d.id !== shown.id), `${shown.name} removed`))}
          className="mt-2 border border-stop px-2 py-1 font-semibold text-stop hover:bg-wash"
        >
          Remove {shown.name}
        </button>
      )}
    </Group>
  )
} // prettier-ignore
