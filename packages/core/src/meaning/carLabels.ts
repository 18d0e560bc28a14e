import type { FACT_NAMES, FACTS } from '../sections/facts.ts'
import type { ORDERS } from '../sections/orders.ts'
import type { SYSTEM } from '../sections/system.ts'
import type { VEHICLE } from '../sections/vehicle.ts'
import { ACCEPTANCE_WORDS, WORK_STATE_WORDS, type WORK } from '../sections/work.ts'
import type { Labels } from './labels.ts'

export const VEHICLE_LABELS: Labels<typeof VEHICLE> = {
  '': '',
  title: 'Name of the car',
  year: 'Year',
  layout: { label: 'Layout', words: { inline: 'In line', vee: 'Vee', flat: 'Flat' } },
  cylinders: 'Cylinders',
  displacementM3: 'Displacement',
  aspiration: {
    label: 'Induction',
    words: { natural: 'naturally aspirated', supercharged: 'supercharged', turbocharged: 'turbocharged' },
  },
  powerW: 'Target power',
  powerBasis: {
    label: 'Power stated as',
    words: { 'flywheel-net': 'flywheel, net', 'flywheel-gross': 'flywheel, gross', wheels: 'at the wheels' },
  },
  powerSpeedRpm: 'Speed at that power',
  boostPa: 'Boost at full power',
  idleSpeedRpm: 'Idle speed',
  idleManifoldPa: 'Manifold at idle, absolute',
  cruiseSpeedRpm: 'Cruise speed',
  cruiseManifoldPa: 'Manifold at cruise, absolute',
}

export const SYSTEM_LABELS: Labels<typeof SYSTEM> = {
  '': '',
  powerLaterW: 'Planned power',
  boostLaterPa: 'Planned boost',
  budgetClass: 'Budget',
  originality: {
    label: 'Originality',
    words: { 'looks-stock': 'looks stock', 'can-be-undone': 'can be undone', free: 'free' },
  },
  welder: { label: 'Who welds', words: { self: 'we do', shop: 'a shop', none: 'nobody' } },
  timingControl: { label: 'Timing control', words: { wanted: 'wanted', later: 'perhaps later', no: 'no' } },
  gearboxControl: 'Gearbox control',
  fanControl: 'Fan control',
  compared: 'Compared',
  chosen: {
    '': 'Chosen system',
    injection: {
      label: 'injection',
      words: {
        'throttle-body-low': 'throttle body, low pressure',
        'throttle-body-high': 'throttle body, high pressure',
        port: 'in the ports',
      },
    },
    build: {
      label: 'built from',
      words: {
        'from-parts': 'single parts',
        'ready-kit': 'a kit made for the engine',
        'other-manifold': 'parts on another manifold',
      },
    },
    firing: { label: 'firing', words: { batch: 'batch', sequential: 'sequential' } },
    timing: {
      label: 'timing',
      words: {
        none: 'not controlled',
        'controlled-distributor': 'controlled distributor',
        'locked-distributor': 'locked distributor',
        'crank-trigger': 'crank trigger',
      },
    },
    trigger: {
      label: 'trigger',
      words: {
        coil: 'coil',
        distributor: 'distributor',
        'crank-wheel': 'crank wheel',
        'crank-and-cam': 'crank and cam',
      },
    },
    oxygenSensors: 'oxygen sensors',
    fuelLoop: { label: 'fuel', words: { return: 'return-type', 'single-line': 'returnless' } },
    pumpPlace: { label: 'pump', words: { 'in-tank': 'in the tank', 'in-line': 'in line' } },
  },
  controller: 'ECU',
  reason: 'Reason for the choice',
  uses: {
    label: 'What the car is for',
    words: {
      daily: 'every day',
      anybody: 'driven by anybody',
      'cold-starts': 'cold starts',
      'long-trips': 'long trips',
      towing: 'towing',
      shows: 'shows',
      track: 'track',
    },
  },
  signals: {
    label: 'Further inputs and outputs',
    words: {
      brake: 'brake switch',
      'cooling-request': 'cooling request',
      'road-speed': 'road speed',
      knock: 'knock sensor',
      'oil-pressure': 'oil pressure',
      'ambient-pressure': 'ambient pressure',
      'second-fan': 'second fan',
      speedometer: 'speedometer',
    },
  },
  distributorSize: {
    label: 'Controlled distributor',
    words: { 'made-for-it': 'made for this engine', 'other-size': 'of another size, adapted at its plugs' },
  },
  tuning: { label: 'Who tunes it', words: { self: 'we do', shop: 'a shop', nobody: 'nobody' } },
  later: {
    label: 'Left for a later stage',
    words: {
      fan: 'fan control',
      'second-sensor': 'second oxygen sensor',
      gearbox: 'gearbox control',
      timing: 'timing control',
      signals: 'further inputs and outputs',
    },
  },
  asDelivered: {
    '': 'ECU as delivered',
    revision: 'revision',
    pumpSwitch: 'pump switch is at',
    marketSwitch: 'market switch is at',
    connectors: 'connectors',
  },
}

export const WORK_LABELS: Labels<typeof WORK> = {
  '': '',
  state: { label: 'State of the work', words: WORK_STATE_WORDS },
  personId: 'Assigned to',
  heldBy: 'On hold because',
  built: 'Built',
  passed: { label: 'Tried and passed', words: ACCEPTANCE_WORDS },
}

const FACT_WORDS = {
  owner: 'owner',
  phone: 'phone',
  address: 'address',
  registration: 'registration',
  chassis: 'chassis number',
  engine: 'engine number',
  odometer: 'distance on the clock',
  keyNumber: 'key number',
} as const satisfies Record<(typeof FACT_NAMES)[number], string>

export const FACTS_LABELS: Labels<typeof FACTS> = {
  '': '',
  owner: 'Owner',
  phone: 'Phone',
  address: 'Address',
  registration: 'Registration',
  chassis: 'Chassis number',
  engine: 'Engine number',
  odometerM: 'Distance on the clock',
  keyNumber: 'Key number',
  onPapers: { label: 'Printed on papers', words: FACT_WORDS },
}

export const ORDERS_LABELS: Labels<typeof ORDERS> = {
  '': '',
  currency: 'Currency',
  purchases: {
    '': 'Order of',
    item: {
      '': '',
      name: 'name',
      lineId: 'line of the list',
      supplier: 'supplier',
      price: 'price',
      buyWhen: { label: 'buy', words: { now: 'now', 'with-the-next': 'with the next order', last: 'last' } },
      delivered: {
        label: 'delivered',
        words: { right: 'right', wrong: 'wrong part', missing: 'missing', double: 'double', damaged: 'damaged' },
      },
      tested: { label: 'tested before fitting', words: { passed: 'passed', failed: 'failed' } },
      sizeM: 'largest dimension',
      roomM: 'room at its place',
      weakness: 'known weakness or revision',
    },
  },
}
