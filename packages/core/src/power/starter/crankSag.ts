import { batteryState, chargeAtRest, type BatteryState, type RatingStandard } from '../battery/batteryModel.ts'
import type { NetworkCase } from '../network/index.ts'
import { crankTrace, starterLoad, TRACE_STEP_S, type CrankTrace } from './crankTrace.ts'
import { inertiaOf, oilFactor, starterOfPower, type CrankedEngine } from './starterModel.ts'

/** A start of a car reduced to what decides it: battery, cable, earth, and where the ECU hangs. */
export interface CrankSagCase {
  readonly battery: {
    readonly standard: RatingStandard
    readonly coldCrankA: number
    readonly ageS: number
    readonly restingV: number
  }
  /** Of battery, engine and oil. */
  readonly temperatureK: number
  readonly starterPowerW: number
  readonly engine: Omit<CrankedEngine, 'inertiaKgM2' | 'oilFactor'>
  /** Battery positive to starter stud, terminals included. */
  readonly starterCableOhm: number
  /** Engine block to battery negative, terminals included. */
  readonly earthOhm: number
  readonly ecu: {
    readonly powerW: number
    readonly feedFrom: 'battery' | 'starter-stud'
    readonly feedOhm: number
    readonly earthAt: 'battery' | 'block'
    readonly earthOhm: number
    readonly leastV: number
    readonly rideThroughS: number
  }
  readonly durationS: number
  readonly stepS?: number
}

export interface CrankSagAnswer {
  readonly battery: BatteryState
  readonly trace: CrankTrace
}

const BOOT_S = 0.3

/** The first moments of a start, by the same trace as the power station's. */
export const crankSag = (c: CrankSagCase): CrankSagAnswer => {
  const { battery: label, ecu } = c
  const battery = batteryState({ ...label, charge: chargeAtRest(label.restingV), temperatureK: c.temperatureK })
  const starter = starterOfPower(c.starterPowerW)
  const network: NetworkCase = {
    reference: 'battery −',
    sources: [{ id: 'battery', kind: 'battery', pos: 'battery +', neg: 'battery −', ...battery }],
    wires: [
      { id: 'starter-cable', from: 'battery +', to: 'stud', resistanceOhm: c.starterCableOhm },
      { id: 'earth', from: 'block', to: 'battery −', resistanceOhm: c.earthOhm },
      { id: 'feed', from: ecu.feedFrom === 'battery' ? 'battery +' : 'stud', to: 'ECU +', resistanceOhm: ecu.feedOhm },
      { id: 'ecu-earth', from: 'ECU −', to: ecu.earthAt === 'battery' ? 'battery −' : 'block', resistanceOhm: ecu.earthOhm },
    ],
    loads: [
      { id: 'starter', pos: 'stud', neg: 'block', ...starterLoad(starter) },
      { id: 'ecu', kind: 'power', pos: 'ECU +', neg: 'ECU −', powerW: ecu.powerW, leastV: ecu.leastV },
    ],
  } // prettier-ignore
  const trace = crankTrace(
    {
      network,
      moment: { id: 'start' },
      batteryId: 'battery',
      battery,
      starterId: 'starter',
      starter,
      engine: {
        ...c.engine,
        inertiaKgM2: inertiaOf(c.engine.displacementM3),
        oilFactor: oilFactor(c.temperatureK),
      },
      ecu: { loadId: 'ecu', keyedId: null, leastV: ecu.leastV, rideThroughS: ecu.rideThroughS, bootS: BOOT_S },
      drivenByEcu: [],
      watch: ['ecu'],
      relays: [],
    },
    c.durationS,
    c.stepS ?? TRACE_STEP_S,
  )
  return { battery, trace }
}
