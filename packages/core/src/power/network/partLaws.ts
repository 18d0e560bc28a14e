import {
  LEAST_OHM,
  MOST_S,
  REFERENCE_K,
  SET_POINT_K,
  type AlternatorPart,
  type BatteryPart,
  type ChargeTable,
  type Conductor,
  type LoadPart,
  type RelayPart,
  type WirePart,
} from './networkCase.ts'

/** Place of `x` on an axis: the entries beside it and the share of the second; the edge holds outside. */
const between = (axis: readonly number[], x: number): readonly [number, number, number] => {
  const last = axis.length - 1
  if (x <= axis[0]!) return [0, 0, 0]
  if (x >= axis[last]!) return [last, last, 0]
  const j = axis.findIndex((a) => a > x)
  return [j - 1, j, (x - axis[j - 1]!) / (axis[j]! - axis[j - 1]!)]
}

/** A figure of a battery at its charge and temperature: bilinear in its table, the edge outside. */
export const atCharge = (figure: number | ChargeTable, charge: number, temperatureK: number): number => {
  if (typeof figure === 'number') return figure
  const [i, j, f] = between(figure.charges, charge)
  const [k, l, g] = between(figure.temperaturesK, temperatureK)
  const row = (n: number) => figure.values[n]![k]! * (1 - g) + figure.values[n]![l]! * g
  return row(i) * (1 - f) + row(j) * f
}

/** Resistance by temperature, as a factor of that at 293.15 K. */
export const warmed = (temperatureK: number, coefficientPerK: number): number =>
  1 + coefficientPerK * (temperatureK - REFERENCE_K)

/** No resistance is less than the least that counts, nor beyond what a number holds. */
export const atLeast = (ohm: number): number => Math.min(1e300, Math.max(LEAST_OHM, ohm))

/** Resistance of a wire with its terminals, ohm; R = rho l / A at its temperature, or as measured. */
export const wireOhm = (w: WirePart, conductor: Conductor, temperatureK: number): number => {
  const contact = w.contactOhm ?? 0
  if (w.resistanceOhm !== undefined) return atLeast(w.resistanceOhm + contact)
  const length = w.lengthM ?? 0
  const cold =
    w.sectionM2 !== undefined ? (conductor.resistivityOhmM * length) / w.sectionM2 : (w.ohmPerM ?? 0) * length
  return atLeast(
    (cold * warmed(w.temperatureK ?? temperatureK, conductor.coefficientPerK)) / (w.parallel ?? 1) + contact,
  )
}

export interface BatteryLaw {
  readonly openCircuitV: number
  readonly resistanceOhm: number
  readonly chargeOhm: number
}
export const batteryLaw = (b: BatteryPart, temperatureK: number): BatteryLaw => {
  const at = (f: number | ChargeTable) => atCharge(f, b.charge ?? 1, b.temperatureK ?? temperatureK)
  const resistanceOhm = at(b.resistanceOhm)
  return {
    openCircuitV: at(b.openCircuitV),
    resistanceOhm,
    chargeOhm: b.chargeOhm === undefined ? resistanceOhm : at(b.chargeOhm),
  }
}

/** Most an alternator gives at its speed, A. */
export const limitOf = (a: AlternatorPart): number => {
  if (typeof a.limitA === 'number') return a.limitA
  const [i, j, f] = between(
    a.limitA.map(([rpm]) => rpm),
    a.speedRpm ?? 0,
  )
  return a.limitA[i]![1] * (1 - f) + a.limitA[j]![1] * f
}
/** Regulator's set point at its temperature, V. */
export const setPointV = (a: AlternatorPart, temperatureK: number): number =>
  a.setV + (a.setPerK ?? 0) * ((a.temperatureK ?? temperatureK) - SET_POINT_K)

/** A conductance within bounds; of nothing, nothing. */
export const within = (s: number): number => (s > 0 ? Math.min(MOST_S, s) : 0)
export const siemens = (ohm: number): number => within(1 / ohm)

/** Nothing is rated, or works from, less than a microvolt and a nanoampere: below that a law is steeper than numbers are. */
const LEAST_RATED_V = 1e-6
const LEAST_RATED_A = 1e-9
export const ratedVOf = (volts: number): number => Math.max(LEAST_RATED_V, volts)

/** Armature conductance, volts over it at rated current, and back voltage at rated speed of a brushed motor. */
export const motorLaw = (m: { readonly ratedV: number; readonly stallA: number; readonly runA: number }) => {
  const ratedV = ratedVOf(m.ratedV)
  const stallA = Math.max(LEAST_RATED_A, m.stallA)
  const runA = Math.min(stallA * (1 - 1e-9), Math.max(LEAST_RATED_A / 1000, m.runA))
  const dropV = ratedV * (runA / stallA)
  return { armatureS: within(stallA / ratedV), dropV, backV: ratedV - dropV, runA }
}

/** The two lines of a tungsten lamp: current by voltage cold, and its factor hot. */
export const lampLaw = (l: LoadPart & { readonly kind: 'lamp' }) => {
  const exponent = l.exponent ?? 0.55
  const ratedV = ratedVOf(l.ratedV)
  return {
    coldS: within(((l.coldRatio ?? 12) * l.ratedW) / ratedV / ratedV),
    hotA: l.ratedW / ratedV / Math.pow(ratedV, exponent),
    exponent,
  }
}

/** Coil resistance and thresholds at the coil's temperature: a warm coil needs more volts for the same current. */
export const coilLaw = (r: RelayPart, temperatureK: number) => {
  const factor = warmed(r.coilTemperatureK ?? temperatureK, 0.00393)
  return { coilOhm: r.coilOhm * factor, pullInV: r.pullInV * factor, dropOutV: r.dropOutV * factor }
}
