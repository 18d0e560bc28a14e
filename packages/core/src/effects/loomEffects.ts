import { carSupplyOf } from '../figures/index.ts'
import type { JobDocument } from '../job/index.ts'
import { crankRigOf, crankTrace, solveCar } from '../power/index.ts'
import { assessFuel, type Proposal } from '../stations/index.ts'

/** The first moments of the coldest start: inrush, and the compressions that follow. */
const START_S = 0.6

/** What a loom would do, at this station and at those that follow it, were it accepted. */
export interface LoomEffects {
  readonly minutes: number
  /** Of new wire. */
  readonly wireM: number
  /** Kit leads that are too short. */
  readonly lengthened: number
  /** The fullest hole, as a share of what it may take; null where it takes none. */
  readonly fill: { readonly corridor: string; readonly share: number } | null
  /** At the deepest moment of the coldest start; null where the device is not fed then. */
  readonly ecuLeastV: number | null
  readonly pumpLeastV: number | null
  /** Null while the fuel system is not known. */
  readonly railFullPa: number | null
}

/** The job with a loom accepted. */
export const withLoom = (job: JobDocument, { loom }: Pick<Proposal, 'loom'>): JobDocument => ({
  ...job,
  harness: { ...job.harness, loom },
})

export const loomEffects = (job: JobDocument, proposal: Proposal): LoomEffects => {
  const after = withLoom(job, proposal)
  const start = crankTrace(crankRigOf(solveCar(carSupplyOf(after)), 'crank-cold'), START_S)
  const { route } = proposal
  const holes = route.fills
    .filter((f) => f.takenM2 > 0 && proposal.input.corridors.some((c) => c.id === f.corridor && c.hole))
    .map((f) => ({ corridor: f.corridor, share: f.takenM2 / f.allowedM2 }))
    .sort((x, y) => y.share - x.share)
  const full = assessFuel(after).solved.find((s) => s.point.id === 'full')
  return {
    minutes: route.cost.total,
    wireM: route.routes.reduce((sum, r) => sum + (r.wireM ?? 0) - Math.min(r.wireM ?? 0, kitReach(proposal, r.id)), 0),
    lengthened: route.routes.filter((r) => (r.shortfallM ?? 0) > 1e-9).length,
    fill: holes[0] ?? null,
    ecuLeastV: start.least['ecu']?.volts ?? null,
    pumpLeastV: start.least['pump']?.volts ?? null,
    railFullPa: full ? full.answer.railPa : null,
  }
}

const kitReach = (proposal: Proposal, id: string): number => proposal.kitReachM.get(id) ?? 0
