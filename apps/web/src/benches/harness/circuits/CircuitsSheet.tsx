import { CLASS_WORDS, describePath, ECU, fig, netOfEnd, type Circuit } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { HarnessSheetProps } from '../sheetProps.ts'
import { KitLeadFields } from './KitLeadFields.tsx'
import { OwnCircuitFields } from './OwnCircuitFields.tsx'

/** The wire list as the decisions of the job want it, and what is added by hand. */
export const CircuitsSheet = ({ job, assessment, setWire }: HarnessSheetProps) => {
  const { circuits, plan } = assessment.c
  const nameOf = (end: string): string => {
    if (end === ECU) return 'ECU'
    const net = netOfEnd(end)
    if (net !== null) return 'splice'
    return plan.devices.find((d) => d.id === end)?.name ?? end
  }
  const sizes = describePath('power.wires.ecuFeed.size', job).words ?? {}
  const accepted = new Map(job.harness.loom?.wires.map((w) => [w.id, w.size]) ?? [])
  const sizeOf = (c: Circuit): string => accepted.get(c.id) ?? c.size
  const { roadSpeed } = job.harness.design
  return (
    <Columns
      names={['Decided', 'Circuits', 'Assessment']}
      measured={
        <>
          <Group title="Loom">
            <PathChoice job={job} path="harness.design.build" label="Made from" />
            <PathChoice job={job} path="harness.design.separation" label="Practice for noise" />
            <PathChoice job={job} path="harness.design.colours" label="Wire colours" />
            <PathChoice job={job} path="harness.design.tuningCable" label="Tuning cable led out" />
            <PathChoice job={job} path="harness.design.displayFitted" label="Display fitted" />
            <PathChoice job={job} path="harness.design.roadSpeed" label="Road speed" none="not decided" />
            {roadSpeed === 'adapter' && <PathField job={job} path="harness.design.pulsesPerRev" label="Pulses per turn" />}
            <PathChoice job={job} path="harness.design.tiedAtBack" label="Tied at the back of the engine first" />
          </Group>
          <p className="mb-3 text-sm leading-snug text-soft">
            Clean and dirty never together: sensors, pick-ups and oxygen sensor share no corridor with coil, generator, fan
            and pump. By exposure: only the ignition is kept apart, the rest by what each wire picks up; it makes tight cars
            possible and wants measured corridors.
          </p>
          <OwnCircuitFields job={job} plan={plan} />
          {job.harness.design.build === 'kit' && <KitLeadFields job={job} plan={plan} />}
        </>
      }
      picture={
        circuits.list.length === 0 ? (
          <p className="py-2 leading-snug">Circuits follow from the system: choose it first.</p>
        ) : (
          <>
            <p className="mb-2 leading-snug">
              {circuits.list.length} wires, {circuits.nets.length} splices. Nothing here is entered twice: devices, pins,
              currents and sizes come from system, ECU and power.
            </p>
            <PaperLinks
              papers={[
                { file: 'harness/sheet.pdf?paper=a4', words: 'Wires, corridors and bundles, A4' },
                { file: 'harness/sheet.pdf?paper=letter', words: 'The same, Letter' },
                { file: 'harness/parts.csv', words: 'Parts as CSV' },
              ]}
            />
            <DataTable
              name="Circuits of the loom"
              rows={circuits.list}
              keyOf={(c) => c.id}
              onRow={(c) => setWire(c.id)}
              columns={[
                { head: 'Circuit', wide: true, cell: (c) => c.name },
                { head: 'From – to', wide: true, cell: (c) => `${nameOf(c.from)} – ${nameOf(c.to)}` },
                { head: 'ECU pin', cell: (c) => c.ecuPin ?? (c.ecuDoes === null ? '–' : 'not known') },
                { head: 'Size', cell: (c) => <span className="whitespace-nowrap">{sizes[sizeOf(c)] ?? sizeOf(c)}{c.sizeAssumed && ' est.'}</span> },
                { head: 'Colour', cell: (c) => c.colour },
                { head: 'Class', cell: (c) => CLASS_WORDS[c.kind] },
                { head: 'Current', right: true, cell: (c) => <FigureText figure={fig(c.currentA, 'current', c.currentA < 1 ? 2 : 1)} /> },
                { head: 'Laid', cell: (c) => (c.shielded ? 'twisted, shielded' : c.pair ? 'twisted' : '–') },
              ]}
            />
          </>
        )
      }
      judgement={<SheetJudgement sheet="circuits" />}
    />
  )
} // prettier-ignore
