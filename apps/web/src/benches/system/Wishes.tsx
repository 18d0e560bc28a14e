import type { JobDocument, SystemSection } from '@lochmoor/core'
import { KnownChoiceField } from '../../fields/KnownChoiceField.tsx'
import { QuantityField } from '../../fields/QuantityField.tsx'
import { walkOnEnter } from '../../fields/walkOnEnter.ts'
import { run, setFuel, setSystem, setVehicle } from '../../store/commands.ts'
import { Group } from '../bench/Group.tsx'
import { COST_WORDS } from './view.ts'

/** What the owner wants: a few wishes beside what the walk-around found. */
export const Wishes = ({ job }: { job: JobDocument }) => {
  const { fuel, system, vehicle } = job
  const choice = <K extends 'originality' | 'welder' | 'timingControl'>(
    name: K,
    label: string,
    options: readonly (readonly [NonNullable<SystemSection[K]>, string])[],
    how?: string,
  ) => (
    <KnownChoiceField
      label={label}
      value={system[name]}
      options={options}
      how={how}
      none="not said"
      onChange={(v) => run(setSystem({ [name]: v }, label.toLowerCase(), false))}
    />
  )
  const yesNo = (name: 'gearboxControl' | 'fanControl', label: string, how?: string) => (
    <KnownChoiceField
      label={label}
      value={system[name] === null ? null : system[name] ? 'yes' : 'no'}
      options={[
        ['yes', 'Yes'],
        ['no', 'No'],
      ]}
      how={how}
      none="not said"
      onChange={(v) => run(setSystem({ [name]: v === null ? null : v === 'yes' }, label.toLowerCase(), false))}
    />
  )
  return (
    <div onKeyDown={walkOnEnter}>
      <Group title="Requirements">
        <QuantityField
          label="Power now"
          path="vehicle.powerW"
          value={vehicle.powerW}
          onChange={(powerW) => run(setVehicle({ powerW }, 'power now'))}
        />
        <QuantityField
          label="Planned power"
          path="system.powerLaterW"
          value={system.powerLaterW}
          onChange={(powerLaterW) => run(setSystem({ powerLaterW }, 'planned power'))}
        />
        <QuantityField
          label="Planned boost"
          path="system.boostLaterPa"
          value={system.boostLaterPa}
          onChange={(boostLaterPa) => run(setSystem({ boostLaterPa }, 'planned boost'))}
        />
        <QuantityField
          label="Ethanol in the fuel"
          path="fuel.ethanolShare"
          value={fuel.ethanolShare}
          onChange={(ethanolShare) => run(setFuel({ ethanolShare }, 'ethanol'))}
        />
        <KnownChoiceField
          label="Budget"
          value={system.budgetClass === null ? null : String(system.budgetClass)}
          options={[1, 2, 3, 4, 5].map((n) => [String(n), `${n}: ${COST_WORDS[n]}`] as const)}
          none="not said"
          onChange={(v) => run(setSystem({ budgetClass: v === null ? null : Number(v) }, 'budget', false))}
        />
        {choice('originality', 'Originality', [
          ['looks-stock', 'Looks stock'],
          ['can-be-undone', 'Can be undone'],
          ['free', 'Free'],
        ])}
        {choice('welder', 'Who welds', [
          ['self', 'We do'],
          ['shop', 'A shop'],
          ['none', 'Nobody'],
        ])}
        {choice(
          'timingControl',
          'Timing control by the ECU',
          [
            ['wanted', 'Wanted'],
            ['later', 'Perhaps later'],
            ['no', 'No'],
          ],
          'The ECU can control the spark; the distributor must then be locked out, of the controlled kind, or replaced by a crank trigger.',
        )}
        {yesNo('gearboxControl', 'Shift an electronic gearbox')}
        {yesNo('fanControl', 'Switch an electric fan')}
      </Group>
    </div>
  )
}
