import type { HoseOfPlan, VacuumOfJob } from './vacuumOfJob.ts'

/** A port on the plan, in the order in which it was entered. */
export interface PortOnMap {
  readonly id: string
  readonly name: string
  readonly on: 'throttle-body' | 'manifold'
  readonly boreM: number | null
  readonly kind: 'full' | 'ported' | null
  readonly is: 'used' | 'capped' | 'kept' | 'not measured'
}
export interface ConsumerOnMap {
  readonly id: string
  readonly name: string
  readonly boreM: number
  /** The bore is what its use usually asks for. */
  readonly assumed: boolean
  readonly by: HoseOfPlan['by']
  /** Place of its port among the ports; null without one. */
  readonly port: number | null
}
export interface PortMap {
  readonly ports: readonly PortOnMap[]
  /** Beside their ports, those without one last: hoses of a plan cross as little as the order of the ports lets them. */
  readonly consumers: readonly ConsumerOnMap[]
}

/** Ports on the left, consumers on the right, a hose between them. */
export const portMapOf = ({ capped, entry, hoses, unmeasured }: VacuumOfJob): PortMap => {
  const ports = entry.ports.map((p): PortOnMap => {
    const used = hoses.some((h) => h.port?.id === p.id)
    const is = unmeasured.some((u) => u.id === p.id) ? 'not measured' : used ? 'used' : capped.some((x) => x.id === p.id) ? 'capped' : 'kept' // prettier-ignore
    return { id: p.id, name: p.name, on: p.on, boreM: p.boreM, kind: p.kind, is }
  })
  const consumers = hoses.map(({ by, consumer, port, waitsFor }): ConsumerOnMap => {
    const at = ports.findIndex((p) => p.id === (port?.id ?? waitsFor))
    return {
      id: consumer.id,
      name: consumer.entry.name,
      boreM: consumer.boreM,
      assumed: consumer.entry.boreM === null,
      by: waitsFor === null ? by : 'own',
      port: at < 0 ? null : at,
    }
  })
  return { ports, consumers: consumers.sort((a, b) => (a.port ?? Infinity) - (b.port ?? Infinity)) }
}
