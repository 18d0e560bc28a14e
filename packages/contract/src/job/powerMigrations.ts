import { copy, nulls, object, type JobMigration, type Json } from './migrationStep.ts'

/** What controllers say since version 8. */
export const CONTROLLERS_SAY_SINCE_8 = nulls('leastV', 'rideThroughS')

const NEW_WIRE: Json = nulls('lengthM', 'size', 'joints', 'ambient', 'fuseA', 'crankDropV')
const NEW_WIRES = [
  'starterCable',
  'batteryEarth',
  'engineStrap',
  'bodyStrap',
  'chargeCable',
  'oldFeed',
  'lightsFeed',
  'ignitionFeed',
  'ecuFeed',
  'ecuEarth',
  'keyedFeed',
  'pumpFeed',
  'pumpEarth',
  'fanFeed',
  'fanEarth',
] as const

export const addPower: JobMigration = {
  id: '7-to-8: the supply, the coldest start, and below what an ECU resets',
  from: 7,
  up: (sections) => {
    const next = { ...sections }
    if (sections.walkAround !== undefined) {
      const walk = object(sections.walkAround)
      next.walkAround = { ...walk, battery: { ...object(walk.battery), coldestStartK: null } }
    }
    if (sections.system !== undefined) {
      const system = object(sections.system)
      if ('controller' in system)
        next.system = { ...system, controller: copy(system.controller, CONTROLLERS_SAY_SINCE_8) }
    }
    return {
      ...next,
      power: {
        battery: nulls('standard', 'place'),
        generator: { ...nulls('regulatorV', 'cutInRpm', 'joins'), output: [] },
        old: nulls('bulkheadConnector', 'fusibleLink', 'killSwitch'),
        starter: nulls('powerW'),
        design: {
          ecuFeed: 'battery',
          ecuEarth: 'battery',
          keyedFeed: 'relay',
          pumpFeed: 'battery',
          pumpEarth: 'body',
          relays: 'separate',
          fan: null,
          heaterFeed: 'keyed',
          gaugesFeed: 'ignition',
          pickUpFeed: 'ecu',
          jumpPosts: null,
        },
        loads: nulls(
          'ecuW',
          'headlampsW',
          'sideLampsW',
          'blowerA',
          'wipersA',
          'ignitionA',
          'fanA',
          'heaterW',
          'gaugesA',
          'restA',
        ),
        relay: nulls('pullInV', 'dropOutV', 'coilOhm', 'coilK'),
        leastCrankRpm: null,
        wires: Object.fromEntries(NEW_WIRES.map((role) => [role, NEW_WIRE])),
      },
    }
  },
}

export const addFeedsAndEarths: JobMigration = {
  id: '8-to-9: feeds, fuse box, returns of the sensors, insulation of the wires',
  from: 8,
  up: (sections) => {
    if (sections.power === undefined) return sections
    const power = object(sections.power)
    const wires = object(power.wires)
    return {
      ...sections,
      power: {
        ...power,
        old: { ...object(power.old), chargeLamp: null, keyedWires: [], box: [] },
        design: {
          ...object(power.design),
          pumpCut: 'ecu',
          coilFeed: 'key',
          fanTrigger: 'earth',
          damping: 'none',
          lampDiode: null,
        },
        sensors: { coolant: 'ecu', air: 'ecu', manifold: 'ecu', throttle: 'ecu', oxygen: 'ecu' },
        wires: Object.fromEntries(
          Object.entries(wires).map(([role, w]) => [role, { ...object(w), insulation: null, loadedWires: null }]),
        ),
      },
    }
  },
}
