import { PLANS } from '../../harness/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { emptyCandidate, emptyCorridor, emptyPlace, type HarnessSection, type PlanId } from '../../sections/index.ts'

/**
 * The harness section with a plan laid out: its places, corridors and ECU places, nothing of them measured. What was
 * added by hand stays; what another plan brought goes, and with it what was measured there and the loom.
 */
export const withPlan = (harness: HarnessSection, id: PlanId): HarnessSection => {
  const t = PLANS[id]
  const ofPlans = new Set(
    Object.values(PLANS).flatMap((p) => [...p.places, ...p.corridors, ...p.candidates].map((x) => x.id)),
  )
  const own = <T extends { readonly id: string }>(list: readonly T[]): T[] => list.filter((x) => !ofPlans.has(x.id))
  return {
    ...harness,
    plan: id,
    places: [...t.places.map((p) => emptyPlace(p.id, p.name)), ...own(harness.places)],
    corridors: [...t.corridors.map((c) => emptyCorridor(c.id, c.name, c.from, c.to)), ...own(harness.corridors)],
    candidates: [...t.candidates.map((c) => emptyCandidate(c.id, c.name, c.at)), ...own(harness.candidates)],
    loom: null,
  }
}

/** The plan that the walk-around suggests. */
export const suggestedPlan = (job: JobDocument): PlanId => {
  const { style } = job.walkAround.body
  if (style === 'van') return 'van'
  if (style === 'pickup' || style === 'off-road') return 'separate-chassis'
  return job.walkAround.tank.place === 'front' ? 'rear-engine' : 'unitary'
}
