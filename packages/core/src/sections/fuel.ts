import { always, count, figure, flag, group, part, seen, text, whole, word, type ValueOf } from '../shape/index.ts'
import { LINE } from './fuelLines.ts'
import { FUEL_TANK } from './fuelTank.ts'
import type { FilterPart, InjectorPart, PumpPart, RegulatorPart } from '../parts/parts.ts'

/** The car's own hard line, where it is to be kept. */
const OLD_LINE = group({
  keeps: word('feed', 'return'),
  outsideM: figure('bore', 0.003, 0.03, 'm'),
  wallM: figure('bore', 0.0002, 0.005, 'm'),
  joints: word('flared', 'compression', 'hose-and-clip', 'soldered'),
  /** Pressure a hydrostatic test held for five minutes. */
  provedPa: figure('pressure', 0, 5e6, 'Pa'),
})

/** What keeps fuel in when something goes wrong. Null: not looked at. */
const SAFETY = group({
  /** Pump relay driven by the controller, which drops it when the engine stops. */
  stopsWithEngine: seen,
  inertiaSwitch: seen,
  fused: seen,
})

const filter = part<FilterPart>()('filters')

/** Fuel, pump, lines, regulator, injectors and tank. */
export const FUEL = group({
  ethanolShare: figure('share', 0, 1, 'by volume'),
  /** Of a second fuel that is driven in turn; null: there is one fuel. */
  secondEthanolShare: figure('share', 0, 1, 'by volume'),
  /** What is changed by hand when the other fuel goes in. */
  changedByHand: text(300),
  fuelTemperatureK: figure('temperature', 243.15, 353.15, 'K'),
  /** Regulator at the engine with a line back, or at the tank and one line. Null: as the chosen system wants it. */
  systemType: word('return', 'single-line'),
  /** It decides the pressure at the injector's tip. Null: as the chosen system wants it. */
  injectionPlace: word('above-plate', 'below-plate', 'port'),
  setPressurePa: figure('pressure', 20e3, 1e6, 'Pa'),
  /** Reference hose from the regulator to the manifold. */
  referenced: flag,
  pump: part<PumpPart>()('pumps'),
  /** Alike, side by side, each behind its own check valve: 1 or 2. */
  pumpCount: count(1, 2, 1),
  strainer: filter,
  filter,
  filterPosition: always(['before-regulator', 'after-regulator']),
  regulator: part<RegulatorPart>()('regulators'),
  /** End of the scale of the gauge the pressure is set and tested with. */
  gaugeMostPa: figure('pressure', 50e3, 10e6, 'Pa'),
  feed: LINE,
  return: LINE,
  /** From the tank to an in-line pump. */
  suction: LINE,
  vent: LINE,
  oldLine: OLD_LINE,
  injector: part<InjectorPart>()('injectors'),
  injectorCount: whole(1, 16),
  openingsPerCycle: whole(1, 16),
  /** At the pump's own terminals. */
  lowV: figure('voltage', 6, 16, 'V'),
  runningV: figure('voltage', 6, 16, 'V'),
  highV: figure('voltage', 6, 16, 'V'),
  /** Reid vapour pressure of the fuel as bought, its ethanol included. */
  reidPa: figure('pressure', 10e3, 120e3, 'Pa'),
  /** Highest place it shall run. */
  altitudeM: figure('distance', -400, 5000, 'm'),
  /** Hottest fuel in the tank. */
  hotFuelK: figure('temperature', 273.15, 353.15, 'K'),
  /** Fuel level above the pump's inlet with the tank low; negative where the pump has to lift. */
  inletHeadM: figure('bore', -2, 2, 'm'),
  /** How long the controller runs the pump at key-on. */
  primeS: figure('time', 0, 30, 's'),
  railM3: figure('volume', 0, 2e-3, 'm³'),
  tank: FUEL_TANK,
  safety: SAFETY,
})
export type FuelSection = ValueOf<typeof FUEL>
export type OldLine = FuelSection['oldLine']
export type FuelSafety = FuelSection['safety']
/** Where fuel enters: it decides the pressure at the injector's tip. */
export type InjectionPlace = NonNullable<FuelSection['injectionPlace']>
/** Regulator at the engine with a line back, or regulator at the tank and one line. */
export type FuelLoop = NonNullable<FuelSection['systemType']>
