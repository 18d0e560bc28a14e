import { fuelLoopOf, strainerGoesOn } from '@lochmoor/core'
import { ChoiceField } from '../../../fields/ChoiceField.tsx'
import { PartField } from '../../../fields/PartField.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { run, setFuel } from '../../../store/commands.ts'
import { measuredAt } from '../../../store/records.ts'
import { useDescribe } from './describeParts.ts'
import type { InputsProps } from './inputsProps.ts'
import { Group } from '../../bench/Group.tsx'

/** Pump, its voltage, strainer and filter. */
export const PumpInputs = ({ job, catalogue }: InputsProps) => {
  const { fuel } = job
  const describe = useDescribe()
  const voltage = (name: 'lowV' | 'runningV' | 'highV', label: string) => (
    <QuantityField
      label={label}
      path={`fuel.${name}`}
      value={fuel[name]}
      onChange={(si) => run(setFuel({ [name]: si }, label.toLowerCase()))}
      onMeasured={measuredAt(`fuel.${name}`, label)}
    />
  )
  return (
    <Group title="Pump and filters">
      <PartField
        label="Strainer, before the pump"
        value={fuel.strainer}
        parts={catalogue.filters.filter((f) => f.use === 'strainer')}
        describe={describe.filter}
        refuse={(f) => (fuel.pump && !strainerGoesOn(f, fuel.pump) ? 'does not fit this pump' : null)}
        none="no strainer"
        onChange={(strainer) => run(setFuel({ strainer }, 'strainer', false))}
      />
      <PartField
        label="Pump"
        value={fuel.pump}
        parts={catalogue.pumps}
        describe={describe.pump}
        none="no pump chosen"
        onChange={(pump) => run(setFuel({ pump }, 'pump', false))}
      />
      <ChoiceField
        label="Pumps in parallel"
        value={String(fuel.pumpCount)}
        options={[
          ['1', 'One'],
          ['2', 'Two in parallel'],
        ]}
        how="Two the same, each with its own check valve: twice the flow at the same pressure, twice the current and the heat. The second also gets the car home when one dies."
        onChange={(n) => run(setFuel({ pumpCount: Number(n) }, 'pumps in parallel', false))}
      />
      {voltage('lowV', 'Minimum voltage at the pump')}
      {voltage('runningV', 'Voltage at the pump, running')}
      {voltage('highV', 'Highest charging voltage')}
      <PartField
        label="Fine filter, after the pump"
        value={fuel.filter}
        parts={catalogue.filters.filter((f) => f.use === 'fine')}
        describe={describe.filter}
        none="no fine filter"
        onChange={(filter) => run(setFuel({ filter }, 'filter', false))}
      />
      {fuelLoopOf(job) === 'single-line' && (
        <ChoiceField
          label="Filter location"
          value={fuel.filterPosition}
          options={[
            ['before-regulator', 'Before the regulator'],
            ['after-regulator', 'After the regulator'],
          ]}
          how="Before the regulator it passes everything the pump delivers; after it, in the line to the engine, only what the engine uses."
          onChange={(filterPosition) => run(setFuel({ filterPosition }, 'filter location', false))}
        />
      )}
    </Group>
  )
}
