import { vacuumPorts, whyNot, type VacuumAnswer, type VacuumCase, type VacuumConsumer, type VacuumPort } from '../../engine-top/index.ts' // prettier-ignore
import type { JobDocument } from '../../job/index.ts'
import type { EngineTopSection, VacuumConsumerEntry, VacuumUse } from '../../sections/index.ts'

type Wants = NonNullable<VacuumConsumerEntry['wants']>
interface Usual {
  readonly boreM: number
  readonly wants: Wants
  readonly plenumOnly: boolean
  readonly mayShare: boolean
  readonly mayDrop: boolean
  readonly mostLengthM: number | null
}
const usual = (mm: number, wants: Wants, plenumOnly: boolean, mayShare: boolean, mayDrop = false, most: number | null = null): Usual => ({ boreM: mm / 1e3, wants, plenumOnly, mayShare, mayDrop, mostLengthM: most }) // prettier-ignore

/** What each use asks of its port where nothing else is entered. Rules of thumb. */
export const USUAL_NEEDS: Readonly<Record<VacuumUse, Usual>> = {
  servo: usual(9, 'full', true, false),
  breather: usual(9, 'full', true, false),
  'pressure-sensor': usual(4, 'full', true, false, false, 0.6),
  regulator: usual(4, 'full', false, true),
  advance: usual(4, 'ported', false, true),
  modulator: usual(5, 'full', true, false),
  heater: usual(4, 'full', false, true),
  gauge: usual(3, 'full', false, true, true),
  purge: usual(5, 'ported', false, true),
  other: usual(4, 'full', false, true),
}

/** A consumer with what it asks for, as entered or as usual. */
export interface ConsumerOfJob extends VacuumConsumer {
  readonly entry: VacuumConsumerEntry
  readonly wants: Wants
}

/** Where a consumer's hose goes in the end. */
export interface HoseOfPlan {
  readonly consumer: ConsumerOfJob
  readonly by: 'own' | 'tee' | 'drilled' | 'dropped' | 'nothing'
  /** Fixed by hand, not planned. */
  readonly fixed: boolean
  readonly port: VacuumPort | null
  /** Of the port that was fixed by hand and cannot be judged before it is measured. */
  readonly waitsFor: string | null
  /** Why there is no port, or why the one that was fixed does not do. */
  readonly why: string | null
  readonly others: readonly ConsumerOfJob[]
  readonly lengthM: number | null
}

export interface VacuumOfJob {
  readonly entry: EngineTopSection['vacuum']
  readonly begun: boolean
  readonly consumers: readonly ConsumerOfJob[]
  readonly ports: readonly VacuumPort[]
  /** Ports that cannot be used before they are measured, with what is missing. */
  readonly unmeasured: readonly { readonly id: string; readonly name: string; readonly missing: string }[]
  readonly plan: VacuumAnswer
  readonly hoses: readonly HoseOfPlan[]
  readonly capped: readonly VacuumPort[]
  /** Of everybody, as if nothing were fixed by hand. */
  readonly best: VacuumAnswer
  readonly nameOf: (portId: string) => string
}

const consumerOf = (e: VacuumConsumerEntry, teed: boolean): ConsumerOfJob => {
  const u = USUAL_NEEDS[e.use]
  const wants = e.wants ?? u.wants
  return {
    entry: e,
    id: e.id,
    boreM: e.boreM ?? u.boreM,
    kind: wants,
    wants,
    plenumOnly: e.plenumOnly ?? u.plenumOnly,
    // Where the pressure line is teed by decision it may share; nobody else's hose changes by it.
    mayShare: e.mayShare ?? (e.use === 'pressure-sensor' ? teed : u.mayShare),
    mayDrop: e.mayDrop ?? u.mayDrop,
    mostLengthM: e.mostLengthM ?? u.mostLengthM,
  }
}

/** Ports, consumers and the plan: who is fixed by hand keeps his port, everybody else shares out the rest. */
export const vacuumOfJob = (entry: EngineTopSection['vacuum']): VacuumOfJob => {
  const consumers = entry.consumers.map((e) => consumerOf(e, entry.pressureLine === 'teed'))
  const idOfUse = (use: VacuumUse) => consumers.find((c) => c.entry.use === use)?.id ?? `no-${use}`
  const unmeasured = entry.ports.flatMap((p) => {
    const missing = [
      ...(p.boreM === null ? ['bore'] : []),
      ...(p.kind === null ? ['kind of vacuum'] : []),
      // At the plate's edge there is nothing of one runner.
      ...(p.kind === 'full' && p.draws === null ? ['what it draws from'] : []),
    ]
    return missing.length > 0 ? [{ id: p.id, name: p.name, missing: missing.join(', ') }] : []
  })
  const ports = entry.ports
    .filter((p) => !unmeasured.some((u) => u.id === p.id))
    .map((p): VacuumPort => ({ id: p.id, boreM: p.boreM!, kind: p.kind!, draws: p.draws ?? 'plenum', keptFor: p.keptFor && idOfUse(p.keptFor) })) // prettier-ignore
  const base: Omit<VacuumCase, 'ports' | 'consumers'> = {
    hoses: entry.hoses.flatMap((h) => (h.portId === null || h.consumerId === null || h.lengthM === null ? [] : [{ port: h.portId, consumer: h.consumerId, lengthM: h.lengthM }])), // prettier-ignore
    mayDrill: entry.mayDrill === true,
  }
  const portOf = (c: ConsumerOfJob) => ports.find((p) => p.id === c.entry.portId)
  const waitsFor = (c: ConsumerOfJob) => unmeasured.find((u) => u.id === c.entry.portId)?.id ?? null
  const taken = new Set(consumers.map((c) => portOf(c)?.id))
  const all: VacuumCase = { ...base, ports, consumers }
  const plan = vacuumPorts({
    ...base,
    ports: ports.filter((p) => !taken.has(p.id)),
    consumers: consumers.filter((c) => !portOf(c) && waitsFor(c) === null),
  })
  const lengthOf = (port: string, consumer: string) =>
    base.hoses.find((h) => h.port === port && h.consumer === consumer)?.lengthM ?? null
  const placed = consumers.map((c) => {
    const fixed = portOf(c)
    const served = plan.served.find((s) => s.consumer === c.id)
    const port = fixed ?? ports.find((p) => p.id === served?.port) ?? null
    return { c, fixed: fixed !== undefined || waitsFor(c) !== null, port, served }
  })
  const hoses = placed.map(({ c, fixed, port, served }): HoseOfPlan => {
    const others = port === null ? [] : placed.filter((o) => o.c !== c && o.port === port).map((o) => o.c)
    return {
      consumer: c,
      by: port === null ? (served?.by ?? 'nothing') : others.length > 0 ? 'tee' : 'own',
      fixed,
      port,
      waitsFor: waitsFor(c),
      why: port !== null && fixed ? whyNot(all, c, port) : served && served.port === null ? served.why : null,
      others,
      lengthM: port && lengthOf(port.id, c.id),
    }
  })
  return {
    entry,
    begun: entry.ports.length > 0 || entry.consumers.length > 0,
    consumers,
    ports,
    unmeasured,
    plan,
    hoses,
    capped: ports.filter((p) => p.keptFor === null && !hoses.some((h) => h.port === p)),
    best: taken.size > 0 ? vacuumPorts(all) : plan,
    nameOf: (id) => entry.ports.find((p) => p.id === id)?.name ?? id,
  }
}

const FOUND_NAMES = {
  servo: 'Brake servo',
  breather: 'Crankcase ventilation',
  advance: 'Distributor advance',
  modulator: 'Gearbox modulator',
  heater: 'Heater flaps',
  gauge: 'Vacuum gauge',
  purge: 'Canister purge',
} as const

/** What asks for vacuum on this car, as walked round and as the system was chosen. */
export const usualConsumers = (job: JobDocument): { readonly use: VacuumUse; readonly name: string }[] => {
  const { gearbox, ignition, intake } = job.walkAround
  const { chosen } = job.system
  const locked = chosen !== null && chosen.timing !== 'none'
  const looked = intake.consumers.length > 0
  // Where the ECU sets the timing, the can goes: nothing asks for that hose any more.
  const found = intake.consumers.filter((use) => use !== 'none').filter((use) => use !== 'advance' || !locked)
  const guessed = [
    { use: 'servo' as const, name: FOUND_NAMES.servo },
    { use: 'breather' as const, name: FOUND_NAMES.breather },
    ...(ignition.advance === 'mechanical-and-vacuum' && !locked ? [{ use: 'advance' as const, name: FOUND_NAMES.advance }] : []),
    ...(gearbox.kind === 'automatic' ? [{ use: 'modulator' as const, name: FOUND_NAMES.modulator }] : []),
  ]
  return [
    ...(looked ? found.map((use) => ({ use, name: FOUND_NAMES[use] })) : guessed),
    { use: 'pressure-sensor', name: 'Manifold pressure sensor' },
    ...(chosen?.injection === 'port' || chosen?.injection === 'throttle-body-high' ? [{ use: 'regulator' as const, name: 'Fuel pressure regulator' }] : []),
  ]
} // prettier-ignore
