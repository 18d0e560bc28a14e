import type { PumpTable } from '../fuel/pumpAtVoltage.ts'

/** What every part of the catalogue has. A job keeps its own copy of the parts it uses. */
export interface Part {
  readonly id: string
  readonly name: string
  /** 1 (cheap) to 5 (dear). */
  readonly priceClass: number
}

export interface PumpPart extends Part {
  readonly mount: 'in-tank' | 'in-line' | 'module'
  /** Flow and current against pressure at one or two voltages. */
  readonly tables: readonly PumpTable[]
}

export interface InjectorPart extends Part {
  readonly use: 'throttle-body' | 'port'
  readonly ratedFlowM3S: number
  readonly ratedPressurePa: number
  /** At 13.5 V. */
  readonly deadTimeS: number
}

export interface HosePart extends Part {
  readonly kind: 'rubber' | 'lined-hose' | 'hard-tube'
  readonly boreM: number
  readonly roughnessM: number
  /** Working pressure, gauge. */
  readonly mostPressurePa: number
  /** Highest ethanol share it is rated for. */
  readonly mostEthanolShare: number
}

export interface FilterPart extends Part {
  readonly use: 'strainer' | 'fine'
  /** Particle size held back, m. */
  readonly finenessM: number
  /** Clean drop at one flow. */
  readonly flowM3S: number
  readonly dropPa: number
  readonly linearShare: number
}

export interface RegulatorPart extends Part {
  readonly type: 'return' | 'single-line'
  /** Range of set pressure; both ends equal for a fixed one. */
  readonly leastPa: number
  readonly mostPa: number
  readonly fullOpen: { readonly flowM3S: number; readonly dropPa: number }
  readonly slopePaPerM3S: number
  readonly referencePort: boolean
}

/** A class of engine controllers by what can be joined to it. */
export interface ControllerPart extends Part {
  readonly injectorDrivers: number
  readonly ignitionOutputs: number
  /** Switched to ground: fan, pump relay, shift and lock-up solenoids. */
  readonly switchedOutputs: number
  readonly idleValve: boolean
  readonly tachOutput: boolean
  /** Crank and cam inputs together. */
  readonly triggerInputs: number
  /** 0 to 5 V and thermistor inputs. */
  readonly analogueInputs: number
  readonly oxygenSensors: number
  readonly sequential: boolean
  readonly gearbox: boolean
}

export interface Catalogue {
  readonly pumps: readonly PumpPart[]
  readonly injectors: readonly InjectorPart[]
  readonly hoses: readonly HosePart[]
  readonly filters: readonly FilterPart[]
  readonly regulators: readonly RegulatorPart[]
  readonly controllers: readonly ControllerPart[]
}
