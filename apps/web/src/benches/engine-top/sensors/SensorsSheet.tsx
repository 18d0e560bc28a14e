import { fig } from '@lochmoor/core'
import { useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { Caution } from '../../bench/Caution.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { EngineTopSheetProps } from '../sheetProps.ts'
import { CoolantFields } from './CoolantFields.tsx'
import { HoleFields } from './HoleFields.tsx'
import { HoleTable, ThermistorTable } from './SensorTables.tsx'
import { ThermistorFields } from './ThermistorFields.tsx'
import { WheelDrawing } from './WheelDrawing.tsx'

const EDITED = [
  ['places', 'Coolant and intake air'],
  ['wheel', 'Crank and cam signal'],
  ['holes', 'Holes and threads'],
  ['thermistors', 'Thermistors'],
] as const
type Edited = (typeof EDITED)[number][0]
const W = 'engineTop.sensors.wheel'
const FLOW = { always: 'at all times', 'thermostat-open': 'thermostat open', 'dead-end': 'dead end' } as const

/** Where the sensors go, what the crank wheel gives, which hole takes which thread, and what the ECU sees of a thermistor. */
export const SensorsSheet = ({ job, assessment }: EngineTopSheetProps) => {
  const { c } = assessment
  const { sensors } = c
  const [edited, setEdited] = useState<Edited>('places')
  const [hole, setHole] = useState(0)
  const [thermistor, setThermistor] = useState(0)
  const own = sensors.thermistors[Math.min(thermistor, Math.max(0, sensors.thermistors.length - 1))]
  const places = sensors.entry.coolant.places
  const nothing = places.length === 0 && sensors.wheel === null && sensors.holes.length === 0 && !own
  return (
    <Columns
      names={['Measured', 'Sensors', 'Assessment']}
      measured={
        <>
          <SelectEntry label="Enter" value={edited} options={EDITED} onChange={setEdited} />
          {edited === 'places' && <CoolantFields job={job} />}
          {edited === 'holes' && <HoleFields job={job} index={hole} onIndex={setHole} />}
          {edited === 'thermistors' && <ThermistorFields job={job} index={thermistor} onIndex={setThermistor} />}
          {edited === 'wheel' && (
            <>
              <Group title="Crank wheel">
                <PathField job={job} path={`${W}.teeth`} label="Tooth positions, gap included" of="Crank wheel" />
                <PathField job={job} path={`${W}.missing`} label="Missing teeth" of="Crank wheel" />
                <PathField job={job} path={`${W}.diameterM`} label="Diameter" of="Crank wheel" />
                <PathField job={job} path={`${W}.toothAtTop`} label="Tooth under the sensor at top dead centre" of="Crank wheel" />
                <PathField job={job} path={`${W}.wantsDeg`} label="First tooth to top dead centre, ECU" of="Crank wheel" decided />
              </Group>
              <Group title="Gap to the sensor, round the wheel">
                <PathField job={job} path={`${W}.gapAM`} label="First place" of="Crank sensor gap" />
                <PathField job={job} path={`${W}.gapBM`} label="A quarter turn on" of="Crank sensor gap" />
                <PathField job={job} path={`${W}.gapCM`} label="Half a turn on" of="Crank sensor gap" />
                <PathField job={job} path={`${W}.gapDM`} label="Three quarters on" of="Crank sensor gap" />
              </Group>
              <Group title="Signal">
                <PathChoice job={job} path={`${W}.pickUp`} label="Crank sensor" />
                {sensors.entry.wheel.pickUp === 'variable-reluctance' && (
                  <>
                    <PathField job={job} path={`${W}.signalV`} label="Signal measured" of="Crank sensor" />
                    <PathField job={job} path={`${W}.signalRpm`} label="At this speed" of="Crank sensor" />
                    <PathField job={job} path={`${W}.needsV`} label="Minimum for the ECU" of="Crank sensor" decided />
                    <PathField job={job} path="walkAround.tests.crankingRpm" label="Cranking speed" of="Engine" assumed={sensors.crankingRpm} />
                  </>
                )}
                <PathField job={job} path={`${W}.mostRpm`} label="Maximum speed" of="Engine" decided />
                <PathField job={job} path={`${W}.inputHz`} label="Maximum frequency of the ECU" of="Crank sensor" decided />
              </Group>
              <Group title="Which turn it is">
                <PathChoice job={job} path="engineTop.sensors.phase" none="not chosen" />
                {sensors.entry.phase !== null && sensors.entry.phase !== 'none' && <PathChoice job={job} path="engineTop.sensors.phaseProved" none="not done" />}
              </Group>
            </>
          )}
        </>
      }
      picture={
        <>
          <Caution>Engine cold, coolant drained before a port is opened. Chips out: grease on the tap, a rag below, flush.</Caution>
          {nothing && <p className="border border-ink bg-sheet p-5 text-center">No sensors yet: list the coolant ports, the crank wheel, the holes.</p>}
          <WheelDrawing sensors={sensors} />
          {sensors.wheel && sensors.entry.wheel.diameterM !== null && (
            <p className="py-1 leading-snug">
              A tooth is <FigureText figure={fig(sensors.wheel.toothM, 'bore', 1)} /> wide at the rim, a space as much; at least as wide as the sensor’s tip: rule of thumb.
            </p>
          )}
          {places.length > 0 && (
            <DataTable
              name="Ports for the coolant sensor"
              rows={places}
              keyOf={(p) => p.id}
              marked={(p) => p.id === sensors.entry.coolant.placeId}
              columns={[
                { head: 'Coolant port', wide: true, cell: (p) => p.name },
                { head: 'Flow', cell: (p) => (p.flow === null ? 'not known' : FLOW[p.flow]) },
                { head: 'Holds now', cell: (p) => (p.takenBy === 'gauge' ? 'the gauge’s sender' : p.takenBy === 'other' ? 'something else' : p.takenBy === 'nothing' ? 'nothing' : 'not known') },
                { head: 'Sensor', cell: (p) => (p.id === sensors.entry.coolant.placeId ? 'here' : '') },
              ]}
            />
          )}
          <p className="py-2 text-sm leading-snug text-soft">
            A sensor that reads hot takes away warm-up fuel: lean when cold. One that reads cold adds it. It is often told the other way round.
          </p>
          {sensors.holes.length > 0 && <HoleTable holes={sensors.holes} shown={hole} onShow={setHole} />}
          {own && <ThermistorTable t={own} />}
          {own?.table && <div className="mt-3"><PaperLinks papers={[{ file: "thermistors.csv", words: "Thermistor tables as CSV" }]} /></div>}
        </>
      }
      judgement={<SheetJudgement sheet="sensors" />}
    />
  )
} // prettier-ignore
