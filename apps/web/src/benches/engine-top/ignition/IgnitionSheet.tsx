import { useState } from 'react'
import { explainFiringOrderError, fig, parseFiringOrder } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { TextEntry } from '../../../fields/TextEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { Caution } from '../../bench/Caution.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { EngineTopSheetProps } from '../sheetProps.ts'
import { FiringTable, IgnitionPractices, WireTable } from './IgnitionTables.tsx'
import { RotorDrawing } from './RotorDrawing.tsx'
import { WireFields } from './WireFields.tsx'

const EDITED = [
  ['rotor', 'Advance and rotor'],
  ['coil', 'Coil, driver and feed'],
  ['order', 'Firing order and numbering'],
  ['wires', 'Wires traced'],
] as const
type Edited = (typeof EDITED)[number][0]
const I = 'engineTop.ignition'
const ORDER = 'walkAround.engine.firingOrder'

/** Who makes the spark, where the rotor stands, what drives the coil, who fires with whom, and which wire is number one. */
export const IgnitionSheet = ({ job, assessment }: EngineTopSheetProps) => {
  const { c } = assessment
  const { ignition } = c
  const e = ignition.entry
  const [edited, setEdited] = useState<Edited>('rotor')
  const timing = c.system?.timing ?? null
  const read = job.walkAround.engine.firingOrder === null || job.walkAround.engine.firingOrder === '' ? null : parseFiringOrder(job.walkAround.engine.firingOrder, job.vehicle.cylinders)
  return (
    <Columns
      names={['Measured', 'Ignition', 'Assessment']}
      measured={
        <>
          <SelectEntry label="Enter" value={edited} options={EDITED} onChange={setEdited} />
          {timing === null && <p className="py-2 leading-snug text-soft">Choose the system first: what is asked here follows from its timing.</p>}
          {edited === 'rotor' && (
            <>
              <Group title="Advance">
                <PathChoice job={job} path={`${I}.weights`} />
                <PathChoice job={job} path={`${I}.can`} />
                {(timing === 'none' || e.weights === 'free') && <PathField job={job} path={`${I}.canDeg`} />}
                {timing !== 'none' && (
                  <>
                    <PathField job={job} path={`${I}.leastDeg`} decided />
                    <PathField job={job} path={`${I}.mostDeg`} decided />
                  </>
                )}
              </Group>
              {(ignition.hasRotor || timing === 'none') && (
                <Group title="Rotor and cap">
                  <PathField job={job} path={`${I}.tipDeg`} />
                  <PathField job={job} path={`${I}.terminalDeg`} />
                  <PathField job={job} path={`${I}.pastDeg`} label="Rotor past its terminal (before: −)" />
                  <PathField job={job} path={`${I}.seenAtDeg`} label="Seen at this advance (crank)" of="Rotor" />
                  <PathChoice job={job} path={`${I}.turns`} label="Rotor turns, from above" />
                  {timing !== 'none' && (
                    <>
                      <PathField job={job} path={`${I}.referenceDeg`} decided />
                      <PathChoice job={job} path={`${I}.referenceFixed`} />
                    </>
                  )}
                </Group>
              )}
            </>
          )}
          {edited === 'coil' && (
            <Group title="Coil, driver and feed">
              {timing !== 'none' && (
                <>
                  <PathChoice job={job} path={`${I}.coil`} />
                  <PathChoice job={job} path={`${I}.output`} />
                </>
              )}
              <PathChoice job={job} path={`${I}.box`} />
              {timing === 'crank-trigger' && <PathChoice job={job} path={`${I}.coils`} none="not chosen" />}
              {c.system?.trigger === 'coil' ? (
                <PathChoice job={job} path={`${I}.tachFrom`} none="not chosen" />
              ) : (
                <>
                  {c.system?.trigger === 'distributor' && <PathChoice job={job} path={`${I}.pickUp`} />}
                  <PathChoice job={job} path={`${I}.ecuReads`} />
                  {ignition.sensor === 'variable-reluctance' && <PathChoice job={job} path={`${I}.polarity`} />}
                </>
              )}
              <PathChoice job={job} path={`${I}.ecuFedFrom`} />
              <PathChoice job={job} path="walkAround.ignition.coilResistor" label="Ballast resistor at the coil" />
            </Group>
          )}
          {edited === 'order' && (
            <Group title="Firing order and numbering">
              <TextEntry
                label="Firing order"
                value={job.walkAround.engine.firingOrder ?? ''}
                most={60}
                problem={read && !read.ok ? explainFiringOrderError(read.error) : null}
                onChange={(text) => run(setAt(ORDER, text === '' ? null : text, 'firing order'))}
              />
              <TextEntry
                label="Uneven intervals, if any (crank)"
                value={e.intervals ?? ''}
                most={80}
                problem={ignition.intervalsTrouble}
                onChange={(text) => run(setAt(`${I}.intervals`, text === '' ? null : text, 'firing intervals'))}
              />
              <PathChoice job={job} path="walkAround.engine.numberedFrom" label="Engine numbered from" />
              {job.vehicle.layout !== 'inline' && (
                <>
                  <PathChoice job={job} path={`${I}.numbering`} />
                  <PathChoice job={job} path={`${I}.firstBank`} label="Number one on the" />
                </>
              )}
              <PathChoice job={job} path={`${I}.labelledFrom`} />
            </Group>
          )}
          {edited === 'wires' && <WireFields job={job} wires={ignition.wires} />}
        </>
      }
      picture={
        <>
          <Caution>Ignition off while anything is joined. A coil gives tens of thousands of volts: no hands on leads, nobody with a pacemaker beside it.</Caution>
          <RotorDrawing ignition={ignition} />
          {ignition.rotor && (
            <dl className="my-3 grid grid-cols-[1fr_auto] gap-x-4 border-y-2 border-ink py-1">
              {ignition.rotor.how === 'housing' ? (
                <>
                  <dt>Housing to be turned, with rotor rotation</dt>
                  <dd className="text-right font-bold"><FigureText figure={fig(ignition.rotor.turnDeg, 'angle', 1)} /></dd>
                  <dt>ECU’s angle before top dead centre then less by</dt>
                  <dd className="text-right font-bold">{ignition.rotor.referenceDeg === 0 ? 'stays' : <FigureText figure={fig(ignition.rotor.referenceDeg, 'angle', 1)} />}</dd>
                </>
              ) : (
                <>
                  <dt>Rotor to be moved on its shaft, against rotation (not the housing)</dt>
                  <dd className="text-right font-bold"><FigureText figure={fig(ignition.rotor.turnDeg, 'angle', 1)} /></dd>
                </>
              )}
              <dt>Overlap at both ends then</dt>
              <dd className="text-right font-bold"><FigureText figure={fig(ignition.rotor.centredOverlapDeg, 'angle', 1)} /></dd>
            </dl>
          )}
          {ignition.hasRotor && ignition.rotor === null && <p className="border border-ink bg-sheet p-5 text-center">Rotor not drawn yet: {ignition.rotorMissing.join(', ')}.</p>}
          <FiringTable ignition={ignition} />
          <WireTable ignition={ignition} />
          {ignition.wires.length > 0 && (
            <div className="mt-3">
              <PaperLinks
                papers={[
                  { file: 'continuity-sheet.pdf?paper=a4', words: 'Continuity sheet, A4' },
                  { file: 'continuity-sheet.pdf?paper=letter', words: 'Continuity sheet, Letter' },
                ]}
              />
            </div>
          )}
          <IgnitionPractices c={c} />
        </>
      }
      judgement={<SheetJudgement sheet="ignition" />}
    />
  )
} // prettier-ignore
