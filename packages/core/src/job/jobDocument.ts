import type { Aspiration, PowerBasis } from '../engine/index.ts'
import { emptyExhaust, type ExhaustSection } from './exhaust.ts'
import { emptyFuelTank, type FuelTank } from './fuelTank.ts'
import { emptyLine, type LineDesign } from './fuelLines.ts'
import type { Known } from './known.ts'
import type { FilterPart, InjectorPart, PumpPart, RegulatorPart } from './parts.ts'
import { emptySystem, type SystemSection } from './system.ts'
import { emptyWalkAround, type WalkAroundSection } from './walkAround.ts'
import { emptyWork, type WorkSection } from './work.ts'

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
  /** Alike, side by side, each behind its own check valve: 1 or 2. */
  readonly pumpCount: number
  readonly strainer: FilterPart | null
  readonly filter: FilterPart | null
  readonly filterPosition: 'before-regulator' | 'after-regulator'
  readonly regulator: RegulatorPart | null
  readonly feed: LineDesign
  readonly return: LineDesign
  /** From the tank to an in-line pump. */
  readonly suction: LineDesign
  readonly vent: LineDesign
  readonly oldLine: OldLine
  readonly injector: InjectorPart | null
  readonly injectorCount: Known
  readonly openingsPerCycle: Known
  /** At the pump's own terminals. */
  readonly lowV: Known
  readonly runningV: Known
  readonly highV: Known
  /** Reid vapour pressure of the fuel as sold; above 20 % ethanol of its petrol part. */
  readonly reidPa: Known
  /** Highest place it shall run. */
  readonly altitudeM: Known
  /** Hottest fuel in the tank. */
  readonly hotFuelK: Known
  /** Fuel level above the pump's inlet with the tank low; negative where the pump has to lift. */
  readonly inletHeadM: Known
  /** How long the controller runs the pump at key-on. */
  readonly primeS: Known
  readonly railM3: Known
  readonly tank: FuelTank
  readonly safety: FuelSafety
}

/** The car's own hard line, where it is to be kept. */
export interface OldLine {
  readonly keeps: 'feed' | 'return' | null
  readonly outsideM: Known
  readonly wallM: Known
  readonly joints: 'flared' | 'compression' | 'hose-and-clip' | 'soldered' | null
  /** Pressure a hydrostatic test held for five minutes. */
  readonly provedPa: Known
}

/** What keeps fuel in when something goes wrong. Null: not looked at. */
export interface FuelSafety {
  /** Pump relay driven by the controller, which drops it when the engine stops. */
  readonly stopsWithEngine: boolean | null
  readonly inertiaSwitch: boolean | null
  readonly fused: boolean | null
}

/** One job: its sections in the order of the work. Nothing derived is ever stored in it. */
export interface JobDocument {
  readonly vehicle: VehicleSection
  readonly walkAround: WalkAroundSection
  readonly system: SystemSection
  readonly fuel: FuelSection
  readonly exhaust: ExhaustSection
  readonly work: WorkSection
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
    pumpCount: 1,
    strainer: null,
    filter: null,
    filterPosition: 'before-regulator',
    regulator: null,
    feed: emptyLine,
    return: emptyLine,
    suction: emptyLine,
    vent: emptyLine,
    oldLine: { keeps: null, outsideM: null, wallM: null, joints: null, provedPa: null },
    injector: null,
    injectorCount: null,
    openingsPerCycle: null,
    lowV: null,
    runningV: null,
    highV: null,
    reidPa: null,
    altitudeM: null,
    hotFuelK: null,
    inletHeadM: null,
    primeS: null,
    railM3: null,
    tank: emptyFuelTank,
    safety: { stopsWithEngine: null, inertiaSwitch: null, fused: null },
  },
  exhaust: emptyExhaust,
  work: emptyWork,
})
