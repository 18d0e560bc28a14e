import type { WorkSection } from '@lochmoor/core'
import { z } from 'zod'
import { oneOf } from '../field/figure.ts'
import { text } from './knownFields.ts'

export const WorkStateSchema = oneOf([
  'asked',
  'surveyed',
  'designed',
  'parts-ordered',
  'in-build',
  'started',
  'handed-over',
])

export const WorkSectionSchema = z.strictObject({
  state: WorkStateSchema,
  personId: z.uuid({ error: 'allowed: the id of a person, a UUID' }).nullable(),
  heldBy: text(200),
  built: z.array(oneOf(['walkAround', 'system', 'fuel', 'exhaust'])).max(4, { error: 'allowed: each station once' }),
}) satisfies z.ZodType<WorkSection>
