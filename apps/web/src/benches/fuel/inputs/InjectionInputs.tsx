import { foundAt, fuelLoopOf, injectionPlaceOf, regulatorGoesWith, type FuelSection } from '@lochmoor/core'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { KnownChoiceField } from '../../../fields/KnownChoiceField.tsx'
import { PartField } from '../../../fields/PartField.tsx'
import { PathText } from '../../../fields/PathText.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { run, setFuel, setSystemType } from '../../../store/commands.ts'
import { measuredAt } from '../../../store/records.ts'
import { useDescribe } from './describeParts.ts'
import type { InputsProps } from './inputsProps.ts'
import { Group } from '../../bench/Group.tsx'

type FigureName = { [K in keyof FuelSection]: FuelSection[K] extends number | null ? K : never }[keyof FuelSection]

/** What is measured here; the rest is decided. */
const MEASURED: ReadonlySet<FigureName> = new Set(['ethanolShare', 'secondEthanolShare', 'fuelTemperatureK'])

const PLACES = [
  ['above-plate', 'Above the throttle plate'],
  ['below-plate', 'Below the throttle plate'],
  ['port', 'In the ports'],
] as const
const LOOPS = [
  ['return', 'Return-type'],
  ['single-line', 'Returnless'],
] as const
const wordOf = (options: readonly (readonly [string, string])[], value: string) =>
  options.find(([v]) => v === value)?.[1].toLowerCase() ?? value

/** Fuel, place of injection, kind of system, regulator, injectors. */
export const InjectionInputs = ({ job, catalogue }: InputsProps) => {
  const { fuel } = job
  const describe = useDescribe()
  const figure = (name: FigureName, label: string) => (
    <QuantityField
      label={label}
      path={`fuel.${name}`}
      value={fuel[name]}
      onChange={(si) => run(setFuel({ [name]: si }, label.toLowerCase()))}
      onMeasured={MEASURED.has(name) ? measuredAt(`fuel.${name}`, label) : undefined}
    />
  )
  const place = injectionPlaceOf(job)
  const loop = fuelLoopOf(job)
  const port = place === 'port'
  const standsIn = (id: 'fuel.injectionPlace' | 'fuel.systemType', word: string) =>
    `${foundAt(job, id).kind === 'chosen' ? 'by system' : 'assumed'}: ${word}`
  return (
    <Group title="Injection and regulator">
      <KnownChoiceField
        label="Injector location"
        value={fuel.injectionPlace}
        options={PLACES}
        none={standsIn('fuel.injectionPlace', wordOf(PLACES, place))}
        how="Decides what the injector sprays into: the air horn, or the manifold with its vacuum and boost."
        onChange={(v) =>
          run(setFuel({ injectionPlace: v as FuelSection['injectionPlace'] }, 'injector location', false))
        }
      />
      <KnownChoiceField
        label="System type"
        value={fuel.systemType}
        options={LOOPS}
        none={standsIn('fuel.systemType', wordOf(LOOPS, loop))}
        how="Return-type: the regulator sits at the engine and sends the surplus back. Returnless: it sits at the tank and only what the engine uses comes forward."
        onChange={(v) => run(setSystemType(v as FuelSection['systemType']))}
      />
      <PartField
        label="Regulator"
        value={fuel.regulator}
        parts={catalogue.regulators.filter((r) => r.type === loop)}
        describe={describe.regulator}
        refuse={(r) => (regulatorGoesWith(r, fuel.pump) ? null : 'inside a pump module')}
        none="no regulator chosen"
        onChange={(regulator) => run(setFuel({ regulator }, 'regulator', false))}
      />
      {figure('setPressurePa', 'Set pressure')}
      {figure('gaugeMostPa', 'Gauge full scale')}
      {loop === 'return' && (
        <ChoiceField
          label="Reference hose"
          value={fuel.referenced ? 'yes' : 'no'}
          options={[
            ['no', 'None, open to air'],
            ['yes', 'To the manifold'],
          ]}
          how="A hose to the manifold lets the rail follow vacuum and boost, so the pressure across a port injector stays the same."
          onChange={(v) => run(setFuel({ referenced: v === 'yes' }, 'reference hose', false))}
        />
      )}
      <PartField
        label="Injectors"
        value={fuel.injector}
        parts={catalogue.injectors.filter((i) => (i.use === 'port') === port)}
        describe={describe.injector}
        none="no injectors chosen"
        onChange={(injector) => run(setFuel({ injector }, 'injectors', false))}
      />
      {figure('injectorCount', 'How many')}
      {figure('openingsPerCycle', 'Openings per engine cycle')}
      {figure('ethanolShare', 'Ethanol in the fuel')}
      {figure('secondEthanolShare', 'Ethanol in a second fuel')}
      {job.fuel.secondEthanolShare !== null && (
        <PathText
          job={job}
          path="fuel.changedByHand"
          label="Changed by hand for it"
          placeholder="map 2, switch to F, label at the filler"
        />
      )}
      {figure('fuelTemperatureK', 'Fuel temperature')}
    </Group>
  )
}
