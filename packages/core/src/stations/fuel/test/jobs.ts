import { emptyJob, type JobDocument } from '../../../job/index.ts'
import { type FuelSection, type LineDesign, type VehicleSection } from '../../../sections/index.ts'
import type { Catalogue } from '../../../parts/index.ts'

const LH = 1 / 3.6e6
const pump = (id: string, freeLH: number, shutKPa: number) => ({
  id,
  name: `Pump ${id}`,
  priceClass: 2,
  mount: 'in-line' as const,
  works: 'turbine' as const,
  reliefPa: null,
  noiseClass: 3,
  hangerM: null,
  hatHeightM: null,
  tables: [12, 13.5].map((voltageV) => ({
    voltageV,
    points: [0, 0.3, 0.6, 0.9].map((s) => ({
      pressurePa: s * shutKPa * 1e3,
      flowM3S: freeLH * LH * (1 - s ** 1.4) * (voltageV / 13.5),
      currentA: 3 + 3 * s,
    })),
  })),
})
const hose = (id: string, boreMm: number, mostKPa = 1500) => ({
  id,
  name: `Hose ${id}`,
  priceClass: 2,
  kind: 'lined-hose' as const,
  boreM: boreMm / 1e3,
  roughnessM: 2e-6,
  mostPressurePa: mostKPa * 1e3,
  mostEthanolShare: 1,
  dash: { 5: 4, 7: 5, 8: 6, 9: 6 }[boreMm] ?? null,
  outsideM: (boreMm + 5) / 1e3,
  leastBendRadiusM: 0.05,
  stockM: 3,
  immersible: false,
  conductive: true,
})
const regulator = (id: string, type: 'return' | 'single-line', openKPa: number) => ({
  id,
  name: `Regulator ${id}`,
  priceClass: 2,
  type,
  leastPa: 50e3,
  mostPa: 600e3,
  fullOpen: { flowM3S: 150 * LH, dropPa: openKPa * 1e3 },
  slopePaPerM3S: 2e8,
  referencePort: true,
  sits: type === 'return' ? ('rail' as const) : ('tank' as const),
  mostPressurePa: 1.5e6,
})
const filter = (id: string, use: 'strainer' | 'fine', micron: number) => ({
  id,
  name: `Filter ${id}`,
  priceClass: 1,
  use,
  finenessM: micron * 1e-6,
  flowM3S: 200 * LH,
  dropPa: use === 'fine' ? 7e3 : 1e3,
  linearShare: 0.8,
  dueFactor: 3,
  capacityKg: null,
  mount: 'in-line' as const,
  directional: true,
  mostPressurePa: 1e6,
})
const injector = (id: string, ccMin: number) => ({
  id,
  name: `Injector ${id}`,
  priceClass: 1,
  use: 'port' as const,
  ratedFlowM3S: ccMin * (1e-6 / 60),
  ratedPressurePa: 300e3,
  deadTimeS: 0.9e-3,
  deadTimes: [],
  leastEffectiveS: null,
  mostPressurePa: 600e3,
})

const fitting = (id: string, angleDeg: number) => ({
  id,
  name: `Fitting ${id}`,
  priceClass: 2,
  make: 'reusable' as const,
  dash: 6,
  angleDeg,
  thread: '9/16-18 UNF, 37° flare',
  fits: ['lined-hose' as const],
  lossK: angleDeg === 0 ? 0.2 : 0.5,
  takesUpM: 0.025,
  mostPressurePa: 2e6,
})

/** A small catalogue of round figures. */
export const catalogue = {
  pumps: [pump('small', 60, 600), pump('middle', 160, 700), pump('large', 300, 800)],
  injectors: [injector('200', 200), injector('300', 300), injector('450', 450)],
  hoses: [hose('5', 5), hose('7', 7), hose('9', 9), hose('weak', 8, 350)],
  filters: [filter('mesh', 'strainer', 80), filter('ten', 'fine', 10), filter('hundred', 'fine', 100)],
  regulators: [regulator('r', 'return', 4), regulator('s', 'single-line', 15)],
  fittings: [fitting('end-6', 0), fitting('end-6-90', 90)],
  controllers: [],
  sensors: [],
  bungs: [],
} satisfies Catalogue

const line = (hoseOf: LineDesign['hose'], riseM: number): LineDesign => ({
  hose: hoseOf,
  measuredBoreM: null,
  lengthM: 4,
  riseM,
  bends90: 3,
  bends45: 0,
  connectors: 2,
  legs: [],
})

/** A sound 2.5 L port-injected six; changes go on top. */
export const soundJob = (fuel: Partial<FuelSection> = {}, vehicle: Partial<VehicleSection> = {}): JobDocument => {
  const empty = emptyJob('Test')
  return {
    ...empty,
    vehicle: { ...empty.vehicle, cylinders: 6, displacementM3: 2.5e-3, powerW: 92e3, powerSpeedRpm: 5200, ...vehicle },
    fuel: {
      ...empty.fuel,
      injectionPlace: 'port',
      setPressurePa: 300e3,
      referenced: true,
      pump: catalogue.pumps[1]!,
      regulator: catalogue.regulators[0]!,
      strainer: catalogue.filters[0]!,
      filter: catalogue.filters[1]!,
      feed: line(catalogue.hoses[1]!, 0.4),
      return: line(catalogue.hoses[1]!, -0.4),
      injector: catalogue.injectors[0]!,
      injectorCount: 6,
      openingsPerCycle: 1,
      lowV: 12,
      suction: { ...line(catalogue.hoses[2]!, -0.1), lengthM: 0.4, bends90: 1 },
      vent: { ...line(catalogue.hoses[1]!, 0), lengthM: 1.5 },
      inletHeadM: 0.1,
      tank: { ...empty.fuel.tank, rollOverValve: true, ventLoop: true, ventEnds: 'outside-down' },
      safety: { stopsWithEngine: true, inertiaSwitch: true, fused: true },
      ...fuel,
    },
  }
}
