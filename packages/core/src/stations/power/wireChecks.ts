import {
  ampacityA,
  DROP_LIMITS,
  CONDITIONS,
  compileNetwork,
  conditionMoment,
  fuseOhm,
  keyedFuseA,
  fusesFor,
  inrushWear,
  leastFuseA,
  leastWire,
  NODE,
  shortAtEnd,
  solveMoments,
  WIRE_KINDS,
  wireOhm,
  type CarWire,
  type ConditionId,
  type Inrush,
  type LeastWire,
  type ShortAtEnd,
  type SolvedCar,
  type WireDemand,
  type WireKind,
} from '../../power/index.ts'
import { WIRE_ROLES, type WireRole } from '../../sections/index.ts'

/** Cables and straps that carry the starter's current, or will when another one opens. Rule of thumb. */
const HEAVY_M2: Readonly<Partial<Record<WireRole, number>>> = {
  starterCable: 16e-6,
  batteryEarth: 16e-6,
  engineStrap: 16e-6,
  bodyStrap: 10e-6,
}

/** Conditions that last: the others are over before a wire is warm. */
const LASTING: readonly ConditionId[] = ['idle', 'full-load', 'night-rain']
/** Those in which a drop matters at all. */
const MATTERS = CONDITIONS.filter((id) => id !== 'key-off' && id !== 'fan-inrush')

export interface FusedBehind {
  /** Of the fuse: the wire it begins. */
  readonly role: WireRole
  /** The fuse in the network. */
  readonly part: string
  readonly ratingA: number
  /** Every wire that its current may flow through. */
  readonly behind: readonly WireRole[]
}

/** Wires as the network has them: those that are not in it carry nothing. */
const inNetwork = (solved: SolvedCar, role: WireRole): boolean => solved.at.idle.parts[role] !== undefined

/** Each fuse with the wires behind it, by the design. */
export const fusesOf = (solved: SolvedCar): FusedBehind[] => {
  const { supply } = solved
  const shared = supply.design.relays === 'shared'
  const behind: Readonly<Partial<Record<WireRole, readonly WireRole[]>>> = {
    ecuFeed: ['ecuFeed', 'ecuEarth', ...(shared ? (['pumpFeed', 'pumpEarth'] as const) : [])],
    pumpFeed: ['pumpFeed', 'pumpEarth'],
    fanFeed: ['fanFeed', 'fanEarth'],
  }
  // The keyed relay has a fuse of its own before it; a wire with its own fuse is protected by that.
  const unfused = (
    ['keyedFeed', ...(supply.design.coilFeed === 'relay' ? (['ignitionFeed'] as const) : [])] as const
  ).filter((r) => supply.wires[r].fuseA === null && inNetwork(solved, r))
  const [first] = supply.design.keyedFeed === 'relay' ? unfused : []
  const keyedRelay: FusedBehind[] = first
    ? [{ role: first, part: 'keyed-relay-fuse', ratingA: keyedFuseA(supply.design), behind: unfused }]
    : []
  const own = WIRE_ROLES.flatMap((role): FusedBehind[] => {
    const { fuseA, fitted } = supply.wires[role]
    if (fuseA === null || !fitted || !inNetwork(solved, role)) return []
    const all = (behind[role] ?? [role]).filter((r) => inNetwork(solved, r))
    return [{ role, part: `${role}-fuse`, ratingA: fuseA, behind: all }]
  })
  return [...own, ...keyedRelay]
}

export const bearsA = (w: CarWire): number => ampacityA(w.sectionM2, w.ambientK, w)

/** What a motor draws as it starts, with the wires that are there. */
const STARTS: Readonly<Partial<Record<WireRole, { readonly device: string; readonly tauS: number }>>> = {
  // Typical: a small pump is up in a twentieth of a second, a fan in three.
  pumpFeed: { device: 'pump', tauS: 0.05 },
  fanFeed: { device: 'fan', tauS: 0.15 },
}

export interface WireCheck {
  readonly role: WireRole
  readonly wire: CarWire
  /** Out, and back where it has a return of its own, m. */
  readonly outAndBackM: number
  /** Most that flows for long, A, and when. */
  readonly continuousA: number
  readonly continuousIn: ConditionId
  /** Worst drop, out and back, V, and when. */
  readonly dropV: number
  readonly dropIn: ConditionId
  readonly limitV: number
  readonly limitIs: string
  readonly bearsA: number
  readonly fuse: {
    readonly ratingA: number
    /** What flows through it, continuous, A. */
    readonly continuousA: number
    /** Least that carries the load for good, A. */
    readonly leastA: number
    /** Thinnest wire behind it. */
    readonly thinnest: { readonly role: WireRole; readonly bearsA: number }
    /** Standard ratings that do both. */
    readonly choices: readonly number[]
    readonly inrush: Inrush | null
    /** Share of the fuse's life that one inrush takes, at the early end of its standard. */
    readonly wear: number
    readonly short: ShortAtEnd
  } | null
  readonly demand: WireDemand
  readonly least: Readonly<Record<WireKind, LeastWire | null>>
} // prettier-ignore

/** A short between the far end of a wire and the body beside it. */
const SHORT_OHM = 1e-3
const bodyAt = (role: WireRole): string => (role === 'pumpFeed' ? NODE.bodyRear : NODE.bodyFront)

/** Current of a short at the far end of a wire, key on, by the network of the car with that short in it, A. */
export const shortCurrentA = (solved: SolvedCar, role: WireRole): number => {
  const { network } = solved.car
  const w = (network.wires ?? []).find((x) => x.id === role)
  if (!w) return 0
  const shorted = {
    ...network,
    contacts: [...(network.contacts ?? []), { id: 'short', from: w.to, to: bodyAt(role), resistanceOhm: SHORT_OHM }],
  }
  const [moment] = solveMoments(compileNetwork(shorted), [
    conditionMoment(solved.supply, shorted, 'prime', solved.crankRadS),
  ])
  return Math.abs((moment!.parts['short'] as { currentA: number }).currentA)
}

const inrushOf = (solved: SolvedCar, role: WireRole): Inrush | null => {
  const starts = STARTS[role]
  if (!starts || solved.at.idle.parts[starts.device] === undefined) return null
  const { network } = solved.car
  const base = conditionMoment(solved.supply, network, starts.device === 'fan' ? 'fan-inrush' : 'prime', solved.crankRadS) // prettier-ignore
  const settled = conditionMoment(solved.supply, network, starts.device === 'fan' ? 'night-rain' : 'prime', solved.crankRadS) // prettier-ignore
  const stalled = { ...base, id: 'inrush', changes: [...(base.changes ?? []), { id: starts.device, speed: 0 }] }
  const [before, peak] = solveMoments(compileNetwork(network), [settled, stalled])
  const amps = (m: typeof before) => Math.abs((m!.parts[starts.device] as { currentA: number }).currentA)
  return { peakA: amps(peak), settlesAtA: amps(before), tauS: starts.tauS }
}

const currentIn = (solved: SolvedCar, role: WireRole, id: ConditionId): number =>
  Math.abs((solved.at[id].parts[role] as { currentA: number } | undefined)?.currentA ?? 0)
const dropIn = (solved: SolvedCar, role: WireRole, id: ConditionId): number =>
  Math.abs((solved.at[id].parts[role] as { dropV: number } | undefined)?.dropV ?? 0)
const worst = <T extends string>(
  ids: readonly T[],
  of: (id: T) => number,
): { readonly id: T; readonly value: number } =>
  ids.map((id) => ({ id, value: of(id) })).reduce((a, b) => (b.value > a.value ? b : a))

/** One wire of the design against everything that is asked of it; null where the design has it not. */
export const checkWire = (solved: SolvedCar, role: WireRole, fuses: readonly FusedBehind[]): WireCheck | null => {
  const { supply } = solved
  const wire = supply.wires[role]
  if (!wire.fitted || !inNetwork(solved, role)) return null
  const { back, limitV, limitIs } = DROP_LIMITS[role]
  const returns = back !== null && supply.wires[back].fitted && inNetwork(solved, back) ? supply.wires[back] : null
  const outAndBackM = wire.lengthM + (returns?.lengthM ?? 0)
  const lasting = worst(LASTING, (id) => currentIn(solved, role, id))
  const through = (part: string) => worst(LASTING, (id) => Math.abs((solved.at[id].parts[part] as { currentA: number } | undefined)?.currentA ?? 0)) // prettier-ignore
  const drop = worst(MATTERS, (id) => dropIn(solved, role, id) + (back && returns ? dropIn(solved, back, id) : 0))
  const own = fuses.find((f) => f.role === role) ?? null
  const protecting = fuses.filter((f) => f.behind.includes(role)).map((f) => f.ratingA)
  const fuseA = protecting.length > 0 ? Math.max(...protecting) : null
  const shortA = own ? shortCurrentA(solved, role) : 0
  const ownOhm = wireOhm(wire, wire.lengthM, wire.temperatureK)
  const volts = solved.at.prime.nodesV[NODE.post] ?? 12
  const demand: WireDemand = {
    currentA: lasting.value,
    dropCurrentA: currentIn(solved, role, drop.id),
    lengthM: outAndBackM,
    limitV,
    jointOhm: wire.jointOhm + (returns?.jointOhm ?? 0) + (own ? fuseOhm(own.ratingA) : 0),
    ambientK: wire.ambientK,
    insulation: wire.insulation,
    loadedWires: wire.loadedWires,
    fuseA,
    leastM2: HEAVY_M2[role] ?? 0,
    short: { volts, otherOhm: own && shortA > 0 ? Math.max(0, volts / shortA - ownOhm) : 0.03 },
  }
  const thinnest = own?.behind
    .map((r) => ({ role: r, bearsA: bearsA(supply.wires[r]) }))
    .reduce((a, b) => (b.bearsA < a.bearsA ? b : a))
  const inrush = own ? inrushOf(solved, role) : null
  return {
    role,
    wire,
    outAndBackM,
    continuousA: lasting.value,
    continuousIn: lasting.id,
    dropV: drop.value,
    dropIn: drop.id,
    limitV,
    limitIs,
    bearsA: bearsA(wire),
    fuse:
      own && thinnest
        ? {
            ratingA: own.ratingA,
            continuousA: through(own.part).value,
            leastA: leastFuseA(through(own.part).value, wire.ambientK),
            thinnest,
            choices: fusesFor(through(own.part).value, wire.ambientK, thinnest.bearsA),
            inrush,
            wear: inrush ? inrushWear(inrush, own.ratingA) : 0,
            short: shortAtEnd(shortA, own.ratingA, wire.sectionM2, wire.insulation),
          }
        : null,
    demand,
    least: Object.fromEntries(WIRE_KINDS.map((k) => [k, leastWire(demand, k)])) as WireCheck['least'],
  }
}

/** Every wire that the design has, in the order of the design. */
export const checkWires = (solved: SolvedCar): WireCheck[] => {
  const fuses = fusesOf(solved)
  return WIRE_ROLES.flatMap((role) => checkWire(solved, role, fuses) ?? [])
}
