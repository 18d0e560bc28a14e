import {
  crankWheel,
  falls,
  steinhartHart,
  tapping,
  temperatureOfOhm,
  thermistorTable,
  type CrankWheelAnswer,
  type SteinhartHart,
  type TappingAnswer,
  type ThermistorRow,
} from '../../engine-top/index.ts'
import { ALL_THREADS, isTapered, type NamedThread, type TaperedThread } from '../../parts/index.ts'
import type { EngineTopSection, SensorHole, ThermistorEntry } from '../../sections/index.ts'

/** Cranking speed where nobody has measured it. Rule of thumb. */
export const USUAL_CRANKING_RPM = 150
/** Supply and converter of an ECU's temperature inputs where its manual is not at hand. Rules of thumb. */
export const [USUAL_SUPPLY_V, USUAL_BITS] = [5, 10]

export interface HoleOfJob {
  readonly hole: SensorHole
  readonly thread: NamedThread | TaperedThread | null
  readonly holeThread: NamedThread | TaperedThread | null
  readonly missing: readonly string[]
  /** Of plain metal that is tapped for the sensor. */
  readonly tapped: TappingAnswer | null
}

export interface ThermistorOfJob {
  readonly entry: ThermistorEntry
  readonly missing: readonly string[]
  readonly curve: SteinhartHart | null
  /** Three points that no thermistor has: hotter must always be less resistance. */
  readonly impossible: boolean
  readonly supplyV: number
  readonly bits: number
  /** Every 10 K over the range of a car. */
  readonly table: readonly ThermistorRow[] | null
  /** What the reading at ambient means. */
  readonly ambientK: number | null
}

export interface SensorsOfJob {
  readonly entry: EngineTopSection['sensors']
  readonly wheelMissing: readonly string[]
  readonly wheel: CrankWheelAnswer | null
  /** Only what needs no gaps: figure and frequency. */
  readonly gapsM: readonly number[]
  readonly crankingRpm: number
  readonly holes: readonly HoleOfJob[]
  readonly thermistors: readonly ThermistorOfJob[]
}

const threadOf = (id: string | null) => ALL_THREADS.find((t) => t.id === id) ?? null

const holeOf = (hole: SensorHole): HoleOfJob => {
  const [thread, holeThread] = [threadOf(hole.thread), threadOf(hole.holeThread)]
  const plain = hole.holeThread === null
  const missing = [
    ...(thread === null ? ['thread of the sensor'] : []),
    ...(plain && hole.acrossM === null ? ['metal across'] : []),
    ...(plain && hole.depthM === null ? ['metal in the way of the drill'] : []),
    ...(thread !== null && !isTapered(thread) && hole.sensorThreadM === null ? ['thread length of the sensor'] : []),
  ]
  const tapped =
    plain && thread !== null && missing.length === 0
      ? tapping({
          thread,
          acrossM: hole.acrossM!,
          depthM: hole.depthM!,
          sensorThreadM: isTapered(thread) ? null : hole.sensorThreadM,
        })
      : null
  return { hole, thread, holeThread, missing, tapped }
}

/** −30 to 120 °C. */
const TABLE_K = Array.from({ length: 16 }, (_, i) => 243.15 + 10 * i)

export const thermistorOf = (entry: ThermistorEntry): ThermistorOfJob => {
  const points = [
    { at: 'cold point', temperatureK: entry.coldK, ohm: entry.coldOhm },
    { at: 'middle point', temperatureK: entry.warmK, ohm: entry.warmOhm },
    { at: 'hot point', temperatureK: entry.hotK, ohm: entry.hotOhm },
  ]
  const supplyV = entry.supplyV ?? USUAL_SUPPLY_V
  const bits = entry.bits ?? USUAL_BITS
  const missing = points.flatMap((p) => (p.temperatureK === null || p.ohm === null ? [p.at] : []))
  const none = { entry, missing, curve: null, impossible: false, supplyV, bits, table: null, ambientK: null }
  if (missing.length > 0) return none
  const [a, b, c] = points.map((p) => ({ temperatureK: p.temperatureK!, ohm: p.ohm! })) as [never, never, never]
  const measured = [a, b, c] as { temperatureK: number; ohm: number }[]
  const distinct =
    new Set(measured.map((p) => p.temperatureK)).size === 3 && new Set(measured.map((p) => p.ohm)).size === 3
  const curve = distinct ? steinhartHart([a, b, c]) : null
  if (curve === null || !falls(curve)) return { ...none, impossible: true }
  const { biasOhm } = entry
  return {
    ...none,
    curve,
    table: biasOhm === null ? null : thermistorTable(curve, TABLE_K, { biasOhm, supplyV, bits }),
    ambientK: entry.ambientOhm === null ? null : temperatureOfOhm(curve, entry.ambientOhm),
  }
}

export const sensorsOfJob = (entry: EngineTopSection['sensors'], measuredRpm: number | null): SensorsOfJob => {
  const w = entry.wheel
  const gapsM = [w.gapAM, w.gapBM, w.gapCM, w.gapDM].filter((m) => m !== null)
  const crankingRpm = measuredRpm ?? USUAL_CRANKING_RPM
  const wheelMissing = [
    ...(w.teeth === null ? ['number of teeth'] : []),
    ...(gapsM.length < 2 ? ['gap at two places or more'] : []),
    ...(w.toothAtTop === null ? ['tooth at top dead centre'] : []),
    ...(w.wantsDeg === null ? ['angle that the ECU wants'] : []),
    ...(w.pickUp === null ? ['kind of sensor'] : []),
  ]
  const wheel =
    w.teeth === null || w.toothAtTop === null || gapsM.length === 0
      ? null
      : crankWheel({
          places: w.teeth,
          missing: w.missing ?? 0,
          diameterM: w.diameterM ?? 0,
          gapsM,
          toothAtTop: w.toothAtTop,
          mostRpm: w.mostRpm ?? 0,
          crankRpm: crankingRpm,
          signal:
            w.pickUp === 'variable-reluctance' && w.signalV !== null && w.signalRpm !== null && w.needsV !== null
              ? { voltageV: w.signalV, atRpm: w.signalRpm, needsV: w.needsV }
              : null,
        })
  return {
    entry,
    wheelMissing,
    wheel,
    gapsM,
    crankingRpm,
    holes: entry.holes.map(holeOf),
    thermistors: entry.thermistors.map(thermistorOf),
  }
}
