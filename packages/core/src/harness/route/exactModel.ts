import type { RouteProblem } from './routeProblem.ts'

/** A mixed-integer program in the LP format of solvers, and how its answer is read. */
export interface ExactModel {
  readonly text: string
  /** Minutes that are in no term of the program. */
  readonly constant: number
  /** Ways by run, from the values of the program's variables; null where the run has none. */
  readonly read: (values: (variable: string) => number) => (readonly number[] | null)[]
}

const num = (x: number): string => {
  const text = String(x)
  return text.startsWith('-') ? `- ${text.slice(1)}` : `+ ${text}`
}
const sum = (terms: readonly (readonly [number, string])[]): string =>
  terms
    .filter(([f]) => f !== 0)
    .map(([f, v]) => `${num(f)} ${v}`)
    .join(' ')

/**
 * The case with the control unit at one candidate as a mixed-integer program: x says which run goes along a corridor
 * (f: from its first place to its second, b: back), y which bundle is there, w which kit lead is lengthened. Every rule
 * is kept; with `elastic` a variable z pays for each broken rule instead, and only their number counts.
 * Null where a run has no way, or (not elastic) none that keeps its own rules.
 */
export const exactModel = (problem: RouteProblem, candidate: number, elastic = false): ExactModel | null => {
  const { runs, corridors, places, a, b } = problem
  const { rates } = problem.input
  const endOf = (place: number): number =>
    place >= 0 ? place : problem.placeOf.get(problem.candidates[candidate]!.place)!
  const objective: [number, string][] = []
  const rules: string[] = []
  const binary: string[] = []
  const pay = (minutes: number, variable: string): void => {
    if (!elastic) objective.push([minutes, variable])
  }
  const breaks = (variable: string, count = 1): void => {
    objective.push([count, variable])
    binary.push(variable)
  }
  const largeM2 = runs.reduce((all, run) => all + run.areaM2, 0)
  let constant = problem.candidates[candidate]?.minutes ?? 0
  const users: [number, string][][] = Array.from({ length: corridors }, () => [])
  const bundles = new Map<string, string[]>()

  for (const [r, run] of runs.entries()) {
    constant += run.fixed
    const from = endOf(run.from)
    const to = endOf(run.to)
    if (from === to) {
      if (run.kits.length > 0) constant += run.kits.reduce((all, kit) => all + foldedMinutes(problem, kit), 0)
      continue
    }
    const may = (e: number): boolean => (elastic ? run.may === null || run.may[e] === 1 : run.clean[e] === 1)
    if (!reaches(problem, from, to, may)) return null
    const flow: [number, string][][] = places.map(() => [])
    for (let e = 0; e < corridors; e++) {
      if (!may(e)) continue
      const f = `x${r}f${e}`
      const back = `x${r}b${e}`
      binary.push(f, back)
      pay(run.own[e]!, f)
      pay(run.own[e]!, back)
      flow[a[e]!]!.push([1, f], [-1, back])
      flow[b[e]!]!.push([-1, f], [1, back])
      users[e]!.push([run.areaM2, f], [run.areaM2, back])
      for (const c of run.classes) {
        const y = `y${c}c${e}`
        rules.push(`${f} + ${back} - ${y} <= 0`)
        bundles.set(`${c} ${e}`, [y])
      }
      run.bans.forEach((ban, n) => {
        if (ban.corridors[e]) rules.push(`${f} + ${back} - z${r}ban${n} <= 0`)
      })
    }
    run.through.forEach((e, n) => {
      if (!may(e)) return
      const taken = `x${r}f${e} + x${r}b${e}`
      if (elastic) breaks(`z${r}through${n}`)
      rules.push(elastic ? `${taken} + z${r}through${n} >= 1` : `${taken} >= 1`)
    })
    if (elastic) run.bans.forEach((ban, n) => breaks(`z${r}ban${n}`, ban.rules))
    for (let place = 0; place < places.length; place++) {
      if (flow[place]!.length === 0) continue
      rules.push(`${sum(flow[place]!)} = ${place === from ? 1 : place === to ? -1 : 0}`)
    }
    const along = (of: Float64Array): [number, string][] =>
      Array.from({ length: corridors }, (_, e) => e)
        .filter((e) => may(e) && of[e]! !== 0)
        .flatMap((e) => [
          [of[e]!, `x${r}f${e}`],
          [of[e]!, `x${r}b${e}`],
        ])
    run.limits.forEach((limit, n) => {
      const terms = along(limit.of === 'length' ? problem.lengthM : problem.noise)
      if (terms.length === 0 && limit.limit >= 0) return
      const all = terms.reduce((most, [f]) => most + f, 0)
      if (elastic) {
        breaks(`z${r}limit${n}`)
        rules.push(`${sum([...terms, [-(all + Math.abs(limit.limit) + 1), `z${r}limit${n}`]])} <= ${limit.limit}`)
      } else rules.push(`${sum(terms) || `0 x${r}f0`} <= ${limit.limit}`)
    })
    run.kits.forEach((kit, n) => {
      if (elastic) return
      const wire = along(problem.lengthM).map(([f, v]): [number, string] => [(1 + problem.share) * f, v])
      const short = `s${r}k${n}`
      const folded = `t${r}k${n}`
      pay(rates.wire, short)
      pay(rates.fold, folded)
      rules.push(`${sum([...wire, [-1, short]])} <= ${kit.reachM - kit.baseM}`)
      rules.push(`${sum([...wire, [1, folded]])} >= ${kit.reachM - kit.baseM}`)
      if (kit.extendMinutes !== null) {
        const w = `w${r}k${n}`
        binary.push(w)
        pay(kit.extendMinutes, w)
        const all = wire.reduce((most, [f]) => most + f, 0)
        rules.push(`${sum([...wire, [-all - kit.baseM, w]])} <= ${kit.reachM * (1 + 1e-9) - kit.baseM}`)
      }
    })
  }
  for (const [key, [y]] of bundles) {
    const e = Number(key.split(' ')[1])
    binary.push(y!)
    pay(problem.open[e]!, y!)
  }
  for (let e = 0; e < corridors; e++) {
    for (const [name, cap] of [
      ['hole', problem.holeM2[e]!],
      ['area', problem.areaM2[e]!],
    ] as const) {
      if (cap === Infinity || users[e]!.length === 0) continue
      const scaled = users[e]!.map(([f, v]): [number, string] => [f / cap, v])
      if (elastic) {
        breaks(`z${name}${e}`)
        rules.push(`${sum([...scaled, [-largeM2 / cap - 1, `z${name}${e}`]])} <= 1`)
      } else rules.push(`${sum(scaled)} <= 1`)
    }
    if (problem.apart[e]) continue
    let paid = false
    problem.classes.forEach((_, one) => {
      for (const other of problem.foes[one]!) {
        if (other < one || !bundles.has(`${one} ${e}`) || !bundles.has(`${other} ${e}`)) continue
        if (elastic && !paid) breaks(`zsep${e}`)
        paid = true
        rules.push(`y${one}c${e} + y${other}c${e}${elastic ? ` - zsep${e}` : ''} <= 1`)
      }
    })
  }
  const wrap = (text: string): string => text.replace(/(.{200,400}?) (?=[+-] )/g, '$1\n ')
  const text = [
    'Minimize',
    ` obj: ${wrap(sum(objective) || '0 nothing')}`,
    'Subject To',
    ...rules.map((rule, n) => ` r${n}: ${wrap(rule)}`),
    'Binary',
    ...binary.map((v) => ` ${v}`),
    'End',
    '',
  ].join('\n')

  return {
    text,
    constant,
    read: (values) =>
      runs.map((run, r) => {
        const way: number[] = []
        const to = endOf(run.to)
        const used = new Set<number>()
        for (let place = endOf(run.from); place !== to;) {
          let next = -1
          for (let n = problem.firstAt[place]!; n < problem.firstAt[place + 1]!; n++) {
            const e = problem.at[n]!
            const forth = a[e] === place
            if (!used.has(e) && values(`x${r}${forth ? 'f' : 'b'}${e}`) > 0.5) {
              next = e
              break
            }
          }
          if (next < 0) return null
          used.add(next)
          way.push(next)
          place = a[next] === place ? b[next]! : a[next]!
        }
        return way
      }),
  }
}

/** Whether corridors that may be taken lead from one place to another. */
const reaches = (problem: RouteProblem, from: number, to: number, may: (e: number) => boolean): boolean => {
  const seen = new Set([from])
  const open = [from]
  for (let place = open.pop(); place !== undefined; place = open.pop()) {
    for (let n = problem.firstAt[place]!; n < problem.firstAt[place + 1]!; n++) {
      const e = problem.at[n]!
      const next = problem.a[e] === place ? problem.b[e]! : problem.a[e]!
      if (!may(e) || seen.has(next)) continue
      seen.add(next)
      open.push(next)
    }
  }
  return seen.has(to)
}

const foldedMinutes = (problem: RouteProblem, kit: RouteProblem['runs'][number]['kits'][number]): number => {
  const { rates } = problem.input
  return kit.baseM <= kit.reachM
    ? rates.fold * (kit.reachM - kit.baseM)
    : rates.wire * (kit.baseM - kit.reachM) + (kit.extendMinutes ?? 0)
}
