/** What a figure measures. Families share units where the trade does (bore and distance are both lengths). */
export type Family =
  | 'pressure'
  | 'vacuum'
  | 'compression'
  | 'volumeFlow'
  | 'bore'
  | 'distance'
  | 'temperature'
  | 'voltage'
  | 'power'
  | 'displacement'
  | 'share'
  | 'engineSpeed'
  | 'duration'
  | 'count'
  | 'mass'
  | 'volume'
  | 'angle'
  | 'clock'
  | 'current'
  | 'charge'
  | 'age'
  | 'work'
  | 'ratio'
  | 'massFlow'
  | 'resistance'
  | 'acceleration'
  | 'heat'
  | 'heatLoss'
  | 'warming'
  | 'time'
  | 'lambda'
  | 'torque'
  | 'heatFilm'
  | 'section'
  | 'smallResistance'
  | 'airSpeed'
  | 'airFlow'
  | 'force'
  | 'frequency'
  | 'labour'
  | 'roadDistance'
  | 'money'

export interface Unit {
  /** Stored in preferences; never shown. */
  readonly id: string
  /** Shown behind the figure. */
  readonly label: string
  /** SI value = entered × factor + offset. Engine speed stays in rev/min, shares are 0..1. */
  readonly factor: number
  readonly offset?: number
  /** Spellings understood on entry, lower case, without spaces. */
  readonly spellings: readonly string[]
  /** Decimals shown. */
  readonly decimals: number
}

const INCH_M = 0.0254
const PSI_PA = 6894.757293168361
const US_GALLON_M3 = 3.785411784e-3
const IMPERIAL_GALLON_M3 = 4.54609e-3
const HOUR_S = 3600
const DAY_S = 24 * HOUR_S
/** Julian year, as the SI brochure's astronomical unit of time. */
const YEAR_S = 365.25 * DAY_S
const POUND_KG = 0.45359237

const unit = (id: string, label: string, factor: number, decimals: number, spellings: string[], offset = 0): Unit => ({
  id,
  label,
  factor,
  decimals,
  spellings,
  offset,
})

const PRESSURES = {
  kPa: unit('kPa', 'kPa', 1e3, 1, ['kpa']),
  psi: unit('psi', 'psi', PSI_PA, 1, ['psi', 'psig', 'lb/in2', 'lbf/in2']),
  bar: unit('bar', 'bar', 1e5, 2, ['bar']),
  mbar: unit('mbar', 'mbar', 100, 0, ['mbar']),
  pa: unit('Pa', 'Pa', 1, 0, ['pa']),
  inHg: unit('inHg', 'in Hg', 3386.388640341, 1, ['inhg', '"hg', 'in.hg']),
  mmHg: unit('mmHg', 'mm Hg', 133.322387415, 0, ['mmhg']),
}

const LENGTHS = {
  mm: (decimals: number) => unit('mm', 'mm', 1e-3, decimals, ['mm']),
  cm: unit('cm', 'cm', 1e-2, 1, ['cm']),
  m: unit('m', 'm', 1, 2, ['m', 'metre', 'metres', 'meter', 'meters']),
  in: (decimals: number) => unit('in', 'in', INCH_M, decimals, ['in', 'inch', 'inches', '"', '″']),
  ft: unit('ft', 'ft', 12 * INCH_M, 2, ['ft', 'foot', 'feet', "'", '′']),
  thou: unit('thou', 'thou', INCH_M / 1000, 0, ['thou', 'th', 'mil', 'mils']),
}

/**
 * Units by family; the first is the metric default, the second the customary one where there is one.
 * Factors are exact by definition (inch 25.4 mm, pound 0.45359237 kg, hundredweight 112 lb, standard gravity 9.80665 m/s²) except the
 * millimetre and inch of mercury, which use the conventional 13595.1 kg/m³. Source: BIPM SI brochure, NIST SP 811.
 */
export const UNITS: Readonly<Record<Family, readonly Unit[]>> = {
  pressure: [PRESSURES.kPa, PRESSURES.psi, PRESSURES.bar, PRESSURES.mbar, PRESSURES.pa, PRESSURES.inHg],
  // Read on gauges of their own: below the air outside, and from a cylinder.
  vacuum: [PRESSURES.kPa, PRESSURES.inHg, PRESSURES.mmHg, PRESSURES.mbar, PRESSURES.bar, PRESSURES.psi],
  compression: [PRESSURES.bar, PRESSURES.psi, PRESSURES.kPa],
  volumeFlow: [
    unit('L/h', 'L/h', 1e-3 / HOUR_S, 1, ['l/h', 'lph', 'l/hr']),
    unit('usgal/h', 'US gal/h', US_GALLON_M3 / HOUR_S, 1, ['usgal/h', 'usgph', 'usgal/hr']),
    unit('impgal/h', 'imp gal/h', IMPERIAL_GALLON_M3 / HOUR_S, 1, ['impgal/h', 'impgph', 'impgal/hr']),
    unit('L/min', 'L/min', 1e-3 / 60, 2, ['l/min', 'lpm']),
    unit('cc/min', 'cc/min', 1e-6 / 60, 0, ['cc/min', 'ccm', 'ml/min', 'cm3/min']),
  ],
  bore: [LENGTHS.mm(1), LENGTHS.in(3), LENGTHS.thou, LENGTHS.cm, LENGTHS.m, LENGTHS.ft],
  distance: [LENGTHS.m, LENGTHS.ft, LENGTHS.cm, LENGTHS.mm(0), LENGTHS.in(1)],
  temperature: [
    unit('°C', '°C', 1, 0, ['c', '°c', 'degc'], 273.15),
    unit('°F', '°F', 5 / 9, 0, ['f', '°f', 'degf'], 273.15 - (32 * 5) / 9),
    unit('K', 'K', 1, 0, ['k', 'kelvin']),
  ],
  voltage: [unit('V', 'V', 1, 1, ['v', 'volt', 'volts']), unit('mV', 'mV', 1e-3, 0, ['mv'])],
  power: [
    unit('kW', 'kW', 1e3, 0, ['kw']),
    unit('hp', 'hp', 550 * 12 * INCH_M * 0.45359237 * 9.80665, 0, ['hp', 'bhp']),
    unit('PS', 'PS', 75 * 9.80665, 0, ['ps', 'cv', 'pk']),
    unit('W', 'W', 1, 0, ['w']),
  ],
  displacement: [
    unit('L', 'L', 1e-3, 2, ['l', 'litre', 'litres', 'liter', 'liters']),
    unit('cuin', 'cu in', INCH_M ** 3, 0, ['cuin', 'ci', 'cid', 'in3', 'cu.in']),
    unit('cc', 'cm³', 1e-6, 0, ['cc', 'cm3', 'cm³']),
  ],
  share: [unit('%', '%', 0.01, 0, ['%', 'percent', 'pct'])],
  engineSpeed: [unit('rpm', 'rpm', 1, 0, ['rpm', '1/min', 'rev/min', '/min'])],
  duration: [unit('ms', 'ms', 1e-3, 2, ['ms']), unit('s', 's', 1, 2, ['s', 'sec'])],
  count: [unit('1', '', 1, 0, ['', 'x', 'pcs'])],
  mass: [
    unit('kg', 'kg', 1, 0, ['kg', 'kilo', 'kilos']),
    unit('lb', 'lb', POUND_KG, 0, ['lb', 'lbs', 'pound', 'pounds']),
    unit('cwt', 'cwt', 112 * POUND_KG, 2, ['cwt', 'hundredweight']),
    unit('t', 't', 1000, 2, ['t', 'tonne', 'tonnes']),
  ],
  volume: [
    unit('L', 'L', 1e-3, 1, ['l', 'litre', 'litres', 'liter', 'liters']),
    unit('usgal', 'US gal', US_GALLON_M3, 1, ['usgal', 'usgallon', 'usgallons']),
    unit('impgal', 'imp gal', IMPERIAL_GALLON_M3, 1, ['impgal', 'impgallon', 'impgallons', 'ukgal']),
    unit('cc', 'cm³', 1e-6, 0, ['cc', 'cm3', 'cm³', 'ml']),
  ],
  angle: [unit('deg', '°', 1, 0, ['°', 'deg', 'degrees', 'degree'])],
  clock: [unit('deg', '°', 1, 0, ['°', 'deg', 'degrees', 'degree'])],
  current: [unit('A', 'A', 1, 0, ['a', 'amp', 'amps', 'ampere']), unit('mA', 'mA', 1e-3, 0, ['ma'])],
  charge: [unit('Ah', 'Ah', 3600, 0, ['ah'])],
  age: [
    unit('months', 'months', YEAR_S / 12, 0, ['month', 'months', 'mo']),
    unit('years', 'years', YEAR_S, 1, ['y', 'yr', 'yrs', 'year', 'years']),
    unit('weeks', 'weeks', 7 * DAY_S, 0, ['week', 'weeks', 'wk']),
    unit('days', 'days', DAY_S, 0, ['day', 'days']),
  ],
  work: [unit('h', 'h', HOUR_S, 1, ['h', 'hr', 'hours', 'hour']), unit('min', 'min', 60, 0, ['min', 'minutes'])],
  ratio: [unit('to1', ': 1', 1, 2, [':1', 'to1'])],
  massFlow: [
    unit('g/s', 'g/s', 1e-3, 1, ['g/s']),
    unit('kg/h', 'kg/h', 1 / HOUR_S, 0, ['kg/h']),
    unit('lb/min', 'lb/min', POUND_KG / 60, 2, ['lb/min']),
    unit('lb/h', 'lb/h', POUND_KG / HOUR_S, 0, ['lb/h']),
  ],
  resistance: [unit('ohm', 'Ω', 1, 0, ['ohm', 'ohms', 'Ω', 'ω'])],
  acceleration: [unit('g', 'g', 9.80665, 2, ['g']), unit('m/s2', 'm/s²', 1, 1, ['m/s2', 'm/s²'])],
  heat: [unit('W', 'W', 1, 0, ['w', 'watt', 'watts']), unit('kW', 'kW', 1e3, 2, ['kw'])],
  heatLoss: [unit('W/K', 'W/K', 1, 1, ['w/k', 'w/°c'])],
  warming: [unit('K', 'K', 1, 1, ['k', '°c', 'c']), unit('°F', '°F', 5 / 9, 1, ['f', '°f'])],
  lambda: [
    unit('lambda', 'λ', 1, 3, ['λ', 'lambda', 'l']),
    unit('afr', 'AFR petrol', 1 / 14.7, 1, ['afr', 'afrpetrol', ':1', 'to1']),
  ],
  torque: [
    unit('Nm', 'N m', 1, 0, ['nm', 'n·m', 'newtonmetres']),
    unit('lbfft', 'lbf ft', 0.45359237 * 9.80665 * 12 * INCH_M, 0, ['lbfft', 'lbft', 'ft-lb', 'ftlb']),
    unit('lbfin', 'lbf in', 0.45359237 * 9.80665 * INCH_M, 0, ['lbfin', 'lbin', 'in-lb', 'inlb']),
  ],
  airSpeed: [unit('m/s', 'm/s', 1, 1, ['m/s']), unit('ft/min', 'ft/min', (12 * INCH_M) / 60, 0, ['ft/min', 'fpm'])],
  airFlow: [
    unit('L/s', 'L/s', 1e-3, 0, ['l/s']),
    unit('cfm', 'cu ft/min', (12 * INCH_M) ** 3 / 60, 0, ['cfm', 'cuft/min', 'ft3/min']),
    unit('m3/min', 'm³/min', 1 / 60, 1, ['m3/min', 'm³/min']),
  ],
  force: [
    unit('N', 'N', 1, 0, ['n', 'newton', 'newtons']),
    unit('lbf', 'lbf', 0.45359237 * 9.80665, 1, ['lbf', 'lb']),
    unit('kgf', 'kgf', 9.80665, 1, ['kgf', 'kp', 'kg']),
  ],
  labour: [unit('min', 'min', 60, 0, ['min', 'minutes']), unit('h', 'h', HOUR_S, 2, ['h', 'hr', 'hours', 'hour'])],
  roadDistance: [
    unit('km', 'km', 1e3, 0, ['km', 'kilometre', 'kilometres']),
    unit('mi', 'mi', 1609.344, 0, ['mi', 'mile', 'miles']),
  ],
  money: [unit('1', '', 1, 2, [''])],
  frequency: [unit('Hz', 'Hz', 1, 0, ['hz', 'hertz'])],
  smallResistance: [
    unit('mohm', 'mΩ', 1e-3, 1, ['mohm', 'mΩ', 'mω', 'milliohm']),
    unit('ohm', 'Ω', 1, 3, ['ohm', 'ohms', 'Ω', 'ω']),
  ],
  section: [unit('mm2', 'mm²', 1e-6, 2, ['mm2', 'mm²', 'sqmm']), unit('kcmil', 'kcmil', 5.067e-7, 1, ['kcmil', 'mcm'])],
  heatFilm: [unit('W/m2K', 'W/(m² K)', 1, 0, ['w/m2k', 'w/(m²k)'])],
  time: [unit('s', 's', 1, 1, ['s', 'sec']), unit('min', 'min', 60, 1, ['min', 'minutes'])],
}

/** Spellings that stand for more than one unit: the entry is refused with the choices. */
export const AMBIGUOUS_SPELLINGS: Readonly<Partial<Record<Family, Readonly<Record<string, readonly string[]>>>>> = {
  volumeFlow: Object.fromEntries(
    ['gal/h', 'gph', 'gal/hr', 'gallons/hour'].map((s) => [s, ['usgal/h', 'impgal/h']] as const),
  ),
  volume: Object.fromEntries(['gal', 'gallon', 'gallons'].map((s) => [s, ['usgal', 'impgal']] as const)),
}

/** The unit with this id in the family, or the family's first one. */
export const unitOf = (family: Family, id: string | undefined): Unit =>
  UNITS[family].find((u) => u.id === id) ?? UNITS[family][0]!

export const toSi = (value: number, u: Unit): number => value * u.factor + (u.offset ?? 0)
export const fromSi = (si: number, u: Unit): number => (si - (u.offset ?? 0)) / u.factor
