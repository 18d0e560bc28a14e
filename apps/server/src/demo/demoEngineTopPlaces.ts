import {
  coolantPlace,
  emptyConsumer,
  emptyJob,
  emptyPort,
  emptyThermistor,
  provedWire,
  sensorHole,
  vacuumHose,
  type EngineTopSection,
  type VacuumConsumerEntry,
  type VacuumPortEntry,
  type VacuumUse,
} from '@lochmoor/core'

type Places = Pick<EngineTopSection, 'vacuum' | 'sensors' | 'ignition'>
const { engineTop: none } = emptyJob('')
const MM = 1e-3
const ZERO_K = 273.15

const port = (id: string, name: string, mm: number, more: Partial<VacuumPortEntry>): VacuumPortEntry => ({
  ...emptyPort(id, name),
  boreM: mm * MM,
  kind: 'full',
  draws: 'plenum',
  ...more,
})
const consumer = (use: VacuumUse, name: string, mm: number, more: Partial<VacuumConsumerEntry> = {}): VacuumConsumerEntry => ({ ...emptyConsumer(`consumer-${use}`, name, use), boreM: mm * MM, ...more }) // prettier-ignore

const rearPort = port('port-rear', 'Rear of the manifold', 10, { on: 'manifold' })
const basePort = port('port-base', 'Throttle body, below the plate', 9.5, {})
const edgePort = port('port-edge', 'Throttle body, at the plate’s edge', 4.5, { kind: 'ported', draws: null })

const servo = consumer('servo', 'Brake servo', 9)
const breather = consumer('breather', 'Crankcase ventilation', 9)
const pressure = consumer('pressure-sensor', 'Manifold pressure sensor', 4, { mostLengthM: 0.6 })
const advance = consumer('advance', 'Distributor advance', 4)

/** The coupé: four ports, five consumers, and the one port that is left draws from a single runner. */
export const CURLEW_PLACES: Places = {
  vacuum: {
    ...none.vacuum,
    ports: [
      rearPort,
      basePort,
      edgePort,
      port('port-runner', 'Runner of cylinder two', 5, { on: 'manifold', draws: 'runner' }),
    ],
    consumers: [servo, breather, pressure, advance, consumer('heater', 'Heater flap', 4)],
  },
  sensors: {
    ...none.sensors,
    coolant: {
      ...none.sensors.coolant,
      places: [
        { ...coolantPlace('coolant-housing', 'Thermostat housing'), flow: 'always', takenBy: 'nothing' },
        { ...coolantPlace('coolant-rear', 'Rear of the left head'), flow: 'dead-end', takenBy: 'nothing' },
      ],
    },
  },
  ignition: { ...none.ignition, weights: 'free', can: 'connected', tachFrom: 'coil-minus', numbering: 'banks-in-turn' },
}

/** The saloon that was handed over: a port for everybody, sensors in flow, and every lead followed. */
export const TURNSTONE_PLACES: Places = {
  vacuum: {
    ...none.vacuum,
    ports: [rearPort, basePort, edgePort, port('port-side', 'Throttle body, left side', 5, {})],
    consumers: [servo, breather, pressure, advance],
    hoses: [
      { ...vacuumHose('hose-servo', 'port-base', 'consumer-servo'), lengthM: 0.9 },
      { ...vacuumHose('hose-breather', 'port-rear', 'consumer-breather'), lengthM: 0.35 },
      { ...vacuumHose('hose-servo-rear', 'port-rear', 'consumer-servo'), lengthM: 0.7 },
      { ...vacuumHose('hose-breather-base', 'port-base', 'consumer-breather'), lengthM: 0.3 },
      { ...vacuumHose('hose-pressure', 'port-side', 'consumer-pressure-sensor'), lengthM: 0.42 },
      { ...vacuumHose('hose-advance', 'port-edge', 'consumer-advance'), lengthM: 0.38 },
    ],
    throughBulkhead: true,
    grommet: true,
    held: 'clip',
    stoppedPa: 100.8e3,
    idleLowPa: 41.5e3,
    idleHighPa: 43.5e3,
    gaugePa: 58e3,
  },
  sensors: {
    ...none.sensors,
    coolant: {
      places: [
        { ...coolantPlace('coolant-housing', 'Thermostat housing'), flow: 'always', takenBy: 'nothing' },
        { ...coolantPlace('coolant-rear', 'Rear of the left head'), flow: 'dead-end', takenBy: 'gauge' },
      ],
      placeId: 'coolant-housing',
      sensorK: ZERO_K + 88,
      gaugeK: ZERO_K + 84,
    },
    airPlace: 'in-cleaner',
    holes: [
      {
        ...sensorHole('hole-coolant-sensor', 'Coolant sensor'),
        use: 'coolant',
        thread: 'R3/8',
        acrossM: 28 * MM,
        depthM: 14 * MM,
        seal: 'sealant',
        chipsOut: true,
      },
    ],
    thermistors: [
      {
        ...emptyThermistor('thermistor-coolant', 'Coolant sensor'),
        coldK: ZERO_K,
        coldOhm: 5896,
        warmK: ZERO_K + 25,
        warmOhm: 2057,
        hotK: ZERO_K + 100,
        hotOhm: 177,
        biasOhm: 2490,
        supplyV: 5,
        bits: 10,
        ambientK: ZERO_K + 11,
        ambientOhm: 3600,
      },
    ],
  },
  ignition: {
    ...none.ignition,
    weights: 'free',
    can: 'connected',
    canDeg: 16,
    tipDeg: 10,
    terminalDeg: 14,
    pastDeg: 1,
    seenAtDeg: 8,
    turns: 'clockwise',
    box: 'none',
    tachFrom: 'coil-minus',
    ecuFedFrom: 'own-feed',
    numbering: 'banks-in-turn',
    firstBank: 'right',
    labelledFrom: 'front',
    proved: [1, 2, 3, 4, 5, 6].map((n) => provedWire(`plug-${n}`, n)),
  },
}

/** The van: a crank wheel times the spark, and the old distributor under it was put in by eye. */
export const CARRIER_PLACES: Places = {
  vacuum: {
    ...none.vacuum,
    ports: [
      port('port-plenum', 'Plenum, rear', 12, { on: 'manifold' }),
      port('port-plenum-side', 'Plenum, side', 10, { on: 'manifold' }),
      port('port-plenum-top', 'Plenum, top', 5, { on: 'manifold' }),
      port('port-plenum-front', 'Plenum, front', 5, { on: 'manifold' }),
    ],
    consumers: [servo, breather, pressure, consumer('regulator', 'Fuel pressure regulator', 4)],
    hoses: [{ ...vacuumHose('hose-pressure', 'port-plenum-top', 'consumer-pressure-sensor'), lengthM: 0.55 }],
    throughBulkhead: false,
    held: 'clip',
  },
  sensors: {
    ...none.sensors,
    airPlace: 'before-throttle',
    wheel: {
      ...none.sensors.wheel,
      teeth: 36,
      missing: 1,
      diameterM: 0.142,
      gapAM: 0.8 * MM,
      gapBM: 0.9 * MM,
      gapCM: 0.85 * MM,
      gapDM: 0.8 * MM,
      toothAtTop: 10,
      wantsDeg: 90,
      mostRpm: 5500,
      pickUp: 'hall',
      inputHz: 12e3,
    },
    phase: 'cam-sensor',
  },
  ignition: {
    ...none.ignition,
    weights: 'locked',
    can: 'none',
    leastDeg: 4,
    mostDeg: 34,
    tipDeg: 9,
    terminalDeg: 13,
    pastDeg: 11,
    seenAtDeg: 10,
    turns: 'anticlockwise',
    referenceDeg: 90,
    coil: 'plain',
    output: 'coil-driver',
    box: 'none',
    ecuFedFrom: 'own-feed',
    ecuReads: 'hall',
    coils: 'one',
    numbering: 'alternating',
    firstBank: 'left',
  },
}
