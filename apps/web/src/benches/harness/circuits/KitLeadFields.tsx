import { emptyKitLead, type CarPlan, type JobDocument } from '@lochmoor/core'
import { useState } from 'react'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { TextEntry } from '../../../fields/TextEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'harness.kitLeads'
const MOST = 80

/** Leads of a kit harness as delivered, by the device that each ends at. */
export const KitLeadFields = ({ job, plan }: { job: JobDocument; plan: CarPlan }) => {
  const { kitLeads } = job.harness
  const [index, setIndex] = useState(0)
  const lead = kitLeads[Math.min(index, Math.max(0, kitLeads.length - 1))]
  const set = (next: typeof kitLeads, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  const at = (field: string) => `${PATH}.${lead!.id}.${field}`
  const nameOf = (id: string) => plan.devices.find((d) => d.id === id)?.name ?? 'no device'
  const add = () => {
    const open = plan.devices.find((d) => !kitLeads.some((k) => k.device === d.id)) ?? plan.devices[0]
    if (open) set([...kitLeads, emptyKitLead(newId(), open.id)], 'kit lead added', kitLeads.length)
  }
  return (
    <Group title="Leads of the kit">
      <ListEditor
        name="Leads of the kit"
        items={kitLeads}
        index={index}
        nameOf={(k) => nameOf(k.device)}
        noteOf={(k) => (k.unused ? 'not used' : k.reachM === null ? 'not measured' : '')}
        onIndex={setIndex}
        onItems={set}
        fixedOrder
        add={
          kitLeads.length < MOST && (
            <AddButton onClick={add}>Add lead</AddButton>
          )
        }
      />
      {lead && (
        <div key={lead.id}>
          <SelectEntry label="Device that it ends at" value={lead.device} options={plan.devices.map((d) => [d.id, d.name] as const)} onChange={(id) => run(setAt(at('device'), id, 'kit lead: device'))} />
          <PathField job={job} path={at('reachM')} label="Length as delivered" of={nameOf(lead.device)} />
          <PathChoice job={job} path={at('extend')} label="Lengthening" />
          <PathChoice job={job} path={at('unused')} label="Not used on this car" />
          {lead.unused === true && (
            <>
              <TextEntry label="What it waits for, and where it is stowed" value={lead.waitsFor} most={120} onChange={(text) => run(setAt(at('waitsFor'), text, 'kit lead: waits for'))} />
              <PathChoice job={job} path={at('capped')} label="End capped and tagged" />
            </>
          )}
        </div>
      )}
    </Group>
  )
} // prettier-ignore
