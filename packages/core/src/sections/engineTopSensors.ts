import { ALL_THREAD_IDS } from '../parts/index.ts'
import { entered, figure, group, listOf, name, newItem, seen, whole, word, type ItemOf } from '../shape/index.ts'

/** Where a coolant sensor might go. */
const COOLANT_PLACE = group({
  name: name(60),
  flow: word('always', 'thermostat-open', 'dead-end'),
  takenBy: word('nothing', 'gauge', 'other'),
})
export type CoolantPlace = ItemOf<typeof COOLANT_PLACE>
export const coolantPlace = (id: string, called: string): CoolantPlace => newItem(COOLANT_PLACE, id, { name: called })

export const SENSOR_USES = ['coolant', 'air', 'pressure', 'oil-pressure', 'knock', 'gauge', 'other'] as const

/** A sensor's hole. */
const SENSOR_HOLE = group({
  name: name(60),
  use: word(...SENSOR_USES),
  /** Of the sensor. */
  thread: word<string>(...ALL_THREAD_IDS),
  /** Of the hole as it is; null: plain metal, to be tapped. */
  holeThread: word<string>(...ALL_THREAD_IDS),
  /** Metal that is tapped: across at its narrowest, and in the way of the drill. */
  acrossM: figure('bore', 0.005, 0.2, 'm'),
  depthM: figure('bore', 0.002, 0.1, 'm'),
  /** Thread of the sensor, tip to washer. */
  sensorThreadM: figure('bore', 0.003, 0.06, 'm'),
  adapter: seen,
  seal: word('sealant', 'washer', 'nothing'),
  /** Grease on the tap, rag below, flushed. */
  chipsOut: seen,
})
export type SensorHole = ItemOf<typeof SENSOR_HOLE>
export const sensorHole = (id: string, called: string): SensorHole => newItem(SENSOR_HOLE, id, { name: called })

const temperatureK = figure('temperature', 233.15, 473.15, 'K')
const ohm = figure('resistance', 1, 1e6, 'ohm')

/** A thermistor by three points of its sheet, the ECU's bias resistor, and a reading at a known temperature. */
const THERMISTOR = group({
  name: name(60),
  coldK: temperatureK,
  coldOhm: ohm,
  warmK: temperatureK,
  warmOhm: ohm,
  hotK: temperatureK,
  hotOhm: ohm,
  biasOhm: ohm,
  supplyV: figure('voltage', 1, 16, 'V'),
  bits: whole(6, 16),
  ambientK: figure('temperature', 243.15, 333.15, 'K'),
  ambientOhm: ohm,
})
export type ThermistorEntry = ItemOf<typeof THERMISTOR>
export const emptyThermistor = (id: string, called: string): ThermistorEntry =>
  newItem(THERMISTOR, id, { name: called })

const gapM = figure('bore', 0, 0.01, 'm')

/** Where the sensors go, and in which holes. */
export const ENGINE_TOP_SENSORS = group({
  coolant: group({
    places: listOf(COOLANT_PLACE, 8, 'place'),
    /** Id of the one that is taken. */
    placeId: entered(60),
    /** Both at a steady warm idle. */
    sensorK: temperatureK,
    gaugeK: temperatureK,
  }),
  airPlace: word('before-throttle', 'in-cleaner', 'in-plenum', 'hot-metal', 'at-turbo'),
  wheel: group({
    /** Places round the wheel, missing ones included. */
    teeth: whole(2, 360),
    missing: whole(0, 8),
    diameterM: figure('bore', 0.03, 0.6, 'm'),
    /** Gap to the sensor at four places round the wheel. */
    gapAM: gapM,
    gapBM: gapM,
    gapCM: gapM,
    gapDM: gapM,
    /** Tooth under the sensor with number one at top dead centre; 1 is the first behind the gap. */
    toothAtTop: whole(1, 360),
    /** From the first tooth behind the gap to top dead centre, as the ECU wants it. */
    wantsDeg: figure('angle', 0, 360, 'degrees of crank'),
    mostRpm: figure('engineSpeed', 500, 15_000, 'rpm'),
    pickUp: word('variable-reluctance', 'hall'),
    signalV: figure('voltage', 0, 200, 'V'),
    signalRpm: figure('engineSpeed', 20, 3000, 'rpm'),
    needsV: figure('voltage', 0.05, 10, 'V'),
    /** Highest that the ECU's input counts. */
    inputHz: figure('frequency', 10, 200e3, 'Hz'),
  }),
  /** Which of two turns it is. */
  phase: word('none', 'cam-sensor', 'distributor'),
  phaseProved: seen,
  holes: listOf(SENSOR_HOLE, 12, 'hole'),
  thermistors: listOf(THERMISTOR, 4, 'thermistor'),
})
