import { liveNetwork, type NetworkCase, type NetworkMoment } from '../network/index.ts'
import { frictionNm, gasTorqueNm, type CrankedEngine, type Starter } from './starterModel.ts'

/** What stands still, starts and turns. Ids are those of parts of the network. */
export interface CrankRig {
  readonly network: NetworkCase
  /** Key in "start", before the starter turns. */
  readonly moment: NetworkMoment
  /** Relays as they stood with the key on. */
  readonly energised?: ReadonlyMap<string, boolean>
  readonly batteryId: string
  /** Open-circuit voltage and resistance of the battery as it stands in the network. */
  readonly battery: { readonly openCircuitV: number; readonly resistanceOhm: number }
  /** A load of kind motor, its back voltage and resistance by `starterLoad`. */
  readonly starterId: string
  readonly starter: Starter
  readonly engine: CrankedEngine
  readonly ecu: EcuInput | null
  /** Contacts that open while the ECU is down: the relays it drives. */
  readonly drivenByEcu: readonly string[]
  /** Loads whose volts are kept. */
  readonly watch: readonly string[]
  /** Relays whose moves are kept. */
  readonly relays: readonly string[]
}

export interface EcuInput {
  readonly loadId: string
  /** Its keyed input; null where it has none. */
  readonly keyedId: string | null
  /** Below this it resets, V. */
  readonly leastV: number
  /** It rides through a dip of so long, s. */
  readonly rideThroughS: number
  /** Until it is up again, s. */
  readonly bootS: number
}

export interface CrankTrace {
  readonly timeS: readonly number[]
  readonly rpm: readonly number[]
  readonly starterA: readonly number[]
  readonly batteryV: readonly number[]
  readonly watchedV: Readonly<Record<string, readonly number[]>>
  /** Least of each watched load, and when. */
  readonly least: Readonly<Record<string, { readonly volts: number; readonly atS: number }>>
  readonly resets: readonly { readonly atS: number; readonly by: 'supply' | 'keyed' }[]
  readonly relayMoves: readonly { readonly atS: number; readonly id: string; readonly energised: boolean }[]
  /** Over the last full cycle of two turns; over what was turned where that is less. */
  readonly meanRpm: number
  readonly meanStarterA: number
  readonly peakStarterA: number
  /** Crank turned in all. */
  readonly turns: number
}

/** The starter as a load of the network, standing still: rated at 12 V, so that its back voltage at rated speed is 9.6 V. */
export const STARTER_RATED_V = 12
const RUN_SHARE = 0.2
export const starterLoad = (s: Starter) => {
  const stallA = STARTER_RATED_V / s.armatureOhm
  return { kind: 'motor', ratedV: STARTER_RATED_V, stallA, runA: RUN_SHARE * stallA, speed: 0 } as const
}
/** Back voltage of that load at its rated speed, V. */
export const STARTER_BACK_V = STARTER_RATED_V * (1 - RUN_SHARE)
/** Share of the load's rated speed at an angular speed of the crank. */
export const starterShare = (s: Starter, crankRadS: number): number => (s.backVS * s.ratio * crankRadS) / STARTER_BACK_V
/** Torque at the crank by the starter's current, N m. */
export const starterNm = (s: Starter, currentA: number): number => s.efficiency * s.backVS * s.ratio * currentA

/** Of a battery's resistance over some seconds, what is there at once; the rest builds up in `POLARISES_S`. */
const AT_ONCE = 1 / 1.5
const POLARISES_S = 2

/** Inductance of field and armature, H. Typical: the current needs some milliseconds to rise. */
const WINDING_H = 1e-4

/** Most step of a trace, s: compression shows, and the starter's run-up is a hundred of them. */
export const TRACE_STEP_S = 1e-3
/** Where the first compression begins: the crank stands somewhere before it. */
const START_DEG = 20

/**
 * The first moments of cranking: starter with back voltage, inertia, friction and compression of each cylinder, battery
 * that polarises, relays with hysteresis, an ECU that resets when it is below its least for longer than it rides through.
 * @param durationS above 0 @param stepS above 0, at most 1 ms
 */
export const crankTrace = (rig: CrankRig, durationS: number, stepS = TRACE_STEP_S): CrankTrace => {
  const { starter, engine, ecu, battery } = rig
  const network: NetworkCase = {
    ...rig.network,
    sources: rig.network.sources!.map((s) =>
      s.id === rig.batteryId && s.kind === 'battery'
        ? { ...s, openCircuitV: battery.openCircuitV, resistanceOhm: battery.resistanceOhm * AT_ONCE }
        : s,
    ),
  }
  const live = liveNetwork(network, rig.moment, rig.energised)
  const gas = gasTorqueNm(engine)
  const slowOhm = battery.resistanceOhm * (1 - AT_ONCE)
  let [omega, deg, polarV] = [0, START_DEG, 0]
  let before = 0
  let belowS = 0
  let downS: number | null = null
  const timeS: number[] = []
  const rpm: number[] = []
  const starterA: number[] = []
  const batteryV: number[] = []
  const degs: number[] = []
  const watchedV: Record<string, number[]> = Object.fromEntries(rig.watch.map((id) => [id, []]))
  const resets: { atS: number; by: 'supply' | 'keyed' }[] = []
  const relayMoves: { atS: number; id: string; energised: boolean }[] = []
  const states = new Map(rig.relays.map((id) => [id, live.isEnergised(id)]))
  const steps = Math.ceil(durationS / stepS)
  for (let n = 0; n < steps; n++) {
    const now = n * stepS
    // Implicit in time: V = E + R i + L (i - before)/step.
    const holdsBack = WINDING_H / stepS
    live.setWinding(
      rig.starterId,
      starter.backVS * starter.ratio * omega - holdsBack * before,
      starter.armatureOhm + holdsBack,
    )
    live.setEmf(rig.batteryId, battery.openCircuitV - polarV)
    live.advance(stepS)
    const current = live.currentOf(rig.starterId)
    before = current
    timeS.push(now)
    rpm.push((omega * 30) / Math.PI)
    starterA.push(current)
    batteryV.push(live.voltsOf(rig.batteryId))
    degs.push(deg)
    for (const id of rig.watch) watchedV[id]!.push(live.voltsOf(id))
    for (const id of rig.relays) {
      const is = live.isEnergised(id)
      if (is !== states.get(id)) relayMoves.push({ atS: now, id, energised: is })
      states.set(id, is)
    }
    if (ecu) {
      const supply = live.voltsOf(ecu.loadId)
      const keyed = ecu.keyedId === null ? Infinity : live.voltsOf(ecu.keyedId)
      const low = Math.min(supply, keyed) < ecu.leastV
      belowS = low ? belowS + stepS : 0
      if (downS === null && belowS > ecu.rideThroughS) {
        downS = 0
        resets.push({ atS: now, by: supply < ecu.leastV ? 'supply' : 'keyed' })
        for (const id of rig.drivenByEcu) live.setClosed(id, false)
      } else if (downS !== null) {
        downS = low ? 0 : downS + stepS
        if (downS >= ecu.bootS) {
          downS = null
          for (const id of rig.drivenByEcu) live.setClosed(id, true)
        }
      }
    }
    const drive = starterNm(starter, current) + gas[Math.floor(((deg % 720) + 720) % 720)]!
    const friction = frictionNm(engine, Math.abs(omega) * (30 / Math.PI))
    // At rest friction holds against whatever is less than it.
    const net = omega > 0 || drive > friction ? drive - friction : 0
    // The drive overruns: the starter does not hold the engine back, and compression does not turn it backwards.
    omega = Math.max(0, omega + (net / engine.inertiaKgM2) * stepS)
    deg += ((omega * 180) / Math.PI) * stepS
    // The battery's element counts current into its positive terminal.
    polarV += ((-live.currentOf(rig.batteryId) * slowOhm - polarV) / POLARISES_S) * stepS
  }
  const end = degs.at(-1) ?? 0
  const from = Math.max(
    0,
    degs.findIndex((d) => d >= end - 720),
  )
  const lastS = Math.max(stepS, timeS.at(-1)! - timeS[from]!)
  const mean = (all: readonly number[]) => all.slice(from).reduce((a, b) => a + b, 0) / (all.length - from)
  return {
    timeS,
    rpm,
    starterA,
    batteryV,
    watchedV,
    least: Object.fromEntries(
      rig.watch.map((id) => {
        const all = watchedV[id]!
        let at = 0
        for (let i = 1; i < all.length; i++) if (all[i]! < all[at]!) at = i
        return [id, { volts: all[at]!, atS: timeS[at]! }]
      }),
    ),
    resets,
    relayMoves,
    meanRpm: (end - degs[from]!) / 6 / lastS,
    meanStarterA: mean(starterA),
    peakStarterA: Math.max(...starterA),
    turns: (end - START_DEG) / 360,
  }
}
