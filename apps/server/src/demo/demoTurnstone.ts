import { emptyJob, emptyObstacle, type JobDocument } from '@lochmoor/core'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { TURNSTONE_ENGINE_TOP } from './demoEngineTop.ts'
import { CURLEW_EXHAUST, withTightJoints } from './demoExhausts.ts'
import { turnstoneHarness } from './demoHarness.ts'
import { line, pick } from './demoParts.ts'
import { DEMO_PEOPLE } from './demoPeople.ts'
import { CURLEW_POWER } from './demoPower.ts'
import { CURLEW_SYSTEM, CURLEW_WALK } from './demoWalkArounds.ts'

const c = STOCK_CATALOGUE
const ALL_BUILT = ['walkAround', 'system', 'fuel', 'exhaust', 'engineTop', 'power', 'harness'] as const
const { work: noWork } = emptyJob('')

/**
 * The maker's V6 once more, in a saloon, and everything that stops the coupé done right: a wider return, a smaller pump, a swirl pot, the sensor
 * clear of the linkage, suppressed leads, and a loom that was measured, accepted and proved.
 */
const design = ({ harness: _harness, ...curlew }: JobDocument): Omit<JobDocument, 'harness'> => ({
  ...curlew,
  vehicle: {
    ...curlew.vehicle,
    title: 'Aldmoor Turnstone saloon',
    year: 1968,
    displacementM3: 2.499e-3,
    powerW: 84e3,
    powerSpeedRpm: 4800,
  },
  walkAround: {
    ...CURLEW_WALK,
    body: { style: 'saloon', massKg: 1210, drive: 'rear', steering: 'right' },
    engine: { ...CURLEW_WALK.engine, boreM: 0.0857, compressionRatio: 8.6 },
    ignition: { ...CURLEW_WALK.ignition, suppressedLeads: true },
    tests: {
      ...CURLEW_WALK.tests,
      compressionPa: [1.14e6, 1.15e6, 1.13e6, 1.12e6, 1.15e6, 1.14e6],
      smoke: 'none',
      tankInside: 'clean',
    },
  },
  system: {
    ...CURLEW_SYSTEM,
    controller: pick(c.controllers, 'thwaite-t2'),
    asDelivered: {
      revision: 'hardware C',
      pumpSwitch: '1',
      marketSwitch: '1',
      connectors: pick(c.controllers, 'thwaite-t2').connectors ?? '',
    },
    reason: 'As the owner wanted it: it looks stock, and the conversion can be undone.',
  },
  fuel: {
    ...curlew.fuel,
    pump: pick(c.pumps, 'quarrie-q110'),
    return: { ...line(c, 'fleet-inj-6', 4.3, -0.45, 4), connectors: 2 },
    oldLine: { ...curlew.fuel.oldLine, keeps: null },
    tank: { ...curlew.fuel.tank, potM3: 0.4e-3 },
  },
  exhaust: {
    ...withTightJoints(CURLEW_EXHAUST),
    sensor: pick(c.sensors, 'ember-w2'),
    spots: [{ run: 'common', alongM: 0.12, clockDeg: 320 }],
    typeSet: true,
    obstacles: [
      ...CURLEW_EXHAUST.obstacles,
      {
        ...emptyObstacle('obstacle-steering', 'Steering rack, lock to lock', 'b'),
        alongM: -0.1,
        lengthM: 0.2,
        clockDeg: 200,
        widthDeg: 40,
        gapM: 0.06,
        steering: true,
        moves: true,
        otherAlongM: -0.1,
        otherClockDeg: 200,
        otherGapM: 0.05,
      },
    ],
    surplusAt: 'clipped in a flat loop above the gearbox tunnel',
    lead: 'whole',
    coating: 'none',
    benchBefore: 'tight',
  },
  engineTop: TURNSTONE_ENGINE_TOP,
  power: {
    ...CURLEW_POWER,
    wires: { ...CURLEW_POWER.wires, pumpFeed: { ...CURLEW_POWER.wires.pumpFeed, size: 'mm2-4' } },
  },
  work: { ...noWork, state: 'handed-over', personId: DEMO_PEOPLE[1].id, built: [...ALL_BUILT], passed: ['long-trip', 'anybody', 'idle', 'cruise', 'intake-air'] }, // prettier-ignore
})

/** Two jobs of one design: handed over with every station right, and in build with its loom on the bench. */
export const turnstoneAndWhimbrel = (curlew: JobDocument): readonly [turnstone: JobDocument, whimbrel: JobDocument] => {
  const job = design(curlew)
  const provedTo = turnstoneHarness(job)
  return [
    { ...job, harness: provedTo(1) },
    {
      ...job,
      vehicle: { ...job.vehicle, title: 'Aldmoor Whimbrel estate', year: 1971 },
      walkAround: { ...job.walkAround, body: { style: 'estate', massKg: 1270, drive: 'rear', steering: 'right' } },
      work: {
        state: 'in-build',
        personId: DEMO_PEOPLE[2].id,
        heldBy: '',
        built: ['walkAround', 'system', 'fuel', 'exhaust', 'engineTop'],
        passed: [],
      },
      harness: provedTo(0.6),
    },
  ]
}
