import { compileNetwork, solveMoments } from '../network/index.ts'
import { carNetwork } from '../car/carNetwork.ts'
import type { CarSupply } from '../car/carSupply.ts'
import { conditionMoment } from '../car/conditions.ts'
import { crankSpeedRadS } from '../car/solveCar.ts'

const RAD_S = Math.PI / 30

/** Whether it starts cold with its battery at a state of charge: fast enough, ECU and keyed input above their minimum. */
export const startsAtCharge = (supply: CarSupply, charge: number, leastRpm: number): boolean => {
  const s: CarSupply = { ...supply, battery: { ...supply.battery, charge } }
  const { network } = carNetwork(s)
  const net = compileNetwork(network)
  const cold = crankSpeedRadS(s, net, 'crank-cold')
  if (cold < leastRpm * RAD_S) return false
  const rad = { 'crank-cold': cold, 'crank-warm': cold }
  const moments = solveMoments(net, [conditionMoment(s, network, 'prime', rad), conditionMoment(s, network, 'crank-cold', rad)]) // prettier-ignore
  const volts = (id: string) => (moments[1]!.parts[id] as { voltageV: number } | undefined)?.voltageV ?? 0
  return volts('ecu') >= s.ecu.leastV && volts('keyed') >= s.ecu.leastV
}

/** Below it a battery gives no cranking current for long, whatever its voltage at rest says. Rule of thumb. */
export const FLAT_CHARGE = 0.2

/**
 * Least state of charge at which it still starts cold, by bisection to half a per cent; never below a flat battery; null where it does not start even
 * as it is.
 */
export const leastChargeToStart = (supply: CarSupply, leastRpm: number): number | null => {
  const { charge } = supply.battery
  if (charge <= FLAT_CHARGE || !startsAtCharge(supply, charge, leastRpm)) return null
  let [bad, good] = [FLAT_CHARGE, charge]
  if (startsAtCharge(supply, bad, leastRpm)) return FLAT_CHARGE
  while (good - bad > 0.005) {
    const middle = (bad + good) / 2
    if (startsAtCharge(supply, middle, leastRpm)) good = middle
    else bad = middle
  }
  return good
}
