import { imbalanceA, newtonStep, solveCircuit, type Circuit } from './circuit.ts'
import { KIND } from './elements.ts'
import { within } from './partLaws.ts'

/** A load of constant power, as an element of a circuit. */
export interface PowerLoad {
  readonly element: number
  powerW: number
  leastV: number
}

/** Rounds of "draw by the voltage of the round before". */
const MOST_ROUNDS = 5000
/** From here on every other round is the mean of two, for networks in which one load lifts another. */
const CALM_ROUNDS = 400
const STILL_V = 1e-11
/** Rounds that shrink to this share of the one before need no help. */
const QUICK_SHARE = 0.3
/** Most of its voltage that a load is let fall at once where it falls anyway. */
const FALL_SHARE = 0.005
/** As far as the quick way may be off when it says that nothing changes. */
const SURE_V = 1e-7

const voltsOf = (c: Circuit, v: Float64Array, element: number): number => {
  const a = c.elements.a[element]!
  const b = c.elements.b[element]!
  return (a < 0 ? 0 : v[a]!) - (b < 0 ? 0 : v[b]!)
}

/** Each load draws what its power is at `u` volts, or what it draws below its least voltage. */
const draw = (c: Circuit, loads: readonly PowerLoad[], u: readonly number[] | null): void => {
  const { kind, p0, p1 } = c.elements
  loads.forEach(({ element, powerW, leastV }, i) => {
    kind[element] = KIND.upTo
    p0[element] = within(powerW / leastV / leastV)
    p1[element] = u === null ? 0 : u[i]! < leastV ? Infinity : powerW / u[i]!
    if (u === null) p0[element] = 0
  })
}

/** The true law of each: more current as the voltage falls, down to its least. */
export const drawTruly = (c: Circuit, loads: readonly PowerLoad[]): void => {
  const { kind, p0, p1, p2 } = c.elements
  for (const { element, powerW, leastV } of loads) {
    kind[element] = KIND.power
    p0[element] = within(powerW / leastV / leastV)
    p1[element] = powerW
    p2[element] = leastV
  }
}

/**
 * Where a step of Newton's method on the true laws leads from `v`: it passes no solution while the network is passive and
 * every load falls, since the laws are hollow upwards. Null where that does not hold.
 */
const ahead = (c: Circuit, loads: readonly PowerLoad[], v: Float64Array, u: readonly number[]): number[] | null => {
  drawTruly(c, loads)
  imbalanceA(c, v)
  if (!newtonStep(c, v, null)) return null
  const next = loads.map(({ element, leastV }, i) => {
    const to = u[i]! + voltsOf(c, c.stepV, element)
    return to < leastV && u[i]! >= leastV ? leastV * (1 - 1e-9) : to
  })
  return next.every((x, i) => Number.isFinite(x) && x <= u[i]! + 1e-12) ? next : null
}

/** Steps of the quick way at most. */
const QUICK_STEPS = 12
const QUICK_STILL_V = 1e-9

/**
 * The same by Newton's method on the true laws alone, from the voltages without any power drawn in `v`. It holds while
 * every load falls from step to step and stays at its least or above: it then comes down on the first solution it meets.
 * Null where it does not hold, and `v` is spoilt.
 */
const quickly = (c: Circuit, loads: readonly PowerLoad[], v: Float64Array): boolean => {
  drawTruly(c, loads)
  for (let n = 0; n < QUICK_STEPS; n++) {
    const amps = imbalanceA(c, v)
    if (!newtonStep(c, v, null)) return false
    let most = 0
    for (let k = 0; k < c.size; k++) most = Math.max(most, Math.abs(c.stepV[k]!))
    if (!Number.isFinite(most)) return false
    const still = most <= QUICK_STILL_V
    for (const { element, leastV } of loads) {
      const fall = voltsOf(c, c.stepV, element)
      if (!(fall <= QUICK_STILL_V && voltsOf(c, v, element) + fall >= leastV)) return false
    }
    for (let k = 0; k < c.size; k++) v[k]! += c.stepV[k]!
    if (still) return amps <= 1e-6
  }
  return false
}

export interface PowerAnswer {
  /** Whether it came to rest. */
  readonly still: boolean
  /** Loads that would have their least voltage if no load of constant power drew current, and have not now. */
  readonly collapsed: readonly number[]
}

/**
 * Voltages of a circuit with loads of constant power, reached from above: first none of them draws, then each by the
 * voltage of the round before, until nothing changes. Where that creeps, steps of Newton's method go ahead of it.
 * Changes `v`; the circuit is left with the last currents drawn, or with the true laws where it came to no rest.
 */
export const solvePowered = (c: Circuit, loads: readonly PowerLoad[], v: Float64Array): PowerAnswer => {
  if (loads.length === 0) return { still: solveCircuit(c, v), collapsed: [] }
  draw(c, loads, null)
  let still = solveCircuit(c, v)
  let u = loads.map(({ element }) => voltsOf(c, v, element))
  const unloaded = u
  const start = v.slice()
  if (quickly(c, loads, v)) return { still, collapsed: [] }
  v.set(start)
  let rest = false
  let stride = 1
  let before = Infinity
  for (let round = 0; round < MOST_ROUNDS && !rest; round++) {
    draw(c, loads, u)
    still = solveCircuit(c, v) && still
    const found = loads.map(({ element }) => voltsOf(c, v, element))
    const moved = Math.max(...found.map((x, i) => Math.abs(x - u[i]!)))
    if (!Number.isFinite(moved)) break
    const quick = moved <= QUICK_SHARE * before
    before = moved
    const next = !quick && round > 0 && round < CALM_ROUNDS ? ahead(c, loads, v, found) : null
    const sure = next === null || Math.max(...next.map((x, i) => Math.abs(x - found[i]!))) <= SURE_V
    rest = moved <= STILL_V && sure
    // Past its most power a network holds no more: what creeps down there falls on, in growing strides.
    const falls = !quick && next === null && round > 3 && round < CALM_ROUNDS && found.every((x, i) => x <= u[i]!)
    stride = falls ? stride * 2 : 1
    const was = u
    u = found.map((x, i) => {
      if (next) return next[i]!
      if (falls) return Math.min(x, Math.max(was[i]! - stride * (was[i]! - x), x - FALL_SHARE * Math.abs(x)))
      return round >= CALM_ROUNDS && round % 2 === 1 ? (x + was[i]!) / 2 : x
    })
  }
  if (rest) draw(c, loads, u)
  else drawTruly(c, loads)
  still = (rest ? solveCircuit(c, v) : false) && still
  const least = (i: number) => loads[i]!.leastV
  const collapsed = loads.flatMap(({ element }, i) =>
    voltsOf(c, v, element) < least(i) && unloaded[i]! >= least(i) ? [i] : [],
  )
  return { still, collapsed }
}
