import type { PlanId } from '../../sections/index.ts'
import { SEPARATE_CHASSIS, UNITARY } from './frontEngine.ts'
import { REAR_ENGINE, VAN } from './otherEngine.ts'
import type { PlanTemplate } from './planTemplate.ts'

export type { PlanTemplate, TemplateCandidate, TemplateCorridor, TemplatePlace } from './planTemplate.ts'

/** The plans of corridors by body. */
export const PLANS: Readonly<Record<PlanId, PlanTemplate>> = {
  'separate-chassis': SEPARATE_CHASSIS,
  unitary: UNITARY,
  van: VAN,
  'rear-engine': REAR_ENGINE,
}
