import { laterOf, type JobDocument, type SystemSection } from '@lochmoor/core'
import { KnownChoiceField } from '../../fields/KnownChoiceField.tsx'
import { PathChoice } from '../../fields/PathChoice.tsx'
import { PathSet } from '../../fields/PathSet.tsx'
import { PathText } from '../../fields/PathText.tsx'
import { QuantityField } from '../../fields/QuantityField.tsx'
import { walkOnEnter } from '../../fields/walkOnEnter.ts'
import { run, setFuel, setSystem, setVehicle } from '../../store/commands.ts'
import { enterRecord } from '../../store/records.ts'
import { Group } from '../bench/Group.tsx'
import { COST_WORDS } from './view.ts'

/** What the owner wants: a few wishes beside what the walk-around found. */
export const Wishes = ({ job }: { job: JobDocument }) => {
  const { fuel, system, vehicle } = job
  const { gearbox } = job.walkAround
  const locksUp = gearbox.lockUp === true && gearbox.electronic !== true
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
        {yesNo('gearboxControl', locksUp ? 'Lock the gearbox’s converter up' : 'Shift an electronic gearbox')}
        {yesNo('fanControl', 'Switch an electric fan')}
        <PathChoice job={job} path="system.tuning" none="not said" how="The map it comes with was made on another car." />
      </Group>
      <Group title="Further inputs and outputs">
        <PathSet job={job} path="system.signals" label="Wanted of the ECU" how="Each asks for an input or output of its own, a wire, and a plug that no kit contains." />
        {system.signals.includes('road-speed') && <PathChoice job={job} path="harness.design.roadSpeed" label="Road speed comes from" none="not decided" />}
        {system.chosen?.timing === 'controlled-distributor' && <PathChoice job={job} path="system.distributorSize" none="not said" />}
        <PathSet job={job} path="system.later" label="Left for a later stage" how="Run first, extras later: each stage must be a car that works." />
        {system.chosen && laterOf(job).length < system.later.length && (
          <p className="py-1 text-sm text-soft">Ticked for later, but not part of the chosen system: it makes no stage.</p>
        )}
      </Group>
      {system.controller && (
        <Group title="ECU as delivered">
          <PathText
            job={job}
            path="system.asDelivered.revision"
            label="Revision on its label"
            onLeave={(text) =>
              text.trim() !== '' &&
              enterRecord({ kind: 'delivered', text: system.controller!.name, state: text.trim() }, { of: 'system.asDelivered.revision' })
            }
          />
          {system.controller.pumpSwitch && <PathText job={job} path="system.asDelivered.pumpSwitch" label={`Pump switch is at (${system.controller.pumpSwitch})`} />}
          {system.controller.marketSwitch && <PathText job={job} path="system.asDelivered.marketSwitch" label={`Market switch is at (ethanol, %: ${system.controller.marketSwitch})`} />}
          <PathText job={job} path="system.asDelivered.connectors" label="Connectors, plugs with ways" {...(system.controller.connectors && { placeholder: system.controller.connectors })} />
        </Group>
      )}
    </div>
  )
} // prettier-ignore
