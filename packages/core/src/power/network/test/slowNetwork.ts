import type { LoadPart, NetworkCase, NetworkMoment, RelayPart, SourcePart } from '../networkCase.ts'

/**
 * The contract once more, plainly: dense matrix with pivoting, slopes by differences, a start far off, the rounds of the
 * constant-power loads as they are written. Slow, and with none of the solver's code, for comparison.
 */
interface Element {
  readonly from: string
  readonly to: string
  readonly amps: (v: (node: string) => number) => number
}

const lerp = (table: readonly (readonly [number, number])[], x: number): number => {
  const inside = table.findIndex(([t]) => t >= x)
  if (inside < 0) return table.at(-1)![1]
  if (inside === 0) return table[0]![1]
  const [[x0, y0], [x1, y1]] = [table[inside - 1]!, table[inside]!]
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0)
}

const loadAmps = (l: LoadPart, powerAt: number | null): ((u: number) => number) => {
  switch (l.kind) {
    case 'resistance':
      return (u) => ((l.duty ?? 1) * u) / l.ohm
    case 'current': {
      const least = l.leastV ?? 1
      return (u) => (u >= least ? l.currentA : (l.currentA * u) / least)
    }
    case 'power': {
      const least = l.leastV ?? 6
      if (powerAt === null) return () => 0
      return (u) => {
        const below = (l.powerW * u) / (least * least)
        return powerAt < least ? below : Math.min(l.powerW / powerAt, below)
      }
    }
    case 'lamp': {
      const cold = (u: number) => (u * (l.coldRatio ?? 12) * l.ratedW) / l.ratedV ** 2
      const hot = (u: number) => (l.ratedW / l.ratedV) * (u / l.ratedV) ** (l.exponent ?? 0.55)
      return (u) =>
        Math.sign(u) * (l.filament === 'cold' ? cold(Math.abs(u)) : Math.min(cold(Math.abs(u)), hot(Math.abs(u))))
    }
    case 'motor': {
      const ra = l.ratedV / l.stallA
      const er = l.ratedV - ra * l.runA
      const speed = l.speed ?? 'settled'
      if (speed !== 'settled') return (u) => (u - speed * er) / ra
      if (l.torque !== 'quadratic') return (u) => Math.sign(u) * Math.min(l.runA, Math.abs(u) / ra)
      return (u) => {
        let [low, high] = [0, 100]
        for (let i = 0; i < 200; i++) {
          const s = (low + high) / 2
          if (s * er + ra * l.runA * s * s < Math.abs(u)) low = s
          else high = s
        }
        return Math.sign(u) * l.runA * low * low
      }
    }
  }
}

const sourceAmps = (s: SourcePart, caseK: number): ((v: (node: string) => number) => number) => {
  const across = (v: (node: string) => number) => v(s.pos) - v(s.neg)
  if (s.kind === 'battery') {
    const [e, r] = [s.openCircuitV as number, s.resistanceOhm as number]
    const rc = (s.chargeOhm as number | undefined) ?? r
    return (v) => (across(v) <= e ? (e - across(v)) / r : (e - across(v)) / rc)
  }
  if (s.mode === 'off') return () => 0
  if (s.mode === 'dump') return (v) => Math.max(0, (s.dumpV! - across(v)) / s.dumpOhm!)
  const setV = s.setV + (s.setPerK ?? 0) * ((s.temperatureK ?? caseK) - 298.15)
  const limit = typeof s.limitA === 'number' ? s.limitA : lerp(s.limitA, s.speedRpm!)
  return (v) => Math.min(limit, Math.max(0, (setV - (v(s.sensePos ?? s.pos) - v(s.senseNeg ?? s.neg))) / s.droopOhm))
}

const elementsOf = (
  c: NetworkCase,
  states: ReadonlyMap<string, boolean>,
  powerAt: ReadonlyMap<string, number> | null,
): Element[] => {
  const k = c.temperatureK ?? 293.15
  const resistor = (from: string, to: string, ohm: number): Element => ({
    from,
    to,
    amps: (v) => (v(from) - v(to)) / Math.max(1e-6, ohm),
  })
  const rho = c.conductor?.resistivityOhmM ?? 1.7241e-8
  const alpha = c.conductor?.coefficientPerK ?? 0.00393
  const coil = (r: RelayPart) => 1 + 0.00393 * ((r.coilTemperatureK ?? k) - 293.15)
  return [
    ...(c.wires ?? []).map((w) => {
      const plain = w.sectionM2 ? (rho * w.lengthM!) / w.sectionM2 : (w.ohmPerM ?? 0) * (w.lengthM ?? 0)
      const warm = (plain * (1 + alpha * ((w.temperatureK ?? k) - 293.15))) / (w.parallel ?? 1)
      return resistor(w.from, w.to, (w.resistanceOhm ?? warm) + (w.contactOhm ?? 0))
    }),
    ...(c.contacts ?? []).flatMap((p) => (p.closed === false ? [] : [resistor(p.from, p.to, p.resistanceOhm)])),
    ...(c.fuses ?? []).flatMap((p) => (p.blown ? [] : [resistor(p.from, p.to, p.resistanceOhm)])),
    ...(c.sources ?? []).map((s): Element => {
      const out = sourceAmps(s, k)
      return { from: s.neg, to: s.pos, amps: out }
    }),
    ...(c.loads ?? []).flatMap((l): Element[] => {
      if (l.on === false) return []
      const law = loadAmps(l, powerAt?.get(l.id) ?? null)
      return [{ from: l.pos, to: l.neg, amps: (v) => law(v(l.pos) - v(l.neg)) }]
    }),
    ...(c.relays ?? []).flatMap((r) => [
      resistor(r.coilPos, r.coilNeg, r.coilOhm * coil(r)),
      ...(states.get(r.id)
        ? r.make === undefined
          ? []
          : [resistor(r.common, r.make, r.contactOhm ?? 0)]
        : r.break === undefined
          ? []
          : [resistor(r.common, r.break, r.contactOhm ?? 0)]),
    ]),
    ...(c.diodes ?? []).map((d): Element => ({
      from: d.anode,
      to: d.cathode,
      amps: (v) => {
        const u = v(d.anode) - v(d.cathode)
        if (u > d.forwardV) return (u - d.forwardV) / d.resistanceOhm
        return d.clampV !== undefined && u < -d.clampV ? (u + d.clampV) / d.resistanceOhm : 0
      },
    })),
  ]
}

const gauss = (m: number[][], rhs: number[]): number[] => {
  const n = rhs.length
  const a = m.map((row, i) => [...row, rhs[i]!])
  for (let k = 0; k < n; k++) {
    let p = k
    for (let i = k; i < n; i++) if (Math.abs(a[i]![k]!) > Math.abs(a[p]![k]!)) p = i
    ;[a[k], a[p]] = [a[p]!, a[k]!]
    for (let i = k + 1; i < n; i++) {
      const f = a[i]![k]! / a[k]![k]!
      for (let j = k; j <= n; j++) a[i]![j]! -= f * a[k]![j]!
    }
  }
  const x = rhs.map(() => 0)
  for (let k = n - 1; k >= 0; k--) {
    let sum = a[k]![n]!
    for (let j = k + 1; j < n; j++) sum -= a[k]![j]! * x[j]!
    x[k] = sum / a[k]![k]!
  }
  return x
}

/** Node voltages, from 30 V everywhere; sources brought up in steps. */
const relaxed = (nodes: readonly string[], elements: readonly Element[]): Map<string, number> => {
  const n = nodes.length
  const missing = (x: readonly number[]): number[] => {
    const v = (node: string) => {
      const i = nodes.indexOf(node)
      return i < 0 ? 0 : x[i]!
    }
    const out = x.map((u) => -1e-9 * u)
    for (const e of elements) {
      const amps = e.amps(v)
      const [i, j] = [nodes.indexOf(e.from), nodes.indexOf(e.to)]
      if (i >= 0) out[i]! -= amps
      if (j >= 0) out[j]! += amps
    }
    return out
  }
  const norm = (r: readonly number[]) => Math.sqrt(r.reduce((s, x) => s + x * x, 0))
  let x = nodes.map((_, i) => 30 - i * 0.37)
  let r = missing(x)
  for (let round = 0; round < 400; round++) {
    const h = 1e-7
    const columns = nodes.map((_, j) => {
      const up = missing(x.map((u, i) => (i === j ? u + h : u)))
      const down = missing(x.map((u, i) => (i === j ? u - h : u)))
      return up.map((a, i) => -(a - down[i]!) / (2 * h))
    })
    const jacobian = Array.from({ length: n }, (_, i) => columns.map((col, j) => col[i]! + (i === j ? 1e-10 : 0)))
    const step = gauss(jacobian, r)
    let share = 1
    let [next, nextR] = [x, r]
    for (let cut = 0; cut < 40; cut++) {
      next = x.map((u, i) => u + share * step[i]!)
      nextR = missing(next)
      if (norm(nextR) < norm(r) * (1 - 1e-4 * share) || norm(nextR) < 1e-9) break
      share /= 2
    }
    const moved = Math.max(0, ...next.map((u, i) => Math.abs(u - x[i]!)))
    x = next
    r = nextR
    if (moved < 1e-10 && norm(r) < 1e-7) break
  }
  return new Map(nodes.map((node, i) => [node, x[i]!]))
}

export interface SlowMoment {
  readonly nodesV: ReadonlyMap<string, number>
  readonly collapsed: readonly string[]
  readonly chattering: readonly string[]
  readonly energised: ReadonlyMap<string, boolean>
}

const powered = (c: NetworkCase, nodes: readonly string[], states: ReadonlyMap<string, boolean>) => {
  const powers = (c.loads ?? []).filter((l) => l.kind === 'power' && l.on !== false)
  const voltsOf = (v: ReadonlyMap<string, number>) =>
    new Map(powers.map((l) => [l.id, (v.get(l.pos) ?? 0) - (v.get(l.neg) ?? 0)]))
  let v = relaxed(nodes, elementsOf(c, states, null))
  const unloaded = voltsOf(v)
  let u = unloaded
  for (let round = 0; round < 20_000 && powers.length > 0; round++) {
    v = relaxed(nodes, elementsOf(c, states, u))
    const next = voltsOf(v)
    const moved = Math.max(...[...next].map(([id, x]) => Math.abs(x - u.get(id)!)))
    u = next
    if (moved < 1e-10) break
  }
  const least = (id: string) => powers.find((l) => l.id === id)!.leastV ?? 6
  return {
    v,
    collapsed: [...u].flatMap(([id, x]) => (x < least(id) && unloaded.get(id)! >= least(id) ? [id] : [])).sort(),
  }
}

export const slowNetwork = (c: NetworkCase): SlowMoment[] => {
  let states = new Map((c.relays ?? []).map((r) => [r.id, r.energised ?? false]))
  return (c.moments ?? [{ id: 'now' } as NetworkMoment]).map((m) => {
    const change = <P extends { readonly id: string }>(list: readonly P[] | undefined): P[] =>
      (list ?? []).map((p) => Object.assign({}, p, ...(m.changes ?? []).filter((x) => x.id === p.id)) as P)
    const at: NetworkCase = {
      ...c,
      wires: change(c.wires),
      contacts: change(c.contacts),
      fuses: change(c.fuses),
      sources: change(c.sources),
      loads: change(c.loads),
      relays: change(c.relays),
      diodes: change(c.diodes),
    }
    const nodes = [
      ...new Set(
        [
          ...at.wires!,
          ...at.contacts!,
          ...at.fuses!,
          ...at.sources!,
          ...at.loads!,
          ...at.relays!,
          ...at.diodes!,
        ].flatMap((p) =>
          Object.entries(p).flatMap(([field, x]) =>
            /^(from|to|pos|neg|sensePos|senseNeg|coilPos|coilNeg|common|make|break|anode|cathode)$/.test(field)
              ? [x as string]
              : [],
          ),
        ),
      ),
    ].filter((x) => x !== c.reference)
    const seen: string[] = []
    const kept: Map<string, boolean>[] = []
    for (;;) {
      const { v, collapsed } = powered(at, nodes, states)
      const key = JSON.stringify([...states])
      seen.push(key)
      kept.push(states)
      const next = new Map(
        at.relays!.map((r) => {
          const f = 1 + 0.00393 * ((r.coilTemperatureK ?? c.temperatureK ?? 293.15) - 293.15)
          const u = Math.abs((v.get(r.coilPos) ?? 0) - (v.get(r.coilNeg) ?? 0))
          return [r.id, u >= r.pullInV * f ? true : u < r.dropOutV * f ? false : states.get(r.id)!]
        }),
      )
      if (JSON.stringify([...next]) === key) return { nodesV: v, collapsed, chattering: [], energised: states }
      const back = seen.indexOf(JSON.stringify([...next]))
      if (back < 0) {
        states = next
        continue
      }
      const circle = kept.slice(back)
      const chattering = [...states.keys()].filter((id) => circle.some((s) => s.get(id) !== circle[0]!.get(id))).sort()
      states = new Map([...states].map(([id, on]) => [id, chattering.includes(id) ? false : on]))
      const last = powered(at, nodes, states)
      return { nodesV: last.v, collapsed: last.collapsed, chattering, energised: states }
    }
  })
}
