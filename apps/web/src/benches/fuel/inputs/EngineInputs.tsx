import { fig, type Figure, type VehicleSection } from '@lochmoor/core'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { FigureText } from '../../../fields/FigureText.tsx'
import { KnownChoiceField } from '../../../fields/KnownChoiceField.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { measuredAt, run, setVehicle } from '../../../store/commands.ts'
import { selectEngine } from '../../../store/assessments.ts'
import type { InputsProps } from './inputsProps.ts'
import { Group } from '../../bench/Group.tsx'
import { TitleField } from './TitleField.tsx'

type FigureName = {
  [K in keyof VehicleSection]: VehicleSection[K] extends number | null ? K : never
}[keyof VehicleSection]

/** What is wanted, not measured: it stands in the history, not in the log book. */
const WISHED: ReadonlySet<FigureName> = new Set(['powerW', 'powerSpeedRpm', 'boostPa'])

/** The engine and what it shall make. */
export const EngineInputs = ({ job, assumed }: InputsProps) => {
  const { vehicle } = job
  const figure = (name: FigureName, label: string, how?: string) => (
    <QuantityField
      label={label}
      path={`vehicle.${name}`}
      value={vehicle[name]}
      assumed={assumed(`vehicle.${name}`)}
      how={how}
      onChange={(si) => run(setVehicle({ [name]: si }, label.toLowerCase()))}
      onMeasured={WISHED.has(name) ? undefined : measuredAt(`vehicle.${name}`, label)}
    />
  )
  return (
    <Group title="Engine">
      <TitleField title={vehicle.title} />
      {figure('year', 'Year')}
      <KnownChoiceField
        label="Layout"
        value={vehicle.layout}
        options={[
          ['inline', 'In line'],
          ['vee', 'Vee'],
          ['flat', 'Flat'],
        ]}
        onChange={(v) => run(setVehicle({ layout: v as VehicleSection['layout'] }, 'layout', false))}
      />
      {figure('cylinders', 'Cylinders')}
      {figure(
        'displacementM3',
        'Displacement',
        'From the papers, or bore and stroke: bore² x 0.785 x stroke x cylinders. Ask whether it was bored out.',
      )}
      <ChoiceField
        label="Breathing"
        value={vehicle.aspiration}
        options={[
          ['natural', 'Unblown'],
          ['supercharged', 'Supercharged'],
          ['turbocharged', 'Turbocharged'],
        ]}
        onChange={(aspiration) => run(setVehicle({ aspiration }, 'breathing', false))}
      />
      {figure(
        'powerW',
        'Power wanted',
        'What the engine shall make after the conversion, not what the brochure said. Add what is planned for later: a pump is bought once.',
      )}
      <ChoiceField
        label="Which power"
        value={vehicle.powerBasis}
        options={[
          ['flywheel-net', 'Flywheel, net'],
          ['flywheel-gross', 'Flywheel, gross'],
          ['wheels', 'At the wheels'],
        ]}
        how="Older papers often state gross power: a bare engine without fan, filter and exhaust. A rolling road measures at the wheels."
        onChange={(powerBasis) => run(setVehicle({ powerBasis }, 'kind of power', false))}
      />
      {figure('powerSpeedRpm', 'At engine speed')}
      {vehicle.aspiration !== 'natural' &&
        figure(
          'boostPa',
          'Boost at that power',
          'On the manifold side of the throttle, above the air outside. The gauge of the blower shows it before the throttle: a little more.',
        )}
      {figure('idleSpeedRpm', 'Idle speed')}
      {figure(
        'idleManifoldPa',
        'Manifold at idle, absolute',
        'A vacuum gauge on a full-manifold port reads below the air outside: absolute is 101 kPa less that reading. 50 cm of mercury of vacuum are about 35 kPa absolute.',
      )}
      {figure('cruiseSpeedRpm', 'Cruise speed')}
      {figure(
        'cruiseManifoldPa',
        'Manifold at cruise, absolute',
        'The same gauge, read by a passenger at a steady road speed on the flat.',
      )}
      <BothRoutes job={job} />
    </Group>
  )
}

/** The two independent routes to the demand, always side by side. */
const BothRoutes = ({ job }: Pick<InputsProps, 'job'>) => {
  const { demand, fuel } = selectEngine(job)
  const flow = (kgS: number): Figure => fig(kgS / fuel.densityKgM3, 'volumeFlow')
  return (
    <dl className="grid grid-cols-[1fr_auto] gap-x-3 pt-1.5">
      <dt>Fuel at that power, by power</dt>
      <dd className="text-right font-semibold">
        <FigureText figure={flow(demand.byPowerKgS.typical)} />
      </dd>
      <dt>by air, {demand.bandsOverlap ? 'in agreement' : 'not in agreement'}</dt>
      <dd className="text-right font-semibold">
        <FigureText figure={flow(demand.byAirKgS.typical)} />
      </dd>
    </dl>
  )
}
