import type { RangedField } from '@lochmoor/contract'
import type { Family, FuelSection } from '@lochmoor/core'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { PartField } from '../../../fields/PartField.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { run, setFuel, setSystemType } from '../../../store/commands.ts'
import { useDescribe } from './describeParts.ts'
import type { InputsProps } from './FuelInputs.tsx'
import { Group } from './Group.tsx'

type FigureName = { [K in keyof FuelSection]: FuelSection[K] extends number | null ? K : never }[keyof FuelSection]

/** Fuel, place of injection, kind of system, regulator, injectors. */
export const InjectionInputs = ({ job, catalogue, assumed }: InputsProps) => {
  const { fuel } = job
  const describe = useDescribe()
  const figure = (name: FigureName, label: string, family: Family, how?: string, whole = false) => (
    <QuantityField
      label={label}
      family={family}
      range={`fuel.${name}` as RangedField}
      value={fuel[name]}
      assumed={assumed(`fuel.${name}`)}
      whole={whole}
      how={how}
      onChange={(si) => run(setFuel({ [name]: si }, label.toLowerCase()))}
    />
  )
  const port = fuel.injectionPlace === 'port'
  return (
    <Group title="Injection and regulator">
      <ChoiceField
        label="Place of injection"
        value={fuel.injectionPlace}
        options={[
          ['above-plate', 'Above the plate'],
          ['below-plate', 'Below the plate'],
          ['port', 'In the ports'],
        ]}
        how="It decides what the injector sprays into: the air horn, or the manifold with its vacuum and boost."
        onChange={(injectionPlace) => run(setFuel({ injectionPlace }, 'place of injection', false))}
      />
      <ChoiceField
        label="Kind of system"
        value={fuel.systemType}
        options={[
          ['return', 'With return'],
          ['single-line', 'Single line'],
        ]}
        how="With return: the regulator sits at the engine and sends the surplus back. Single line: it sits at the tank and only what the engine takes comes forward."
        onChange={(type) => run(setSystemType(type))}
      />
      <PartField
        label="Regulator"
        value={fuel.regulator}
        parts={catalogue.regulators.filter((r) => r.type === fuel.systemType)}
        describe={describe.regulator}
        none="no regulator chosen"
        onChange={(regulator) => run(setFuel({ regulator }, 'regulator', false))}
      />
      {figure(
        'setPressurePa',
        'Set pressure',
        'pressure',
        'With the reference hose off, engine idling, a gauge at the rail.',
      )}
      {fuel.systemType === 'return' && (
        <ChoiceField
          label="Reference hose"
          value={fuel.referenced ? 'yes' : 'no'}
          options={[
            ['no', 'None, open'],
            ['yes', 'To the manifold'],
          ]}
          how="A hose to the manifold lets the rail follow vacuum and boost, so that the pressure over a port injector stays the same."
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
      {figure('injectorCount', 'How many', 'count', undefined, true)}
      {figure(
        'openingsPerCycle',
        'Openings per engine cycle',
        'count',
        'Two turns of the crank are one cycle. Sequential 1, batch 2; throttle bodies often 4 or more. The controller sets it.',
        true,
      )}
      {figure(
        'ethanolShare',
        'Ethanol in the fuel',
        'share',
        'Shake 100 mL of fuel with 10 mL of water in a graduated cylinder: what the water gains is the ethanol. What a pump calls E85 holds 51 to 83 %.',
      )}
      {figure('fuelTemperatureK', 'Fuel temperature', 'temperature')}
    </Group>
  )
}
