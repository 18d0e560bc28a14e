import {
  airCleaner,
  besideStack,
  bonnetClearance,
  levelsOf,
  MOST_DROP_PA,
  rimCorners,
  turned,
  type AirCleanerAnswer,
  type ClayPoint,
  type ClearanceAnswer,
  type PieceLevel,
  type SideFace,
  type SideGap,
  type SidePoint,
  type StackCorner,
} from '../../engine-top/index.ts'
import { fullFilling } from '../../engine/index.ts'
import { figureOf } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { EngineTopSection, StackKind, TopPoint } from '../../sections/index.ts'

export type NewPiece = StackKind | 'elbow'

/** What stands on the pad when the job is done, and what is round it. */
export interface StackOfJob {
  readonly entry: EngineTopSection['stack']
  /** What really stands there: without the air cleaner where that is remote. */
  readonly levels: readonly PieceLevel<NewPiece>[]
  readonly totalM: number | null
  /** Old stack, its sum; null where a piece is not measured or none is entered. */
  readonly oldM: number | null
  readonly clay: readonly ClayPoint[]
  /** Id of the lump that the walk-around stands for; null where there is none. */
  readonly fromWalk: string | null
  readonly corners: readonly StackCorner[]
  /** What a corner, lump or point is called, by its id. */
  readonly nameOf: (id: string) => string
  readonly clearance: ClearanceAnswer
  readonly rockRad: number
  readonly axisUpM: number
  readonly axisRightM: number
  readonly wantedM: number
  readonly sideWantedM: number
  readonly gaps: readonly SideGap[]
  /** Points that cannot be held against their neighbours yet. */
  readonly openPoints: readonly string[]
  /** Neighbours whose place is not measured. */
  readonly openNeighbours: readonly string[]
  /** Whether the rim of an air cleaner on the stack is still to be measured. */
  readonly rimOpen: boolean
  readonly air: AirCleanerAnswer | null
  readonly elementHeightM: number | null
  /** Of the element's outside that air goes through. */
  readonly openShare: number
  /** Most at the element, m/s. */
  readonly faceLimitMS: number
  /** Seat of the element above the old pad, m. */
  readonly seatM: number | null
  /** Highest that spacers together may be, m; null while a gap is not known. */
  readonly tallestSpacerM: number | null
}

export const CLEANER_KINDS: readonly StackKind[] = ['base', 'element', 'lid', 'nut']
const WALK = 'walked-round'
const RIM = 'rim'
const NUT = 'top'
const ELBOW = 'elbow'
const WALK_SPREAD_M = 0.002
/** Of a lump that was laid once. Rule of thumb. */
export const CLAY_SPREAD_M = 0.001
const RAD = Math.PI / 180

const CORNER_NAMES: Readonly<Record<string, string>> = {
  [ELBOW]: 'elbow of the duct',
  'rim-front': 'rim of the air cleaner, front',
  'rim-front-right': 'rim of the air cleaner, front right',
  'rim-right': 'rim of the air cleaner, right',
  'rim-rear-right': 'rim of the air cleaner, rear right',
  'rim-rear': 'rim of the air cleaner, rear',
  'rim-rear-left': 'rim of the air cleaner, rear left',
  'rim-left': 'rim of the air cleaner, left',
  'rim-front-left': 'rim of the air cleaner, front left',
  [WALK]: 'clay of the walk-around',
  [RIM]: 'rim of the air cleaner',
}

/** They stay where they are when a spacer lifts the throttle body. */
const ON_MANIFOLD: readonly string[] = ['rail', 'rail-end', 'injector']

/** A corner half way between two places of the rim. */
const betweenWords = (id: string): string | undefined => {
  const places = id.split('--')
  const [a, b] = places.map((x) => x.replace('rim-', '').replaceAll('-', ' '))
  return places.length === 2 ? `rim of the air cleaner, between ${a} and ${b}` : undefined
}

/** The top of a stack is called by its last piece. */
const topWords = (kind: NewPiece | undefined): string =>
  kind === 'nut' || kind === undefined
    ? 'nut of the air cleaner'
    : kind === 'lid'
      ? 'lid of the air cleaner'
      : kind.replace('-', ' ')

const sum = (pieces: readonly { readonly heightM: number | null }[]): number | null =>
  pieces.length === 0 || pieces.some((p) => p.heightM === null) ? null : pieces.reduce((s, p) => s + p.heightM!, 0)

const clayOf = (job: JobDocument): { clay: ClayPoint[]; fromWalk: string | null } => {
  const { clay } = job.engineTop.stack
  const own = clay.flatMap((c): ClayPoint[] => {
    const rightM = c.rightM ?? (c.place === 'centre' ? 0 : null)
    const aheadM = c.aheadM ?? (c.place === 'centre' ? 0 : null)
    if (rightM === null || aheadM === null || c.topM === null || c.clayM === null) return []
    return [{ id: c.id, rightM, aheadM, oldTopM: c.topM, clayM: c.clayM, spreadM: c.spreadM ?? CLAY_SPREAD_M }]
  })
  const { gapM, stackM } = job.walkAround.bonnet
  if (own.some((c) => Math.hypot(c.rightM, c.aheadM) < 0.02) || gapM === null || stackM === null)
    return { clay: own, fromWalk: null }
  return {
    clay: [...own, { id: WALK, rightM: 0, aheadM: 0, oldTopM: stackM, clayM: gapM, spreadM: WALK_SPREAD_M }],
    fromWalk: WALK,
  }
}

/** Foot of the throttle body above the old pad, m; null while it does not stand on measured pieces. */
const footOf = (levels: readonly PieceLevel<NewPiece>[]): number | null =>
  levels.find((l) => l.kind === 'throttle-body')?.fromM ?? null

/** Points with their places and heights above the pad; without those that are not measured. */
const pointsOf = (job: JobDocument, levels: readonly PieceLevel<NewPiece>[]) => {
  const { facingDeg, points } = job.engineTop.stack
  const footM = footOf(levels)
  return points.flatMap((p): { point: TopPoint; at: StackCorner }[] => {
    const fromM = p.turns === true ? footM : 0
    if (p.rightM === null || p.aheadM === null || p.topM === null || fromM === null) return []
    const at = { id: p.id, rightM: p.rightM, aheadM: p.aheadM, topM: fromM + p.topM }
    return [{ point: p, at: p.turns === true ? turned(at, facingDeg) : at }]
  })
}

const cornersOf = (job: JobDocument, levels: readonly PieceLevel<NewPiece>[]): StackCorner[] => {
  const { cleaner, rimM, elementM } = job.engineTop.stack
  const top = levels.at(-1)?.toM ?? null
  const lid = levels.filter((l) => l.kind !== 'nut').at(-1)?.toM ?? null
  const across = Math.max(rimM ?? 0, elementM ?? 0)
  const own = pointsOf(job, levels).map((p) => p.at)
  if (top === null) return own
  if (cleaner === 'remote') return [{ id: ELBOW, rightM: 0, aheadM: 0, topM: top }, ...own]
  return [
    { id: NUT, rightM: 0, aheadM: 0, topM: top },
    ...(across > 0 && lid !== null && levels.some((l) => l.kind === 'element') ? rimCorners(across, lid) : []),
    ...own,
  ]
}

const facesOf = (job: JobDocument): SideFace[] =>
  job.engineTop.stack.around.flatMap((n): SideFace[] => {
    const onEngine = n.onEngine === true
    if (n.side === 'round')
      return n.rightM === null || n.aheadM === null || n.radiusM === null
        ? []
        : [{ id: n.id, kind: 'round', rightM: n.rightM, aheadM: n.aheadM, radiusM: n.radiusM, onEngine }]
    return n.atM === null ? [] : [{ id: n.id, kind: n.side, atM: n.atM, onEngine }]
  })

const sidePointsOf = (job: JobDocument, levels: readonly PieceLevel<NewPiece>[]): SidePoint[] => {
  const { cleaner, elementM, rimM } = job.engineTop.stack
  const across = Math.max(rimM ?? 0, elementM ?? 0)
  const lid = levels.filter((l) => l.kind !== 'nut').at(-1)?.toM ?? null
  return [
    ...pointsOf(job, levels).map(({ at, point: p }): SidePoint => ({
      ...at,
      reachM: (p.end === 'angled' ? p.angledReachM : null) ?? p.reachM ?? 0,
    })),
    ...(cleaner === 'on-top' && across > 0 && lid !== null
      ? [{ id: RIM, rightM: 0, aheadM: 0, topM: lid, reachM: across / 2 }]
      : []),
  ]
}

/** Below this it is no element, m. */
const LEAST_ELEMENT_M = 1e-3
const BAR_PA = 101_325

const airOf = (job: JobDocument, elementHeightM: number | null): AirCleanerAnswer | null => {
  const { dropHeightM, dropPa, elementM } = job.engineTop.stack
  if (elementM === null || elementHeightM === null || elementHeightM < LEAST_ELEMENT_M) return null
  const speedHz = figureOf(job, 'vehicle.powerSpeedRpm') / 60
  const base = {
    displacementM3: figureOf(job, 'vehicle.displacementM3'),
    speedHz,
    volumetricEfficiency: fullFilling(job.vehicle.aspiration),
    boostRatio: 1 + figureOf(job, 'vehicle.boostPa') / BAR_PA,
    diameterM: elementM,
    heightM: elementHeightM,
    openShare: figureOf(job, 'engineTop.stack.openShare'),
    lidM2: 0,
    mostFaceMS: figureOf(job, 'engineTop.stack.faceMS'),
    measured: null,
    mostDropPa: MOST_DROP_PA,
  }
  const plain = airCleaner(base)
  return dropPa === null || dropHeightM === null
    ? plain
    : airCleaner({ ...base, measured: { dropPa, flowM3S: plain.airM3S, heightM: dropHeightM } })
}

/** Stack, clay and neighbours of a job, worked out once for all judges. */
export const stackOfJob = (job: JobDocument): StackOfJob => {
  const entry = job.engineTop.stack
  const remote = entry.cleaner === 'remote'
  const kept = remote ? entry.pieces.filter((p) => !CLEANER_KINDS.includes(p.kind)) : entry.pieces
  const standing: { kind: NewPiece; heightM: number | null }[] = [
    ...kept,
    ...(remote ? [{ kind: 'elbow' as const, heightM: figureOf(job, 'engineTop.stack.elbowM') }] : []),
  ]
  const levels = levelsOf<NewPiece>(standing)
  const { clay, fromWalk } = clayOf(job)
  const corners = cornersOf(job, levels)
  const rockRad = figureOf(job, 'engineTop.stack.rockDeg') * RAD
  const axisUpM = -figureOf(job, 'engineTop.stack.axisBelowM')
  const wantedM = figureOf(job, 'engineTop.stack.wantedM')
  const axisRightM = figureOf(job, 'engineTop.stack.axisRightM')
  // The rotation is told from the mount axis.
  const fromAxis = <P extends { readonly rightM: number }>(p: P): P => ({ ...p, rightM: p.rightM - axisRightM })
  const clearance = bonnetClearance({ clay: clay.map(fromAxis), corners: corners.map(fromAxis), rock: { rockRad, axisUpM }, wantedM }) // prettier-ignore
  const elementHeightM = entry.pieces.find((p) => p.kind === 'element')?.heightM ?? null
  const spacers = standing.filter((p) => p.kind === 'spacer')
  const spacersM = spacers.length === 0 ? 0 : sum(spacers)
  // Whatever stands on a spacer goes up with it; a rail on the manifold does not.
  const carried = clearance.corners.filter((x) => !entry.points.some((p) => p.id === x.id && ON_MANIFOLD.includes(p.kind)))
  const faces = facesOf(job)
  const rimOpen = !remote && entry.rimM === null && levels.some((l) => l.kind === 'element')
  const openPoints = entry.points.filter((p) => !corners.some((x) => x.id === p.id)).map((p) => p.name)
  const known = !rimOpen && openPoints.length === 0 && carried.length > 0 && carried.every((x) => x.gapM !== null)
  const spareM = known ? Math.min(...carried.map((x) => x.gapM!)) - wantedM : null
  const place = new Map(entry.clay.map((c) => [c.id, c.place as string]))
  const nameOf = (id: string): string =>
    entry.points.find((p) => p.id === id)?.name ??
    entry.around.find((n) => n.id === id)?.name ??
    CORNER_NAMES[id] ??
    betweenWords(id) ??
    (id === NUT ? topWords(levels.at(-1)?.kind) : undefined) ??
    CORNER_NAMES[place.get(id) ?? ''] ??
    (place.get(id) === undefined ? id : `clay ${place.get(id)}`)
  return {
    entry,
    levels,
    totalM: levels.at(-1)?.toM ?? null,
    oldM: sum(entry.old),
    clay,
    fromWalk,
    corners,
    nameOf,
    clearance,
    rockRad,
    axisUpM,
    axisRightM,
    wantedM,
    sideWantedM: figureOf(job, 'engineTop.stack.sideWantedM'),
    // An alternator stands under a wide air cleaner, not beside it.
    gaps: besideStack(sidePointsOf(job, levels), faces, rockRad, axisUpM, axisRightM).filter(
      (g) => g.point !== RIM || entry.around.find((n) => n.id === g.face)?.kind !== 'alternator',
    ),
    openNeighbours: entry.around.filter((n) => !faces.some((f) => f.id === n.id)).map((n) => n.name),
    rimOpen,
    openPoints,
    air: airOf(job, elementHeightM),
    elementHeightM,
    openShare: figureOf(job, 'engineTop.stack.openShare'),
    faceLimitMS: figureOf(job, 'engineTop.stack.faceMS'),
    seatM: levels.find((l) => l.kind === 'base')?.toM ?? null,
    tallestSpacerM: spareM === null || spacersM === null ? null : Math.max(0, spacersM + spareM),
  }
} // prettier-ignore
