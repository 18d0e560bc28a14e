// @ts-check
import {
  carNetwork,
  carSupplyOf,
  chargingBalance,
  checkWires,
  compileNetwork,
  conditionMoment,
  crankOdds,
  crankRigOf,
  crankTrace,
  leastChargeToStart,
  liveNetwork,
  oddsOfJob,
  POWER_STATION,
  solveCar,
  solveMoments,
  stopTable,
} from '../packages/core/dist/index.js'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { STOCK_CATALOGUE } from '../apps/server/dist/catalogue/stock/index.js'
import { median, often, report, timesUs } from './measure.mjs'

const us = (/** @type {number} */ t) => `${t.toFixed(1)} us`
const ms = (/** @type {number} */ t) => `${(t / 1e3).toFixed(2)} ms`

/**
 * One step of Newton's method as a plain dense solve does it: fill the matrix, eliminate, substitute back. No pivoting, no
 * structure; the same network, the same arithmetic.
 * @param {import('../packages/core/dist/index.js').Network} net
 */
const denseStep = (net) => {
  const { elements: e, size } = net.circuit
  const m = new Float64Array(size * size)
  const b = new Float64Array(size)
  const add = (/** @type {number} */ r, /** @type {number} */ c, /** @type {number} */ g) => {
    m[r * size + c] = (m[r * size + c] ?? 0) + g
  }
  const at = (/** @type {number} */ r, /** @type {number} */ c) => m[r * size + c] ?? 0
  for (let k = 0; k < size; k++) add(k, k, 1e-9)
  for (let i = 0; i < e.count; i++) {
    const [a, z, g] = [e.a[i] ?? -1, e.b[i] ?? -1, e.p1[i] ?? 0]
    if (a >= 0) add(a, a, g)
    if (z >= 0) add(z, z, g)
    if (a >= 0 && z >= 0) {
      add(a, z, -g)
      add(z, a, -g)
    }
    if (a >= 0) b[a] = 1
  }
  for (let k = 0; k < size; k++)
    for (let i = k + 1; i < size; i++) {
      const f = at(i, k) / at(k, k)
      for (let j = k; j < size; j++) add(i, j, -f * at(k, j))
      b[i] = (b[i] ?? 0) - f * (b[k] ?? 0)
    }
  for (let k = size - 1; k >= 0; k--) {
    let x = b[k] ?? 0
    for (let j = k + 1; j < size; j++) x -= at(k, j) * (b[j] ?? 0)
    b[k] = x / at(k, k)
  }
  return b[0]
}

/** The direct-current network of a car: one condition, one step in time, all conditions, a start. */
export const powerStation = () => {
  const document = DEMO_JOBS.find((j) => j.document.vehicle.title === 'Hesket Warden saloon')?.document
  if (!document) throw new Error('the demo has no Warden')
  const supply = carSupplyOf(document)
  const { network } = carNetwork(supply)
  const still = { 'crank-warm': 0, 'crank-cold': 0 }
  const night = conditionMoment(supply, network, 'night-rain', still)
  const net = compileNetwork(network)
  const { count } = net.circuit.elements
  const solved = median(timesUs(() => void solveMoments(net, [night]), 2000))
  report(`a car's network, ${count} branches, relays and all, median`, us(solved), '300 us or less')

  const live = liveNetwork(network, night)
  let at = 0
  const step = median(
    timesUs(() => {
      live.setEmf('battery', 12.6 + 0.01 * Math.sin(at++))
      live.advance(1e-3)
    }, 20_000),
  )
  report(`  one warm-started step of it, median`, us(step), '15 us or less')
  const dense = median(timesUs(() => void denseStep(net), 2000))
  report('  against one dense elimination without structure', `${(dense / step).toFixed(1)} x`)

  const all = median(timesUs(() => void solveCar(supply), 200))
  report('all steady conditions of a design, median', ms(all), '5 ms or less')
  const rig = crankRigOf(solveCar(supply), 'crank-cold')
  report('a trace of 1.5 s in steps of 1 ms, median', ms(median(timesUs(() => void crankTrace(rig, 1.5), 60))), '20 ms or less')
  const car = solveCar(supply)
  report('every wire against all that is asked of it, shorts and inrush solved, median', ms(median(timesUs(() => void checkWires(car), 60)))) // prettier-ignore
  report(`what stops when, ${stopTable(supply).length} combinations, median`, ms(median(timesUs(() => void stopTable(supply), 60)))) // prettier-ignore
  const least = leastChargeToStart(supply, 80)
  report('charging balance of six ways of driving, median', ms(median(timesUs(() => void chargingBalance(supply, least), 60)))) // prettier-ignore
  let watts = 5
  const whole = median(
    timesUs(() => {
      watts += 1e-3
      const loads = { ...document.power.loads, ecuW: watts }
      POWER_STATION.assess({ ...document, power: { ...document.power, loads } }, STOCK_CATALOGUE)
    }, 60),
  )
  report('the station assessed after a change, median', ms(whole))
  const odds = oddsOfJob(document)
  const draws = often(200, 2)
  const from = performance.now()
  crankOdds(odds.supply, odds.spread, odds.needs, { draws, seed: 1 })
  report('1,000 starts, each followed in time (a worker)', `${(((performance.now() - from) / draws) * 1).toFixed(1)} s`)
} // prettier-ignore
