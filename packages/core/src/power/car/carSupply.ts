import type { Insulation } from '../wire/ampacity.ts'
import type { OutputTable } from '../generator/generatorOutput.ts'
import type { BatteryLabel } from '../battery/batteryModel.ts'
import type { CrankedEngine, Starter } from '../starter/starterModel.ts'
import type { PowerDesign, WireRole } from '../../sections/index.ts'

/** One wire, one way, as the network takes it. */
export interface CarWire {
  readonly lengthM: number
  /** As printed. */
  readonly sizeWords: string
  readonly sectionM2: number
  /** At 293.15 K. */
  readonly ohmPerM: number
  /** Both terminals. */
  readonly jointOhm: number
  readonly temperatureK: number
  readonly fuseA: number | null
  readonly fitted: boolean
  /** By its drop while cranking; null where nobody measured it: length and size decide. */
  readonly measuredOhm: number | null
  /** What of it nobody has measured or decided. */
  readonly insulation: Insulation
  /** Of its bundle, itself among them. */
  readonly loadedWires: number
  /** Where it runs; its own current warms it further. K. */
  readonly ambientK: number
  readonly assumed: readonly ('length' | 'size' | 'joints')[]
}

/** The car's supply in figures: everything that the network is made of. SI. */
export interface CarSupply {
  readonly battery: BatteryLabel
  /** Nominal, C. */
  readonly capacityC: number
  /** Where it is or shall be. */
  readonly batteryPlace: 'bay' | 'boot' | 'under-seat'
  readonly generator: {
    readonly kind: 'alternator' | 'dynamo'
    readonly output: OutputTable
    /** Its speed over the crank's. */
    readonly pulleyRatio: number
    readonly setV: number
    readonly setPerK: number
    readonly droopOhm: number
    readonly joins: 'starter-stud' | 'old-main' | 'battery'
  }
  readonly old: {
    readonly ammeter: boolean
    readonly bulkheadConnector: boolean
    readonly fusibleLink: boolean
    readonly ballast: boolean
    readonly killSwitch: 'none' | 'battery' | 'ignition' | 'full'
    readonly chargeLamp: boolean
    readonly joints: 'good' | 'fair' | 'poor'
  }
  readonly design: PowerDesign
  /** An inertia or roll-over switch in the pump relay's coil feed. */
  readonly inertiaSwitch: boolean
  /** Fan that is electric, by its own relay or on the old switch. */
  readonly fan: 'none' | 'relay' | 'old-switch'
  readonly starter: Starter
  readonly engine: CrankedEngine
  readonly speeds: { readonly idleRpm: number; readonly fullRpm: number }
  readonly loads: {
    readonly ecuW: number
    readonly pumpA: number
    readonly injectorOhm: number
    readonly injectorCount: number
    readonly ignitionA: number
    readonly headlampsW: number
    readonly sideLampsW: number
    readonly blowerA: number
    readonly wipersA: number
    readonly fanA: number
    readonly heaterW: number
    readonly gaugesA: number
    readonly restA: number
  }
  readonly relay: {
    readonly pullInV: number
    readonly dropOutV: number
    readonly coilOhm: number
    readonly coilK: number
  }
  readonly ecu: { readonly leastV: number; readonly rideThroughS: number; readonly bootS: number }
  /** Coldest start, K. */
  readonly coldestK: number
  readonly wires: Readonly<Record<WireRole, CarWire>>
}
