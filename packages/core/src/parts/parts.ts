import type { Known } from '../quantity/known.ts'

export interface PumpPoint {
  /** Pressure rise over the pump. */
  readonly pressurePa: number
  readonly flowM3S: number
}

export interface PumpTablePoint extends PumpPoint {
  readonly currentA: number
}

/** What a pump's data sheet gives: flow and current against pressure at one voltage. */
export interface PumpTable {
  readonly voltageV: number
  readonly points: readonly PumpTablePoint[]
}

/** Opening delay at one voltage of the injector's supply. */
export interface DeadTimePoint {
  readonly voltageV: number
  readonly deadTimeS: number
}

/** What every part of the catalogue has. A job keeps its own copy of the parts it uses. */
export interface Part {
  readonly id: string
  readonly name: string
  /** 1 (cheap) to 5 (dear). */
  readonly priceClass: number
}

/** A part of a list by its id; null where the list has it not. */
export const partById = <P extends { readonly id: string }>(parts: readonly P[], id: string): P | null =>
  parts.find((p) => p.id === id) ?? null

export interface PumpPart extends Part {
  readonly mount: 'in-tank' | 'in-line' | 'module'
  /** How it moves the fuel, which decides what it reaches with its outlet closed. Null: the sheet does not say. */
  readonly works: 'turbine' | 'positive-displacement' | null
  /** At which its own relief valve opens, gauge; null where it has none or the sheet does not say. */
  readonly reliefPa: Known
  /** Flow and current against pressure at one or two voltages. */
  readonly tables: readonly PumpTable[]
  /** 1 (hardly heard) to 5 (loud), at the tank. */
  readonly noiseClass: Known
  /** Length under the hat as delivered, for what hangs in a tank. */
  readonly hangerM: Known
  /** Hat and its outlets above the tank. */
  readonly hatHeightM: Known
}

export interface InjectorPart extends Part {
  readonly use: 'throttle-body' | 'port'
  readonly ratedFlowM3S: number
  readonly ratedPressurePa: number
  /** At 13.5 V. */
  readonly deadTimeS: number
  /** The sheet's table of dead time against voltage; empty where it gives the one figure only. */
  readonly deadTimes: readonly DeadTimePoint[]
  /** Least effective opening that meters within 5 %. */
  readonly leastEffectiveS: Known
  /** Above which it no longer opens. */
  readonly mostPressurePa: Known
}

export interface HosePart extends Part {
  readonly kind: 'rubber' | 'lined-hose' | 'hard-tube'
  readonly boreM: number
  readonly roughnessM: number
  /** Working pressure, gauge. */
  readonly mostPressurePa: number
  /** Highest ethanol share it is rated for. */
  readonly mostEthanolShare: number
  /** Size by which fittings are bought: sixteenths of an inch of the matching tube. */
  readonly dash: Known
  readonly outsideM: Known
  /** Inside of the bend. */
  readonly leastBendRadiusM: Known
  /** Length it is sold in. */
  readonly stockM: Known
  /** May lie in fuel. */
  readonly immersible: boolean | null
  /** Lets static run off; asked of fluoropolymer liners. */
  readonly conductive: boolean | null
}

/** How a fitting holds its hose or tube. */
export type FittingMake = 'crimped' | 'reusable' | 'push-on' | 'quick-connector' | 'flare-nut' | 'barb-and-clamp'

/** What ends a hose or tube. */
export interface FittingPart extends Part {
  readonly make: FittingMake
  readonly dash: number
  readonly angleDeg: number
  /** Public thread or profile at its other side, e.g. "9/16-18 UNF, 37° flare". */
  readonly thread: string
  readonly fits: readonly HosePart['kind'][]
  /** On the velocity in the hose. */
  readonly lossK: number
  /** From the sealing seat to where the cut end of the hose comes to lie. */
  readonly takesUpM: number
  readonly mostPressurePa: number
}

export interface FilterPart extends Part {
  readonly use: 'strainer' | 'fine'
  /** Particle size held back, m. */
  readonly finenessM: number
  /** Clean drop at one flow. */
  readonly flowM3S: number
  readonly dropPa: number
  readonly linearShare: number
  /** Times the clean drop when it is due. */
  readonly dueFactor: Known
  /** Dirt it holds until then. */
  readonly capacityKg: Known
  /** A sock pushes onto the inlet of a pump that hangs in the tank; the rest goes into a line. Null: not known. */
  readonly mount: 'sock' | 'in-line' | null
  /** Marked with an arrow: one way only. */
  readonly directional: boolean | null
  readonly mostPressurePa: Known
}

export interface RegulatorPart extends Part {
  readonly type: 'return' | 'single-line'
  /** Range of set pressure; both ends equal for a fixed one. */
  readonly leastPa: number
  readonly mostPa: number
  readonly fullOpen: { readonly flowM3S: number; readonly dropPa: number }
  readonly slopePaPerM3S: number
  readonly referencePort: boolean
  /** Where it is made to sit; one for a module goes into nothing else. Null: not known. */
  readonly sits: 'rail' | 'tank' | 'module' | null
  /** What its body and diaphragm stand, gauge. */
  readonly mostPressurePa: Known
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
  /** Supply below which it resets. */
  readonly leastV: Known
  /** It rides through a dip below that of so long. */
  readonly rideThroughS: Known
  /** Pins of its connectors with what each is for: "A1 injector-1; A2 injector-2". Null: not known. */
  readonly pinout: string | null
  /** Switches to earth or plus: brake, cooling request, pulses of road speed. Null: not known. */
  readonly digitalInputs: Known
  /** An input of its own for a knock sensor. */
  readonly knockInput: boolean | null
  /** Its plugs with their ways: "A 24; B 12". */
  readonly connectors: string | null
  /** Hardware or program it is sold with now. */
  readonly revision: string | null
  /** Positions of the switch for the fuel loop: "1 return; 2 single-line". Null: it has none, or not known. */
  readonly pumpSwitch: string | null
  /** Positions of the switch for the fuel sold where it runs, each with the highest ethanol share in percent: "1 10; 2 85". */
  readonly marketSwitch: string | null
}

/** An exhaust oxygen sensor by its data sheet. */
export interface SensorPart extends Part {
  /** Reads how far from the target, or only on which side of it. */
  readonly kind: 'wideband' | 'narrowband'
  readonly heated: boolean
  /** Gas at the tip, continuous and for minutes. */
  readonly mostGasK: number
  readonly mostGasShortK: number
  /** Hexagon of the housing. */
  readonly mostHexagonK: number
  /** Cable end, by the air around it. */
  readonly mostCableK: number
  /** From the boss to the cable's exit. */
  readonly standsOffM: number
  /** Across the flats. */
  readonly hexagonM: number
  readonly cableM: number
  readonly leastBendRadiusM: number
  /** Of the sensor, public, e.g. "M18 x 1.5". */
  readonly thread: string
  /** Tightening, N m. */
  readonly tightenNm: number
  /** Hours it lives on leaded fuel, where the sheet says. */
  readonly leadedS: Known
  /** Its lead carries a calibration resistor or reference air: never cut. Null: the sheet does not say. */
  readonly calibratedLead: boolean | null
}

/** What holds the sensor in the pipe. */
export interface BungPart extends Part {
  readonly kind: 'weld-in' | 'clamp-on'
  readonly thread: string
  /** Hole in the pipe. */
  readonly holeM: number
  /** Along the pipe. */
  readonly lengthM: number
  /** Outside diameters of pipe it goes on. */
  readonly leastPipeM: number
  readonly mostPipeM: number
  /** Clamp-on: inside radius of the saddle, its width around the pipe, and the gasket under it. */
  readonly saddleRadiusM: Known
  readonly saddleWidthM: Known
  readonly gasketM: Known
  /** Clamp-on: thread of the band's bolts, and what the nut needs to hold. */
  readonly boltThreadM: Known
  readonly nutM: Known
  /** Bands that share the drawing together. */
  readonly bands: Known
  readonly metal: 'mild-steel' | 'stainless'
}

export interface Catalogue {
  readonly pumps: readonly PumpPart[]
  readonly injectors: readonly InjectorPart[]
  readonly hoses: readonly HosePart[]
  readonly fittings: readonly FittingPart[]
  readonly filters: readonly FilterPart[]
  readonly regulators: readonly RegulatorPart[]
  readonly controllers: readonly ControllerPart[]
  readonly sensors: readonly SensorPart[]
  readonly bungs: readonly BungPart[]
}
