import {
  emptyJob,
  type Catalogue,
  type FuelSection,
  type JobDocument,
  type LineDesign,
  type VehicleSection,
} from '../../../job/index.ts'

const LH = 1 / 3.6e6
const pump = (id: string, freeLH: number, shutKPa: number) => ({
  id,
  name: `Pump ${id}`,
  priceClass: 2,
  mount: 'in-line' as const,
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
})
const injector = (id: string, ccMin: number) => ({
  id,
  name: `Injector ${id}`,
  priceClass: 1,
  use: 'port' as const,
  ratedFlowM3S: ccMin * (1e-6 / 60),
  ratedPressurePa: 300e3,
  deadTimeS: 0.9e-3,
})

/** A small catalogue of round figures. */
export const catalogue = {
  pumps: [pump('small', 60, 600), pump('middle', 160, 700), pump('large', 300, 800)],
  injectors: [injector('200', 200), injector('300', 300), injector('450', 450)],
  hoses: [hose('5', 5), hose('7', 7), hose('9', 9), hose('weak', 8, 350)],
  filters: [filter('mesh', 'strainer', 80), filter('ten', 'fine', 10), filter('hundred', 'fine', 100)],
  regulators: [regulator('r', 'return', 4), regulator('s', 'single-line', 15)],
  controllers: [],
} satisfies Catalogue

const line = (hoseOf: LineDesign['hose'], riseM: number): LineDesign => ({
  hose: hoseOf,
  measuredBoreM: null,
  lengthM: 4,
  riseM,
  bends90: 3,
  bends45: 0,
  connectors: 2,
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
      ...fuel,
    },
  }
}
