import {
  asRouteCase,
  BundleDiameterInput,
  BundleDiameterOutput,
  HarnessRouteInput,
  HarnessRouteOutput,
  harnessRouteProblems,
  KitReachInput,
  KitReachOutput,
  PassThroughInput,
  PassThroughOutput,
} from '@lochmoor/contract'
import { bundleDiameterM, findLoom, idealDiameters, kitReach, ok, passThrough, roundAreaM2 } from '@lochmoor/core'
import { calculator, type Calculator } from './calculator.ts'

const sum = (list: readonly number[]): number => list.reduce((all, x) => all + x, 0)

/** The harness station. */
export const HARNESS_CALCULATORS: readonly Calculator[] = [
  calculator(
    'harness-route',
    'every circuit’s way through the car and the control unit’s place, at the least work',
    HarnessRouteInput,
    HarnessRouteOutput,
    (c) => {
      const plan = findLoom(asRouteCase(c))
      return ok({
        ...plan,
        // A rule of one's own for a wire is no part of the calculator's case.
        broken: plan.broken.flatMap(({ constraint, id }) => (constraint === 'locked' ? [] : [{ constraint, id }])),
        routes: plan.routes.map((r) => ({ ...r, corridors: r.corridors && [...r.corridors] })),
        bundles: plan.bundles.map((b) => ({ ...b, circuits: [...b.circuits] })),
        fills: [...plan.fills],
      })
    },
    [
      { field: 'corridors.*.to', allowed: 'another place than from; none is called "unit"' },
      { field: 'corridors.*.id', allowed: 'an id of its own' },
      {
        field: 'circuits.*.from',
        allowed: 'a place that a corridor or a candidate names, or "unit" where there is one',
      },
      { field: 'circuits.*.to', allowed: 'a place, or "unit" where "from" is none' },
      { field: 'circuits.*.kit', allowed: 'at most one of mostLengthM and kit' },
      { field: 'unit.candidates.*.place', allowed: 'a place where no other candidate is' },
      { field: 'separate.*', allowed: 'two different classes' },
      { field: 'together.*.*', allowed: 'circuits with the same two ends, each in one list' },
      { field: 'rates.fold', allowed: 'fold * (1 + slack.share) at most lay' },
    ],
    { problems: harnessRouteProblems, pathsFirst: true },
  ),
  calculator(
    'bundle-diameter',
    'outer diameter of wires laid together, and how tightly it may be bent',
    BundleDiameterInput,
    BundleDiameterOutput,
    ({ diametersM, coveringM, breakoutShare }) => {
      const bareM = bundleDiameterM(diametersM)
      const coveredM = (bareM + 2 * coveringM) * (1 + breakoutShare)
      const first = diametersM[0]!
      const equal = diametersM.every((d) => d === first)
      const ideal = equal ? idealDiameters(diametersM.length) : null
      return ok({
        bareM,
        coveredM,
        wireM2: sum(diametersM.map(roundAreaM2)),
        idealM: ideal === null ? null : ideal * first,
        leastBendM: 4 * coveredM,
        leastFlexM: 10 * coveredM,
      })
    },
  ),
  calculator(
    'pass-through',
    'whether wires and plugs go through a hole, and the grommet that takes them',
    PassThroughInput,
    PassThroughOutput,
    (c) => {
      const result = passThrough(c)
      return ok({ ...result, pinnedLast: [...result.pinnedLast] })
    },
  ),
  calculator(
    'kit-reach',
    'which branches of a kit harness reach, how short the others are, and what is left to fold',
    KitReachInput,
    KitReachOutput,
    ({ branches, slack }) => {
      const reach = kitReach(branches, slack)
      return ok({
        branches: [...reach],
        shortfallM: sum(reach.map((r) => r.shortfallM)),
        surplusM: sum(reach.map((r) => r.surplusM)),
        short: reach.filter((r) => !r.reaches).length,
      })
    },
  ),
]
