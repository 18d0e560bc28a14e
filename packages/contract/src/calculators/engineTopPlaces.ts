import { ALL_THREAD_IDS } from '@lochmoor/core/job-shape'
import { z } from 'zod'
import { figure, oneOf, orDefault, range, wholeFigure } from '../field/figure.ts'

const id = z.string({ error: 'allowed: text of 1 to 60 characters' }).min(1).max(60)
const flag = z.boolean({ error: 'allowed: true or false' })
const boreM = figure(range(0.001, 0.05, 'm'))

export const VacuumPortsInput = z.strictObject({
  ports: z
    .array(
      z.strictObject({
        id,
        boreM,
        kind: oneOf(['full', 'ported']),
        draws: orDefault(oneOf(['plenum', 'runner']), 'plenum'),
        keptFor: orDefault(id.nullable(), null),
      }),
    )
    .max(16),
  consumers: z
    .array(
      z.strictObject({
        id,
        boreM,
        kind: orDefault(oneOf(['full', 'ported', 'either']), 'full'),
        plenumOnly: orDefault(flag, false),
        mayShare: orDefault(flag, true),
        mostLengthM: orDefault(figure(range(0.01, 10, 'm')).nullable(), null),
        mayDrop: orDefault(flag, false),
      }),
    )
    .min(1)
    .max(10),
  hoses: orDefault(
    z.array(z.strictObject({ port: id, consumer: id, lengthM: figure(range(0, 10, 'm')) })).max(160),
    [],
  ),
  mayDrill: orDefault(flag, false),
})

export const VacuumPortsOutput = z.strictObject({
  served: z.array(
    z.strictObject({
      consumer: z.string(),
      by: z.enum(['own', 'tee', 'drilled', 'dropped', 'nothing']),
      port: z.string().nullable(),
      why: z.string().nullable(),
    }),
  ),
  capped: z.array(z.string()),
  teed: z.int(),
  drilled: z.int(),
  dropped: z.int(),
  unserved: z.int(),
})

export const ThreadTappingInput = z.strictObject({
  thread: oneOf(ALL_THREAD_IDS),
  acrossM: figure(range(0.005, 0.2, 'm')),
  depthM: figure(range(0.001, 0.2, 'm')),
  sensorThreadM: orDefault(figure(range(0.002, 0.1, 'm')).nullable(), null),
})
export const ThreadTappingOutput = z.strictObject({
  drillM: z.number(),
  threadM: z.number(),
  wallM: z.number(),
  deepEnough: z.boolean(),
  sealsBy: z.enum(['its taper', 'a washer']),
})

export const CrankWheelInput = z.strictObject({
  places: wholeFigure(range(4, 360, '')),
  missing: wholeFigure(range(0, 4, '')),
  diameterM: figure(range(0.03, 0.6, 'm')),
  gapsM: z
    .array(figure(range(0, 0.01, 'm')))
    .min(1)
    .max(60),
  toothAtTop: wholeFigure(range(1, 360, '')),
  mostRpm: figure(range(500, 15_000, 'rpm')),
  crankRpm: figure(range(40, 500, 'rpm')),
  signal: orDefault(
    z
      .strictObject({
        voltageV: figure(range(0.01, 400, 'V')),
        atRpm: figure(range(40, 15_000, 'rpm')),
        needsV: figure(range(0.01, 20, 'V')),
      })
      .nullable(),
    null,
  ),
})
export const CrankWheelOutput = z.strictObject({
  toothRad: z.number(),
  gapToTopDeg: z.number(),
  leastGapM: z.number(),
  mostGapM: z.number(),
  runOutM: z.number(),
  toothM: z.number(),
  mostHz: z.number(),
  crankingV: z.number().nullable(),
  strongEnough: z.boolean().nullable(),
})

const Point = z.strictObject({
  temperatureK: figure(range(223.15, 473.15, 'K')),
  ohm: figure(range(1, 1e7, 'ohm')),
})
export const ThermistorInput = z.strictObject({
  points: z.tuple([Point, Point, Point], { error: 'allowed: three points' }),
  biasOhm: figure(range(10, 1e6, 'ohm')),
  supplyV: orDefault(figure(range(1, 16, 'V')), 5),
  bits: orDefault(wholeFigure(range(8, 16, '')), 10),
  temperaturesK: orDefault(
    z
      .array(figure(range(223.15, 473.15, 'K')))
      .min(1)
      .max(60),
    [233.15, 253.15, 273.15, 293.15, 313.15, 333.15, 353.15, 373.15, 393.15],
  ),
})
export const ThermistorOutput = z.strictObject({
  a: z.number(),
  b: z.number(),
  c: z.number(),
  table: z.array(z.strictObject({ temperatureK: z.number(), ohm: z.number(), voltageV: z.number(), counts: z.int() })),
})

const advanceDeg = figure(range(-20, 70, 'degrees of the crank'))
export const RotorPhasingInput = z.strictObject({
  leastAdvanceDeg: advanceDeg,
  mostAdvanceDeg: advanceDeg,
  tipDeg: figure(range(1, 60, 'degrees')),
  terminalDeg: figure(range(1, 60, 'degrees')),
  seen: z.strictObject({ pastDeg: figure(range(-45, 45, 'degrees')), atAdvanceDeg: advanceDeg }),
  pickUp: oneOf(['in-housing', 'on-crank']),
  referenceFixed: orDefault(flag, false),
})
const RotorEnd = z.strictObject({ advanceDeg: z.number(), pastDeg: z.number(), overlapDeg: z.number() })
export const RotorPhasingOutput = z.strictObject({
  ends: z.tuple([RotorEnd, RotorEnd, RotorEnd]),
  overlapDeg: z.number(),
  turnDeg: z.number(),
  referenceDeg: z.number(),
  how: z.enum(['housing', 'rotor-or-reluctor']),
  centredOverlapDeg: z.number(),
})

const cylinder = wholeFigure(range(1, 16, ''))
export const FiringGroupsInput = z.strictObject({
  order: z.array(cylinder).min(1).max(16),
  intervalsDeg: orDefault(
    z
      .array(figure(range(10, 720, 'degrees of the crank')))
      .max(16)
      .nullable(),
    null,
  ),
  rails: orDefault(z.array(z.array(cylinder).max(16)).max(4), []),
})
export const FiringGroupsOutput = z.strictObject({
  atDeg: z.array(z.number()),
  companions: z.array(z.tuple([z.int(), z.int()])).nullable(),
  groups: z.array(z.array(z.int())),
  onRail: z.array(z.array(z.int())),
  railsEven: z.boolean(),
  outputs: z.array(z.strictObject({ output: z.int(), cylinder: z.int() })),
})
