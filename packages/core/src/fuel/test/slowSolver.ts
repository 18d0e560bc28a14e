import type { FuelCircuit, Line, LinePiece, Loss } from '../circuitTypes.ts'

/**
 * The same circuit solved another way, slowly and plainly: bisection on the pressure at the regulated point, with flows
 * found by inner bisections, its own friction by fixed point, its own pump interpolation. Shares no code with the
 * solver. Gives state, regulated pressure, rail and flows; a rail at or below zero is only named.
 */
export const slowSolve = (c: FuelCircuit) => {
  const rho = c.fluid.densityKgM3
  const column = (l: Line) => rho * 9.80665 * l.riseM
  const tank = c.tankPressurePa ?? 0
  const single = c.regulator.type === 'single-line'
  const set = c.regulator.setPressurePa + (c.regulator.referencePa ?? 0)
  const slope = c.regulator.slopePaPerM3S ?? 0
  const after = c.filter?.position === 'after-regulator'

  const pipe = (l: Line, q: number): number => [l, ...(l.then ?? [])].reduce((sum, piece) => sum + onePipe(piece, q), 0)
  const onePipe = (l: LinePiece, q: number): number => {
    if (q <= 0) return 0
    const v = q / ((Math.PI / 4) * l.boreM ** 2)
    const re = (v * l.boreM) / c.fluid.kinematicViscosityM2S
    return ((friction(re, l.roughnessM / l.boreM) * l.lengthM) / l.boreM + l.minorK) * 0.5 * rho * v ** 2
  }
  const loss = (e: Loss | null, q: number): number => {
    if (!e || q <= 0) return 0
    const a = e.linearShare ?? 0
    return a * e.dropPa * (q / e.flowM3S) + (1 - a) * e.dropPa * (q / e.flowM3S) ** 2
  }
  const supplied = (q: number): number =>
    tank +
    rise(c.pump.curve, q) -
    loss(c.strainer, q) -
    (c.suction ? pipe(c.suction, q) : 0) -
    (after ? 0 : loss(c.filter, q)) -
    (single ? 0 : pipe(c.feed, q) + column(c.feed))
  const kept = (r: number): number =>
    Math.max(
      set,
      tank +
        (c.return ? pipe(c.return, r) + (single ? 0 : column(c.return)) : 0) +
        (c.regulator.fullOpen ? loss({ ...c.regulator.fullOpen, linearShare: 0 }, r) : 0),
    ) +
    slope * r
  /** Largest x in 0..high at which a rising function stays at or below a target. */
  const upTo = (f: (x: number) => number, target: number, high: number): number => {
    let a = 0
    let b = high
    for (let i = 0; i < 64; i++) {
      const m = (a + b) / 2
      if (f(m) <= target) a = m
      else b = m
    }
    return a
  }
  const most = 0.01
  const railOf = (p: number) =>
    single ? p - (after ? loss(c.filter, c.demandM3S) : 0) - pipe(c.feed, c.demandM3S) - column(c.feed) : p
  const answer = (state: string, regulatedPa: number, pumpFlowM3S: number) => ({
    state: railOf(regulatedPa) <= 0 ? 'starved' : state,
    regulatedPa,
    railPa: railOf(regulatedPa),
    pumpFlowM3S,
  })
  const shut = supplied(c.demandM3S)
  if (shut < set) return answer('not-held', shut, c.demandM3S)
  if (shut <= kept(0)) return answer(shut > set ? 'lifted' : 'in-control', shut, c.demandM3S)
  // Pressure at which what the pump brings and what demand and regulator take are equal.
  let low = set
  let high = shut
  for (let i = 0; i < 64; i++) {
    const p = (low + high) / 2
    const pumped = upTo((q) => -supplied(q), -p, most)
    const returned = upTo(kept, p, most)
    if (pumped > c.demandM3S + returned) low = p
    else high = p
  }
  const regulated = (low + high) / 2
  const pumped = upTo((q) => -supplied(q), -regulated, most)
  return answer(
    kept(pumped - c.demandM3S) - slope * (pumped - c.demandM3S) > set * (1 + 1e-9) ? 'lifted' : 'in-control',
    regulated,
    pumped,
  )
}

const rise = (curve: FuelCircuit['pump']['curve'], q: number): number => {
  const pieces = curve.slice(1).map((to, i) => ({ from: curve[i]!, to }))
  const piece = pieces.find((p) => q >= p.to.flowM3S) ?? pieces[pieces.length - 1]!
  const share = (q - piece.from.flowM3S) / (piece.to.flowM3S - piece.from.flowM3S)
  return piece.from.pressurePa + share * (piece.to.pressurePa - piece.from.pressurePa)
}

const colebrook = (re: number, k: number): number => {
  let f = 0.03
  for (let i = 0; i < 24; i++) f = (-2 * Math.log10(k / 3.7 + 2.51 / (re * Math.sqrt(f)))) ** -2
  return f
}

const friction = (re: number, k: number): number => {
  if (re <= 2000) return 64 / re
  if (re >= 4000) return colebrook(re, k)
  const h = 1e-3
  const slope = (colebrook(4000 + h, k) - colebrook(4000 - h, k)) / (2 * h)
  // Cubic a + b x + c x² + d x³ over x = (Re - 2000)/2000 with value and slope at both ends.
  const [p0, p1, m0, m1] = [0.032, colebrook(4000, k), -0.032, slope * 2000]
  const x = (re - 2000) / 2000
  return p0 + m0 * x + (3 * (p1 - p0) - 2 * m0 - m1) * x ** 2 + (2 * (p0 - p1) + m0 + m1) * x ** 3
}
