import { emptyJob, emptyLine, type Catalogue, type JobDocument, type LineDesign } from '@lochmoor/core'

const LH = 1 / 3.6e6

const pump = (id: string, freeLH: number) => ({
  id,
  name: `Pump ${id}`,
  priceClass: 2,
  mount: 'in-line' as const,
  works: 'turbine' as const,
  reliefPa: null,
  tables: [12, 13.5].map((voltageV) => ({
    voltageV,
    points: [0, 0.4, 0.8].map((s) => ({
      pressurePa: s * 700e3,
      flowM3S: freeLH * LH * (1 - s ** 1.5) * (voltageV / 13.5),
      currentA: 4,
    })),
  })),
  noiseClass: 2,
  hangerM: null,
  hatHeightM: null,
})
const hose = (id: string, boreMm: number) => ({
  id,
  name: `Hose ${id}`,
  priceClass: 2,
  kind: 'lined-hose' as const,
  boreM: boreMm / 1e3,
  roughnessM: 2e-6,
  mostPressurePa: 2e6,
  mostEthanolShare: 1,
  dash: 6,
  outsideM: 0.013,
  leastBendRadiusM: 0.07,
  stockM: 6,
  immersible: false,
  conductive: true,
})
const filter = (id: string, use: 'strainer' | 'fine', micron: number) => ({
  id,
  name: `Filter ${id}`,
  priceClass: 1,
  use,
  finenessM: micron * 1e-6,
  flowM3S: 200 * LH,
  dropPa: 5e3,
  linearShare: 0.8,
  dueFactor: 3,
  capacityKg: null,
  mount: 'in-line' as const,
  directional: true,
  mostPressurePa: 1.2e6,
})

/** A few parts of round figures. */
export const catalogue = {
  pumps: [pump('weak', 60), pump('fit', 160)],
  hoses: [hose('7', 7), hose('9', 9)],
  filters: [filter('mesh', 'strainer', 80), filter('ten', 'fine', 10)],
  regulators: [
    {
      id: 'r',
      name: 'Regulator r',
      priceClass: 2,
      type: 'return',
      leastPa: 50e3,
      mostPa: 600e3,
      fullOpen: { flowM3S: 150 * LH, dropPa: 4e3 },
      slopePaPerM3S: 0,
      referencePort: true,
      sits: 'rail',
      mostPressurePa: 1.2e6,
    },
  ],
  injectors: [
    {
      id: '200',
      name: 'Injector 200',
      priceClass: 1,
      use: 'port',
      ratedFlowM3S: 3.4e-6,
      ratedPressurePa: 300e3,
      deadTimeS: 0.9e-3,
      deadTimes: [],
      leastEffectiveS: null,
      mostPressurePa: null,
    },
  ],
  fittings: [],
  controllers: [],
  sensors: [],
  bungs: [],
} satisfies Catalogue

const line = (riseM: number): LineDesign => ({
  ...emptyLine,
  hose: catalogue.hoses[0]!,
  measuredBoreM: null,
  lengthM: 4,
  riseM,
  bends90: 3,
  bends45: 0,
  connectors: 2,
})

/** A long low tank with its pick-up in a pot. */
const floor = {
  floorLengthM: 0.4,
  floorWidthM: 0.6,
  fromFrontM: 0.2,
  fromLeftM: 0.3,
  potM3: 1.5e-3,
  returnWarmerK: 1,
}

/** A sound 2.5 L six with port injection and a return line. */
export const soundJob = (): JobDocument => {
  const { vehicle, fuel, ...rest } = emptyJob('Test car')
  return {
    ...rest,
    vehicle: { ...vehicle, cylinders: 6, displacementM3: 2.5e-3, powerW: 92e3, powerSpeedRpm: 5200 },
    fuel: {
      ...fuel,
      injectionPlace: 'port',
      setPressurePa: 300e3,
      referenced: true,
      pump: catalogue.pumps[1]!,
      regulator: catalogue.regulators[0]!,
      strainer: catalogue.filters[0]!,
      filter: catalogue.filters[1]!,
      feed: line(0.4),
      return: line(-0.4),
      suction: { ...line(0), lengthM: 0.4 },
      vent: { ...line(0), lengthM: 1.5 },
      tank: { ...fuel.tank, rollOverValve: true, ventLoop: true, ventEnds: 'outside-down', ...floor },
      safety: { stopsWithEngine: true, inertiaSwitch: true, fused: true },
      injector: catalogue.injectors[0]!,
      injectorCount: 6,
      openingsPerCycle: 1,
      reidPa: 55e3,
      lowV: 12,
    },
  }
}

/** The same car with a pump that falls short. */
export const shortJob = (): JobDocument => {
  const job = soundJob()
  return { ...job, fuel: { ...job.fuel, pump: catalogue.pumps[0]! } }
}
