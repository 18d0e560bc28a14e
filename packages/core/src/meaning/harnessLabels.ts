import { WIRE_SIZES } from '../parts/index.ts'
import type { HARNESS, WireClass } from '../sections/harness.ts'
import type { Labels } from './labels.ts'

const SIZE = { label: 'size', words: Object.fromEntries(WIRE_SIZES.map((s) => [s.id, s.words])) }

/** What the classes of circuits are called. */
export const CLASS_WORDS: Readonly<Record<WireClass, string>> = {
  ignition: 'ignition primary',
  charging: 'charging',
  motor: 'fan and pump',
  drive: 'injectors and actuators',
  supply: 'main power',
  digital: 'digital',
  sensor: 'sensors',
  'pick-up': 'pick-ups',
  oxygen: 'oxygen sensor',
}

export const HARNESS_LABELS: Labels<typeof HARNESS> = {
  '': '',
  plan: {
    label: 'Plan of the car',
    words: {
      'separate-chassis': 'front engine, separate chassis',
      unitary: 'unitary saloon',
      van: 'van, engine between the seats',
      'rear-engine': 'rear engine',
    },
  },
  places: {
    '': 'Place',
    item: { '': '', name: 'name', fromFrontM: 'from the front', fromMiddleM: 'left of the middle' },
  },
  corridors: {
    '': 'Corridor',
    item: {
      '': '',
      name: 'name',
      from: 'from',
      to: 'to',
      lengthM: 'length',
      heat: {
        label: 'heat',
        words: { cabin: 'cabin', bay: 'engine bay', hot: 'near the exhaust', exhaust: 'against the exhaust' },
      },
      hottestK: 'hottest',
      wet: 'wet',
      moving: 'something moves there',
      apart: 'room for two bundles',
      near: {
        label: 'within a hand of it',
        words: {
          nothing: 'nothing noisy',
          generator: 'generator',
          motor: 'fan or pump',
          coil: 'ignition coil',
          'plug-leads': 'HT leads',
        },
      },
      roomM: 'largest bundle that fits',
      clipM: 'between clip points',
      panel: {
        label: 'through a panel',
        words: { none: 'no', grommet: 'yes, with a grommet', 'bare-edge': 'yes, bare edge' },
      },
      boreM: 'bore',
      takenM: 'bundle already in it',
    },
  },
  devices: {
    '': 'Device',
    item: {
      '': '',
      name: 'name',
      at: 'place',
      alongM: 'distance along the corridor',
      leadM: 'from there to its pins',
      plugM: 'plug, across its diagonal',
      ways: 'ways',
      sealed: 'sealed plug',
      booted: 'booted or wrapped',
      moves: 'moves against the body',
      plugKg: 'weight on the lead',
      longestM: 'longest side',
      placeRoomM: 'room at its place',
      movedPins: 'pins moved in the old plug',
      alsoFits: 'its plug also fits',
    },
  },
  circuits: {
    '': 'Own circuit',
    item: {
      '': '',
      name: 'name',
      from: 'from',
      to: 'to',
      kind: { label: 'class', words: CLASS_WORDS },
      currentA: 'current',
      size: SIZE,
      flexible: 'flexible wire',
    },
  },
  kitLeads: {
    '': 'Kit lead',
    item: {
      '': '',
      device: 'device',
      reachM: 'length as delivered',
      extend: { label: 'lengthening', words: { may: 'may be lengthened', 'must-not': 'must not be cut' } },
      unused: 'not used',
      waitsFor: 'waits for',
      capped: 'end capped and tagged',
    },
  },
  candidates: {
    '': 'ECU place',
    item: {
      '': '',
      name: 'name',
      at: 'place',
      hottestK: 'hottest',
      wet: 'wet',
      workS: 'mounting and service access',
      roomLengthM: 'room, length',
      roomWidthM: 'room, width',
      roomDepthM: 'room, depth',
    },
  },
  stretches: {
    '': 'Rule for a wire',
    item: {
      '': '',
      circuit: 'circuit',
      corridor: 'corridor',
      rule: { label: 'rule', words: { 'keep-out': 'must not take', through: 'must take' } },
    },
  },
  unit: {
    '': 'ECU',
    limitK: 'maximum temperature',
    sealed: 'sealed case',
    lengthM: 'case length',
    widthM: 'case width',
    depthM: 'case depth',
    plugRoomM: 'room for plug and bend',
    holesLengthM: 'fixing holes, lengthwise',
    holesWidthM: 'fixing holes, across',
  },
  design: {
    '': 'Loom',
    separation: {
      label: 'recommended practice for noise',
      words: { 'clean-from-dirty': 'clean and dirty never together', 'by-exposure': 'by exposure' },
    },
    colours: {
      label: 'wire colours',
      words: { 'by-function': 'by function', 'one-colour': 'one colour, labelled', 'as-the-car': 'as on the car' },
    },
    build: { label: 'made from', words: { 'own-loom': 'a loom made for the car', kit: 'a kit harness' } },
    tiedAtBack: 'tied at the back of the engine first',
    tuningCable: 'tuning cable led out',
    displayFitted: 'display fitted',
    roadSpeed: {
      label: 'road speed',
      words: { none: 'not used', sensor: 'sensor on the gearbox', adapter: 'adapter in the old drive' },
    },
    pulsesPerRev: 'pulses per turn of the drive',
  },
  crossings: {
    '': 'Run beside a source',
    item: {
      '': '',
      circuit: 'wire',
      from: { label: 'beside', words: CLASS_WORDS },
      lengthM: 'length',
      spacingM: 'spacing',
      endSpacingM: 'spacing at its other end',
      angleDeg: 'angle between them',
    },
  },
  pins: { '': 'Pin of a plug', item: { '': '', circuit: 'wire', device: 'device', pin: 'cavity' } },
  oldWires: {
    '': 'Old wire',
    item: {
      '': '',
      name: 'name',
      fate: {
        label: 'what becomes of it',
        words: { removed: 'removed', kept: 'kept in use', capped: 'capped and left' },
      },
      tag: 'tag',
      proved: 'test done',
    },
  },
  noise: {
    '': 'Noise',
    shieldEarth: {
      label: 'shields earthed',
      words: {
        'ecu-end': 'at the ECU only',
        'device-end': 'at the device only',
        'both-ends': 'at both ends',
        none: 'nowhere',
      },
    },
    pickUpPolarity: { label: 'pick-up polarity', words: { right: 'right', reversed: 'reversed' } },
    pickUpCrankV: 'pick-up signal while cranking',
    pickUpNeedsV: 'smallest signal that triggers the ECU',
  },
  cut: {
    '': 'Cutting',
    spoolM: 'wire bought in lengths of',
    covering: {
      label: 'covering of the bundles',
      words: { tape: 'tape', braid: 'braided sleeve', conduit: 'split conduit', none: 'none' },
    },
  },
  board: { '': 'Form board', widthM: 'board width' },
  proof: { '': 'Loom proof', done: 'clip positions done', off: 'readings that are wrong', asked: 'readings asked for' },
  loom: {
    '': 'Accepted loom',
    place: 'ECU place',
    wires: {
      '': 'Wire',
      item: {
        '': '',
        way: 'corridors',
        lengthM: 'cut length',
        size: SIZE,
        hottestK: 'hottest corridor',
        loadedWires: 'loaded wires in its bundle',
      },
    },
    splices: { '': 'Splice', item: { '': '', at: 'place' } },
  },
}
