import type { EXHAUST, PIECE } from '../sections/exhaust.ts'
import type { Labels } from './labels.ts'

const BANKS = { a: 'bank A', b: 'bank B' }
const RUNS = { ...BANKS, common: 'common pipe' }

const PIECE_LABELS: Labels<typeof PIECE> = {
  '': '',
  name: 'name',
  kind: {
    label: 'kind',
    words: {
      primaries: 'primaries',
      log: 'log manifold',
      merge: 'merge or collector',
      pipe: 'pipe',
      flexible: 'flexible piece',
      turbine: 'turbine',
      catalyst: 'catalyst',
      silencer: 'silencer',
      crossover: 'cross-over',
      'open-end': 'open end',
    },
  },
  count: 'identical pipes in parallel',
  lengthM: 'length',
  outsideM: 'outside diameter (by caliper)',
  roundM: 'circumference (by tape)',
  wallM: 'wall',
  bendDeg: 'bend',
  bendRadiusM: 'centre-line radius',
  bendClockDeg: 'bend direction, clock position',
  inclinationDeg: 'slope towards the tail',
  joint: {
    label: 'joint',
    words: {
      'one-piece': 'none: the same tube',
      gasket: 'gasket at the ports',
      welded: 'welded',
      flange: 'flange',
      slip: 'slip joint',
      clamped: 'clamp',
      ball: 'ball joint',
    },
  },
  jointState: { label: 'joint tested', words: { tight: 'tight', leaks: 'leaks' } },
  leakM: 'hole at the joint, as a round hole',
  covered: { label: 'covered', words: { bare: 'bare', wrapped: 'wrapped', coated: 'coated' } },
  wastegateReturnM: 'distance to wastegate return',
}

export const EXHAUST_LABELS: Labels<typeof EXHAUST> = {
  '': '',
  banks: {
    '': ['Bank A', 'Bank B'],
    seat: {
      '': '',
      cylinders: 'cylinders',
      portHeightM: 'height of first port above ground',
      portAcrossM: 'offset right of the car’s centre line',
      headingDeg: 'initial heading (plan view)',
      pieces: { '': 'piece', item: PIECE_LABELS },
    },
  },
  common: { '': 'Common pipe, piece', item: PIECE_LABELS },
  obstacles: {
    '': 'Obstacle',
    item: {
      '': '',
      name: 'name',
      run: { label: 'near', words: RUNS },
      alongM: 'centre, distance along the pipe',
      lengthM: 'length along the pipe',
      clockDeg: 'centre, clock position',
      widthDeg: 'width around the pipe',
      gapM: 'gap to the pipe',
      steering: 'it is the steering',
      moves: 'it moves',
      otherAlongM: 'other end: distance along the pipe',
      otherClockDeg: 'other end: clock position',
      otherGapM: 'other end: gap to the pipe',
    },
  },
  groundClearanceM: 'Ground clearance to keep',
  school: {
    label: 'Recommended distance',
    words: { near: 'near', middle: 'middle', far: 'far', 'far-racing': 'far, racing' },
  },
  angleSchool: {
    label: 'Recommended angle',
    words: { level: 'level or above', five: '5° above level', ten: '10° above level' },
  },
  sensorCount: 'How many oxygen sensors',
  spots: {
    '': ['Sensor A', 'Sensor B'],
    seat: {
      '': '',
      run: { label: 'sits on', words: RUNS },
      alongM: 'along the pipe',
      clockDeg: 'clock position',
    },
  },
  sensor: 'Oxygen sensor',
  typeSet: 'Type set before plugging in',
  bung: 'Bung',
  material: {
    label: 'Pipe material',
    words: { 'mild-steel': 'mild steel', stainless: 'stainless', aluminised: 'aluminised steel', cast: 'cast iron' },
  },
  joinBy: { label: 'The sensor is', words: { weld: 'welded in', clamp: 'clamped on' } },
  cablePathM: 'Sensor cable: length to the harness',
  cableGapM: 'Sensor cable: closest to the pipe',
  airInjection: {
    label: 'Air is pumped',
    words: {
      none: 'none',
      ports: 'into the ports',
      catalyst: 'into the catalyst',
      'shut-off': 'shut off in closed loop',
      removed: 'no more: pump removed',
    },
  },
  heatRiser: {
    label: 'Heat-riser flap',
    words: { none: 'none', working: 'works', 'wired-open': 'wired open', seized: 'seized' },
  },
  heatRiserBank: { label: 'Bank with the heat-riser flap', words: BANKS },
  leadedFuel: 'Leaded, or with a lead substitute',
  correctionLimit: 'Trim limit of the loop',
  readsToLambda: 'Lean end of the display',
  openLoopLambda: 'Open-loop lambda',
  steers: {
    '': '',
    a: { label: 'Sensor A trims', words: BANKS },
    b: { label: 'Sensor B trims', words: BANKS },
  },
  bankTest: {
    label: 'Injector of bank A unplugged',
    words: { 'own-went-lean': 'reading A went lean: right', 'other-went-lean': 'reading B went lean: crossed' },
  },
  airPump: {
    label: 'Air pump: seen to',
    words: {
      'ports-plugged': 'ports plugged',
      'belt-fits': 'belt of the right length',
      'bracket-off': 'bracket off or safe',
      allowed: 'removal allowed here',
    },
  },
  found: {
    '': 'Bung as found',
    run: { label: 'sits on', words: RUNS },
    alongM: 'along the pipe',
    clockDeg: 'clock position',
    thread: { label: 'thread', words: { fits: 'takes the sensor', other: 'another thread' } },
    accepted: 'used as it is',
    reason: 'reason for using it',
  },
  weldLater: 'Clamped now, welded later',
  trip: {
    label: 'Driven to the welder with',
    words: {
      plugged: 'a plug in the hole',
      'sensor-powered': 'the sensor fitted and powered',
      'sensor-unpowered': 'the sensor fitted, without power',
    },
  },
  flanged: 'Pipe made removable by flanges',
  coating: {
    label: 'Coating or wrap goes on',
    words: { none: 'never', 'before-holes': 'before the last hole', 'after-holes': 'after the last hole and weld' },
  },
  benchBefore: { label: 'Pressure test off the car, before coating', words: { tight: 'tight', leaks: 'leaks' } },
  benchAfter: { label: 'Pressure test off the car, after coating', words: { tight: 'tight', leaks: 'leaks' } },
  lead: {
    label: 'Leads of the sensor',
    words: {
      whole: 'as delivered',
      'extension-altered': 'extension shortened or made',
      'sensor-lead-cut': 'sensor’s own lead cut',
    },
  },
  surplusAt: 'Surplus lead stowed at',
}
