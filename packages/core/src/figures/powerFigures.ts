import type { JobDocument } from '../job/index.ts'
import { COLD_CRANK_PER_AH, CUT_IN_RPM, REGULATOR } from '../power/index.ts'
import { WIRE_ROLES, type Station, type WireRole } from '../sections/index.ts'
import { loomLengthM } from './loomWires.ts'
import { assumed, chosenAt, computed, entered, type FigureRule, type Matters } from './figureRule.ts'

/** The network stands behind the volts at the pump: the fuel system computes with all of it. */
const USERS: readonly Station[] = ['power', 'fuel']
/** Listed as assumed at the power station alone. */
const simple = (path: string, value: number | ((job: JobDocument) => number), why: string): FigureRule<number> => ({
  usedBy: ['power'],
  sources: [entered<number>(path), assumed(why, typeof value === 'function' ? (j) => value(j) : value)],
})

export const batteryPlaceOf = (j: JobDocument): 'bay' | 'boot' | 'under-seat' =>
  j.power.battery.place ?? j.walkAround.battery.place ?? 'bay'
export const isDynamo = (j: JobDocument): boolean => j.walkAround.charging.kind === 'dynamo'

/** Usual lengths, one way, m: with the battery in the bay, and away from the engine. Estimates. */
const LENGTHS: Readonly<Record<WireRole, readonly [bay: number, away: number]>> = {
  starterCable: [0.8, 4.5],
  batteryEarth: [0.6, 4.5],
  engineStrap: [0.4, 0.4],
  bodyStrap: [0.4, 0.5],
  chargeCable: [1, 1],
  oldFeed: [1.2, 1.2],
  lightsFeed: [1, 1],
  ignitionFeed: [1.2, 1.2],
  ecuFeed: [1.8, 4.5],
  ecuEarth: [1.8, 4.5],
  keyedFeed: [1, 1],
  pumpFeed: [4.5, 1.5],
  pumpEarth: [0.5, 0.5],
  fanFeed: [1.5, 5],
  fanEarth: [0.6, 0.6],
}
const lengths = Object.fromEntries(
  WIRE_ROLES.map((role): [string, FigureRule<number>] => [
    `power.wires.${role}.lengthM`,
    {
      usedBy: ['power'],
      sources: [
        chosenAt<number>('harness', 'accepted loom', (j) => loomLengthM(j, role)),
        entered<number>(`power.wires.${role}.lengthM`),
        assumed<number>('estimate for a car of usual size', (j) => LENGTHS[role][batteryPlaceOf(j) === 'bay' ? 0 : 1]),
      ],
    },
  ]),
) as Record<`power.wires.${WireRole}.lengthM`, FigureRule<number>>

const electricFan: Matters = (j) =>
  j.power.design.fan === 'relay' ||
  j.power.design.fan === 'old-switch' ||
  (j.power.design.fan === null && j.walkAround.cooling.fan === 'electric')

const YEARS = 365.25 * 86_400

/** What the supply is computed with, in the order a person would find it out. */
export const POWER_FIGURES = {
  'walkAround.battery.capacityC': simple('walkAround.battery.capacityC', 55 * 3600, 'usual size'),
  'walkAround.battery.coldCrankA': {
    usedBy: ['power'],
    sources: [
      entered<number>('walkAround.battery.coldCrankA'),
      assumed(
        '9 A for each Ah: rule of thumb',
        (_, given) => (COLD_CRANK_PER_AH * given.number('walkAround.battery.capacityC')) / 3600,
        ['walkAround.battery.capacityC'],
      ),
    ],
  },
  'walkAround.battery.ageS': simple('walkAround.battery.ageS', 3 * YEARS, 'neither new nor tired'),
  'walkAround.tests.restingV': simple('walkAround.tests.restingV', 12.5, 'four fifths charged'),
  'walkAround.battery.coldestStartK': simple('walkAround.battery.coldestStartK', 263.15, 'until the owner says'),
  'walkAround.charging.ratedA': simple(
    'walkAround.charging.ratedA',
    (j) => (isDynamo(j) ? 22 : 40),
    'usual for a generator of its kind',
  ),
  'walkAround.charging.pulleyRatio': simple('walkAround.charging.pulleyRatio', 2, 'usual pulleys'),
  'power.generator.regulatorV': {
    usedBy: ['power'],
    sources: [
      entered<number>('power.generator.regulatorV'),
      assumed('usual set point', (j) => REGULATOR[isDynamo(j) ? 'dynamo' : 'alternator'].setV),
    ],
  },
  'power.generator.cutInRpm': simple(
    'power.generator.cutInRpm',
    (j) => CUT_IN_RPM[isDynamo(j) ? 'dynamo' : 'alternator'],
    'usual for its kind',
  ),
  'walkAround.engine.compressionRatio': simple('walkAround.engine.compressionRatio', 8.5, 'a road engine of the time'),
  'power.starter.powerW': {
    usedBy: ['power'],
    sources: [
      entered<number>('power.starter.powerW'),
      assumed(
        '0.8 kW and 0.3 kW for each litre: rule of thumb',
        (_, given) => 800 + 300e3 * given.number('vehicle.displacementM3'),
        ['vehicle.displacementM3'],
      ),
    ],
  },
  'power.leastCrankRpm': simple('power.leastCrankRpm', 80, 'rule of thumb'),
  'power.loads.ecuW': simple('power.loads.ecuW', 10, 'typical'),
  pumpA: {
    usedBy: ['power', 'harness'],
    sources: [
      computed<number>('pump’s own table at the set pressure', ['fuel.setPressurePa'], ({ fuel }, given) => {
        const table = fuel.pump?.tables.reduce((a, b) =>
          Math.abs(b.voltageV - 13) < Math.abs(a.voltageV - 13) ? b : a,
        )
        if (!table || table.points.length < 2) return null
        const pa = given.number('fuel.setPressurePa')
        const i = Math.max(
          1,
          Math.min(
            table.points.length - 1,
            table.points.findIndex((p) => p.pressurePa >= pa),
          ),
        )
        const [a, b] = [table.points[i - 1]!, table.points[i]!]
        const share = b.pressurePa === a.pressurePa ? 0 : (pa - a.pressurePa) / (b.pressurePa - a.pressurePa)
        return Math.max(0.2, a.currentA + share * (b.currentA - a.currentA)) * fuel.pumpCount
      }),
      assumed('usual at this pressure: typical', (_, given) => (given.number('fuel.setPressurePa') > 200e3 ? 6 : 3), [
        'fuel.setPressurePa',
      ]),
    ],
  },
  'power.loads.ignitionA': simple('power.loads.ignitionA', 4, 'points or one coil: typical'),
  'power.loads.headlampsW': simple('power.loads.headlampsW', 110, 'two of 55 W'),
  'power.loads.sideLampsW': simple('power.loads.sideLampsW', 30, 'typical'),
  'power.loads.blowerA': simple('power.loads.blowerA', 5, 'typical'),
  'power.loads.wipersA': simple('power.loads.wipersA', 3, 'typical'),
  'power.loads.fanA': { ...simple('power.loads.fanA', 12, 'one fan of 30 to 40 cm: typical'), matters: electricFan },
  'power.loads.heaterW': simple('power.loads.heaterW', 15, 'typical'),
  'power.loads.gaugesA': simple('power.loads.gaugesA', 1, 'typical'),
  'power.loads.restA': simple('power.loads.restA', 0.02, 'clock and the ECU’s memory: typical'),
  'power.relay.pullInV': simple('power.relay.pullInV', 7.5, 'typical'),
  'power.relay.dropOutV': simple('power.relay.dropOutV', 3, 'typical'),
  'power.relay.coilOhm': simple('power.relay.coilOhm', 85, 'typical'),
  'power.relay.coilK': simple('power.relay.coilK', 333.15, 'a warm bay'),
  ...lengths,
} satisfies Record<string, FigureRule<number>>
export { USERS as NETWORK_USERS }
