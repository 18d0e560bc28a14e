import { airFlowKgS, AMBIENT_PA, type Band, type EngineOnFuel } from '../../engine/index.ts'

export const EXHAUST_MOMENTS = ['idle', 'cruise', 'hard', 'full'] as const
export type ExhaustMomentId = (typeof EXHAUST_MOMENTS)[number]
export const MOMENT_WORDS: Readonly<Record<ExhaustMomentId, string>> = {
  idle: 'Idle',
  cruise: 'Cruise',
  hard: 'Hard road load',
  full: 'Full load',
}

/** The engine as its exhaust sees it at one moment. */
export interface ExhaustMoment {
  readonly id: ExhaustMomentId
  readonly label: string
  readonly speedRpm: number
  /** Absolute. */
  readonly manifoldPa: number
  /** Whole engine. */
  readonly airKgS: number
  readonly gasKgS: number
  readonly lambda: number
  /** At the ports. */
  readonly portK: Band
  /** Film of air outside the pipe, without radiation; its high end goes with the cool end of the gas. */
  readonly outsideWM2K: Band
  readonly ambientK: number
  /** Lag of the sensor behind its shield. */
  readonly sensorS: Band
  readonly filmS: number
  /** Gas before the turbine over gas behind it. */
  readonly expansion: number
}

const celsius = (low: number, typical: number, high: number): Band => ({
  low: low + 273.15,
  typical: typical + 273.15,
  high: high + 273.15,
})
const band = (low: number, typical: number, high: number): Band => ({ low, typical, high })

/** House bands from road and test-bench practice: rules of thumb, shown as such. */
const CONDITIONS: Readonly<
  Record<
    ExhaustMomentId,
    { load: number; portK: Band; outsideWM2K: Band; ambientK: number; sensorS: Band; boostShare: number }
  >
> = {
  idle: {
    load: 0,
    portK: celsius(300, 375, 450),
    outsideWM2K: band(8, 10, 14),
    ambientK: 313.15,
    sensorS: band(0.1, 0.2, 0.3),
    boostShare: 0,
  },
  cruise: {
    load: 0.5,
    portK: celsius(500, 600, 680),
    outsideWM2K: band(20, 30, 40),
    ambientK: 308.15,
    sensorS: band(0.05, 0.075, 0.1),
    boostShare: 0.05,
  },
  hard: {
    load: 0.75,
    portK: celsius(650, 700, 750),
    outsideWM2K: band(25, 35, 45),
    ambientK: 308.15,
    sensorS: band(0.05, 0.075, 0.1),
    boostShare: 0.5,
  },
  full: {
    load: 1,
    portK: celsius(800, 850, 900),
    outsideWM2K: band(35, 45, 55),
    ambientK: 308.15,
    sensorS: band(0.05, 0.06, 0.1),
    boostShare: 1,
  },
}
/** Share of the fuel that wets the walls times its time constant (after Aquino, SAE 810494): ports; throttle body. */
const FILM_S = { port: 0.3 * 0.3, body: 0.6 * 1 }

/** What its exhaust has to know of an engine. */
export interface EngineOfExhaust {
  readonly engine: Pick<EngineOnFuel, 'airAt' | 'fuel'>
  /** Of a turbine at full power; 0 without one. */
  readonly boostPa: number
  /** Injectors in the ports; else on a throttle body. */
  readonly ports: boolean
}

/** The engine at the four moments. */
export const exhaustMoments = ({ engine, boostPa, ports }: EngineOfExhaust): ExhaustMoment[] =>
  EXHAUST_MOMENTS.map((id) => {
    const { load, portK, outsideWM2K, ambientK, sensorS, boostShare } = CONDITIONS[id]
    const air = engine.airAt(load)
    const airKgS = airFlowKgS(air)
    return {
      id,
      label: MOMENT_WORDS[id],
      speedRpm: air.speedRpm,
      manifoldPa: air.manifoldPa,
      airKgS,
      gasKgS: airKgS * (1 + 1 / (air.lambda * engine.fuel.stoichiometricAfr)),
      lambda: air.lambda,
      portK,
      outsideWM2K,
      ambientK,
      sensorS,
      filmS: ports ? FILM_S.port : FILM_S.body,
      expansion: 1 + (boostShare * boostPa) / AMBIENT_PA,
    }
  })
