import type { Aspiration, PowerBasis } from '../engine/index.ts'
import type { FilterPart, HosePart, InjectorPart, PumpPart, RegulatorPart } from './parts.ts'
import { emptySystem, type SystemSection } from './system.ts'
import { emptyWalkAround, type WalkAroundSection } from './walkAround.ts'
import { emptyWork, type WorkSection } from './work.ts'

/** A figure that was measured or decided, or null where it is not known yet. */
export type Known = number | null

export type EngineLayout = 'inline' | 'vee' | 'flat'

/** The car and what its engine shall do. */
export interface VehicleSection {
  readonly title: string
  readonly year: Known
  readonly layout: EngineLayout | null
  readonly cylinders: Known
  readonly displacementM3: Known
  readonly aspiration: Aspiration
  readonly powerW: Known
  readonly powerBasis: PowerBasis
  readonly powerSpeedRpm: Known
  /** Manifold pressure above ambient at full power; 0 unblown. */
  readonly boostPa: Known
  readonly idleSpeedRpm: Known
  /** Absolute. */
  readonly idleManifoldPa: Known
  readonly cruiseSpeedRpm: Known
  /** Absolute. */
  readonly cruiseManifoldPa: Known
}

export interface LineDesign {
  readonly hose: HosePart | null
  /** Measured bore; wins over the hose's listed one. */
  readonly measuredBoreM: Known
  readonly lengthM: Known
  /** From start to end, positive upwards. */
  readonly riseM: Known
  readonly bends90: number
  readonly bends45: number
  readonly connectors: number
}

/** Where fuel enters: it decides the pressure at the injector's tip. */
export type InjectionPlace = 'above-plate' | 'below-plate' | 'port'
/** Regulator at the engine with a line back, or regulator at the tank and one line. */
export type FuelLoop = 'return' | 'single-line'

export interface FuelSection {
  readonly ethanolShare: Known
  readonly fuelTemperatureK: Known
  /** Null: as the chosen system wants it. */
  readonly systemType: FuelLoop | null
  /** Null: as the chosen system wants it. */
  readonly injectionPlace: InjectionPlace | null
  readonly setPressurePa: Known
  /** Reference hose from the regulator to the manifold. */
  readonly referenced: boolean
  readonly pump: PumpPart | null
  readonly strainer: FilterPart | null
  readonly filter: FilterPart | null
  readonly filterPosition: 'before-regulator' | 'after-regulator'
  readonly regulator: RegulatorPart | null
  readonly feed: LineDesign
  readonly return: LineDesign
  readonly injector: InjectorPart | null
  readonly injectorCount: Known
  readonly openingsPerCycle: Known
  /** At the pump's own terminals. */
  readonly lowV: Known
  readonly runningV: Known
  readonly highV: Known
}

/** One job: its sections in the order of the work. Nothing derived is ever stored in it. */
export interface JobDocument {
  readonly vehicle: VehicleSection
  readonly walkAround: WalkAroundSection
  readonly system: SystemSection
  readonly fuel: FuelSection
  readonly work: WorkSection
}

const emptyLine: LineDesign = {
  hose: null,
  measuredBoreM: null,
  lengthM: null,
  riseM: null,
  bends90: 2,
  bends45: 0,
  connectors: 2,
}

/** A job of which nothing is known but its title. */
export const emptyJob = (title: string): JobDocument => ({
  vehicle: {
    title,
    year: null,
    layout: null,
    cylinders: null,
    displacementM3: null,
    aspiration: 'natural',
    powerW: null,
    powerBasis: 'flywheel-net',
    powerSpeedRpm: null,
    boostPa: null,
    idleSpeedRpm: null,
    idleManifoldPa: null,
    cruiseSpeedRpm: null,
    cruiseManifoldPa: null,
  },
  walkAround: emptyWalkAround,
  system: emptySystem,
  fuel: {
    ethanolShare: null,
    fuelTemperatureK: null,
    systemType: null,
    injectionPlace: null,
    setPressurePa: null,
    referenced: false,
    pump: null,
    strainer: null,
    filter: null,
    filterPosition: 'before-regulator',
    regulator: null,
    feed: emptyLine,
    return: emptyLine,
    injector: null,
    injectorCount: null,
    openingsPerCycle: null,
    lowV: null,
    runningV: null,
    highV: null,
  },
  work: emptyWork,
})
