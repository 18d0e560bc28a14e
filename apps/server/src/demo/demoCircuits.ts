import { emptyJob, emptyLine, type JobDocument } from '@lochmoor/core'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { line, pick, SAFE } from './demoParts.ts'
import { LINNET_POWER } from './demoPower.ts'
import { DEMO_PEOPLE } from './demoPeople.ts'

const c = STOCK_CATALOGUE
const { vehicle: noCar, fuel: noFuel, ...nothing } = emptyJob('')

/** An old capillary kept as the only line: the regulator at the tank may hold, but nothing is left at the rail. */
export const HERON: JobDocument = {
  ...nothing,
  vehicle: { ...noCar, title: 'Marrick Heron estate', year: 1971, layout: 'vee', cylinders: 8, displacementM3: 4.9e-3, powerW: 177e3, powerSpeedRpm: 5000 }, // prettier-ignore
  fuel: {
    ...noFuel,
    ethanolShare: 0,
    fuelTemperatureK: 293.15,
    systemType: 'single-line',
    injectionPlace: 'port',
    setPressurePa: 300e3,
    pump: pick(c.pumps, 'hagg-m190'),
    strainer: pick(c.filters, 'kell-sock-70'),
    filter: pick(c.filters, 'kell-f10'),
    filterPosition: 'before-regulator',
    regulator: pick(c.regulators, 'bield-s300'),
    feed: { ...emptyLine, measuredBoreM: 2e-3, lengthM: 4, riseM: 0.3 },
    vent: line(c, 'fleet-low-8', 1.4, 0.3, 2),
    injector: pick(c.injectors, 'pirn-p340'),
    injectorCount: 8,
    openingsPerCycle: 1,
    lowV: 12.2,
    safety: SAFE,
  },
  work: { state: 'designed', personId: DEMO_PEOPLE[0].id, heldBy: '', built: [], passed: [] },
}

/** The old gauge pipe kept as return behind a low-pressure throttle body: it lifts the rail at every moment. */
export const LINNET: JobDocument = {
  ...nothing,
  walkAround: {
    ...nothing.walkAround,
    battery: { ...nothing.walkAround.battery, place: 'bay', systemV: '12', earth: 'negative' },
    charging: { kind: 'dynamo', ratedA: 22, pulleyRatio: 1.6 },
  },
  power: LINNET_POWER,
  vehicle: { ...noCar, title: 'Tolland Linnet roadster', year: 1961, layout: 'inline', cylinders: 4, displacementM3: 1.6e-3, powerW: 55e3, powerSpeedRpm: 5200 }, // prettier-ignore
  fuel: {
    ...noFuel,
    ethanolShare: 0,
    fuelTemperatureK: 293.15,
    systemType: 'return',
    injectionPlace: 'above-plate',
    setPressurePa: 80e3,
    pump: pick(c.pumps, 'quarrie-q110'),
    strainer: pick(c.filters, 'kell-s100'),
    filter: pick(c.filters, 'kell-f10'),
    regulator: pick(c.regulators, 'bield-r1'),
    feed: line(c, 'wath-lined-6', 3.6, 0.4, 3),
    return: { ...emptyLine, measuredBoreM: 2e-3, lengthM: 3.8, riseM: -0.4 },
    suction: { ...line(c, 'fleet-inj-10', 0.4, 0, 1), bends45: 0 },
    vent: line(c, 'fleet-low-8', 1.2, 0.3, 2),
    injector: pick(c.injectors, 'skell-b400'),
    injectorCount: 4,
    openingsPerCycle: 1,
    lowV: 12,
    safety: SAFE,
  },
  work: { state: 'designed', personId: DEMO_PEOPLE[1].id, heldBy: '', built: [], passed: [] },
}
