import type { WireClass } from '@lochmoor/core'
import { z } from 'zod'
import { oneOf, orDefault } from '../field/figure.ts'
import { listFrom, nonEmpty, trueOrFalse, within } from '../field/strictFigures.ts'

const CLASSES = [
  'ignition',
  'charging',
  'motor',
  'drive',
  'supply',
  'digital',
  'sensor',
  'pick-up',
  'oxygen',
] as const satisfies readonly WireClass[]
const kind = () => oneOf(CLASSES)

export const NoiseExposureInput = z.strictObject({
  victims: listFrom(
    z.strictObject({
      id: nonEmpty(),
      class: kind(),
      /** Twisted or shielded: a tenth is left. */
      shielded: orDefault(trueOrFalse(), false),
      runs: listFrom(
        z.strictObject({
          beside: kind(),
          lengthM: within(0, 20, 'm'),
          /** At its beginning; crossing: at the nearest point, halfway along. */
          spacingM: within(0.0005, 5, 'm'),
          /** At its end, where the two draw apart or together. */
          endSpacingM: within(0.0005, 5, 'm').optional(),
          angleDeg: orDefault(within(0, 90, 'degrees'), 0),
        }),
        0,
        100,
      ),
    }),
    1,
    300,
  ),
  /** Whether the HT leads have resistance. */
  suppressed: orDefault(trueOrFalse(), true),
})
export const NoiseExposureOutput = z.strictObject({
  victims: z.array(
    z.strictObject({
      id: z.string(),
      exposure: z.number(),
      /** Null for a class that has none. */
      budget: z.number().nullable(),
      withinBudget: z.boolean(),
      /** Of each run, in its order. */
      shares: z.array(z.number()),
      worstRun: z.number().nullable(),
    }),
  ),
})

export const FormBoardInput = z.strictObject({
  branches: listFrom(
    z.strictObject({
      id: nonEmpty(),
      from: nonEmpty(),
      to: nonEmpty(),
      lengthM: within(0.001, 50, 'm'),
      /** Of a loop the branch with the fewest is opened. */
      wires: orDefault(within(1, 1000, ''), 1),
    }),
    1,
    300,
  ),
  /** Width of the board: a longer trunk turns back there. */
  widthM: within(0.3, 50, 'm').optional(),
  paper: orDefault(oneOf(['a4', 'letter']), 'a4'),
})
export const FormBoardOutput = z.strictObject({
  boards: z.array(
    z.strictObject({
      widthM: z.number(),
      heightM: z.number(),
      branches: z.array(
        z.strictObject({ id: z.string(), lengthM: z.number(), pointsM: z.array(z.tuple([z.number(), z.number()])) }),
      ),
      /** A branch that closes a loop ends free, at a mark that belongs to this node. */
      cuts: z.array(z.strictObject({ branch: z.string(), node: z.string(), mark: z.string() })),
      sheets: z.number(),
    }),
  ),
})

const END = 'allowed: "plug:cavity", or "splice:" and a name'
const end = () => z.string({ error: END }).regex(/^.+:.+$/, { error: END })

export const ContinuityPlanInput = z.strictObject({
  wires: listFrom(z.strictObject({ id: nonEmpty(), from: end(), to: end() }), 1, 300),
  /** Nets by one of their wires. */
  supply: orDefault(listFrom(nonEmpty(), 0, 100), []),
  earth: orDefault(listFrom(nonEmpty(), 0, 100), []),
  grouped: orDefault(trueOrFalse(), true),
  /** What was read: readings of the plan by id, all others as they must be; and readings that were asked for. */
  read: orDefault(
    z.strictObject({
      wrong: orDefault(listFrom(nonEmpty(), 0, 1000), []),
      asked: orDefault(
        listFrom(
          z.strictObject({ clip: listFrom(end(), 1, 300), probe: listFrom(end(), 1, 300), rang: trueOrFalse() }),
          0,
          300,
        ),
        [],
      ),
    }),
    { wrong: [], asked: [] },
  ),
})
const wireEnd = z.enum(['from', 'to'])
const Fault = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('open'), wire: z.string() }),
  z.strictObject({ kind: z.literal('swap'), one: z.string(), oneEnd: wireEnd, other: z.string(), otherEnd: wireEnd }),
  z.strictObject({ kind: z.literal('short'), one: z.string(), other: z.string() }),
  z.strictObject({ kind: z.literal('astray'), wire: z.string(), end: wireEnd, to: z.string() }),
])
const pins = z.array(z.string())
export const ContinuityPlanOutput = z.strictObject({
  nets: z.array(z.strictObject({ id: z.string(), pins, wires: z.array(z.string()) })),
  readings: z.array(
    z.strictObject({
      id: z.string(),
      kind: z.enum(['continuity', 'isolation', 'group', 'follow-up']),
      because: z.enum(['neighbours', 'supply', 'earth']).nullable(),
      clip: pins,
      probe: pins,
      rings: z.boolean(),
    }),
  ),
  clips: z.number(),
  reclips: z.number(),
  minutes: z.number(),
  pairsUnproved: z.number(),
  lonely: z.array(z.string()),
  /** What is wrong by what was read. */
  state: z.enum(['right', 'found', 'ask', 'beyond']),
  explanations: z.array(z.array(Fault)),
  next: z.strictObject({ clip: pins, probe: pins }).nullable(),
})
