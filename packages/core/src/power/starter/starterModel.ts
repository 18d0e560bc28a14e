/** What the starter turns. SI. */
export interface CrankedEngine {
  readonly displacementM3: number
  readonly cylinders: number
  readonly boreM: number
  readonly strokeM: number
  readonly compressionRatio: number
  /** Of engine and flywheel, seen at the crank, kg m². */
  readonly inertiaKgM2: number
  /** Friction of cold oil over that of a warm engine. */
  readonly oilFactor: number
}

/** A series of figures of a starter; speeds at the crank. */
export interface Starter {
  /** Armature, brushes and field, ohm. */
  readonly armatureOhm: number
  /** Back voltage by armature speed, V s. */
  readonly backVS: number
  /** Armature turns for one of the crank. */
  readonly ratio: number
  /** What is left of the torque behind gear and bearings. */
  readonly efficiency: number
}
/** Typical: 12 mohm, 0.03 V s, 12 : 1; 200 A give 207 rpm and 58 N m. */
export const TYPICAL_STARTER: Starter = { armatureOhm: 0.012, backVS: 0.03, ratio: 12, efficiency: 0.8 }
/** Power that the typical starter is sold by, W. */
export const TYPICAL_STARTER_W = 1400
/** A starter of another power: its resistance in proportion. Rule of thumb. */
export const starterOfPower = (powerW: number): Starter => ({
  ...TYPICAL_STARTER,
  armatureOhm: (TYPICAL_STARTER.armatureOhm * TYPICAL_STARTER_W) / powerW,
})

/** Engine and flywheel by displacement: 0.15 to 0.3 kg m². Rule of thumb. */
export const inertiaOf = (displacementM3: number): number => 0.1 + 0.05 * Math.min(6, displacementM3 * 1000)

/**
 * Friction of cold oil over that of a warm engine (363 K): two to three times at -10 °C. Rule of thumb: a doubling for
 * each 80 K below.
 */
export const oilFactor = (temperatureK: number): number => 2 ** (Math.max(0, 363.15 - temperatureK) / 80)

/** Torque of friction at the crank, N m: mean pressure 0.97 + 0.15 N + 0.05 N² bar (Heywood), N in 1000 rpm, over 4 pi. */
export const frictionNm = (e: CrankedEngine, rpm: number): number => {
  const n = rpm / 1000
  return (e.oilFactor * (0.97 + 0.15 * n + 0.05 * n * n) * 1e5 * e.displacementM3) / (4 * Math.PI)
}

const ATMOSPHERE_PA = 101_325
/** Compression and expansion of cranked air, heat and blow-by included. Typical: 8.5 : 1 gives some 10 bar on a gauge. */
const COMPRESSES = 1.22
const EXPANDS = 1.32
/** The inlet valve shuts so long after bottom dead centre, degrees. Typical. */
const SHUTS_DEG = 55
/** Rod over crank radius. Typical. */
const ROD_RATIO = 3.5

const TABLE_STEPS = 720
/**
 * Torque of the gas in all cylinders at the crank, N m, over two turns in steps of one degree: compression and expansion of
 * each cylinder by polytropes from atmosphere, the others at atmosphere. Positive helps the starter. Firing evenly spaced.
 */
export const gasTorqueNm = (e: CrankedEngine): Float64Array => {
  const areaM2 = (Math.PI / 4) * e.boreM ** 2
  const radiusM = e.strokeM / 2
  const sweptM3 = areaM2 * e.strokeM
  const clearM3 = sweptM3 / (e.compressionRatio - 1)
  const fallAt = (rad: number): number =>
    radiusM * (1 + ROD_RATIO - Math.cos(rad) - Math.sqrt(ROD_RATIO ** 2 - Math.sin(rad) ** 2))
  const shutM3 = clearM3 + areaM2 * fallAt(((-180 + SHUTS_DEG) * Math.PI) / 180)
  const topPa = ATMOSPHERE_PA * (shutM3 / clearM3) ** COMPRESSES
  const one = (deg: number): number => {
    // 0 is the top after compression: compression from -180, expansion to 180.
    const a = ((((deg + 360) % 720) + 720) % 720) - 360
    if (a < -180 || a > 180) return 0
    const x = (a * Math.PI) / 180
    const sin = Math.sin(x)
    const root = Math.sqrt(ROD_RATIO ** 2 - sin ** 2)
    const volume = clearM3 + areaM2 * fallAt(x)
    const pressure =
      a < 0
        ? Math.max(ATMOSPHERE_PA, ATMOSPHERE_PA * (shutM3 / volume) ** COMPRESSES)
        : Math.max(ATMOSPHERE_PA, topPa * (clearM3 / volume) ** EXPANDS)
    return (pressure - ATMOSPHERE_PA) * areaM2 * radiusM * (sin + (sin * Math.cos(x)) / root)
  }
  return Float64Array.from({ length: TABLE_STEPS }, (_, deg) => {
    let sum = 0
    for (let k = 0; k < e.cylinders; k++) sum += one(deg - (k * 720) / e.cylinders)
    return sum
  })
}

/** Mean of the gas torque over two turns, N m: what compression takes and expansion does not give back. Negative. */
export const meanGasNm = (e: CrankedEngine): number => gasTorqueNm(e).reduce((a, b) => a + b, 0) / TABLE_STEPS
