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
        refuse={(f) => (fuel.pump && !strainerGoesOn(f, fuel.pump) ? 'does not go on this pump' : null)}
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
        label="How many pumps"
        value={String(fuel.pumpCount)}
        options={[
          ['1', 'One'],
          ['2', 'Two side by side'],
        ]}
        how="Two alike, each behind its own check valve: twice the flow at the same pressure, twice the current and the heat. The second also keeps a car going when one dies."
        onChange={(n) => run(setFuel({ pumpCount: Number(n) }, 'how many pumps', false))}
      />
      {voltage('lowV', 'Least voltage at the pump')}
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
          label="Filter stands"
          value={fuel.filterPosition}
          options={[
            ['before-regulator', 'Before regulator'],
            ['after-regulator', 'After regulator'],
          ]}
          how="Before the regulator it passes all the pump brings; after it, in the line to the engine, only what the engine takes."
          onChange={(filterPosition) => run(setFuel({ filterPosition }, 'place of the filter', false))}
        />
      )}
    </Group>
  )
}
