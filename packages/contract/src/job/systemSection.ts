import type { Architecture, SystemSection } from '@lochmoor/core'
import { z } from 'zod'
import { oneOf } from '../field/figure.ts'
import { known, knownWhole, seen, text, word } from './knownFields.ts'
import { ControllerPartSchema } from './parts.ts'

const ArchitectureSchema = z.strictObject({
  injection: oneOf(['throttle-body-low', 'throttle-body-high', 'port']),
  firing: oneOf(['batch', 'sequential']),
  timing: oneOf(['none', 'controlled-distributor', 'locked-distributor', 'crank-trigger']),
  trigger: oneOf(['coil', 'distributor', 'crank-wheel', 'crank-and-cam']),
  oxygenSensors: z.union([z.literal(1), z.literal(2)], { error: 'allowed: 1 or 2' }),
  fuelLoop: oneOf(['return', 'single-line']),
  pumpPlace: oneOf(['in-tank', 'in-line']),
}) satisfies z.ZodType<Architecture>

const MOST_COMPARED = 3

export const SystemSectionSchema = z.strictObject({
  powerLaterW: known('system.powerLaterW'),
  boostLaterPa: known('system.boostLaterPa'),
  budgetClass: knownWhole('system.budgetClass'),
  originality: word(['looks-stock', 'can-be-undone', 'free']),
  welder: word(['self', 'shop', 'none']),
  timingControl: word(['wanted', 'later', 'no']),
  gearboxControl: seen,
  fanControl: seen,
  compared: z
    .array(text(120))
    .max(MOST_COMPARED, { error: `allowed: at most ${MOST_COMPARED} candidates side by side` }),
  chosen: ArchitectureSchema.nullable(),
  controller: ControllerPartSchema.nullable(),
  reason: text(2000),
}) satisfies z.ZodType<SystemSection>
