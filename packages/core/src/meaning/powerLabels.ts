import { WIRE_SIZES } from '../parts/index.ts'
import type { POWER, POWER_WIRE } from '../sections/power.ts'
import type { Labels } from './labels.ts'

/** What every wire of the design is called. */
export const WIRE_LABELS = {
  starterCable: 'Starter cable',
  batteryEarth: 'Battery to engine strap',
  engineStrap: 'Engine to body strap',
  bodyStrap: 'Battery to body strap',
  chargeCable: 'Charging cable',
  oldFeed: 'Old main feed',
  lightsFeed: 'Feed to the fuse box',
  ignitionFeed: 'Ignition feed',
  ecuFeed: 'ECU feed',
  ecuEarth: 'ECU earth',
  keyedFeed: 'Keyed feed',
  pumpFeed: 'Pump feed',
  pumpEarth: 'Pump earth',
  fanFeed: 'Fan feed',
  fanEarth: 'Fan earth',
} as const

const RETURN_WORDS = {
  ecu: 'ECU sensor earth',
  block: 'engine block',
  head: 'cylinder head',
  body: 'body',
  battery: 'battery terminal',
} as const

const wire = (name: string): Labels<typeof POWER_WIRE> => ({
  '': name,
  lengthM: 'length',
  size: { label: 'size', words: Object.fromEntries(WIRE_SIZES.map((s) => [s.id, s.words])) },
  joints: {
    label: 'terminals',
    words: { good: 'crimped and bright', fair: 'sound, not new', poor: 'green or loose', rusty: 'on rust' },
  },
  ambient: {
    label: 'runs through',
    words: { cabin: 'cabin or boot', bay: 'engine bay', hot: 'near the exhaust' },
  },
  insulation: { label: 'insulation', words: { xlpe: 'cross-linked, 125 °C', pvc: 'PVC, 85 °C' } },
  loadedWires: 'loaded wires in its bundle',
  fuseA: 'fuse',
  crankDropV: 'voltage drop while cranking',
})

export const POWER_LABELS: Labels<typeof POWER> = {
  '': '',
  battery: {
    '': 'Battery',
    standard: { label: 'rating standard', words: { en: 'EN', sae: 'SAE' } },
    place: {
      label: 'place in the conversion',
      words: { bay: 'in the engine bay', boot: 'in the boot', 'under-seat': 'under a seat' },
    },
  },
  generator: {
    '': 'Generator',
    regulatorV: 'regulator voltage',
    cutInRpm: 'cut-in speed',
    output: { '': 'output', item: { '': '', speedRpm: 'speed', currentA: 'current' } },
    joins: {
      label: 'output cable goes to',
      words: { 'starter-stud': 'starter stud', 'old-main': 'ammeter or key', battery: 'battery terminal' },
    },
  },
  old: {
    '': 'Old wiring',
    bulkheadConnector: 'bulkhead connector',
    fusibleLink: 'fusible link',
    killSwitch: {
      label: 'kill switch',
      words: {
        none: 'none',
        battery: 'in the battery cable',
        ignition: 'in the ignition feed',
        full: 'battery, keyed feed and generator field',
      },
    },
    chargeLamp: 'charging lamp on the generator’s field',
    keyedWires: {
      '': 'Keyed wires as found',
      item: {
        '': '',
        name: 'name',
        offV: 'key off',
        runV: 'key on',
        startV: 'starter turning',
        postsV: 'battery terminals in the same start',
      },
    },
    box: {
      '': 'Old fuse box',
      item: {
        '': '',
        name: 'position',
        feeds: 'feeds',
        live: {
          label: 'live',
          words: { always: 'always', run: 'in run', 'run-and-start': 'in run and start', lights: 'with the lights' },
        },
        ratingA: 'fuse',
      },
    },
  },
  starter: { '': 'Starter', powerW: 'rated power' },
  design: {
    '': '',
    ecuFeed: {
      label: 'ECU constant feed from',
      words: {
        battery: 'battery terminal',
        'starter-stud': 'starter stud',
        'kill-switch': 'kill switch',
        'old-main': 'old fuse box',
        ignition: 'ignition switch',
      },
    },
    ecuEarth: {
      label: 'ECU power earth at',
      words: { battery: 'battery terminal', block: 'engine block', head: 'cylinder head', body: 'body' },
    },
    keyedFeed: {
      label: 'ECU keyed feed from',
      words: {
        relay: 'relay, live in run and start',
        'run-and-start': 'old wire live in run and start',
        'run-only': 'old wire dead in start',
        'after-ballast': 'coil terminal, after the ballast',
      },
    },
    pumpFeed: {
      label: 'Pump feed from',
      words: { battery: 'battery terminal', 'starter-stud': 'starter stud', 'old-main': 'old fuse box' },
    },
    pumpEarth: {
      label: 'Pump earth at',
      words: { body: 'proven clean body point', battery: 'battery terminal', frame: 'old frame, as found' },
    },
    relays: { label: 'ECU and pump relays', words: { separate: 'one each', shared: 'one for both' } },
    fan: {
      label: 'Electric fan',
      words: { none: 'none', relay: 'relay, driven by the ECU', 'old-switch': 'old switch and wiring' },
    },
    heaterFeed: {
      label: 'Oxygen sensor heater fed from',
      words: { keyed: 'keyed feed', 'pump-relay': 'pump relay', constant: 'constant feed' },
    },
    gaugesFeed: {
      label: 'Added gauges fed from',
      words: { ignition: 'ignition circuit', 'pump-relay': 'pump relay' },
    },
    pickUpFeed: {
      label: 'Pick-ups and Hall sensors fed from',
      words: {
        ecu: 'ECU',
        'own-branch': 'branch of their own, filtered',
        'coil-branch': 'branch of coils or injectors',
      },
    },
    jumpPosts: 'Jump posts in the engine bay',
    pumpCut: {
      label: 'Pump stops with the engine by',
      words: { ecu: 'ECU output to its relay', 'oil-pressure': 'oil-pressure switch, bypassed in start' },
    },
    coilFeed: {
      label: 'Ignition coils fed from',
      words: { key: 'key switch', relay: 'keyed feed' },
    },
    fanTrigger: {
      label: 'ECU switches the fan relay',
      words: { earth: 'to earth', positive: 'to positive' },
    },
    damping: {
      label: 'Across the relay coils',
      words: { none: 'nothing', diode: 'diode', resistor: 'resistor' },
    },
    lampDiode: 'Diode in the charging lamp’s lead',
  },
  loads: {
    '': '',
    ecuW: 'ECU power',
    headlampsW: 'headlamps, both',
    sideLampsW: 'side, tail and panel lamps',
    blowerA: 'heater blower current',
    wipersA: 'wiper current',
    ignitionA: 'ignition current, mean',
    fanA: 'radiator fan current',
    heaterW: 'oxygen sensor heater',
    gaugesA: 'gauges and extras current',
    restA: 'current with the key off',
  },
  relay: {
    '': 'Relay',
    pullInV: 'pull-in voltage',
    dropOutV: 'drop-out voltage',
    coilOhm: 'coil resistance',
    coilK: 'coil temperature',
  },
  sensors: {
    '': '',
    coolant: { label: 'Coolant sensor returns to', words: { ...RETURN_WORDS, reference: '5 V reference' } },
    air: { label: 'Intake air sensor returns to', words: { ...RETURN_WORDS, reference: '5 V reference' } },
    manifold: { label: 'Manifold pressure sensor returns to', words: RETURN_WORDS },
    throttle: { label: 'Throttle sensor returns to', words: RETURN_WORDS },
    oxygen: { label: 'Oxygen sensor signal returns to', words: RETURN_WORDS },
  },
  leastCrankRpm: 'Minimum cranking speed',
  wires: {
    '': '',
    starterCable: wire(WIRE_LABELS.starterCable),
    batteryEarth: wire(WIRE_LABELS.batteryEarth),
    engineStrap: wire(WIRE_LABELS.engineStrap),
    bodyStrap: wire(WIRE_LABELS.bodyStrap),
    chargeCable: wire(WIRE_LABELS.chargeCable),
    oldFeed: wire(WIRE_LABELS.oldFeed),
    lightsFeed: wire(WIRE_LABELS.lightsFeed),
    ignitionFeed: wire(WIRE_LABELS.ignitionFeed),
    ecuFeed: wire(WIRE_LABELS.ecuFeed),
    ecuEarth: wire(WIRE_LABELS.ecuEarth),
    keyedFeed: wire(WIRE_LABELS.keyedFeed),
    pumpFeed: wire(WIRE_LABELS.pumpFeed),
    pumpEarth: wire(WIRE_LABELS.pumpEarth),
    fanFeed: wire(WIRE_LABELS.fanFeed),
    fanEarth: wire(WIRE_LABELS.fanEarth),
  },
}
