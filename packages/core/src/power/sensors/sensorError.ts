/** A resistor to 5 V in the ECU, the sensor to earth: volts are read against the ECU's own sensor earth. */
const REFERENCE_V = 5

/** Thermistor by its resistance at 25 °C and its beta, with the ECU's bias resistor. Typical. */
export interface Thermistor {
  readonly r25Ohm: number
  readonly betaK: number
  readonly biasOhm: number
}
export const TYPICAL_THERMISTOR: Thermistor = { r25Ohm: 2800, betaK: 3500, biasOhm: 2490 }
const T25 = 298.15
export const thermistorOhm = ({ r25Ohm, betaK }: Thermistor, temperatureK: number): number =>
  r25Ohm * Math.exp(betaK * (1 / temperatureK - 1 / T25))
const temperatureOf = ({ r25Ohm, betaK }: Thermistor, ohm: number): number =>
  1 / (1 / T25 + Math.log(ohm / r25Ohm) / betaK)

/**
 * Volts at the ECU's input where a sensor that gives a share of its supply is returned to a potential of `liftV` above the
 * ECU's sensor earth: both ends of the divider are then 5 V and that.
 */
export const readV = (share: number, liftV: number): number => liftV + (REFERENCE_V - liftV) * share

/**
 * What a thermistor seems to be at where its return is lifted, K; null where the input is outside what it can read, which
 * an ECU takes for a broken lead.
 */
export const seemsK = (t: Thermistor, temperatureK: number, liftV: number): number | null => {
  const ohm = thermistorOhm(t, temperatureK)
  const v = readV(ohm / (ohm + t.biasOhm), liftV)
  if (v <= 0 || v >= REFERENCE_V) return null
  return temperatureOf(t, (t.biasOhm * v) / (REFERENCE_V - v))
}

/** A manifold pressure sensor of naturally aspirated engines: 20 to 105 kPa over 0.25 to 4.75 V. Typical. */
const MAP = { fromPa: 20e3, toPa: 105e3, fromV: 0.25, toV: 4.75 } as const
const shareOfPa = (pa: number): number =>
  (MAP.fromV + ((pa - MAP.fromPa) / (MAP.toPa - MAP.fromPa)) * (MAP.toV - MAP.fromV)) / REFERENCE_V
/** Error of a manifold pressure, Pa: lifted by its return, in proportion to what is left of its supply. */
export const pressureErrorPa = (pressurePa: number, liftV: number): number => {
  const share = shareOfPa(pressurePa)
  return ((readV(share, liftV) - REFERENCE_V * share) * (MAP.toPa - MAP.fromPa)) / (MAP.toV - MAP.fromV)
}

/** A throttle sensor: 10 to 90 % of its supply from shut to open. Typical. */
export const throttleErrorShare = (openShare: number, liftV: number): number => {
  const share = 0.1 + 0.8 * openShare
  return (readV(share, liftV) - REFERENCE_V * share) / (0.8 * REFERENCE_V)
}

/** Analogue output of a wideband controller: lambda 0.7 to 1.3 over 0 to 5 V. Typical; its own sheet decides. */
const LAMBDA_PER_V = 0.12
export const lambdaError = (liftV: number): number => LAMBDA_PER_V * liftV

export const SENSORS = ['coolant', 'air', 'manifold', 'throttle', 'oxygen'] as const
export type SensorId = (typeof SENSORS)[number]

/** Where each is looked at: a warm engine, a mild day, idle. Pa, K, share. */
const AT = { coolantK: 358.15, airK: 298.15, manifoldPa: 40e3, throttleShare: 0.05 } as const

/**
 * Error of a sensor whose return stands `liftV` above the ECU's sensor earth, in its own unit: K, Pa, share or lambda.
 * Null: outside what the ECU can read.
 */
export const sensorError = (sensor: SensorId, liftV: number, t: Thermistor = TYPICAL_THERMISTOR): number | null => {
  switch (sensor) {
    case 'coolant':
    case 'air': {
      const trueK = sensor === 'coolant' ? AT.coolantK : AT.airK
      const k = seemsK(t, trueK, liftV)
      return k === null ? null : k - trueK
    }
    case 'manifold':
      return pressureErrorPa(AT.manifoldPa, liftV)
    case 'throttle':
      return throttleErrorShare(AT.throttleShare, liftV)
    case 'oxygen':
      return lambdaError(liftV)
  }
}
