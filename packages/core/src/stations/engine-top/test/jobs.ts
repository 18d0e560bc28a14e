import { emptyJob, withChange, type JobDocument } from '../../../job/index.ts'
import {
  boltRow,
  coolantPlace,
  emptyBolts,
  emptyClay,
  emptyComesOff,
  emptyConsumer,
  emptyLink,
  emptyNeighbour,
  emptyPoint,
  emptyPort,
  emptyThermistor,
  provedWire,
  sensorHole,
  stackPiece,
  vacuumHose,
  type EngineTopSection,
  type LeverEntry,
  type StackKind,
} from '../../../sections/index.ts'
import { comesOff } from '../comesOff.ts'

const RIM = ['rim-front', 'rim-front-right', 'rim-right', 'rim-rear-right', 'rim-rear', 'rim-rear-left', 'rim-left', 'rim-front-left'] as const // prettier-ignore
const HEIGHTS: readonly (readonly [StackKind, number])[] = [
  ['gasket', 0.002],
  ['spacer', 0.025],
  ['throttle-body', 0.07],
  ['base', -0.01],
  ['element', 0.06],
  ['lid', 0.006],
  ['nut', 0.008],
]

const lever = (aheadM: number, armM: number): LeverEntry => ({
  rightM: -0.09,
  aheadM,
  upM: 0.05,
  shaft: 'across',
  swungDeg: null,
  armM,
  restDeg: 320,
  opens: 'clockwise',
})

const base = emptyJob('Engine top')
const { chosen: _none, ...system } = base.system
const car: JobDocument = {
  ...base,
  vehicle: { ...base.vehicle, cylinders: 6, layout: 'inline', displacementM3: 2.5e-3, powerSpeedRpm: 4800 },
  walkAround: {
    ...base.walkAround,
    engine: { ...base.walkAround.engine, firingOrder: '1-5-3-6-2-4', numberedFrom: 'front' },
    ignition: { ...base.walkAround.ignition, kind: 'points', advance: 'mechanical-and-vacuum', coilResistor: true },
    tests: { ...base.walkAround.tests, crankingRpm: 180 },
    intake: { manifold: 'two-plane', pad: 'two-barrel', divider: 'full', metal: 'aluminium', consumers: [] },
    gearbox: { ...base.walkAround.gearbox, kickdown: 'throttle-valve-cable' },
  },
  system: {
    ...system,
    chosen: { injection: 'throttle-body-low', build: 'from-parts', firing: 'batch', timing: 'locked-distributor', trigger: 'crank-wheel', oxygenSensors: 1, fuelLoop: 'return', pumpPlace: 'in-tank' }, // prettier-ignore
  },
}

const none = base.engineTop
const engineTop: EngineTopSection = {
  stack: {
    ...none.stack,
    old: [stackPiece('old-carburettor-1', 'carburettor', 0.09), stackPiece('old-cleaner-1', 'element', 0.07)],
    clay: [
      { ...emptyClay('clay-centre', 'centre'), rightM: 0, aheadM: 0, topM: 0.16, clayM: 0.04, spreadM: 0.001 },
      ...RIM.map((place, i) => ({
        ...emptyClay(`clay-${place}`, place),
        rightM: 0.11 * Math.sin((Math.PI * i) / 4),
        aheadM: 0.11 * Math.cos((Math.PI * i) / 4),
        topM: 0.15,
        clayM: 0.045,
        spreadM: 0.001,
      })),
    ],
    pieces: HEIGHTS.map(([kind, heightM]) => stackPiece(`new-${kind}`, kind, heightM)),
    points: [
      { ...emptyPoint('point-lever', 'Throttle lever', 'throttle-lever'), rightM: -0.09, aheadM: 0, topM: 0.043, reachM: 0.01 }, // prettier-ignore
      { ...emptyPoint('point-inlet', 'Fuel inlet', 'fuel-inlet'), rightM: 0.02, aheadM: -0.08, topM: 0.048, reachM: 0.05, angledReachM: 0.02 }, // prettier-ignore
    ],
    around: [
      { ...emptyNeighbour('face-bulkhead', 'Bulkhead', 'bulkhead', 'behind'), atM: 0.19, onEngine: false },
      { ...emptyNeighbour('round-alternator', 'Alternator', 'alternator', 'round'), rightM: 0.17, aheadM: 0.16, radiusM: 0.06 }, // prettier-ignore
    ],
    elementM: 0.2,
    rimM: 0.22,
    openShare: 0.85,
    faceMS: 3,
    rockDeg: 2,
    axisBelowM: 0.34,
    axisRightM: 0,
    wantedM: 0.005,
    sideWantedM: 0.01,
    lowerPadM: 0.03,
    airMeter: 'out',
    airMeterDuct: true,
  },
  manifold: {
    divider: 'spacer',
    cutM: null,
    fires: 'one-at-a-time',
    gasketHeld: 'grease',
    coolantOut: true,
    bled: true,
    sealsOiled: true,
  },
  bolts: [
    {
      ...emptyBolts('bolts-manifold', 'Manifold', 'manifold'),
      many: 4,
      thread: 'M8x1.25',
      strength: '8.8',
      tapped: 'aluminium',
      flangeM: 0.028,
      gasketM: 0.001,
      washerM: 0.0016,
      threadDepthM: 0.018,
      through: false,
      holeDepthM: 0.022,
      opensInto: 'coolant',
      state: 'thread sealant',
      sealed: true,
      frictionK: 0.14,
      clampShare: 0.75,
      pattern: 'rows',
      rows: [
        { ...boltRow('row-front'), pitchM: 0.1 },
        { ...boltRow('row-rear'), pitchM: 0.1, behindM: 0.06 },
      ],
    },
    { ...emptyBolts('hole-coolant', 'Coolant sensor', 'sensor'), many: 1, thread: 'NPT3/8', threadDepthM: 0.016, wallM: 0.005 }, // prettier-ignore
  ],
  throttle: {
    links: [
      { ...emptyLink('link-rod', 'Cross shaft rod', 'rod'), driver: lever(-0.29, 0.0475), driven: lever(0, 0.036) },
    ],
    padArmM: 0.21,
    pedalDeg: 60,
    slackM: 0.002,
    plateDeg: 82,
    springs: 2,
    springClosedNm: 0.6,
    springOpenNm: 0.9,
    dragNm: 0.2,
    kickdown: {
      armM: 0.03,
      restDeg: 50,
      closedM: 0.002,
      wantsClosedM: 0.002,
      wantsOpenM: 0.0415,
      toleranceM: 0.001,
      pressureProved: true,
    },
    closedV: 0.6,
    openV: 4.3,
  },
  vacuum: {
    ...none.vacuum,
    ports: [
      { ...emptyPort('port-rear', 'Rear of the manifold'), boreM: 0.01, kind: 'full', draws: 'plenum' },
      { ...emptyPort('port-base', 'Base of the throttle body'), boreM: 0.0095, kind: 'full', draws: 'plenum' },
      { ...emptyPort('port-side', 'Side of the throttle body'), boreM: 0.005, kind: 'full', draws: 'plenum' },
      { ...emptyPort('port-edge', 'At the plate’s edge'), boreM: 0.005, kind: 'ported' },
    ],
    consumers: [
      { ...emptyConsumer('use-servo', 'Brake servo', 'servo'), boreM: 0.009 },
      { ...emptyConsumer('use-breather', 'Crankcase ventilation', 'breather'), boreM: 0.009 },
      {
        ...emptyConsumer('use-pressure', 'Manifold pressure sensor', 'pressure-sensor'),
        boreM: 0.004,
        mostLengthM: 0.6,
      },
    ],
    hoses: [{ ...vacuumHose('hose-pressure', 'port-side', 'use-pressure'), lengthM: 0.45 }],
    throughBulkhead: true,
    grommet: true,
    held: 'clip',
    stoppedPa: 101e3,
    idleLowPa: 40e3,
    idleHighPa: 42e3,
    gaugePa: 60e3,
  },
  sensors: {
    ...none.sensors,
    coolant: {
      places: [
        { ...coolantPlace('place-housing', 'Thermostat housing'), flow: 'always', takenBy: 'nothing' },
        { ...coolantPlace('place-rear', 'Rear of the head'), flow: 'dead-end', takenBy: 'nothing' },
      ],
      placeId: 'place-housing',
      sensorK: 363.15,
      gaugeK: 360.15,
    },
    airPlace: 'before-throttle',
    wheel: {
      teeth: 36,
      missing: 1,
      diameterM: 0.16,
      gapAM: 0.7e-3,
      gapBM: 0.8e-3,
      gapCM: 0.75e-3,
      gapDM: 0.7e-3,
      toothAtTop: 9,
      wantsDeg: 80,
      mostRpm: 5500,
      pickUp: 'variable-reluctance',
      signalV: 3,
      signalRpm: 900,
      needsV: 0.4,
      inputHz: 10e3,
    },
    holes: [
      {
        ...sensorHole('hole-water', 'Coolant sensor'),
        use: 'coolant',
        thread: 'M14x1.5',
        acrossM: 0.024,
        depthM: 0.02,
        sensorThreadM: 0.012,
        seal: 'washer',
        chipsOut: true,
      },
    ],
    thermistors: [
      {
        ...emptyThermistor('curve-water', 'Coolant sensor'),
        coldK: 273.15,
        coldOhm: 9423,
        warmK: 298.15,
        warmOhm: 2795,
        hotK: 373.15,
        hotOhm: 184,
        biasOhm: 2490,
        supplyV: 5,
        bits: 10,
        ambientK: 291.15,
        ambientOhm: 3850,
      },
    ],
  },
  ignition: {
    ...none.ignition,
    weights: 'locked',
    can: 'plugged',
    leastDeg: 6,
    mostDeg: 38,
    tipDeg: 10,
    terminalDeg: 14,
    pastDeg: 0,
    seenAtDeg: 22,
    turns: 'clockwise',
    referenceDeg: 60,
    referenceFixed: false,
    coil: 'plain',
    output: 'coil-driver',
    box: 'none',
    tachFrom: 'ecu',
    ecuFedFrom: 'own-feed',
    ecuReads: 'variable-reluctance',
    polarity: 'right',
    labelledFrom: 'front',
    proved: ['plug', 'injector'].flatMap((kind) => [1, 2, 3, 4, 5, 6].map((n) => provedWire(`${kind}-${n}`, n))),
  },
}

const withoutFates = { ...car, engineTop }

/** An engine top on which everything is right. */
export const rightJob: JobDocument = {
  ...car,
  engineTop: {
    ...engineTop,
    stack: {
      ...engineTop.stack,
      off: comesOff(withoutFates).map((p) => ({
        ...emptyComesOff(p.id),
        fate: p.leavesHole ? ('blanked' as const) : ('stored' as const),
        tag: p.leavesOpen ? 'waits for its port' : '',
        painted: p.leavesHole ? true : null,
      })),
    },
  },
}

type Top = EngineTopSection
export const withTop = (change: Partial<Top>, job = rightJob): JobDocument => withChange(job, { engineTop: change })
export const withStack = (change: Partial<Top['stack']>, job = rightJob): JobDocument =>
  withTop({ stack: { ...job.engineTop.stack, ...change } }, job)
export const withManifold = (change: Partial<Top['manifold']>, job = rightJob): JobDocument =>
  withTop({ manifold: { ...job.engineTop.manifold, ...change } }, job)
export const withThrottle = (change: Partial<Top['throttle']>, job = rightJob): JobDocument =>
  withTop({ throttle: { ...job.engineTop.throttle, ...change } }, job)
export const withBolts = (change: Partial<Top['bolts'][number]>, index = 0, job = rightJob): JobDocument =>
  withTop({ bolts: job.engineTop.bolts.map((b, i) => (i === index ? { ...b, ...change } : b)) }, job)
export const withPiece = (kind: StackKind, heightM: number | null, job = rightJob): JobDocument =>
  withStack({ pieces: job.engineTop.stack.pieces.map((p) => (p.kind === kind ? { ...p, heightM } : p)) }, job)
export const withLink = (change: Partial<Top['throttle']['links'][number]>, job = rightJob): JobDocument =>
  withThrottle({ links: job.engineTop.throttle.links.map((l) => ({ ...l, ...change })) }, job)
export const withWalk = (change: Partial<JobDocument['walkAround']>, job = rightJob): JobDocument =>
  withChange(job, { walkAround: change })
export const withVacuum = (change: Partial<Top['vacuum']>, job = rightJob): JobDocument =>
  withTop({ vacuum: { ...job.engineTop.vacuum, ...change } }, job)
export const withSensors = (change: Partial<Top['sensors']>, job = rightJob): JobDocument =>
  withTop({ sensors: { ...job.engineTop.sensors, ...change } }, job)
export const withWheel = (change: Partial<Top['sensors']['wheel']>, job = rightJob): JobDocument =>
  withSensors({ wheel: { ...job.engineTop.sensors.wheel, ...change } }, job)
export const withIgnition = (change: Partial<Top['ignition']>, job = rightJob): JobDocument =>
  withTop({ ignition: { ...job.engineTop.ignition, ...change } }, job)
