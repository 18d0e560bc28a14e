import { emptyJob, emptyPurchase, type JobDocument } from '@lochmoor/core'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { HERON, LINNET } from './demoCircuits.ts'
import { CARRIER_ENGINE_TOP, CURLEW_ENGINE_TOP } from './demoEngineTop.ts'
import { CARRIER_EXHAUST, CURLEW_EXHAUST, WARDEN_EXHAUST } from './demoExhausts.ts'
import { leg, line, pick, SAFE } from './demoParts.ts'
import { carrierHarness, CURLEW_HARNESS, WARDEN_HARNESS } from './demoHarness.ts'
import { CARRIER_POWER, CURLEW_POWER, WARDEN_POWER } from './demoPower.ts'
import { DEMO_PEOPLE } from './demoPeople.ts'
import { turnstoneAndWhimbrel } from './demoTurnstone.ts'
import {
  CARRIER_SYSTEM,
  CARRIER_WALK,
  CURLEW_SYSTEM,
  CURLEW_WALK,
  PLOVER_WALK,
  WARDEN_SYSTEM,
  WARDEN_WALK,
} from './demoWalkArounds.ts'

/** The workshop of the demo. Invented, like every car and part in it. */
export const DEMO_WORKSHOP = { id: '0d3a7c1e-5b1f-4a7e-9c41-6f1c0c2b7a01', name: 'Skerrow Bank Garage' }

const c = STOCK_CATALOGUE
const { engineTop: noEngineTop, fuel: noFuel, facts: noFacts, orders: noOrders } = emptyJob('')

const CURLEW_FACTS: JobDocument['facts'] = {
  owner: 'J. Wharfe',
  phone: '01632 960 417',
  address: '4 Millrace Row, Skerrow',
  registration: 'CRL 69',
  chassis: 'GT6-004417',
  engine: 'V6-31-2290',
  odometerM: 96_400e3,
  keyNumber: 'K 318',
  onPapers: ['owner', 'registration', 'chassis', 'odometer'],
}

/** Bought early because it is hard to get, and found one day to be another revision. */
const CURLEW_ORDERS: JobDocument['orders'] = {
  currency: 'EUR',
  purchases: [
    {
      ...emptyPurchase('purchase-1', 'Quarrie Q170', 'fuel-pump'),
      supplier: 'Fellside Fuel Parts',
      price: 138,
      buyWhen: 'now',
      delivered: 'right',
      tested: 'passed',
      sizeM: 0.19,
      roomM: 0.24,
      weakness: 'Those before batch 40 leaked at the outlet fitting',
    },
  ],
}

/** A strong pump on a low-pressure throttle body, with the old quarter-inch line as return. */
const curlew: JobDocument = {
  vehicle: {
    title: 'Aldmoor Curlew GT',
    year: 1969,
    layout: 'vee',
    cylinders: 6,
    displacementM3: 2.994e-3,
    aspiration: 'natural',
    powerW: 108e3,
    powerBasis: 'flywheel-net',
    powerSpeedRpm: 5000,
    boostPa: null,
    idleSpeedRpm: 800,
    idleManifoldPa: 38e3,
    cruiseSpeedRpm: 2600,
    cruiseManifoldPa: 52e3,
  },
  walkAround: CURLEW_WALK,
  system: CURLEW_SYSTEM,
  fuel: {
    ...noFuel,
    ethanolShare: 0.05,
    fuelTemperatureK: 298.15,
    systemType: 'return',
    injectionPlace: 'above-plate',
    setPressurePa: 100e3,
    referenced: false,
    pump: pick(c.pumps, 'quarrie-q170'),
    strainer: pick(c.filters, 'kell-s100'),
    filter: pick(c.filters, 'kell-f10'),
    filterPosition: 'before-regulator',
    regulator: pick(c.regulators, 'bield-r1'),
    feed: {
      ...line(c, 'wath-lined-6', 4.1, 0.45, 3),
      legs: [
        leg(c, 'Pump to filter', 0.45, ['scree-r6-0', 'scree-r6-90'], { bends90: 1, bendRadiusM: 0.09 }),
        leg(c, 'Filter to bulkhead', 2.85, ['scree-r6-0', 'scree-r6-45'], {
          bends90: 1,
          bends45: 2,
          bendRadiusM: 0.12,
          exhaustGapM: 0.11,
          sleeved: true,
          panels: 1,
        }),
        leg(c, 'Bulkhead to throttle body', 0.8, ['scree-r6-45', 'scree-r6-90'], {
          bends90: 1,
          bendRadiusM: 0.1,
          moves: 'engine',
        }),
      ],
    },
    return: line(c, 'tube-1-4', 4.3, -0.45, 4),
    suction: { ...line(c, 'fleet-inj-10', 0.5, 0, 1), bends45: 0 },
    vent: line(c, 'fleet-low-8', 1.4, 0.3, 2),
    oldLine: { keeps: 'return', outsideM: 6.35e-3, wallM: 0.71e-3, joints: 'flared', provedPa: 1.4e6 },
    injector: pick(c.injectors, 'skell-b400'),
    injectorCount: 4,
    openingsPerCycle: 2,
    lowV: 12,
    runningV: 13.6,
    highV: 14.6,
    reidPa: 60e3,
    altitudeM: 900,
    hotFuelK: 313.15,
    inletHeadM: 0.06,
    primeS: 2,
    railM3: 60e-6,
    tank: {
      ...noFuel.tank,
      lowerM: 0.15,
      lowM3: 8e-3,
      floorLengthM: 0.52,
      floorWidthM: 0.78,
      fromFrontM: 0.26,
      fromLeftM: 0.36,
      pickUpHeightM: 0.012,
      lossWK: 15,
      returnWarmerK: 3,
      hotDayK: 303.15,
      rollOverValve: true,
      ventLoop: true,
      ventEnds: 'outside-down',
      senderEmptyOhm: 73,
      senderFullOhm: 10,
      gaugeEmptyOhm: 73,
      gaugeFullOhm: 10,
    },
    safety: SAFE,
  },
  exhaust: CURLEW_EXHAUST,
  engineTop: CURLEW_ENGINE_TOP,
  power: CURLEW_POWER,
  harness: CURLEW_HARNESS,
  work: { state: 'designed', personId: DEMO_PEOPLE[1].id, heldBy: '', built: [], passed: [] },
  facts: CURLEW_FACTS,
  orders: CURLEW_ORDERS,
}

/** A big slow engine on a module with its own regulator and one line. */
const warden: JobDocument = {
  vehicle: {
    title: 'Hesket Warden saloon',
    year: 1957,
    layout: 'inline',
    cylinders: 8,
    displacementM3: 4.24e-3,
    aspiration: 'natural',
    powerW: 125e3,
    powerBasis: 'flywheel-gross',
    powerSpeedRpm: 3400,
    boostPa: null,
    idleSpeedRpm: 550,
    idleManifoldPa: 36e3,
    cruiseSpeedRpm: 2000,
    cruiseManifoldPa: 50e3,
  },
  walkAround: WARDEN_WALK,
  system: WARDEN_SYSTEM,
  fuel: {
    ...noFuel,
    ethanolShare: 0.05,
    fuelTemperatureK: 298.15,
    systemType: 'single-line',
    injectionPlace: 'above-plate',
    setPressurePa: 400e3,
    referenced: false,
    pump: pick(c.pumps, 'hagg-m120'),
    strainer: pick(c.filters, 'kell-sock-70'),
    filter: pick(c.filters, 'kell-f10'),
    filterPosition: 'after-regulator',
    regulator: pick(c.regulators, 'bield-s400'),
    feed: {
      ...line(c, 'tube-5-16', 4.9, 0.5, 5),
      legs: [
        leg(c, 'Module to body', 0.55, ['scree-q5-90', 'scree-c5-0'], {
          hose: pick(c.hoses, 'fleet-inj-8'),
          bends90: 1,
          bendRadiusM: 0.1,
          moves: 'tank',
        }),
        leg(c, 'Along the sill', 3.4, ['scree-n5', 'scree-n5'], {
          bends90: 2,
          bends45: 2,
          bendRadiusM: 0.05,
          panels: 1,
        }),
        leg(c, 'Frame to throttle body', 0.75, ['scree-c5-0', 'scree-c5-90'], {
          hose: pick(c.hoses, 'fleet-inj-8'),
          bends90: 1,
          bendRadiusM: 0.11,
          moves: 'engine',
        }),
      ],
    },
    vent: line(c, 'fleet-low-8', 1.6, 0.3, 2),
    injector: pick(c.injectors, 'skell-c340'),
    injectorCount: 4,
    openingsPerCycle: 2,
    lowV: 12.2,
    runningV: 13.6,
    highV: 14.5,
    reidPa: 60e3,
    altitudeM: 600,
    hotFuelK: 313.15,
    inletHeadM: 0.03,
    primeS: 2.5,
    railM3: 60e-6,
    tank: {
      ...noFuel.tank,
      hangerM: 0.245,
      mostHangerM: 0.245,
      floorClearanceM: 0.008,
      hatHeightM: 0.022,
      fittingHeightM: 0.018,
      bendRadiusM: 0,
      tiltDeg: 6,
      hingeToHatM: 0.42,
      swingRoomM: 0.08,
      lowerM: 0.14,
      lowM3: 11e-3,
      floorLengthM: 0.6,
      floorWidthM: 0.85,
      fromFrontM: 0.3,
      fromLeftM: 0.42,
      pickUpHeightM: 0.012,
      potM3: 1.2e-3,
      lossWK: 17,
      returnWarmerK: 0,
      hotDayK: 303.15,
      rollOverValve: true,
      ventLoop: true,
      ventEnds: 'outside-down',
      senderEmptyOhm: 240,
      senderFullOhm: 33,
      gaugeEmptyOhm: 240,
      gaugeFullOhm: 33,
      senderEarth: 'own-lead',
    },
    safety: SAFE,
  },
  exhaust: WARDEN_EXHAUST,
  engineTop: noEngineTop,
  power: WARDEN_POWER,
  harness: WARDEN_HARNESS,
  work: {
    state: 'parts-ordered',
    personId: DEMO_PEOPLE[0].id,
    heldBy: 'Module and hose on their way',
    built: ['walkAround', 'system'],
    passed: [],
  },
  facts: { ...noFacts, owner: 'A. Threlkeld', registration: 'HSK 57', odometerM: 148_300e3, onPapers: ['owner'] },
  orders: noOrders,
}

/** A small blown engine whose pump is enough on the bench and short on the road at night. */
const carrierWithoutLoom: Omit<JobDocument, 'harness'> = {
  vehicle: {
    title: 'Brindle Carrier van',
    year: 1963,
    layout: 'flat',
    cylinders: 4,
    displacementM3: 1.79e-3,
    aspiration: 'turbocharged',
    powerW: 84e3,
    powerBasis: 'flywheel-net',
    powerSpeedRpm: 4900,
    boostPa: 45e3,
    idleSpeedRpm: 900,
    idleManifoldPa: 42e3,
    cruiseSpeedRpm: 3000,
    cruiseManifoldPa: 70e3,
  },
  walkAround: CARRIER_WALK,
  system: CARRIER_SYSTEM,
  fuel: {
    ...noFuel,
    ethanolShare: 0.1,
    fuelTemperatureK: 303.15,
    systemType: 'return',
    injectionPlace: 'port',
    setPressurePa: 300e3,
    referenced: true,
    pump: pick(c.pumps, 'tarnside-t75'),
    strainer: pick(c.filters, 'kell-sock-70'),
    filter: pick(c.filters, 'kell-f10'),
    filterPosition: 'before-regulator',
    regulator: pick(c.regulators, 'bield-r3'),
    feed: {
      ...line(c, 'fleet-inj-8', 2.6, 0.2, 3),
      legs: [
        leg(c, 'Tank to frame', 0.5, ['scree-q5-90', 'scree-c5-0'], { bends90: 1, bendRadiusM: 0.09, moves: 'tank' }),
        leg(c, 'Frame to rail', 2.1, ['scree-c5-0', 'scree-c5-90'], {
          bends90: 2,
          bends45: 1,
          bendRadiusM: 0.1,
          moves: 'engine',
          exhaustGapM: 0.2,
          panels: 1,
        }),
      ],
    },
    return: {
      ...line(c, 'fleet-inj-8', 2.7, -0.2, 3),
      legs: [
        leg(c, 'Regulator to frame', 2.2, ['scree-c5-0', 'scree-c5-0'], {
          bends90: 2,
          bends45: 1,
          moves: 'engine',
          panels: 1,
        }),
        leg(c, 'Frame to tank', 0.5, ['scree-c5-0', 'scree-q5-90'], { bends90: 1, moves: 'tank' }),
      ],
    },
    injector: pick(c.injectors, 'pirn-p340'),
    injectorCount: 4,
    openingsPerCycle: 1,
    lowV: 11.6,
    runningV: 13.4,
    highV: 14.4,
    vent: line(c, 'fleet-low-8', 1.2, 0.3, 2),
    tank: {
      ...noFuel.tank,
      hangerM: 0.19,
      mostHangerM: 0.19,
      floorLengthM: 0.42,
      floorWidthM: 0.58,
      fromFrontM: 0.2,
      fromLeftM: 0.3,
      potM3: 0.4e-3,
      rollOverValve: true,
      ventLoop: true,
      ventEnds: 'outside-down',
    },
    safety: SAFE,
  },
  exhaust: CARRIER_EXHAUST,
  engineTop: CARRIER_ENGINE_TOP,
  power: CARRIER_POWER,
  work: {
    state: 'surveyed',
    personId: DEMO_PEOPLE[2].id,
    heldBy: 'Owner looks for an alternator bracket',
    built: [],
    passed: [],
  },
  facts: noFacts,
  orders: noOrders,
}
const carrier: JobDocument = { ...carrierWithoutLoom, harness: carrierHarness(carrierWithoutLoom) }

const { vehicle: noCar, ...nothing } = emptyJob('Thornkeld Plover tourer')

/** Asked for last week: hardly anything known. */
const plover: JobDocument = {
  ...nothing,
  vehicle: { ...noCar, year: 1954, layout: 'inline', cylinders: 4 },
  walkAround: PLOVER_WALK,
}

const [turnstone, whimbrel] = turnstoneAndWhimbrel(curlew)

/** Fixed ids, so that links into the demo keep working over `--fresh`. */
export const DEMO_JOBS: readonly {
  readonly id: string
  readonly document: JobDocument
  readonly daysInState: number
  /** When somebody first asked for it, days ago. */
  readonly daysAgo: number
}[] = [
  { id: 'd62fac18-7059-4e3b-af7c-1b0c9d8e4f44', document: plover, daysInState: 3, daysAgo: 3 },
  { id: 'c51e9b07-6f48-4d2a-9e6b-0a9b8c7d3e33', document: carrier, daysInState: 6, daysAgo: 16 },
  { id: '8b7d2e94-1c35-4f0b-b0a2-77d1e5a4c222', document: warden, daysInState: 9, daysAgo: 48 },
  { id: '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11', document: curlew, daysInState: 12, daysAgo: 24 },
  { id: 'e7a0d3b2-4c61-4f58-8d2e-5b6a7c8d9e55', document: HERON, daysInState: 15, daysAgo: 30 },
  { id: 'f1b9c4a6-7d25-4e83-9a1f-2c3d4e5f6a66', document: LINNET, daysInState: 18, daysAgo: 33 },
  { id: 'b7c8d9e0-3f49-4a76-9d18-4f2a6b7c8d88', document: whimbrel, daysInState: 4, daysAgo: 62 },
  { id: '9a4e7b1c-2d38-4f65-8c07-3e1f5a6b7c77', document: turnstone, daysInState: 7, daysAgo: 118 },
]
