import { compileNetwork, liveOn, solveMoments, type Network, type NetworkCase } from '../network/index.ts'
import type { MomentResult } from '../network/networkResult.ts'
import { oilFactor, frictionNm, meanGasNm, type CrankedEngine } from '../starter/starterModel.ts'
import { starterNm, starterShare } from '../starter/crankTrace.ts'
import { carNetwork, type CarNetwork } from './carNetwork.ts'
import type { CarSupply } from './carSupply.ts'
import { CONDITIONS, conditionMoment, WARM_START_K, type ConditionId } from './conditions.ts'

/** Temperature of engine and oil at a start, K. A warm start is one after a short stop. */
const HOT_OIL_K = 343.15
const startK = (s: CarSupply, which: 'crank-warm' | 'crank-cold') =>
  which === 'crank-warm' ? { oilK: HOT_OIL_K, batteryK: WARM_START_K } : { oilK: s.coldestK, batteryK: s.coldestK }

/** The engine as the starter feels it at that start. */
export const engineAt = (s: CarSupply, which: 'crank-warm' | 'crank-cold'): CrankedEngine => ({
  ...s.engine,
  oilFactor: s.engine.oilFactor * oilFactor(startK(s, which).oilK),
})

const MOST_RAD_S = 60
/** Two turns' mean of what compression takes: worked out once for an engine. */
const meansGas = new WeakMap<CrankedEngine, number>()
const meanGas = (e: CrankedEngine): number => {
  let own = meansGas.get(e)
  if (own === undefined) meansGas.set(e, (own = meanGasNm(e)))
  return own
}

/**
 * Mean speed at which starter and engine are in balance, rad/s at the crank: the starter's torque at the current that the
 * network lets it have against friction and compression. 0 where it does not turn. By false position on a falling balance.
 */
export const crankSpeedRadS = (s: CarSupply, net: Network, which: 'crank-warm' | 'crank-cold'): number => {
  const engine = engineAt(s, which)
  const gas = meanGas(s.engine)
  const live = liveOn(net, conditionMoment(s, net.case, which, { 'crank-warm': 0, 'crank-cold': 0 }))
  const surplus = (rad: number): number => {
    live.setSpeed('starter', starterShare(s.starter, rad))
    live.advance(1)
    return starterNm(s.starter, live.currentOf('starter')) - frictionNm(engine, (rad * 30) / Math.PI) + gas
  }
  let [low, high] = [0, MOST_RAD_S]
  let [atLow, atHigh] = [surplus(low), surplus(high)]
  if (atLow <= 0) return 0
  if (atHigh >= 0) return high
  for (let n = 0; n < 12 && high - low > 0.02; n++) {
    const rad = Math.min(high - 0.01, Math.max(low + 0.01, low + ((high - low) * atLow) / (atLow - atHigh)))
    const at = surplus(rad)
    if (Math.abs(at) < 0.02) return rad
    if (at > 0) [low, atLow] = [rad, at]
    else [high, atHigh] = [rad, at]
  }
  return (low + high) / 2
}

export interface SolvedCar {
  readonly supply: CarSupply
  readonly car: CarNetwork
  /** Mean speed of the crank, rad/s. */
  readonly crankRadS: Readonly<Record<'crank-warm' | 'crank-cold', number>>
  readonly at: Readonly<Record<ConditionId, MomentResult>>
}

/** Moments in an order in which relays stand as they would: key on before start, start before letting go. */
const ORDER: readonly ConditionId[] = CONDITIONS

/**
 * Every operating condition of a car's supply, solved in the order of the key.
 * @param without parts taken out of the drawing, by id
 */
export const solveCar = (supply: CarSupply, without: readonly string[] = []): SolvedCar => {
  const whole = carNetwork(supply)
  const car = without.length === 0 ? whole : { ...whole, network: withoutParts(whole.network, without) }
  const { network } = car
  const net = compileNetwork(network)
  const crankRadS = {
    'crank-warm': crankSpeedRadS(supply, net, 'crank-warm'),
    'crank-cold': crankSpeedRadS(supply, net, 'crank-cold'),
  }
  const moments = solveMoments(
    net,
    ORDER.map((id) => conditionMoment(supply, network, id, crankRadS)),
  )
  return {
    supply,
    car,
    crankRadS,
    at: Object.fromEntries(moments.map((m) => [m.id, m])) as Record<ConditionId, MomentResult>,
  }
}

const gone = <P extends { readonly id: string }>(list: readonly P[] | undefined, ids: readonly string[]) =>
  (list ?? []).filter((p) => !ids.includes(p.id))

/** A network with parts taken out; what hangs on them stays, connected to what is left. */
export const withoutParts = (n: NetworkCase, ids: readonly string[]): NetworkCase => ({
  ...n,
  wires: gone(n.wires, ids),
  contacts: gone(n.contacts, ids),
  fuses: gone(n.fuses, ids),
  sources: gone(n.sources, ids),
  loads: gone(n.loads, ids),
  relays: gone(n.relays, ids),
  diodes: gone(n.diodes, ids),
})
