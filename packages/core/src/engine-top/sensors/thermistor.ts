/** 1/T = a + b ln R + c (ln R)³, T in K, R in ohm. */
export interface SteinhartHart {
  readonly a: number
  readonly b: number
  readonly c: number
}
export interface ThermistorPoint {
  readonly temperatureK: number
  readonly ohm: number
}

/**
 * Coefficients through three points, in any order (Steinhart and Hart 1968; solved for c from divided differences).
 * @param points three, at three resistances
 */
export const steinhartHart = (points: readonly [ThermistorPoint, ThermistorPoint, ThermistorPoint]): SteinhartHart => {
  const [l1, l2, l3] = points.map((p) => Math.log(p.ohm)) as [number, number, number]
  const [y1, y2, y3] = points.map((p) => 1 / p.temperatureK) as [number, number, number]
  const [g2, g3] = [(y2 - y1) / (l2 - l1), (y3 - y1) / (l3 - l1)]
  const c = (g3 - g2) / (l3 - l2) / (l1 + l2 + l3)
  const b = g2 - c * (l1 * l1 + l1 * l2 + l2 * l2)
  return { a: y1 - (b + l1 * l1 * c) * l1, b, c }
}

export const temperatureOfOhm = ({ a, b, c }: SteinhartHart, ohm: number): number => {
  const l = Math.log(ohm)
  return 1 / (a + b * l + c * l ** 3)
}

/** Whether the curve falls all the way: hotter is always less resistance. */
export const falls = ({ b, c }: SteinhartHart): boolean => b > 0 && c >= 0

const STRAIGHT = 1e-14

/** Resistance at a temperature, ohm: the cubic's one real root of a curve that `falls`. */
export const ohmOfTemperature = ({ a, b, c }: SteinhartHart, temperatureK: number): number => {
  if (c < STRAIGHT) return Math.exp((1 / temperatureK - a) / b)
  const x = (a - 1 / temperatureK) / (2 * c)
  const y = Math.sqrt((b / (3 * c)) ** 3 + x * x)
  return Math.exp(Math.cbrt(y - x) - Math.cbrt(y + x))
}

export interface ThermistorRow {
  readonly temperatureK: number
  readonly ohm: number
  /** At the ECU's input, with its bias resistor to the supply, V. */
  readonly voltageV: number
  readonly counts: number
}

/** Volts and counts over temperature: R against the bias resistor, on so many bits. */
export const thermistorTable = (
  s: SteinhartHart,
  temperaturesK: readonly number[],
  bias: { readonly biasOhm: number; readonly supplyV: number; readonly bits: number },
): ThermistorRow[] =>
  temperaturesK.map((temperatureK) => {
    const ohm = ohmOfTemperature(s, temperatureK)
    const share = ohm / (ohm + bias.biasOhm)
    return { temperatureK, ohm, voltageV: bias.supplyV * share, counts: Math.round(share * (2 ** bias.bits - 1)) }
  })
