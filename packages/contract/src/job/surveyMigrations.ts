import { copy, nulls, object, type JobMigration, type Json } from './migrationStep.ts'

export const CONTROLLERS_SAY_SINCE_14 = nulls(
  'digitalInputs',
  'knockInput',
  'connectors',
  'revision',
  'pumpSwitch',
  'marketSwitch',
)
export const SENSORS_SAY_SINCE_14 = nulls('calibratedLead')

/** Groups of a section with what they say more; a group that an older or damaged copy has not is made. */
const more = (section: Json, groups: Readonly<Record<string, Json>>): Json => ({
  ...section,
  ...Object.fromEntries(
    Object.entries(groups).map(([name, fields]) => [name, { ...object(section[name]), ...fields }]),
  ),
})

const walkAround = (section: Json): Json => ({
  ...more(section, {
    body: nulls('steering'),
    engine: { sensors: [] },
    intake: { consumers: [] },
    ignition: nulls('boxPlace'),
    gearbox: nulls('lockUp', 'computerPlace'),
    exhaust: { comesApart: null, poisons: [] },
    tank: nulls('oldPump', 'gauge'),
    wiring: nulls('loomYear'),
    tests: { vacuumLeak: null, exhaustRepairs: [] },
  }),
  baseline: nulls(
    'idleLambda',
    'idleVacuumPa',
    'idleRpm',
    'coolantK',
    'airK',
    'idleV',
    'cruiseLambda',
    'cruiseVacuumPa',
    'cruiseRpm',
  ),
  reach: { inTheWay: [], fasteners: [] },
  means: nulls('lift', 'drillM', 'crimpTools', 'laptop', 'helper', 'shelter'),
})

const system = (section: Json): Json => ({
  ...section,
  ...('controller' in section ? { controller: copy(section.controller, CONTROLLERS_SAY_SINCE_14) } : {}),
  uses: [],
  signals: [],
  ...nulls('distributorSize', 'tuning'),
  later: [],
  asDelivered: { revision: '', pumpSwitch: '', marketSwitch: '', connectors: '' },
})

const fuel = (section: Json): Json => ({
  ...more(section, { tank: nulls('senderEarth', 'hatch', 'pumpHeard', 'strappedUp') }),
  secondEthanolShare: null,
  changedByHand: '',
})

/** What was called steering is it; whoever called it otherwise is asked. */
const obstacle = (o: Json): Json => ({
  ...o,
  steering: typeof o['name'] === 'string' && /steer/i.test(o['name']),
})

const exhaust = (section: Json): Json => ({
  ...section,
  ...(Array.isArray(section['obstacles']) ? { obstacles: section['obstacles'].map((o) => obstacle(object(o))) } : {}),
  ...('sensor' in section ? { sensor: copy(section.sensor, SENSORS_SAY_SINCE_14) } : {}),
  airPump: [],
  surplusAt: '',
  ...nulls('found', 'weldLater', 'trip', 'flanged', 'coating', 'benchBefore', 'benchAfter', 'lead'),
})

const work = (section: Json): Json => ({ ...section, passed: [] })

const STEPS = { walkAround, system, fuel, exhaust, work } as const

export const addSurvey: JobMigration = {
  id: '13-to-14: the survey in full, further inputs, stages, a second fuel, a bung as found, facts and orders',
  from: 13,
  up: (sections) => ({
    ...Object.fromEntries(
      Object.entries(sections).map(([name, section]) => [
        name,
        name in STEPS ? STEPS[name as keyof typeof STEPS](object(section)) : section,
      ]),
    ),
    facts: {
      owner: '',
      phone: '',
      address: '',
      registration: '',
      chassis: '',
      engine: '',
      odometerM: null,
      keyNumber: '',
      onPapers: [],
    },
    orders: { currency: '', purchases: [] },
  }),
}
