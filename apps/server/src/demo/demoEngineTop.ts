import {
  boltRow,
  emptyBolts,
  emptyClay,
  emptyComesOff,
  emptyJob,
  emptyLink,
  emptyNeighbour,
  emptyPoint,
  stackPiece,
  type BoltGroup,
  type ClayLump,
  type ComesOff,
  type EngineTopSection,
  type LeverEntry,
  type StackKind,
  type StackPiece,
  type ThrottleLinkEntry,
} from '@lochmoor/core'
import { CARRIER_PLACES, CURLEW_PLACES, TURNSTONE_PLACES } from './demoEngineTopPlaces.ts'

const { engineTop: none } = emptyJob('')
const MM = 1e-3

const stackOf = (which: string, ...pieces: readonly (readonly [kind: StackKind, mm: number])[]): StackPiece[] =>
  pieces.map(([kind, mm], i) => stackPiece(`${which}-${kind}-${i}`, kind, mm * MM))

/** Lumps over the rim of the old air cleaner, its top so high, from the front clockwise. */
const rimClay = (acrossMm: number, topMm: number, clayMm: readonly number[]): ClayLump[] =>
  (
    ['rim-front', 'rim-front-right', 'rim-right', 'rim-rear-right', 'rim-rear', 'rim-rear-left', 'rim-left', 'rim-front-left'] as const
  ).map((place, i) => {
    const angle = (Math.PI * i) / 4
    const at = (across: number) => Math.round((acrossMm / 2) * across) * MM
    return {
      ...emptyClay(`clay-${place}`, place),
      rightM: at(Math.sin(angle)),
      aheadM: at(Math.cos(angle)),
      topM: topMm * MM,
      clayM: clayMm[i]! * MM,
      spreadM: 1e-3,
    }
  }) // prettier-ignore

const off = (id: string, fate: ComesOff['fate'], more: Partial<ComesOff> = {}): ComesOff => ({
  ...emptyComesOff(id),
  fate,
  ...more,
})

const lever = (
  [right, ahead, up]: readonly [number, number, number],
  armMm: number,
  restDeg: number,
  opens: LeverEntry['opens'],
): LeverEntry => ({
  rightM: right * MM,
  aheadM: ahead * MM,
  upM: up * MM,
  shaft: 'across',
  swungDeg: null,
  armM: armMm * MM,
  restDeg,
  opens,
})

const rod = (id: string, name: string, driver: LeverEntry, driven: LeverEntry): ThrottleLinkEntry => ({
  ...emptyLink(id, name, 'rod'),
  driver,
  driven,
})

const bolts = (id: string, name: string, part: BoltGroup['part'], more: Partial<BoltGroup>): BoltGroup => ({
  ...emptyBolts(id, name, part),
  ...more,
})

/** Inlet manifold of the V6: six bolts a side, the outer ones into the water jacket. */
const manifoldBolts = bolts('bolts-manifold', 'Manifold to heads', 'manifold', {
  many: 12,
  thread: 'M8x1.25',
  strength: '8.8',
  tapped: 'iron',
  flangeM: 14 * MM,
  gasketM: 1 * MM,
  washerM: 2 * MM,
  threadDepthM: 20 * MM,
  through: false,
  holeDepthM: 26 * MM,
  opensInto: 'coolant',
  state: 'thread sealant',
  sealed: true,
  frictionK: 0.14,
  clampShare: 0.7,
  pattern: 'rows',
  rows: [
    { ...boltRow('row-front'), count: 2, pitchM: 196 * MM },
    { ...boltRow('row-second'), count: 2, pitchM: 178 * MM, behindM: 62 * MM },
    { ...boltRow('row-third'), count: 2, pitchM: 178 * MM, behindM: 58 * MM },
    { ...boltRow('row-fourth'), count: 2, pitchM: 178 * MM, behindM: 58 * MM },
    { ...boltRow('row-fifth'), count: 2, pitchM: 178 * MM, behindM: 58 * MM },
    { ...boltRow('row-rear'), count: 2, pitchM: 196 * MM, behindM: 62 * MM },
  ],
})

const bodyBolts = bolts('bolts-body', 'Throttle body and spacer', 'throttle-body', {
  many: 4,
  thread: 'M8x1.25',
  strength: '8.8',
  tapped: 'aluminium',
  flangeM: 37 * MM,
  gasketM: 3 * MM,
  washerM: 1.6 * MM,
  threadDepthM: 18 * MM,
  through: false,
  holeDepthM: 22 * MM,
  opensInto: 'nothing',
  state: 'oiled',
  frictionK: 0.15,
  clampShare: 0.5,
  pattern: 'rows',
  rows: [
    { ...boltRow('row-front'), count: 2, pitchM: 92 * MM },
    { ...boltRow('row-rear'), count: 2, pitchM: 92 * MM, behindM: 47 * MM },
  ],
})

const coolantHole = bolts('hole-coolant', 'Coolant sensor', 'sensor', {
  many: 1,
  thread: 'R3/8',
  threadDepthM: 14 * MM,
  wallM: 5 * MM,
  sealed: true,
})

const OLD = stackOf('old', ['gasket', 2], ['carburettor', 88], ['base', 4], ['element', 55], ['lid', 7], ['nut', 8])

const around: EngineTopSection['stack']['around'] = [
  { ...emptyNeighbour('face-bulkhead', 'Bulkhead', 'bulkhead', 'behind'), atM: 0.19, onEngine: false },
  {
    ...emptyNeighbour('round-alternator', 'Alternator', 'alternator', 'round'),
    rightM: 0.17,
    aheadM: 0.16,
    radiusM: 0.066,
  },
]

const points = (leverMm: number, inletMm: number): EngineTopSection['stack']['points'] => [
  {
    ...emptyPoint('point-lever', 'Throttle lever', 'throttle-lever'),
    rightM: -0.09,
    aheadM: 0,
    topM: leverMm * MM,
    reachM: 0.012,
  },
  {
    ...emptyPoint('point-inlet', 'Fuel inlet', 'fuel-inlet'),
    rightM: 0.02,
    aheadM: -0.085,
    topM: inletMm * MM,
    reachM: 0.05,
    angledReachM: 0.024,
  },
]

const comesOff: readonly ComesOff[] = [
  off('old-carburettor', 'stored'),
  off('old-carburettor-gasket', 'scrapped'),
  off('old-fuel-pipe', 'blanked', { tag: 'old fuel pipe, capped, proved dry', painted: true }),
  off('old-mechanical-pump', 'blanked', { painted: true }),
  off('old-choke', 'stored', { tag: 'choke cable, hole plugged' }),
  off('old-idle-solenoid', 'scrapped'),
  off('old-advance-hose', 'reused', { tag: 'vacuum advance, to ported' }),
  off('old-breather', 'reused', { tag: 'breather, to large port' }),
  off('old-servo', 'reused', { tag: 'brake servo, to manifold' }),
  off('old-air-cleaner', 'stored'),
]

/** The coupé: flat base, tall throttle body, and the bonnet falls to the front. */
export const CURLEW_ENGINE_TOP: EngineTopSection = {
  ...none,
  ...CURLEW_PLACES,
  stack: {
    ...none.stack,
    old: OLD,
    clay: rimClay(230, 156, [30, 31, 36, 44, 48, 44, 36, 31]),
    pieces: stackOf('new', ['gasket', 1.5], ['spacer', 25], ['gasket', 1.5], ['throttle-body', 90], ['base', 0], ['element', 65], ['lid', 7], ['nut', 10]),
    points: points(47, 52),
    around,
    elementM: 0.2,
    rimM: 0.23,
    rockDeg: 2,
    axisBelowM: 0.34,
    axisRightM: 0,
    lowerPadM: 0.02,
    airMeter: 'none',
  },
  manifold: { ...none.manifold, divider: 'spacer', fires: 'one-at-a-time' },
  bolts: [manifoldBolts, { ...bodyBolts, lengthM: 65 * MM }, coolantHole],
} // prettier-ignore

/** The saloon that was handed over: lower throttle body, dropped base, everything measured. */
export const TURNSTONE_ENGINE_TOP: EngineTopSection = {
  ...CURLEW_ENGINE_TOP,
  ...TURNSTONE_PLACES,
  stack: {
    ...CURLEW_ENGINE_TOP.stack,
    pieces: stackOf('new', ['gasket', 1.5], ['spacer', 25], ['gasket', 1.5], ['throttle-body', 70], ['base', -12], ['element', 60], ['lid', 7], ['nut', 8]),
    points: points(46, 50),
    off: comesOff,
    openShare: 0.88,
    faceMS: 3,
    wantedM: 5e-3,
    sideWantedM: 10e-3,
  },
  manifold: {
    ...CURLEW_ENGINE_TOP.manifold,
    gasketHeld: 'grease',
    coolantOut: true,
    bled: true,
  },
  bolts: [manifoldBolts, { ...bodyBolts, lengthM: 55 * MM }, coolantHole],
  throttle: {
    ...none.throttle,
    links: [rod('link-rod', 'Cross shaft to throttle body', lever([-90, -290, 50], 47.5, 320, 'clockwise'), lever([-90, 0, 46], 36, 320, 'clockwise'))],
    padArmM: 0.21,
    pedalDeg: 60,
    slackM: 2e-3,
    plateDeg: 82,
    springs: 2,
    springClosedNm: 0.62,
    springOpenNm: 0.9,
    dragNm: 0.18,
    closedV: 0.62,
    openV: 4.32,
  },
} // prettier-ignore

/** The van: the rod of the old carburettor on the new throttle body comes in line with its lever before the plate is open. */
export const CARRIER_ENGINE_TOP: EngineTopSection = {
  ...none,
  ...CARRIER_PLACES,
  throttle: {
    ...none.throttle,
    links: [rod('link-rod', 'Bell crank to throttle body', lever([60, -180, 20], 46, 320, 'clockwise'), lever([60, 0, 35], 32, 10, 'clockwise'))],
    padArmM: 0.18,
    pedalDeg: 55,
    slackM: 3e-3,
    plateDeg: 84,
    springs: 2,
    springClosedNm: 0.55,
    springOpenNm: 0.7,
    dragNm: 0.2,
    closedV: 0.58,
    openV: 3.1,
  },
} // prettier-ignore
