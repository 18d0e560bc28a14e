import type { JobDocument } from '../../../job/index.ts'
import type { PowerDesign } from '../../../sections/index.ts'
import { withValueAt } from '../../../shape/index.ts'
import { soundJob } from '../../fuel/test/jobs.ts'

/** A job whose supply is as it should be: new battery, straps bright, an alternator that covers everything at idle. */
export const poweredJob = (places: Readonly<Record<string, unknown>> = {}, design: Partial<PowerDesign> = {}): JobDocument => {
  const base: Readonly<Record<string, unknown>> = {
    'fuel.lowV': null,
    'fuel.runningV': null,
    'fuel.highV': null,
    'vehicle.cylinders': 4,
    'vehicle.displacementM3': 2e-3,
    'vehicle.idleSpeedRpm': 850,
    'walkAround.battery.systemV': '12',
    'walkAround.battery.earth': 'negative',
    'walkAround.battery.place': 'bay',
    'walkAround.battery.capacityC': 60 * 3600,
    'walkAround.battery.coldCrankA': 540,
    'walkAround.battery.ageS': 3e7,
    'walkAround.battery.coldestStartK': 268.15,
    'walkAround.tests.restingV': 12.65,
    'walkAround.charging.kind': 'alternator',
    'walkAround.charging.ratedA': 70,
    'walkAround.charging.pulleyRatio': 2.6,
    'walkAround.earths.batteryToEngine': true,
    'walkAround.earths.engineToBody': true,
    'walkAround.earths.batteryToBody': true,
    'walkAround.earths.condition': 'bright',
    'power.battery.standard': 'en',
    'power.old.bulkheadConnector': false,
    'power.old.fusibleLink': false,
    'power.old.killSwitch': 'none',
    'power.old.chargeLamp': true,
    'walkAround.wiring.ammeter': false,
    'walkAround.ignition.coilResistor': false,
    'power.old.box': [{ id: 'box-1', name: '1', feeds: '', live: 'run', ratingA: 8 }],
    'power.wires.pumpFeed.lengthM': 4,
    'power.wires.pumpFeed.size': 'mm2-2.5',
  } // prettier-ignore
  const job = Object.entries({ ...base, ...places }).reduce<JobDocument>((j, [path, value]) => withValueAt(j, path, value), soundJob())
  return { ...job, power: { ...job.power, design: { ...job.power.design, ...design } } }
} // prettier-ignore
