import { grommetFor, leastBoreM, type BrokenRule } from '../../harness/index.ts'
import { CLASS_WORDS } from '../../meaning/index.ts'
import type { WireClass } from '../../sections/index.ts'
import { fig, plain, say, type Sentence } from '../../verdict/index.ts'
import { counted } from '../../words/index.ts'
import type { Accepted } from './acceptedLoom.ts'
import { comingBack } from './comingBack.ts'
import type { HarnessCorridor } from '../../sections/index.ts'
import { onEstimates } from './onEstimates.ts'
import type { HarnessCase, HarnessVerdict } from './harnessCase.ts'
import { wholeCorridor } from './planOfJob.ts'

const MOST_NAMED = 3
const listed = (names: readonly string[]): string =>
  names.length <= MOST_NAMED
    ? names.join(', ')
    : `${names.slice(0, MOST_NAMED).join(', ')} and ${names.length - MOST_NAMED} more`

/** Whether a loom was accepted, and whether it still fits. */
export const judgeFits = (c: HarnessCase): HarnessVerdict | null => {
  if (c.plan.template === null || !c.systemChosen) return null
  const base = { ...plain, id: 'loom', source: 'the accepted loom against the plan' }
  const a = c.accepted
  if (a === null)
    return {
      ...base,
      title: 'No loom accepted',
      state: 'unknown',
      next: say`Look at the loom that is offered on tab “Routes”, and accept it`,
      reason: say`Lengths and sizes are estimates until then, at every station.`,
    }
  const wrong = [
    ...(a.placeGone ? ['its ECU place is none of the candidates any more'] : []),
    ...(a.missing.length > 0 ? [`${counted(a.missing.length, 'wire')} missing: ${listed(a.missing.map((x) => x.name))}`] : []),
    ...(a.torn.length > 0 ? [`${counted(a.torn.length, 'wire')} with no way from end to end: ${listed(a.torn.map((x) => x.name))}`] : []),
  ] // prettier-ignore
  if (wrong.length > 0)
    return {
      ...base,
      title: 'Loom no longer fits the car',
      state: 'stop',
      next: say`Accept the loom that is offered now on tab “Routes”`,
      reason: say`${wrong.join('; ')}.`,
    }
  const [first] = a.lengths
  if (first)
    return {
      ...base,
      title: 'Cut lengths are no longer right',
      state: 'caution',
      figureName: 'wires',
      figure: fig(a.lengths.length, 'count'),
      next: say`Accept the loom anew before anything is cut`,
      reason: say`${first.circuit.name} was accepted at ${fig(first.wasM, 'distance', 2)} and needs ${fig(first.isM, 'distance', 2)} now.`,
    }
  const extra = a.spare.length > 0 ? ` ${counted(a.spare.length, 'wire')} of it not needed any more.` : ''
  return {
    ...base,
    title: 'Loom fits the car',
    state: 'ok',
    figureName: 'work',
    figure: fig(a.route.cost.total * 60, 'work', 1),
    workings: ['loom-cost', 'cut-length'],
    reason: say`${counted(a.route.routes.length, 'wire')}, ECU: ${a.placeName}.${extra}`,
  }
}

const broken = (a: Accepted, constraint: BrokenRule['constraint']): string[] =>
  a.route.broken.filter((b) => b.constraint === constraint).map((b) => b.id)
const wireNames = (a: Accepted, ids: readonly string[]): string =>
  listed(ids.map((id) => a.circuits.get(id)?.name ?? id))
const corridorName = (c: HarnessCase, id: string): string =>
  c.plan.corridors.find((x) => x.id === wholeCorridor(id))?.name ?? id

/** Pass-throughs against what goes through them: the fullest first. */
export const judgeHoles = (c: HarnessCase): HarnessVerdict | null => {
  const { accepted: a } = c
  if (!a) return null
  const holes = a.input.corridors.flatMap((e) => {
    const fill = a.route.fills.find((f) => f.corridor === e.id)
    return e.hole && fill && fill.takenM2 > 0 ? [{ e, ...fill, share: fill.takenM2 / fill.allowedM2 }] : []
  })
  const fullest = holes.sort((x, y) => y.share - x.share)[0]
  if (!fullest) return null
  const name = corridorName(c, fullest.e.id)
  const full = broken(a, 'hole').length > 0
  const taken = c.plan.corridors.find((x) => x.id === wholeCorridor(fullest.e.id))?.takenM ?? 0
  const needed = grommetFor(leastBoreM(fullest.takenM2 + (Math.PI / 4) * taken ** 2))
  return {
    ...plain,
    id: 'hole',
    title: full ? `${name} is too full` : 'Pass-throughs take their wires',
    state: full ? 'stop' : 'ok',
    figureName: 'fill',
    figure: fig(fullest.share, 'share'),
    limitName: 'at most',
    limit: fig(1, 'share'),
    margin: fig(1 - fullest.share, 'share'),
    next: needed === null ? say`Drill another hole, or take wires the other way` : say`Fit a grommet with ${fig(needed, 'bore', 0)} bore in it, or take wires the other way`,
    reason: say`${full ? 'Fill' : `Fullest: ${name}; fill`} is what the wires take of the 45 % of the bore that they may take, less what goes through it already.${onEstimates(c, 'boreM', 'holes')}`,
    source: 'wire area at most 45 % of the bore: trade practice',
    workings: ['hole-fill'],
  } // prettier-ignore
}

interface Rule {
  readonly id: string
  readonly constraint: BrokenRule['constraint']
  readonly bad: string
  readonly good: string
  readonly next: Sentence
  readonly why: string
  readonly source: string
  /** What of a corridor it looks at. */
  readonly looksAt?: keyof HarnessCorridor
}
const RULES: readonly Rule[] = [
  { id: 'room', constraint: 'area', bad: 'Bundle too thick for its corridor', good: 'Bundles fit their corridors', next: say`Take some wires another way, or make room`, why: 'The bundle is thicker than what goes in there.', source: 'bundle formula: rule of thumb', looksAt: 'roomM' },
  { id: 'heat', constraint: 'heat', bad: 'Wire too close to the exhaust', good: 'No wire hotter than its insulation bears', next: say`Take it another way, or shield the pipe there`, why: 'Insulation hardens and cracks above its class.', source: 'insulation class, from memory', looksAt: 'heat' },
  { id: 'motion', constraint: 'motion', bad: 'Wire crosses something that moves', good: 'No wire crosses what moves', next: say`Take it another way, or use flexible wire with a loop`, why: 'It is rubbed through or broken within a year.', source: 'trade practice', looksAt: 'moving' },
  { id: 'plug', constraint: 'plug', bad: 'Plug does not go through its hole', good: 'Every plug goes through its hole', next: say`Pull the pins and fit the plug afterwards, or widen the hole`, why: 'Its diagonal is larger than the bore.', source: 'bore against diagonal' },
  { id: 'reach', constraint: 'length', bad: 'Lead too short', good: 'Every lead reaches', next: say`Lengthen it, or move the ECU nearer`, why: 'Way, leads and slack together are longer than it may be.', source: 'string; 4 % and 0.1 m an end for slack: trade practice' },
  { id: 'locked', constraint: 'locked', bad: 'Wire does not keep to the rule laid down for it', good: 'Wires keep to the rules laid down for them', next: say`Accept the loom anew, or take the rule back`, why: 'Somebody has laid down a corridor for it, or ruled one out.', source: 'rules of tab “Routes”' },
] // prettier-ignore

export const judgeRules = (c: HarnessCase): HarnessVerdict[] => {
  const { accepted: a } = c
  if (!a) return []
  return RULES.flatMap((rule): HarnessVerdict[] => {
    const ids = broken(a, rule.constraint)
    if (rule.id === 'locked' && c.harness.stretches.length === 0) return []
    if ((rule.id === 'plug' || rule.id === 'reach') && c.harness.design.build !== 'kit') return []
    const who = rule.constraint === 'area' ? listed(ids.map((id) => corridorName(c, id))) : wireNames(a, ids)
    return [
      {
        ...plain,
        id: rule.id,
        title: ids.length > 0 ? rule.bad : rule.good,
        state: ids.length > 0 ? 'stop' : 'ok',
        figureName: rule.constraint === 'area' ? 'corridors' : 'wires',
        figure: ids.length > 0 ? fig(ids.length, 'count') : null,
        next: rule.next,
        reason:
          ids.length > 0
            ? say`${who}. ${rule.why}`
            : say`Checked along every way.${rule.looksAt ? onEstimates(c, rule.looksAt) : ''}`,
        source: rule.source,
      },
    ]
  })
}

/** Classes in one corridor, and what every clean wire picks up. */
export const judgeNoise = (c: HarnessCase): HarnessVerdict[] => {
  const { accepted: a } = c
  if (!a) return []
  const together = broken(a, 'separation')
  const practice = c.harness.design.separation === 'clean-from-dirty' ? 'clean and dirty never together' : 'by exposure'
  const [worst] = a.exposed
  const over = worst !== undefined && worst.total > worst.budget
  const from = (x: NonNullable<typeof worst>): string =>
    x.worst === null
      ? ''
      : x.worst.from === null
        ? 'what is beside the corridor'
        : CLASS_WORDS[x.worst.from as WireClass]
  return [
    {
      ...plain,
      id: 'classes',
      title: together.length > 0 ? 'Clean and dirty wires in one corridor' : 'Clean and dirty wires kept apart',
      state: together.length > 0 ? 'stop' : 'ok',
      next: say`Lay them a hand apart, or take one of them another way`,
      reason: together.length > 0 ? say`${listed(together.map((id) => corridorName(c, id)))}.` : say`By the practice “${practice}”.${onEstimates(c, 'apart')}`,
      source: 'trade practice',
    },
    ...(worst === undefined
      ? []
      : [
          {
            ...plain,
            id: 'exposure',
            title: over ? `${worst.circuit.name} picks up too much` : 'Pick-up within budget',
            state: over ? 'stop' : 'ok',
            figureName: 'exposure',
            figure: fig(worst.total, 'count', 1),
            limitName: 'budget',
            limit: fig(worst.budget, 'count', 1),
            margin: fig(worst.budget - worst.total, 'count', 1),
            next: say`Take it another way, or twist and shield it`,
            reason: say`${over ? 'Most' : `Highest: ${worst.circuit.name}, most`} from ${from(worst)}${worst.worst ? `: ${worst.worst.corridor === null ? 'a run that was measured' : corridorName(c, worst.worst.corridor)}` : ''}.${onEstimates(c, 'near')}`,
            source: 'length over spacing; strengths and budgets are rules of thumb',
          } satisfies HarnessVerdict,
        ]),
  ] // prettier-ignore
}

/** The ECU where the loom has it. */
export const judgeEcuPlace = (c: HarnessCase): HarnessVerdict | null => {
  const { accepted: a } = c
  if (!a || a.placeGone) return null
  const place = c.plan.candidates.find((x) => x.id === c.harness.loom!.place)!
  const limitK = a.input.unit!.limitK
  const hot = place.hottestK > limitK
  const wet = place.wet && c.harness.unit.sealed !== true
  return {
    ...plain,
    id: 'ecu-place',
    title: hot ? 'ECU place too hot' : wet ? 'ECU place too wet' : 'ECU place cool and dry enough',
    state: hot || wet ? 'stop' : 'ok',
    figureName: place.name,
    figure: fig(place.hottestK, 'temperature'),
    limitName: 'at most',
    limit: fig(limitK, 'temperature'),
    margin: fig(limitK - place.hottestK, 'warming'),
    next: say`Choose another place on tab “ECU place”`,
    reason: wet ? say`Its case is not known to be sealed.` : say`Hottest after a long run and a soak.`,
    source: c.harness.unit.limitK === null ? '85 °C: typical, look into its data sheet' : 'data sheet',
  }
}

/** Leads that go out through a panel and in again. */
export const judgeCrossings = (c: HarnessCase): HarnessVerdict | null => {
  const { accepted: a } = c
  if (!a) return null
  const twice = comingBack(a.input, a.route)
  const names = twice.map((id) => a.circuits.get(id)?.name ?? id)
  const bare = c.plan.corridors.filter(
    (x) => x.panel === 'bare-edge' && a.route.bundles.some((b) => wholeCorridor(b.corridor) === x.id),
  )
  if (bare.length > 0)
    return {
      ...plain,
      id: 'crossing',
      title: 'Wires over a bare edge',
      state: 'stop',
      next: say`Fit a grommet before a wire goes through`,
      reason: say`${listed(bare.map((x) => x.name))}: the edge cuts the insulation, and the feed burns.`,
      source: 'trade practice',
    }
  return {
    ...plain,
    id: 'crossing',
    title: twice.length > 0 ? 'Wires go out through a panel and in again' : 'No wire crosses a panel twice',
    state: twice.length > 0 ? 'caution' : 'ok',
    figureName: 'wires',
    figure: twice.length > 0 ? fig(twice.length, 'count') : null,
    next: say`Look whether another ECU place or hole saves them`,
    reason: twice.length > 0 ? say`${listed(names)}. Each crossing is a seal and a place to chafe.` : say`No way returns to a space that it has left.`,
    source: 'counted along every way',
  } // prettier-ignore
}
