import type { ExhaustBank, ExhaustObstacle, ExhaustPiece, ExhaustSection, SensorSpot } from '@lochmoor/core'
import { z } from 'zod'
import { figure, oneOf, wholeFigure } from '../field/figure.ts'
import { FIELD_RANGES } from './fieldRanges.ts'
import { flag, known, knownWhole, word } from './knownFields.ts'
import { BungPartSchema, SensorPartSchema } from './parts.ts'

const NAME = 'allowed: 1 to 60 characters'
const name = z.string({ error: NAME }).trim().min(1, { error: NAME }).max(60, { error: NAME })
const MOST_PIECES = 40
const MOST_OBSTACLES = 40
const runId = oneOf(['a', 'b', 'common'])

const PieceSchema = z.strictObject({
  name,
  kind: oneOf([
    'primaries',
    'log',
    'merge',
    'pipe',
    'flexible',
    'turbine',
    'catalyst',
    'silencer',
    'crossover',
    'open-end',
  ]),
  count: wholeFigure(FIELD_RANGES['exhaust.piece.count']),
  lengthM: known('exhaust.piece.lengthM'),
  outsideM: known('exhaust.piece.outsideM'),
  roundM: known('exhaust.piece.roundM'),
  wallM: known('exhaust.piece.wallM'),
  bendDeg: known('exhaust.piece.bendDeg'),
  bendRadiusM: known('exhaust.piece.bendRadiusM'),
  bendClockDeg: known('exhaust.piece.bendClockDeg'),
  inclinationDeg: known('exhaust.piece.inclinationDeg'),
  joint: oneOf(['one-piece', 'gasket', 'welded', 'flange', 'slip', 'clamped', 'ball']),
  jointState: word(['tight', 'leaks']),
  leakM: known('exhaust.piece.leakM'),
  covered: oneOf(['bare', 'wrapped', 'coated']),
  wastegateReturnM: known('exhaust.piece.wastegateReturnM'),
}) satisfies z.ZodType<ExhaustPiece>

const pieces = z.array(PieceSchema).max(MOST_PIECES, { error: `allowed: at most ${MOST_PIECES} pieces` })

const BankSchema = z.strictObject({
  cylinders: z
    .array(wholeFigure(FIELD_RANGES['exhaust.bank.cylinder']))
    .max(16, { error: 'allowed: at most 16 cylinders' })
    .refine((list) => new Set(list).size === list.length, { error: 'allowed: every cylinder once' }),
  portHeightM: known('exhaust.bank.portHeightM'),
  portAcrossM: known('exhaust.bank.portAcrossM'),
  headingDeg: known('exhaust.bank.headingDeg'),
  pieces,
}) satisfies z.ZodType<ExhaustBank>

const ObstacleSchema = z.strictObject({
  name,
  run: runId,
  alongM: known('exhaust.obstacle.alongM'),
  lengthM: known('exhaust.obstacle.lengthM'),
  clockDeg: known('exhaust.obstacle.clockDeg'),
  widthDeg: known('exhaust.obstacle.widthDeg'),
  gapM: known('exhaust.obstacle.gapM'),
  moves: flag,
  otherAlongM: known('exhaust.obstacle.alongM'),
  otherClockDeg: known('exhaust.obstacle.clockDeg'),
  otherGapM: known('exhaust.obstacle.gapM'),
}) satisfies z.ZodType<ExhaustObstacle>

const SpotSchema = z.strictObject({
  run: runId,
  alongM: figure(FIELD_RANGES['exhaust.spot.alongM']),
  clockDeg: figure(FIELD_RANGES['exhaust.spot.clockDeg']),
}) satisfies z.ZodType<SensorSpot>

const bank = word(['a', 'b'])

export const ExhaustSectionSchema = z.strictObject({
  banks: z.array(BankSchema).max(2, { error: 'allowed: at most 2 banks' }),
  common: pieces,
  obstacles: z.array(ObstacleSchema).max(MOST_OBSTACLES, { error: `allowed: at most ${MOST_OBSTACLES} obstacles` }),
  groundClearanceM: known('exhaust.groundClearanceM'),
  school: oneOf(['near', 'middle', 'far', 'far-racing']),
  angleSchool: oneOf(['level', 'five', 'ten']),
  sensorCount: knownWhole('exhaust.sensorCount'),
  spots: z.array(SpotSchema).max(2, { error: 'allowed: at most 2 spots' }),
  sensor: SensorPartSchema.nullable(),
  typeSet: flag.nullable(),
  bung: BungPartSchema.nullable(),
  material: word(['mild-steel', 'stainless', 'aluminised', 'cast']),
  joinBy: word(['weld', 'clamp']),
  cablePathM: known('exhaust.cablePathM'),
  cableGapM: known('exhaust.cableGapM'),
  airInjection: word(['none', 'ports', 'catalyst', 'shut-off']),
  heatRiser: word(['none', 'working', 'wired-open', 'seized']),
  heatRiserBank: bank,
  leadedFuel: flag.nullable(),
  correctionLimit: known('exhaust.correctionLimit'),
  openLoopLambda: known('exhaust.openLoopLambda'),
  steers: z.strictObject({ a: bank, b: bank }),
  bankTest: word(['own-went-lean', 'other-went-lean']),
}) satisfies z.ZodType<ExhaustSection>
