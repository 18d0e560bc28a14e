import { ALL_THREAD_IDS } from '../parts/index.ts'
import {
  always,
  count,
  figure,
  group,
  listOf,
  name,
  newItem,
  numeral,
  seen,
  text,
  whole,
  word,
  type ItemOf,
  type ValueOf,
} from '../shape/index.ts'
import { ENGINE_TOP_IGNITION } from './engineTopIgnition.ts'
import { LEVER } from './engineTopLevers.ts'
import { ENGINE_TOP_SENSORS } from './engineTopSensors.ts'
import { ENGINE_TOP_VACUUM } from './engineTopVacuum.ts'

/** Where a lump of clay was laid. */
export const CLAY_PLACES = [
  'centre',
  'rim-front',
  'rim-front-right',
  'rim-right',
  'rim-rear-right',
  'rim-rear',
  'rim-rear-left',
  'rim-left',
  'rim-front-left',
  'fuel-rail',
  'throttle-lever',
  'fuel-inlet',
  'plenum',
  'other',
] as const
export type ClayPlace = (typeof CLAY_PLACES)[number]

const rightM = figure('bore', -0.8, 0.8, 'm')
const aheadM = figure('bore', -0.8, 0.8, 'm')

/** A lump of clay squeezed between the old stack and the closed bonnet. Places from the carburettor's middle. */
const CLAY = group({
  place: always(CLAY_PLACES, 'other'),
  rightM,
  aheadM,
  /** Top of what stood there, above the carburettor pad. */
  topM: figure('bore', -0.2, 0.6, 'm'),
  clayM: figure('bore', 0, 0.3, 'm'),
  /** How far two lumps at the same place differ. */
  spreadM: figure('bore', 0, 0.02, 'm'),
})
export type ClayLump = ItemOf<typeof CLAY>
export const emptyClay = (id: string, place: ClayPlace): ClayLump => newItem(CLAY, id, { place })

/** What stands on the pad, from the bottom up. */
export const STACK_KINDS = [
  'pad',
  'gasket',
  'spacer',
  'adapter',
  'carburettor',
  'throttle-body',
  'plenum',
  'base',
  'element',
  'lid',
  'nut',
] as const
export type StackKind = (typeof STACK_KINDS)[number]

/** A piece of the stack, by how much it raises what stands on it; a lower pad or a dropped base is negative. */
const STACK_PIECE = group({
  kind: always(STACK_KINDS, 'spacer'),
  heightM: figure('bore', -0.15, 0.4, 'm'),
})
export type StackPiece = ItemOf<typeof STACK_PIECE>
export const stackPiece = (id: string, kind: StackKind, heightM: number | null = null): StackPiece =>
  newItem(STACK_PIECE, id, { kind, heightM })

export const POINT_KINDS = [
  'throttle-lever',
  'fuel-inlet',
  'rail',
  'rail-end',
  'injector',
  'plenum',
  'sensor',
  'other',
] as const
export type PointKind = (typeof POINT_KINDS)[number]

/** Something of the new stack beside the air cleaner that bonnet, bulkhead or alternator may touch. */
const POINT = group({
  name: name(60),
  kind: always(POINT_KINDS, 'other'),
  /** It is part of the throttle body and goes round with it. Places are those with the body facing ahead. */
  turns: seen,
  rightM,
  aheadM,
  /** Above the pad; of a part of the throttle body, above its foot: it goes up and down with it. */
  topM: figure('bore', -0.3, 0.6, 'm'),
  /** What stands out from it towards the neighbour: fitting and bend of the hose. */
  reachM: figure('bore', 0, 0.3, 'm'),
  /** The same with an angled end, where one is sold for it. */
  angledReachM: figure('bore', 0, 0.3, 'm'),
  end: always(['straight', 'angled']),
})
export type TopPoint = ItemOf<typeof POINT>
export const emptyPoint = (id: string, called: string, kind: PointKind): TopPoint =>
  newItem(POINT, id, { name: called, kind, turns: kind === 'throttle-lever' || kind === 'fuel-inlet' ? true : null })

/** Something round the engine, as an upright face or as a round thing. */
const NEIGHBOUR = group({
  name: name(60),
  kind: always(['bulkhead', 'alternator', 'servo', 'other']),
  /** A face behind or ahead, left or right of the pad; or round, standing at a place. */
  side: always(['behind', 'ahead', 'left', 'right', 'round']),
  /** Face: from the middle of the pad. */
  atM: figure('bore', 0, 1.2, 'm'),
  rightM,
  aheadM,
  radiusM: figure('bore', 0.005, 0.3, 'm'),
  /** It sits on the engine and rocks with it. */
  onEngine: seen,
})
export type Neighbour = ItemOf<typeof NEIGHBOUR>
export const emptyNeighbour = (
  id: string,
  called: string,
  kind: Neighbour['kind'],
  side: Neighbour['side'],
): Neighbour => newItem(NEIGHBOUR, id, { name: called, kind, side, onEngine: kind === 'alternator' })

/** What comes off, by the id of what it is; what becomes of it. */
const COMES_OFF = group({
  fate: word('stored', 'reused', 'blanked', 'scrapped'),
  /** What is written on the tag of its open hose or lead. */
  tag: text(80),
  /** Its blank or cover was painted before it was fitted. */
  painted: seen,
})
export type ComesOff = ItemOf<typeof COMES_OFF>
export const emptyComesOff = (id: string): ComesOff => newItem(COMES_OFF, id, {})

export const BOLT_CLASS_IDS = ['5.8', '8.8', '10.9', 'grade 2', 'grade 5', 'grade 8', 'A2-70'] as const
export const TAPPED_IDS = ['aluminium', 'iron', 'steel'] as const
export const OPENS_INTO = ['nothing', 'air', 'coolant', 'oil', 'port'] as const
export const THREAD_STATES = ['dry', 'oiled', 'thread sealant', 'anti-seize'] as const

/** A bolt of a pattern where it stands, as one looks down on the part. */
const BOLT_AT = group({
  rightM: figure('bore', -0.8, 0.8, 'm'),
  aheadM: figure('bore', -0.8, 0.8, 'm'),
})
export const boltAt = (id: string): ItemOf<typeof BOLT_AT> => newItem(BOLT_AT, id, {})

/** A row of a pattern, from the front back. */
const BOLT_ROW = group({
  count: count(1, 12, 2),
  /** From bolt to bolt along the row. */
  pitchM: figure('bore', 0.01, 0.6, 'm'),
  /** From the row before. */
  behindM: figure('bore', 0, 0.8, 'm'),
})
export const boltRow = (id: string): ItemOf<typeof BOLT_ROW> => newItem(BOLT_ROW, id, {})

/** Fasteners that are alike and hold one part. */
const BOLTS = group({
  name: name(60),
  part: always(['manifold', 'throttle-body', 'adapter', 'sensor', 'other']),
  many: count(1, 40, 4),
  thread: word<string>(...ALL_THREAD_IDS),
  strength: word(...BOLT_CLASS_IDS),
  tapped: word(...TAPPED_IDS),
  /** Flange or body; gasket as tightened; washer. */
  flangeM: figure('bore', 0, 0.2, 'm'),
  gasketM: figure('bore', 0, 0.03, 'm'),
  washerM: figure('bore', 0, 0.02, 'm'),
  threadDepthM: figure('bore', 0.001, 0.2, 'm'),
  through: seen,
  holeDepthM: figure('bore', 0.001, 0.2, 'm'),
  opensInto: word(...OPENS_INTO),
  state: word(...THREAD_STATES),
  sealed: seen,
  frictionK: figure('ratio', 0.08, 0.35, ''),
  clampShare: figure('share', 0.2, 0.9, 'share of what is weakest'),
  /** Bolt at hand, under its head; null: to be bought. */
  lengthM: figure('bore', 0.005, 0.2, 'm'),
  /** Metal beside a tapered hole, at its thinnest. */
  wallM: figure('bore', 0.0005, 0.05, 'm'),
  pattern: word('rows', 'circle', 'places'),
  circleM: figure('bore', 0.02, 0.8, 'm'),
  firstAtTop: seen,
  rows: listOf(BOLT_ROW, 8, 'row'),
  places: listOf(BOLT_AT, 40, 'bolt'),
})
export type BoltGroup = ItemOf<typeof BOLTS>
export const emptyBolts = (id: string, called: string, part: BoltGroup['part']): BoltGroup =>
  newItem(BOLTS, id, { name: called, part })

/** A rod or cable on the way from the pedal to the plate, in order. */
const LINK = group({
  name: name(60),
  kind: always(['rod', 'cable']),
  driver: LEVER,
  driven: LEVER,
  /** Between the ball joints; null: as it joins both levers at rest. */
  rodM: figure('bore', 0.02, 1.5, 'm'),
  /** Where the sheath of a cable ends before the driver. */
  sheathRightM: figure('bore', -1.5, 1.5, 'm'),
  sheathAheadM: figure('bore', -1.5, 1.5, 'm'),
  sheathUpM: figure('bore', -1.5, 1.5, 'm'),
  closedRadiusM: figure('bore', 0.005, 0.1, 'm'),
  openRadiusM: figure('bore', 0.005, 0.1, 'm'),
  camDeg: figure('angle', 10, 180, 'degrees'),
})
export type ThrottleLinkEntry = ItemOf<typeof LINK>
export const emptyLink = (id: string, called: string, kind: ThrottleLinkEntry['kind']): ThrottleLinkEntry =>
  newItem(LINK, id, { name: called, kind })

/** What sits on the engine: the stack under the bonnet, what holds and opens it, its vacuum, sensors and spark. */
export const ENGINE_TOP = group({
  stack: group({
    clay: listOf(CLAY, 24, 'lump'),
    old: listOf(STACK_PIECE, 20, 'piece'),
    pieces: listOf(STACK_PIECE, 20, 'piece'),
    points: listOf(POINT, 30, 'point'),
    around: listOf(NEIGHBOUR, 12, 'neighbour'),
    off: listOf(COMES_OFF, 40, 'part'),
    /** Which way the throttle body faces, turned clockwise from above. */
    facingDeg: numeral(0, 90, 180, 270),
    cleaner: always(['on-top', 'remote']),
    /** Of the element; and over the rim of lid or base. */
    elementM: figure('bore', 0.04, 0.6, 'm'),
    rimM: figure('bore', 0.04, 0.7, 'm'),
    openShare: figure('share', 0.1, 1, 'share of its outside'),
    faceMS: figure('airSpeed', 0.5, 10, 'm/s'),
    /** Restriction that somebody measured with an element of a height, at full power. */
    dropPa: figure('vacuum', 10, 20e3, 'Pa'),
    dropHeightM: figure('bore', 0.01, 0.3, 'm'),
    /** Elbow on the throttle body where the air cleaner sits elsewhere. */
    elbowM: figure('bore', 0.01, 0.3, 'm'),
    rockDeg: figure('angle', 0, 8, 'degrees either way'),
    /** Axis through the mounts: below the pad, and to the right of its middle. */
    axisBelowM: figure('bore', 0, 0.9, 'm'),
    axisRightM: figure('bore', -0.5, 0.5, 'm'),
    wantedM: figure('bore', 0, 0.05, 'm'),
    sideWantedM: figure('bore', 0, 0.08, 'm'),
    /** Lowest that other manifolds for this engine go, by their pads. */
    lowerPadM: figure('bore', 0, 0.12, 'm'),
    airMeter: word('none', 'kept', 'out'),
    airMeterDuct: seen,
  }),
  manifold: group({
    divider: word('cut', 'spacer', 'leave'),
    /** How far it is cut down, over its length. */
    cutM: figure('bore', 0, 0.08, 'm'),
    fires: word('one-at-a-time', 'all-at-once'),
    gasketHeld: word('clean-and-dry', 'grease', 'gasket-dressing', 'silicone', 'glue'),
    coolantOut: seen,
    bled: seen,
    sealsOiled: seen,
  }),
  bolts: listOf(BOLTS, 16, 'group'),
  throttle: group({
    links: listOf(LINK, 4, 'link'),
    /** From the pedal's pivot to its pad. */
    padArmM: figure('bore', 0.05, 0.5, 'm'),
    pedalDeg: figure('angle', 3, 80, 'degrees'),
    slackM: figure('bore', 0, 0.1, 'm'),
    plateDeg: figure('angle', 20, 120, 'degrees'),
    /** Each spring by itself, at the plate's shaft. */
    springs: whole(0, 4),
    springClosedNm: figure('torque', 0, 10, 'N m'),
    springOpenNm: figure('torque', 0, 10, 'N m'),
    /** What it takes to turn plate and linkage with every spring off. */
    dragNm: figure('torque', 0, 10, 'N m'),
    kickdown: group({
      armM: figure('bore', 0.005, 0.15, 'm'),
      /** Between its lever and its cable or rod with the plate closed. */
      restDeg: figure('angle', 10, 170, 'degrees'),
      closedM: figure('bore', 0, 0.1, 'm'),
      wantsClosedM: figure('bore', 0, 0.1, 'm'),
      wantsOpenM: figure('bore', 0, 0.15, 'm'),
      toleranceM: figure('bore', 0, 0.02, 'm'),
      pressureProved: seen,
    }),
    closedV: figure('voltage', 0, 6, 'V'),
    openV: figure('voltage', 0, 6, 'V'),
  }),
  vacuum: ENGINE_TOP_VACUUM,
  sensors: ENGINE_TOP_SENSORS,
  ignition: ENGINE_TOP_IGNITION,
})
export type EngineTopSection = ValueOf<typeof ENGINE_TOP>
