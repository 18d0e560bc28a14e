import { provedWire, type JobDocument, type WireToProve } from '@lochmoor/core'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { measuredAt } from '../../../store/records.ts'
import { Group } from '../../bench/Group.tsx'
import { WIRE_WORDS } from './wireWords.ts'

const PATH = 'engineTop.ignition.proved'
const KINDS = ['injector', 'coil', 'plug'] as const
const TITLES = { injector: 'Injector wires', coil: 'Coil wires', plug: 'HT leads' } as const

/** Each wire with the cylinder that it was found at; what is found goes to the job log. */
export const WireFields = ({ job, wires }: { job: JobDocument; wires: readonly WireToProve[] }) => {
  const { proved } = job.engineTop.ignition
  if (wires.length === 0)
    return <p className="py-2 leading-snug text-soft">Enter the firing order first: the wires follow from it.</p>
  return (
    <>
      {KINDS.map((kind) => {
        const own = wires.filter((w) => w.kind === kind)
        if (own.length === 0) return null
        return (
          <Group key={kind} title={`${TITLES[kind]}: found at cylinder`}>
            {own.map((w) => {
              const name = `${WIRE_WORDS[w.kind]} ${w.number}`
              const set = (leadsTo: number | null) => {
                const next = proved.some((p) => p.id === w.id)
                  ? proved.map((p) => (p.id === w.id ? { ...p, leadsTo } : p))
                  : [...proved, provedWire(w.id, leadsTo)]
                run(setAt(PATH, next, `${name.toLowerCase()} found at cylinder`))
              }
              return (
                <QuantityField
                  key={w.id}
                  label={name}
                  path={`${PATH}.${w.id}.leadsTo`}
                  value={w.found}
                  how={`Continuity to the plug at cylinder ${w.leadsTo.join(' or ')}, and to no other.`}
                  onChange={set}
                  onMeasured={measuredAt(`${PATH}.${w.id}.leadsTo`, `${name} found at cylinder`)}
                />
              )
            })}
          </Group>
        )
      })}
    </>
  )
} // prettier-ignore
