import {
  PLANS,
  roundAreaM2,
  WIRE_FILL,
  nearNoisePerM,
  type PlanTemplate,
  type RouteCorridor,
  type TemplateCandidate,
  type TemplateCorridor,
} from '../../harness/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { HarnessCorridor } from '../../sections/index.ts'
import { devicesOfJob, type Device } from './devicesOfJob.ts'

/** The hottest that a wire gets by kind of place, K. Typical; those of the power station. */
export const HEAT_K = { cabin: 318.15, bay: 353.15, hot: 373.15, exhaust: 423.15 } as const

/** A corridor of this car: what was measured, and the plan's estimate where nobody has. */
export interface Corridor {
  readonly id: string
  readonly name: string
  readonly from: string
  readonly to: string
  /** Null: nobody has measured it, and no plan knows it. */
  readonly lengthM: number | null
  readonly hottestK: number
  readonly heat: NonNullable<HarnessCorridor['heat']>
  readonly wet: boolean
  readonly moving: boolean
  readonly apart: boolean
  readonly near: NonNullable<HarnessCorridor['near']>
  readonly roomM: number | null
  readonly clipM: number
  readonly panel: NonNullable<HarnessCorridor['panel']>
  readonly boreM: number | null
  readonly takenM: number
  /** Fields that stand on the plan's estimate. */
  readonly assumed: readonly (keyof HarnessCorridor)[]
}

export interface PlanPlace {
  readonly id: string
  readonly name: string
  readonly fromFrontM: number | null
  readonly fromMiddleM: number | null
}

/** Where a device is on the plan. */
export interface PlacedDevice extends Device {
  /** Place in the route case: a place, or a point along a corridor; null: nobody knows. */
  readonly node: string | null
  /** Corridor that it sits along. */
  readonly along: { readonly corridor: string; readonly atM: number } | null
  readonly placeAssumed: boolean
  readonly leadAssumed: boolean
}

export interface ECUPlace {
  readonly id: string
  readonly name: string
  readonly at: string
  readonly hottestK: number
  readonly wet: boolean
  readonly minutes: number
  readonly assumed: boolean
}

export interface CarPlan {
  readonly template: PlanTemplate | null
  readonly places: readonly PlanPlace[]
  readonly corridors: readonly Corridor[]
  readonly devices: readonly PlacedDevice[]
  readonly candidates: readonly ECUPlace[]
  /** Whether the HT leads have resistance; taken so until somebody has looked. */
  readonly suppressed: boolean
  /** What is wrong with what was entered, in words with the name of the field. */
  readonly faults: readonly string[]
}

const usualCorridor = (t: PlanTemplate | null, id: string): TemplateCorridor | null =>
  t?.corridors.find((c) => c.id === id) ?? null

const corridorOf = (c: HarnessCorridor, t: PlanTemplate | null): Corridor => {
  const usual = usualCorridor(t, c.id)
  const assumed: (keyof HarnessCorridor)[] = []
  const or = <K extends keyof HarnessCorridor & keyof TemplateCorridor, F>(field: K, last: F) => {
    const own = c[field]
    if (own !== null) return own as NonNullable<HarnessCorridor[K]>
    assumed.push(field)
    return (usual?.[field] as NonNullable<HarnessCorridor[K]> | undefined) ?? last
  }
  const panel = or('panel', 'none' as const)
  const heat = or('heat', 'bay' as const)
  const boreM = panel === 'none' ? null : or('boreM', null)
  return {
    id: c.id,
    name: c.name,
    from: c.from,
    to: c.to,
    lengthM: or('lengthM', null),
    heat,
    hottestK: c.hottestK ?? HEAT_K[heat],
    wet: or('wet', false),
    moving: or('moving', false),
    apart: or('apart', false),
    near: or('near', 'nothing' as const),
    roomM: or('roomM', null),
    clipM: or('clipM', 0.25),
    panel,
    boreM,
    takenM: panel === 'none' ? 0 : or('takenM', 0),
    assumed,
  }
}

const usualPlaceOf = (t: PlanTemplate | null, id: string): string | null => {
  if (t === null) return null
  const key = Object.keys(t.deviceAt)
    .filter((k) => id === k || id.startsWith(k))
    .sort((x, y) => y.length - x.length)[0]
  return key === undefined ? null : t.deviceAt[key]!
}

const candidateOf = (t: PlanTemplate | null, c: JobDocument['harness']['candidates'][number]): ECUPlace => {
  const usual: TemplateCandidate | null = t?.candidates.find((x) => x.id === c.id) ?? null
  return {
    id: c.id,
    name: c.name,
    at: c.at,
    hottestK: c.hottestK ?? usual?.hottestK ?? 323.15,
    wet: c.wet ?? usual?.wet ?? false,
    minutes: (c.workS ?? usual?.workS ?? 2700) / 60,
    assumed: c.hottestK === null || c.wet === null || c.workS === null,
  }
}

/** The car's plan: the template, what was measured over it, and what was entered wrongly. */
export const planOfJob = (job: JobDocument): CarPlan => {
  const { harness } = job
  const template = harness.plan === null ? null : PLANS[harness.plan]
  const corridors = harness.corridors.map((c) => corridorOf(c, template))
  const places = harness.places.map((p): PlanPlace => {
    const usual = template?.places.find((x) => x.id === p.id)
    return {
      id: p.id,
      name: p.name,
      fromFrontM: p.fromFrontM ?? usual?.fromFrontM ?? null,
      fromMiddleM: p.fromMiddleM ?? usual?.fromMiddleM ?? null,
    }
  })
  const faults: string[] = []
  const known = new Set(places.map((p) => p.id))
  for (const c of corridors) {
    const end = (which: string, id: string): void => {
      if (!known.has(id)) faults.push(`Corridor “${c.name}”: ${which} names no place of the plan.`)
    }
    end('from', c.from)
    end('to', c.to)
    if (c.from === c.to) faults.push(`Corridor “${c.name}”: it leads from a place to itself.`)
    if (c.lengthM === null) faults.push(`Corridor “${c.name}”: length is not known; 0.01 to 20 m.`)
    if (c.panel !== 'none' && c.boreM === null) faults.push(`Corridor “${c.name}”: bore is not known; 3 to 300 mm.`)
  }
  const byCorridor = new Map(corridors.map((c) => [c.id, c]))
  const devices = devicesOfJob(job).map((d): PlacedDevice => {
    const own = harness.devices.find((x) => x.id === d.id)
    const at = own?.at || usualPlaceOf(template, d.id) || ''
    const along = byCorridor.get(at)
    const isPlace = known.has(at)
    if (!along && !isPlace) faults.push(`${d.name}: no place${at === '' ? '' : `; “${at}” is none of the plan`}.`)
    const atM = along ? Math.min(own?.alongM ?? (along.lengthM ?? 0) / 2, along.lengthM ?? 0) : 0
    if (along && typeof own?.alongM === 'number' && along.lengthM !== null && own.alongM > along.lengthM)
      faults.push(`${d.name}: distance along “${along.name}” is ${own.alongM} m; the corridor has ${along.lengthM} m.`)
    return {
      ...d,
      leadM: own?.leadM ?? d.leadM,
      plugM: own?.plugM ?? d.plugM,
      ways: own?.ways ?? d.ways,
      node: isPlace ? at : along ? `${along.id}@${atM}` : null,
      along: along ? { corridor: along.id, atM } : null,
      placeAssumed: !own?.at,
      leadAssumed: typeof own?.leadM !== 'number',
    }
  })
  const candidates = harness.candidates.map((c) => candidateOf(template, c))
  for (const c of candidates) if (!known.has(c.at)) faults.push(`ECU place “${c.name}”: it is at no place of the plan.`)
  const double = candidates.filter((c, n) => candidates.findIndex((x) => x.at === c.at) < n)
  for (const c of double) faults.push(`ECU place “${c.name}”: another candidate is at the same place.`)
  const suppressed = job.walkAround.ignition.suppressedLeads !== false
  return { template, places, corridors, devices, candidates, suppressed, faults }
}

/** Wires' area that goes round into a room of this diameter, m²: the bundle formula the other way round. */
const roomAreaM2 = (roomM: number): number => roundAreaM2(roomM / 1.2)
const LEAST_FILL = 0.001

/**
 * Corridors as the router takes them; those along which devices sit are cut there. Without the ones of no length or
 * without both places.
 */
export const routeCorridors = (plan: CarPlan): readonly RouteCorridor[] => {
  const known = new Set(plan.places.map((p) => p.id))
  return plan.corridors.flatMap((c): RouteCorridor[] => {
    if (c.lengthM === null || !known.has(c.from) || !known.has(c.to) || c.from === c.to) return []
    const { lengthM } = c
    const boreM2 = c.boreM === null ? null : roundAreaM2(c.boreM)
    const whole = {
      temperatureK: c.hottestK,
      wet: c.wet,
      moving: c.moving,
      apart: c.apart,
      noisePerM: nearNoisePerM(c.near, plan.suppressed),
      ...(c.roomM !== null && { freeAreaM2: roomAreaM2(c.roomM) }),
    }
    const hole =
      boreM2 === null || c.boreM === null
        ? {}
        : { hole: { boreM: c.boreM, fill: Math.max(LEAST_FILL, WIRE_FILL - roundAreaM2(c.takenM) / boreM2) } }
    const cuts = [...new Set(plan.devices.flatMap((d) => (d.along?.corridor === c.id ? [d.along.atM] : [])))]
      .filter((at) => at > 1e-6 && at < lengthM - 1e-6)
      .sort((x, y) => x - y)
    if (cuts.length === 0) return [{ id: c.id, from: c.from, to: c.to, lengthM, ...whole, ...hole }]
    const ends = [0, ...cuts, lengthM]
    return ends.slice(1).map((end, n) => ({
      id: n === 0 ? c.id : `${c.id}/${n}`,
      from: n === 0 ? c.from : `${c.id}@${ends[n]}`,
      to: n === ends.length - 2 ? c.to : `${c.id}@${end}`,
      lengthM: end - ends[n]!,
      ...whole,
      ...(n === 0 ? hole : {}),
    }))
  })
}

/** Where a device joins the plan: ends of a corridor count as its places. */
export const nodeOf = (plan: CarPlan, d: PlacedDevice): string | null => {
  if (d.along === null) return d.node
  const c = plan.corridors.find((x) => x.id === d.along!.corridor)!
  if (d.along.atM <= 1e-6) return c.from
  return d.along.atM >= (c.lengthM ?? 0) - 1e-6 ? c.to : d.node
}

/** The corridor that a piece of one belongs to. */
export const wholeCorridor = (id: string): string => id.split('/')[0]!
