import { hoursOfReach } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { Architecture, Reached } from '../../sections/index.ts'
import { WORK_SCOPES, type Consequence, type WorkScope } from './workScopes.ts'

/** Where each scope of the work reaches into the car. */
const REACHES: Readonly<Record<WorkScope, (a: Architecture) => readonly Reached[]>> = {
  engine: () => ['exhaust', 'bulkhead', 'ecu', 'battery', 'earths'],
  manifold: () => ['manifold'],
  fuel: (a) => (a.pumpPlace === 'in-tank' ? ['tank', 'fuel-lines'] : ['fuel-lines']),
  ignition: () => [],
}

/** What must come out before a scope of the work can be reached, as the walk-around found it. */
export const reachOf = (job: JobDocument, a: Architecture): Consequence[] =>
  WORK_SCOPES.flatMap((scope) => {
    const hours = hoursOfReach(job, REACHES[scope](a))
    return hours === 0
      ? []
      : [{ id: `reach-${scope}`, kind: 'cut' as const, scope, text: REACH_WORDS[scope], hours: [hours, hours] as const, cost: 0 }] // prettier-ignore
  })
const REACH_WORDS: Readonly<Record<WorkScope, string>> = {
  engine: 'Parts out and in again to reach exhaust, bulkhead, ECU and battery',
  manifold: 'Parts out and in again to reach the manifold',
  fuel: 'Parts out and in again to reach the fuel system',
  ignition: 'Parts out and in again to reach the ignition',
}
