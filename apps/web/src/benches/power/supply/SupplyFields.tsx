import { emptyOutputPoint, type JobDocument } from '@lochmoor/core'
import { Plus, Trash2 } from 'lucide-react'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { Group } from '../../bench/Group.tsx'

const OUTPUT = 'power.generator.output'

/** Everything that is found out about the car's supply. */
export const SupplyFields = ({ job }: { job: JobDocument }) => {
  const figure = (path: string, label?: string) => <PathField job={job} path={path} {...(label && { label })} />
  const choice = (path: string, label?: string, none?: string) => (
    <PathChoice job={job} path={path} {...(label && { label })} {...(none && { none })} />
  )
  const { output } = job.power.generator
  const known = output.filter((p) => p.speedRpm !== null && p.currentA !== null)
  const setOutput = (next: typeof output, label: string) => run(setAt(OUTPUT, next, label))
  return (
    <>
      <Group title="Battery">
        {choice('walkAround.battery.systemV')}
        {choice('walkAround.battery.earth')}
        {figure('walkAround.battery.coldCrankA')}
        {choice('power.battery.standard', 'Rated by', 'EN assumed')}
        {figure('walkAround.battery.capacityC')}
        {figure('walkAround.battery.ageS')}
        {figure('walkAround.tests.restingV')}
        {choice('walkAround.battery.place')}
        {choice('power.battery.place', 'In the conversion', 'where it is')}
        {figure('walkAround.battery.coldestStartK')}
      </Group>
      <Group title="Starter">
        {figure('power.starter.powerW', 'Rated power')}
        {figure('walkAround.tests.crankingA')}
        {figure('walkAround.tests.crankingRpm')}
        {figure('walkAround.tests.crankingPostV')}
        {figure('power.leastCrankRpm')}
      </Group>
      <Group title="Straps and cables, as found">
        {choice('walkAround.earths.batteryToEngine')}
        {choice('walkAround.earths.engineToBody')}
        {choice('walkAround.earths.batteryToBody')}
        {choice('walkAround.earths.condition')}
        {figure('power.wires.starterCable.crankDropV', 'Drop, starter cable')}
        {figure('power.wires.batteryEarth.crankDropV', 'Drop, battery to engine')}
        {figure('power.wires.engineStrap.crankDropV', 'Drop, engine to body')}
        {figure('power.wires.bodyStrap.crankDropV', 'Drop, battery to body')}
      </Group>
      <Group title="Generator">
        {choice('walkAround.charging.kind')}
        {figure('walkAround.charging.ratedA')}
        {figure('walkAround.charging.pulleyRatio')}
        {figure('power.generator.regulatorV', 'Regulator voltage')}
        {figure('power.generator.cutInRpm', 'Cut-in speed, own shaft')}
        {choice('power.generator.joins', 'Output cable goes to', 'assumed as usual')}
        <p className="pt-2 font-semibold">Output by speed of its shaft</p>
        {known.length < 2 && (
          <p className="text-sm text-soft">
            {known.length === 0 ? 'None entered' : 'One point is no curve'}: a typical one from its rating and cut-in is
            used.
          </p>
        )}
        {output.map((point, i) => (
          <div key={point.id} className="relative border-b border-hair/70 pr-10">
            <PathField job={job} path={`${OUTPUT}.${point.id}.speedRpm`} label={`Point ${i + 1}: speed`} />
            <PathField job={job} path={`${OUTPUT}.${point.id}.currentA`} label={`Point ${i + 1}: current`} />
            <button
              type="button"
              aria-label={`Remove point ${i + 1}`}
              onClick={() =>
                setOutput(
                  output.filter((p) => p.id !== point.id),
                  'output point removed',
                )
              }
              className="absolute top-2 right-0 grid size-8 place-items-center border border-soft/60 hover:bg-wash"
            >
              <Trash2 size={15} aria-hidden />
            </button>
          </div>
        ))}
        {output.length < 12 && (
          <button
            type="button"
            onClick={() => setOutput([...output, emptyOutputPoint(newId())], 'output point added')}
            className="mt-1.5 flex items-center gap-1.5 border border-soft/60 px-2 py-1 font-semibold hover:bg-wash"
          >
            <Plus size={15} aria-hidden /> Add point
          </button>
        )}
      </Group>
      <Group title="Old wiring, as found">
        {choice('walkAround.wiring.state')}
        {choice('walkAround.wiring.ammeter')}
        {choice('power.old.bulkheadConnector')}
        {choice('power.old.fusibleLink')}
        {choice('walkAround.ignition.coilResistor')}
        {choice('power.old.killSwitch')}
      </Group>
      <Group title="What draws current">
        {figure('power.loads.ecuW')}
        {figure('power.loads.ignitionA')}
        {figure('power.loads.fanA')}
        {figure('power.loads.headlampsW')}
        {figure('power.loads.sideLampsW')}
        {figure('power.loads.blowerA')}
        {figure('power.loads.wipersA')}
        {figure('power.loads.heaterW')}
        {figure('power.loads.gaugesA')}
        {figure('power.loads.restA')}
      </Group>
    </>
  )
}
