import { z } from 'zod'
import { figure, orDefault, range } from '../field/figure.ts'
import { above, listFrom, nonEmpty, within } from '../field/strictFigures.ts'

const diameters = listFrom(above(0, 0.05, 'm'), 1, 300)
const coveringM = orDefault(figure(range(0, 0.01, 'm')), 0)

export const BundleDiameterInput = z.strictObject({
  /** Over the insulation, one for each wire. */
  diametersM: diameters,
  /** Thickness of tape, braid or conduit. */
  coveringM,
  /** What breakouts add, as a share of the diameter. */
  breakoutShare: orDefault(figure(range(0, 0.2, '')), 0),
})
export const BundleDiameterOutput = z.strictObject({
  bareM: z.number(),
  coveredM: z.number(),
  wireM2: z.number(),
  /** Ideally packed, bare; null where wires differ or the table ends. */
  idealM: z.number().nullable(),
  /** Inside radius, laid and left alone; and where it flexes. */
  leastBendM: z.number(),
  leastFlexM: z.number(),
})

export const PassThroughInput = z.strictObject({
  boreM: within(0.001, 0.5, 'm'),
  diametersM: listFrom(above(0, 0.05, 'm'), 0, 300),
  coveringM,
  /** Diagonals of plugs that must go through with their wires on. */
  plugsM: orDefault(listFrom(above(0, 1, 'm'), 0, 100), []),
  fill: orDefault(within(0.01, 1, ''), 0.45),
})
export const PassThroughOutput = z.strictObject({
  takenM2: z.number(),
  allowedM2: z.number(),
  wireShare: z.number(),
  coveredM: z.number(),
  coveredShare: z.number(),
  wiresFit: z.boolean(),
  pinnedLast: z.array(z.number()),
  leastBoreM: z.number(),
  leastBoreWithPlugsM: z.number(),
  grommetM: z.number().nullable(),
})

const lengthM = within(0, 100, 'm')
export const KitReachInput = z.strictObject({
  branches: listFrom(
    z.strictObject({ id: nonEmpty(), reachM: lengthM, pathM: lengthM, leadsM: orDefault(within(0, 10, 'm'), 0) }),
    1,
    300,
  ),
  slack: orDefault(z.strictObject({ share: within(0, 1, ''), perEndM: within(0, 5, 'm') }), { share: 0, perEndM: 0 }),
})
export const KitReachOutput = z.strictObject({
  branches: z.array(
    z.strictObject({
      id: z.string(),
      neededM: z.number(),
      reaches: z.boolean(),
      shortfallM: z.number(),
      surplusM: z.number(),
    }),
  ),
  shortfallM: z.number(),
  surplusM: z.number(),
  short: z.number(),
})
