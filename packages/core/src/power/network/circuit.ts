import { elimination, type Elimination } from './elimination.ts'
import { currentAt, KIND, slopeAt, type Elements } from './elements.ts'
import { LEAK_OHM } from './networkCase.ts'

/** An alternator that senses somewhere else than at its own terminals. Nodes: -1 is the reference. */
export interface SensedSource {
  readonly a: number
  readonly b: number
  readonly senseA: number
  readonly senseB: number
  setV: number
  droopOhm: number
  limitA: number
  there: boolean
}

/** A network of elements between nodes 0 to size-1 and the reference, with room for its solution. */
export interface Circuit {
  readonly size: number
  readonly elements: Elements
  readonly sensed: readonly SensedSource[]
  readonly matrix: Elimination
  /** Of each element: its place among the pairs of nodes; -1 where one of its ends is the reference. */
  readonly edge: Int32Array
  /** Slopes that the matrix was last taken apart with, S; NaN before it ever was. */
  readonly slopeS: Float64Array
  /** Work space. */
  readonly residualA: Float64Array
  readonly stepV: Float64Array
  readonly trialV: Float64Array
  /** One column for each sensed source. */
  readonly columns: readonly Float64Array[]
}

export const circuitOf = (size: number, elements: Elements, sensed: readonly SensedSource[]): Circuit => {
  const pairs: [number, number][] = []
  for (let i = 0; i < elements.count; i++) {
    const a = elements.a[i]!
    const b = elements.b[i]!
    if (a >= 0 && b >= 0) pairs.push([a, b])
  }
  const matrix = elimination(size, pairs)
  const edge = Int32Array.from({ length: elements.count }, (_, i) => {
    const a = elements.a[i]!
    const b = elements.b[i]!
    return a >= 0 && b >= 0 && a !== b ? matrix.edgeAt(a, b) : -1
  })
  return {
    size,
    elements,
    sensed,
    matrix,
    edge,
    slopeS: new Float64Array(elements.count).fill(NaN),
    residualA: new Float64Array(size),
    stepV: new Float64Array(size),
    trialV: new Float64Array(size),
    columns: sensed.map(() => new Float64Array(size)),
  }
}

export const LEAK_S = 1 / LEAK_OHM
const at = (v: Float64Array, node: number): number => (node < 0 ? 0 : v[node]!)

/** Volts at the sense leads of a source. */
export const sensedV = (s: SensedSource, v: Float64Array): number => at(v, s.senseA) - at(v, s.senseB)
/** What a sensed source gives at that voltage, A. */
export const sensedA = (s: SensedSource, u: number): number =>
  s.there ? Math.min(s.limitA, Math.max(0, (s.setV - u) / s.droopOhm)) : 0

/**
 * Current that is missing at each node, A: minus what leaves it. What one end loses the other gains to the last digit, so
 * that elements of 1e-6 ohm add nothing to what the rest of the network sees.
 * @param given currents of the sensed sources where they are held; else by their law
 */
const imbalance = (c: Circuit, v: Float64Array, into: Float64Array, given: readonly number[] | null): void => {
  const { elements: e } = c
  for (let k = 0; k < c.size; k++) into[k] = -LEAK_S * v[k]!
  for (let i = 0; i < e.count; i++) {
    if (e.there[i] === 0) continue
    const a = e.a[i]!
    const b = e.b[i]!
    const u = (a < 0 ? 0 : v[a]!) - (b < 0 ? 0 : v[b]!)
    const current = e.kind[i] === KIND.straight ? (u - e.p0[i]!) * e.p1[i]! : currentAt(e, i, u)
    if (a >= 0) into[a]! -= current
    if (b >= 0) into[b]! += current
  }
  for (let s = 0; s < c.sensed.length; s++) {
    const source = c.sensed[s]!
    const current = given ? given[s]! : sensedA(source, sensedV(source, v))
    if (source.a >= 0) into[source.a]! += current
    if (source.b >= 0) into[source.b]! -= current
  }
}

/** Slopes of all elements at `v`; whether any differs, by more than a share, from what the matrix was taken apart with. */
const slopes = (c: Circuit, v: Float64Array, share: number): boolean => {
  const { elements: e, slopeS } = c
  let other = false
  for (let i = 0; i < e.count; i++) {
    let g = 0
    if (e.there[i] !== 0) {
      const a = e.a[i]!
      const b = e.b[i]!
      g = e.kind[i] === KIND.straight ? e.p1[i]! : slopeAt(e, i, (a < 0 ? 0 : v[a]!) - (b < 0 ? 0 : v[b]!))
    }
    const was = slopeS[i]!
    if (g === was || Math.abs(g - was) <= share * Math.abs(was)) continue
    slopeS[i] = g
    other = true
  }
  return other
}

/** The matrix of the slopes, taken apart. False where it holds no solution. */
const takeApart = (c: Circuit): boolean => {
  const { elements: e, matrix, edge, slopeS } = c
  matrix.edgeS.fill(0)
  matrix.groundS.fill(LEAK_S)
  for (let i = 0; i < e.count; i++) {
    const g = slopeS[i]!
    if (g === 0) continue
    const a = e.a[i]!
    const b = e.b[i]!
    const pair = edge[i]!
    if (pair >= 0) matrix.edgeS[pair]! += g
    else if (a >= 0 && b < 0) matrix.groundS[a]! += g
    else if (b >= 0 && a < 0) matrix.groundS[b]! += g
  }
  if (matrix.factor()) return true
  // Whatever comes next is taken apart anew.
  slopeS.fill(NaN)
  return false
}

/** Small dense system, in place; false where it is singular. */
const solveDense = (m: number[][], x: number[]): boolean => {
  const n = x.length
  for (let k = 0; k < n; k++) {
    let pivot = k
    for (let i = k + 1; i < n; i++) if (Math.abs(m[i]![k]!) > Math.abs(m[pivot]![k]!)) pivot = i
    if (!(Math.abs(m[pivot]![k]!) > 1e-300)) return false
    ;[m[k], m[pivot]] = [m[pivot]!, m[k]!]
    ;[x[k], x[pivot]] = [x[pivot]!, x[k]!]
    for (let i = k + 1; i < n; i++) {
      const f = m[i]![k]! / m[k]![k]!
      for (let j = k; j < n; j++) m[i]![j]! -= f * m[k]![j]!
      x[i]! -= f * x[k]!
    }
  }
  for (let k = n - 1; k >= 0; k--) {
    for (let j = k + 1; j < n; j++) x[k]! -= m[k]![j]! * x[j]!
    x[k]! /= m[k]![k]!
  }
  return true
}

/** The step takes into account that sensed sources in their range follow the step (Woodbury). */
const withSensed = (c: Circuit, v: Float64Array): boolean => {
  const active = c.sensed.flatMap((s, i) => {
    const raw = (s.setV - sensedV(s, v)) / s.droopOhm
    return s.there && raw > 0 && raw < s.limitA ? [i] : []
  })
  if (active.length === 0) return true
  for (const i of active) {
    const s = c.sensed[i]!
    const column = c.columns[i]!
    column.fill(0)
    if (s.a >= 0) column[s.a]! += 1
    if (s.b >= 0) column[s.b]! -= 1
    c.matrix.solve(column)
  }
  const m = active.map((i) =>
    active.map((j) => sensedV(c.sensed[i]!, c.columns[j]!) + (i === j ? c.sensed[i]!.droopOhm : 0)),
  )
  const x = active.map((i) => sensedV(c.sensed[i]!, c.stepV))
  if (!solveDense(m, x)) return false
  for (let k = 0; k < c.size; k++) active.forEach((i, n) => (c.stepV[k]! -= c.columns[i]![k]! * x[n]!))
  return true
}

/** One step of Newton's method from `v`, into `stepV`; false where the slopes hold no solution. */
export const newtonStep = (c: Circuit, v: Float64Array, given: readonly number[] | null, share = 0): boolean => {
  if (slopes(c, v, share) && !takeApart(c)) return false
  c.stepV.set(c.residualA)
  c.matrix.solve(c.stepV)
  return given !== null || c.sensed.length === 0 || withSensed(c, v)
}

const largest = (x: Float64Array): number => {
  let most = 0
  for (let k = 0; k < x.length; k++) {
    const m = Math.abs(x[k]!)
    if (!(m <= most)) most = m
  }
  return most
}
const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0
  for (let k = 0; k < a.length; k++) sum += a[k]! * b[k]!
  return sum
}

/** Steps of voltage below this are none, V. */
const STILL_V = 1e-9
const MOST_STEPS = 200
/** Halvings in search of the place along a step where its slope vanishes. */
const SEARCHES = 60

/** Where along the step the slope of the potential is 0: it falls with the share, so bisection and secant find it. */
const shareOfStep = (
  c: Circuit,
  v: Float64Array,
  slope0: number,
  slope1: number,
  given: readonly number[] | null,
): number => {
  let [low, high, atLow, atHigh] = [0, 1, slope0, slope1]
  for (let n = 0; n < SEARCHES && high - low > 1e-12; n++) {
    const share = n % 3 === 2 ? (low + high) / 2 : low + ((high - low) * atLow) / (atLow - atHigh)
    for (let k = 0; k < c.size; k++) c.trialV[k] = v[k]! + share * c.stepV[k]!
    imbalance(c, c.trialV, c.residualA, given)
    const slope = dot(c.residualA, c.stepV)
    if (Math.abs(slope) <= 1e-3 * slope0) return share
    if (slope > 0) [low, atLow] = [share, slope]
    else [high, atHigh] = [share, slope]
  }
  return low > 0 ? low : high
}

/**
 * Newton's method for elements whose currents grow with their voltages. Such a network sits at the bottom of one convex
 * potential (Millar's content, Phil. Mag. 42 (1951) 1150); a step that overshoots it is cut back to where the potential
 * along the step is least, so that it can neither cycle nor run away. Changes `v`.
 * @returns whether it came to rest
 */
const relax = (c: Circuit, v: Float64Array, given: readonly number[] | null): boolean => {
  imbalance(c, v, c.residualA, given)
  for (let n = 0; n < MOST_STEPS; n++) {
    const before = largest(c.residualA)
    if (!newtonStep(c, v, given)) return false
    const step = largest(c.stepV)
    if (!Number.isFinite(step)) return false
    const slope0 = dot(c.residualA, c.stepV)
    for (let k = 0; k < c.size; k++) c.trialV[k] = v[k]! + c.stepV[k]!
    imbalance(c, c.trialV, c.residualA, given)
    if (step > STILL_V && n > 0) {
      const slope1 = dot(c.residualA, c.stepV)
      const overshoots = slope1 < -1e-6 * slope0 && slope0 > 0 && largest(c.residualA) > 1e-7
      if (overshoots) {
        const share = shareOfStep(c, v, slope0, slope1, given)
        for (let k = 0; k < c.size; k++) c.trialV[k] = v[k]! + share * c.stepV[k]!
        imbalance(c, c.trialV, c.residualA, given)
      }
    }
    v.set(c.trialV)
    if (step <= STILL_V && (largest(c.residualA) <= Math.max(1e-6, before) || n > 20)) return true
  }
  return false
}

/** Sensed sources by turns, each by bisection of what it would give against what it gives. */
const bySources = (c: Circuit, v: Float64Array): boolean => {
  const given = c.sensed.map((s) => sensedA(s, sensedV(s, v)))
  for (let round = 0; round < 100; round++) {
    let moved = 0
    for (let i = 0; i < c.sensed.length; i++) {
      const s = c.sensed[i]!
      if (!s.there) continue
      const wanted = (current: number): number => {
        given[i] = current
        relax(c, v, given)
        return sensedA(s, sensedV(s, v)) - current
      }
      const was = given[i]!
      let [low, high] = [0, s.limitA]
      if (wanted(low) <= 0) high = 0
      else if (wanted(high) >= 0) low = high
      for (let n = 0; n < 80 && high - low > 1e-12 * high; n++) {
        const middle = (low + high) / 2
        if (wanted(middle) > 0) low = middle
        else high = middle
      }
      given[i] = high
      moved = Math.max(moved, Math.abs(high - was))
    }
    relax(c, v, given)
    if (moved < 1e-9) return true
  }
  return false
}

/**
 * Voltages of a circuit whose elements grow with their voltages, from those in `v` on; changes `v`.
 * @returns whether it came to rest
 */
export const solveCircuit = (c: Circuit, v: Float64Array): boolean =>
  relax(c, v, null) || (c.sensed.length > 0 && bySources(c, v))

/** Largest imbalance of any node by the laws as they stand, A. */
export const imbalanceA = (c: Circuit, v: Float64Array): number => {
  imbalance(c, v, c.residualA, null)
  return largest(c.residualA)
}

/** A step of a trace comes to rest below this, V: the next one would be a hundredth of it. */
const STEP_STILL_V = 1e-6
const MOST_TRACE_STEPS = 25
/** Slopes that have changed by less are left as they were: the steps shrink to this share of the one before. */
const KEEP_SLOPES = 0.01

/**
 * The next instant of a circuit whose elements have changed a little, loads of constant power by their true law: Newton's
 * method from where it stood. Changes `v`. False where it comes to no rest: the high root is gone, start anew.
 */
export const followCircuit = (c: Circuit, v: Float64Array): boolean => {
  for (let n = 0; n < MOST_TRACE_STEPS; n++) {
    imbalance(c, v, c.residualA, null)
    if (!newtonStep(c, v, null, KEEP_SLOPES)) return false
    let most = 0
    for (let k = 0; k < c.size; k++) {
      const step = c.stepV[k]!
      v[k]! += step
      const size = step < 0 ? -step : step
      if (!(size <= most)) most = size
    }
    if (most <= STEP_STILL_V) return true
    if (!(most < 1e6)) return false
  }
  return false
}
