import { ALL_THREADS } from '../parts/index.ts'
import type { ENGINE_TOP_IGNITION } from '../sections/engineTopIgnition.ts'
import type { ENGINE_TOP_SENSORS } from '../sections/engineTopSensors.ts'
import type { ENGINE_TOP_VACUUM } from '../sections/engineTopVacuum.ts'
import type { Labels } from './labels.ts'

const USES = {
  servo: 'brake servo',
  breather: 'crankcase ventilation',
  'pressure-sensor': 'manifold pressure sensor',
  regulator: 'fuel pressure regulator',
  advance: 'distributor advance',
  modulator: 'gearbox modulator',
  heater: 'heater and other servos',
  gauge: 'vacuum gauge',
  purge: 'fuel vapour purge',
  other: 'something else',
} as const
const KINDS = { full: 'full manifold vacuum', ported: 'ported: none at idle' } as const
const PICK_UPS = { 'variable-reluctance': 'variable reluctance, two wires', hall: 'Hall, three wires' } as const
const THREAD_WORDS = Object.fromEntries(ALL_THREADS.map((t) => [t.id, t.name]))

export const ENGINE_TOP_VACUUM_LABELS: Labels<typeof ENGINE_TOP_VACUUM> = {
  '': '',
  ports: {
    '': 'Vacuum port',
    item: {
      '': '',
      name: 'name',
      on: { label: 'sits on', words: { 'throttle-body': 'the throttle body', manifold: 'the manifold' } },
      boreM: 'bore',
      kind: { label: 'vacuum', words: KINDS },
      draws: { label: 'draws from', words: { plenum: 'the whole plenum', runner: 'one runner' } },
      keptFor: { label: 'kept by the system for', words: USES },
    },
  },
  consumers: {
    '': 'Vacuum consumer',
    item: {
      '': '',
      name: 'name',
      use: { label: 'use', words: USES },
      boreM: 'minimum bore',
      wants: { label: 'needs', words: { ...KINDS, either: 'either' } },
      plenumOnly: 'needs the whole plenum',
      mayShare: 'may share a port',
      mayDrop: 'may be left off',
      mostLengthM: 'maximum hose length',
      portId: 'hose is on',
    },
  },
  hoses: {
    '': 'Vacuum hose',
    item: { '': '', portId: 'port', consumerId: 'consumer', lengthM: 'length' },
  },
  mayDrill: 'Manifold may be drilled for a port',
  pressureLine: {
    label: 'Manifold pressure line',
    words: { 'own-port': 'a port of its own', teed: 'teed into the regulator’s hose' },
  },
  throughBulkhead: 'Pressure line goes through the bulkhead',
  grommet: 'Grommet in the bulkhead',
  held: {
    label: 'Pressure line secured by',
    words: { clip: 'clips', 'tie-loose': 'loose cable ties', 'tie-tight': 'tight cable ties', nothing: 'nothing' },
  },
  stoppedPa: 'ECU’s manifold pressure, engine stopped',
  idleLowPa: 'Lowest at a steady idle',
  idleHighPa: 'Highest at a steady idle',
  gaugePa: 'Vacuum gauge at the same idle',
}

export const ENGINE_TOP_SENSORS_LABELS: Labels<typeof ENGINE_TOP_SENSORS> = {
  '': '',
  coolant: {
    '': 'Coolant sensor',
    places: {
      '': 'Coolant port',
      item: {
        '': '',
        name: 'name',
        flow: {
          label: 'flow',
          words: {
            always: 'at all times',
            'thermostat-open': 'only with the thermostat open',
            'dead-end': 'none: a dead end',
          },
        },
        takenBy: {
          label: 'holds now',
          words: { nothing: 'nothing', gauge: 'the gauge’s sender', other: 'something else' },
        },
      },
    },
    placeId: 'port for it',
    sensorK: 'reads, warm and idling',
    gaugeK: 'gauge beside it',
  },
  airPlace: {
    label: 'Intake air sensor',
    words: {
      'before-throttle': 'just before the throttle',
      'in-cleaner': 'in the air cleaner',
      'in-plenum': 'in the plenum',
      'hot-metal': 'in hot metal',
      'at-turbo': 'at the turbo’s outlet',
    },
  },
  wheel: {
    '': 'Crank wheel',
    teeth: 'tooth positions, missing ones included',
    missing: 'missing teeth',
    diameterM: 'diameter',
    gapAM: 'gap, first place',
    gapBM: 'gap, a quarter turn on',
    gapCM: 'gap, half a turn on',
    gapDM: 'gap, three quarters on',
    toothAtTop: 'tooth under the sensor at top dead centre',
    wantsDeg: 'first tooth to top dead centre, as the ECU wants it',
    mostRpm: 'maximum speed',
    pickUp: { label: 'sensor', words: PICK_UPS },
    signalV: 'signal measured',
    signalRpm: 'at this speed',
    needsV: 'minimum signal of the ECU',
    inputHz: 'maximum frequency of the ECU’s input',
  },
  phase: {
    label: 'Cam or distributor signal',
    words: { none: 'none', 'cam-sensor': 'cam sensor', distributor: 'pick-up in the distributor' },
  },
  phaseProved: 'Signal proved on number one’s compression stroke',
  holes: {
    '': 'Sensor hole',
    item: {
      '': '',
      name: 'name',
      use: {
        label: 'for',
        words: {
          coolant: 'coolant temperature',
          air: 'intake air temperature',
          pressure: 'manifold pressure',
          'oil-pressure': 'oil pressure',
          knock: 'knock',
          gauge: 'a gauge’s sender',
          other: 'something else',
        },
      },
      thread: { label: 'sensor thread', words: THREAD_WORDS },
      holeThread: { label: 'thread in the hole', words: THREAD_WORDS },
      acrossM: 'metal across, at its narrowest',
      depthM: 'metal in the way of the drill',
      sensorThreadM: 'thread length of the sensor',
      adapter: 'adapter between them',
      seal: { label: 'sealed by', words: { sealant: 'thread sealant', washer: 'a washer', nothing: 'nothing' } },
      chipsOut: 'chips kept out',
    },
  },
  thermistors: {
    '': 'Thermistor',
    item: {
      '': '',
      name: 'name',
      coldK: 'cold point',
      coldOhm: 'resistance, cold point',
      warmK: 'middle point',
      warmOhm: 'resistance, middle point',
      hotK: 'hot point',
      hotOhm: 'resistance, hot point',
      biasOhm: 'bias resistor in the ECU',
      supplyV: 'supply of the bias resistor',
      bits: 'bits of the ECU’s converter',
      ambientK: 'air around it',
      ambientOhm: 'resistance measured there',
    },
  },
}

export const ENGINE_TOP_IGNITION_LABELS: Labels<typeof ENGINE_TOP_IGNITION> = {
  '': '',
  weights: { label: 'Advance weights', words: { free: 'free', locked: 'locked' } },
  can: { label: 'Vacuum advance', words: { connected: 'connected', plugged: 'plugged', none: 'none' } },
  canDeg: 'Vacuum advance range (crank)',
  leastDeg: 'Minimum advance commanded',
  mostDeg: 'Maximum advance commanded',
  tipDeg: 'Rotor tip width',
  terminalDeg: 'Cap terminal width',
  pastDeg: 'Rotor past its terminal (distributor)',
  seenAtDeg: 'Advance at which that was seen',
  turns: { label: 'Rotor turns', words: { clockwise: 'clockwise', anticlockwise: 'anticlockwise' } },
  referenceDeg: 'Trigger before top dead centre, in the ECU',
  referenceFixed: 'That angle is fixed in the ECU',
  coil: { label: 'Coil', words: { plain: 'plain coil', 'own-driver': 'coil with its own driver' } },
  output: { label: 'ECU ignition output', words: { 'coil-driver': 'coil driver', logic: 'logic signal' } },
  box: { label: 'Between output and coil', words: { none: 'nothing', igniter: 'igniter', 'external-box': 'ignition box' } },
  tachFrom: { label: 'ECU takes rpm from', words: { 'coil-minus': 'coil negative', box: 'tach output of the box', ecu: 'its own trigger' } },
  ecuFedFrom: { label: 'ECU fed from', words: { 'own-feed': 'a feed of its own', 'coil-plus': 'coil positive' } },
  pickUp: { label: 'Pick-up', words: PICK_UPS },
  ecuReads: { label: 'ECU input set for', words: PICK_UPS },
  polarity: { label: 'Pick-up polarity', words: { right: 'right', swapped: 'swapped' } },
  coils: { label: 'Coils', words: { one: 'one, with a distributor', pairs: 'one for two cylinders', 'one-each': 'one for each cylinder' } },
  intervals: 'Uneven firing intervals (crank)',
  numbering: {
    label: 'Cylinders numbered',
    words: { 'one-row': 'along one row', 'banks-in-turn': 'one bank, then the other', alternating: 'from bank to bank' },
  },
  firstBank: { label: 'Number one on the', words: { left: 'left bank', right: 'right bank' } },
  labelledFrom: { label: 'Wires labelled from the', words: { front: 'front', bulkhead: 'bulkhead end' } },
  proved: { '': 'Wire', item: { '': '', leadsTo: 'found at cylinder' } },
} // prettier-ignore
