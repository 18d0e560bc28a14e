import { fig, type Figure, type VehicleSection } from '@lochmoor/core'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { FigureText } from '../../../fields/FigureText.tsx'
import { KnownChoiceField } from '../../../fields/KnownChoiceField.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { run, setVehicle } from '../../../store/commands.ts'
import { measuredAt } from '../../../store/records.ts'
import { engineNow } from '../../../store/engineNow.ts'
import type { InputsProps } from './inputsProps.ts'
import { Group } from '../../bench/Group.tsx'
import { TitleField } from './TitleField.tsx'

type FigureName = {
  [K in keyof VehicleSection]: VehicleSection[K] extends number | null ? K : never
}[keyof VehicleSection]

/** What is wanted, not measured: it stands in the history, not in the log book. */
const WISHED: ReadonlySet<FigureName> = new Set(['powerW', 'powerSpeedRpm', 'boostPa'])

/** The engine and what it shall make. */
export const EngineInputs = ({ job }: InputsProps) => {
  const { vehicle } = job
  const figure = (name: FigureName, label: string) => (
    <QuantityField
      label={label}
      path={`vehicle.${name}`}
      value={vehicle[name]}
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
      {figure('displacementM3', 'Displacement')}
      <ChoiceField
        label="Induction"
        value={vehicle.aspiration}
        options={[
          ['natural', 'Naturally aspirated'],
          ['supercharged', 'Supercharged'],
          ['turbocharged', 'Turbocharged'],
        ]}
        onChange={(aspiration) => run(setVehicle({ aspiration }, 'breathing', false))}
      />
      {figure('powerW', 'Target power')}
      <ChoiceField
        label="Power stated as"
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
      {vehicle.aspiration !== 'natural' && figure('boostPa', 'Boost at that power')}
      {figure('idleSpeedRpm', 'Idle speed')}
      {figure('idleManifoldPa', 'Manifold at idle, absolute')}
      {figure('cruiseSpeedRpm', 'Cruise speed')}
      {figure('cruiseManifoldPa', 'Manifold at cruise, absolute')}
      <BothRoutes job={job} />
    </Group>
  )
}

/** The two independent routes to the demand, always side by side. */
const BothRoutes = ({ job }: Pick<InputsProps, 'job'>) => {
  const { demand, fuel, laterKgS } = engineNow(job)
  const flow = (kgS: number): Figure => fig(kgS / fuel.densityKgM3, 'volumeFlow')
  return (
    <dl className="grid grid-cols-[1fr_auto] gap-x-3 pt-1.5">
      <dt>Fuel at that power, by power</dt>
      <dd className="text-right font-semibold">
        <FigureText figure={flow(demand.byPowerKgS.typical)} />
      </dd>
      {laterKgS !== null && (
        <>
          <dt>For the planned power, sized for</dt>
          <dd className="text-right font-semibold">
            <FigureText figure={flow(laterKgS)} />
          </dd>
        </>
      )}
      <dt>by air, {demand.bandsOverlap ? 'in agreement' : 'not in agreement'}</dt>
      <dd className="text-right font-semibold">
        <FigureText figure={flow(demand.byAirKgS.typical)} />
      </dd>
    </dl>
  )
}
