import { collectWorking, type Trace, type Working } from '../../verdict/index.ts'
import type { HarnessCase } from './harnessCase.ts'
import { wholeCorridor } from './planOfJob.ts'
import { SLACK } from './routeCaseOfJob.ts'

export const HARNESS_WORKINGS = ['hole-fill', 'cut-length', 'loom-cost'] as const
export type HarnessWorkingId = (typeof HARNESS_WORKINGS)[number]
const TITLES: Readonly<Record<HarnessWorkingId, string>> = {
  'hole-fill': 'Fill of the fullest pass-through',
  'cut-length': 'Cut length of the longest wire',
  'loom-cost': 'Work of the loom',
}

const traceFill = (c: HarnessCase, trace: Trace): void => {
  const a = c.accepted!
  const holes = a.input.corridors.flatMap((e) => {
    const fill = a.route.fills.find((f) => f.corridor === e.id)
    return e.hole && fill ? [{ e, hole: e.hole, ...fill }] : []
  })
  const fullest = holes.sort((x, y) => y.takenM2 / y.allowedM2 - x.takenM2 / x.allowedM2)[0]
  if (!fullest) return
  const takenM = c.plan.corridors.find((x) => x.id === wholeCorridor(fullest.e.id))!.takenM
  trace.step({
    symbol: 'A',
    meaning: 'area that wires may take',
    formula: 'f * 0.785398163397 * d * d - 0.785398163397 * t * t',
    inputs: {
      f: { value: 0.45, unit: '' },
      d: { value: fullest.hole.boreM, unit: 'm' },
      t: { value: takenM, unit: 'm' },
    },
    result: fullest.allowedM2,
    unit: 'm²',
    source: 'wires take at most 45 % of the bore: trade practice; t is the bundle already in it',
  })
  trace.step({
    symbol: 'q',
    meaning: 'fill',
    formula: 'S / A',
    inputs: { S: { value: fullest.takenM2, unit: 'm²' }, A: { value: fullest.allowedM2, unit: 'm²' } },
    result: fullest.takenM2 / fullest.allowedM2,
    unit: '',
    source: 'areas over the insulation of every wire that goes through',
  })
}

const traceLength = (c: HarnessCase, trace: Trace): void => {
  const a = c.accepted!
  // Of a net the splice is staggered along the loom: its wires are longer or shorter by that.
  const whole = a.route.routes.filter((r) => (a.circuits.get(r.id)?.net ?? null) === null)
  const longest = (whole.length > 0 ? whole : a.route.routes).reduce((x, y) =>
    (y.wireM ?? 0) > (x.wireM ?? 0) ? y : x,
  )
  const circuit = a.input.circuits.find((x) => x.id === longest.id)!
  if (longest.wireM === null || longest.pathM === null) return
  trace.step({
    symbol: 'W',
    meaning: `cut length of “${a.circuits.get(longest.id)!.name}”`,
    formula: '(1 + s) * (P + a + b) + 2 * e',
    inputs: {
      s: { value: SLACK.share, unit: '' },
      P: { value: longest.pathM, unit: 'm' },
      a: { value: circuit.leadFromM ?? 0, unit: 'm' },
      b: { value: circuit.leadToM ?? 0, unit: 'm' },
      e: { value: SLACK.perEndM, unit: 'm' },
    },
    result: longest.wireM,
    unit: 'm',
    source: 'way along the corridors, both leads; 3 to 5 % and 50 to 150 mm an end: trade practice',
  })
}

const traceCost = (c: HarnessCase, trace: Trace): void => {
  const { cost } = c.accepted!.route
  const { total, ...shares } = cost
  const letters = Object.keys(shares)
  trace.step({
    symbol: 'M',
    meaning: 'minutes of work',
    formula: letters.join(' + '),
    inputs: Object.fromEntries(Object.entries(shares).map(([name, value]) => [name, { value, unit: 'min' }])),
    result: total,
    unit: 'min',
    source: 'minutes of a practised hand: rule of thumb',
  })
}

/** How a figure of the accepted loom came about; without steps before one is accepted. */
export const harnessWorking = (c: HarnessCase, id: HarnessWorkingId): Working =>
  collectWorking(TITLES[id], (trace) => {
    if (c.accepted === null) return
    if (id === 'hole-fill') traceFill(c, trace)
    else if (id === 'cut-length') traceLength(c, trace)
    else traceCost(c, trace)
  })
