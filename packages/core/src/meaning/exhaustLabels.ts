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
  count: 'alike, side by side',
  lengthM: 'length',
  outsideM: 'outside, by caliper',
  roundM: 'once around, by tape',
  wallM: 'wall',
  bendDeg: 'bend',
  bendRadiusM: 'radius of its middle',
  bendClockDeg: 'it turns to, by the clock',
  inclinationDeg: 'rises towards the tail',
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
  leakM: 'hole at the joint, as round',
  covered: { label: 'covered', words: { bare: 'bare', wrapped: 'wrapped', coated: 'coated' } },
  wastegateReturnM: 'wastegate comes back after',
}

export const EXHAUST_LABELS: Labels<typeof EXHAUST> = {
  '': '',
  banks: {
    '': ['Bank A', 'Bank B'],
    seat: {
      '': '',
      cylinders: 'cylinders',
      portHeightM: 'first port above the ground',
      portAcrossM: 'right of the car’s middle',
      headingDeg: 'sets out, in plan',
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
      alongM: 'its middle, along the pipe',
      lengthM: 'along the pipe it reaches',
      clockDeg: 'its middle, by the clock',
      widthDeg: 'around the pipe it reaches',
      gapM: 'from the pipe’s surface',
      moves: 'it moves',
      otherAlongM: 'other end: along the pipe',
      otherClockDeg: 'other end: by the clock',
      otherGapM: 'other end: from the surface',
    },
  },
  groundClearanceM: 'To stay free above the ground',
  school: {
    label: 'School of the distance',
    words: { near: 'near', middle: 'middle', far: 'far', 'far-racing': 'far, racing' },
  },
  angleSchool: {
    label: 'School of the angle',
    words: { level: 'level or above', five: '5° above level', ten: '10° above level' },
  },
  sensorCount: 'How many oxygen sensors',
  spots: {
    '': ['Sensor A', 'Sensor B'],
    seat: {
      '': '',
      run: { label: 'sits on', words: RUNS },
      alongM: 'along the pipe',
      clockDeg: 'by the clock',
    },
  },
  sensor: 'Oxygen sensor',
  typeSet: 'Type set before plugging in',
  bung: 'Boss or clamp',
  material: {
    label: 'Pipe is of',
    words: { 'mild-steel': 'mild steel', stainless: 'stainless', aluminised: 'aluminised steel', cast: 'cast iron' },
  },
  joinBy: { label: 'The sensor is', words: { weld: 'welded in', clamp: 'clamped on' } },
  cablePathM: 'Sensor cable: path to the harness',
  cableGapM: 'Sensor cable: nearest to the pipe',
  airInjection: {
    label: 'Air is pumped',
    words: {
      none: 'nowhere: no pump',
      ports: 'into the ports',
      catalyst: 'into the catalyst',
      'shut-off': 'shut off in closed loop',
    },
  },
  heatRiser: {
    label: 'Heat-riser flap',
    words: { none: 'none', working: 'works', 'wired-open': 'wired open', seized: 'seized' },
  },
  heatRiserBank: { label: 'Heat-riser flap sits in', words: BANKS },
  leadedFuel: 'Leaded, or with a lead substitute',
  correctionLimit: 'Most the loop may correct',
  readsToLambda: 'Lean end of the display',
  openLoopLambda: 'Mixture in open loop',
  steers: {
    '': '',
    a: { label: 'Sensor A steers', words: BANKS },
    b: { label: 'Sensor B steers', words: BANKS },
  },
  bankTest: {
    label: 'Injector of bank A unplugged',
    words: { 'own-went-lean': 'reading A went lean: right', 'other-went-lean': 'reading B went lean: crossed' },
  },
}
