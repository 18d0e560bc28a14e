import { circuitEnds, emptyPlugPin, type HarnessCase, type JobDocument } from '@lochmoor/core'
import { useState } from 'react'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { TextEntry } from '../../../fields/TextEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { Group } from '../../bench/Group.tsx'

const PATH = 'harness.pins'
const MOST = 200

/** Cavities of one plug, as they are moulded into it. */
export const PinFields = ({ job, c }: { job: JobDocument; c: HarnessCase }) => {
  const { pins } = job.harness
  const plugs = new Map<string, { name: string; ends: { circuit: string; name: string; cavity: string; known: boolean }[] }>()
  for (const { circuit, from, number, to } of circuitEnds(c))
    for (const e of [from, to]) {
      if (e.termination !== 'plug') continue
      const own = plugs.get(e.device) ?? { name: e.name, ends: [] }
      own.ends.push({ circuit: circuit.id, name: `${number} ${circuit.name}`, cavity: e.cavity!, known: e.cavityKnown })
      plugs.set(e.device, own)
    }
  const [device, setDevice] = useState('')
  const shown = plugs.has(device) ? device : ([...plugs].find(([, p]) => p.ends.some((e) => !e.known))?.[0] ?? [...plugs.keys()][0])
  if (shown === undefined) return null
  const enter = (circuit: string, pin: string) => {
    const known = pins.find((p) => p.circuit === circuit && p.device === shown)
    if (known) run(setAt(`${PATH}.${known.id}.pin`, pin, 'cavity of a plug'))
    else if (pins.length < MOST) run(setAt(PATH, [...pins, { ...emptyPlugPin(newId(), circuit, shown), pin }], 'cavity of a plug'))
  }
  return (
    <Group title="Cavities of the plugs">
      <SelectEntry
        label="Plug"
        value={shown}
        options={[...plugs].map(([id, p]) => [id, `${p.name}${p.ends.every((e) => e.known) ? '' : ': counted'}`] as const)}
        onChange={setDevice}
      />
      {plugs.get(shown)!.ends.map((e) => (
        <TextEntry
          key={`${shown} ${e.circuit}`}
          label={e.name}
          value={e.known ? e.cavity : ''}
          placeholder={`${e.cavity}, counted`}
          most={12}
          onChange={(text) => enter(e.circuit, text)}
        />
      ))}
      {shown === 'ecu' && <p className="text-sm leading-snug text-soft">The ECU’s come from its pinout in the catalogue; one entered here wins.</p>}
    </Group>
  )
} // prettier-ignore
