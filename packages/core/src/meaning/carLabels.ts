import type { SYSTEM } from '../sections/system.ts'
import type { VEHICLE } from '../sections/vehicle.ts'
import { WORK_STATE_WORDS, type WORK } from '../sections/work.ts'
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
}

export const WORK_LABELS: Labels<typeof WORK> = {
  '': '',
  state: { label: 'State of the work', words: WORK_STATE_WORDS },
  personId: 'Assigned to',
  heldBy: 'On hold because',
  built: 'Built',
}
