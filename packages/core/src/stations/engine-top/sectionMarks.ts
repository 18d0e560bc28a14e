import { bonnetM, rocked } from '../../engine-top/index.ts'
import { fig, type Figure } from '../../verdict/index.ts'
import { pieceWords } from './judgeStack.ts'
import type { StackOfJob } from './stackOfJob.ts'

/**
 * Through the middle of the pad: along the car, looked at from its left with the front to the left; across, looked at from
 * behind; or through the tightest place, wherever that lies.
 */
export type SectionView = 'tightest' | 'along' | 'across'

type At = readonly [xMm: number, upMm: number]
/** What a section is drawn of, mm: x to the right of the drawing, up from the old pad. */
export type SectionMark =
  | { readonly kind: 'shape'; readonly what: 'piece' | 'envelope' | 'point'; readonly at: readonly At[] }
  | { readonly kind: 'bonnet'; readonly at: readonly At[] }
  | { readonly kind: 'lump'; readonly at: At; readonly thickMm: number }
  | { readonly kind: 'pad'; readonly fromMm: number; readonly toMm: number }
  | { readonly kind: 'name'; readonly at: At; readonly text: string }
  | { readonly kind: 'gap'; readonly xMm: number; readonly fromMm: number; readonly toMm: number; readonly figure: Figure; readonly fouls: boolean } // prettier-ignore

export interface Section {
  readonly view: SectionView
  readonly marks: readonly SectionMark[]
  readonly leftMm: number
  readonly rightMm: number
  readonly bottomMm: number
  readonly topMm: number
}

/** Clay this near to the plane of the section belongs to its bonnet line, m. */
const NEAR_PLANE_M = 0.06
const BODY_M = 0.14
const FLANGE_M = 0.15
const NUT_M = 0.024
const MARGIN_MM = 22
const MM = 1e3

const widthOf = (kind: string, acrossM: number, elementM: number): number =>
  kind === 'element'
    ? elementM
    : kind === 'base' || kind === 'lid'
      ? acrossM
      : kind === 'nut'
        ? NUT_M
        : kind === 'throttle-body' || kind === 'carburettor' || kind === 'elbow'
          ? BODY_M
          : FLANGE_M

const box = (halfMm: number, fromMm: number, toMm: number): At[] => [
  [-halfMm, fromMm],
  [halfMm, fromMm],
  [halfMm, toMm],
  [-halfMm, toMm],
]

/** Unit vector of a plane through the pad's middle: what of right and of ahead is seen to the right of the drawing. */
const directionOf = (
  view: SectionView,
  corner: { readonly rightM: number; readonly aheadM: number } | undefined,
): readonly [toRight: number, toAhead: number] => {
  const away = corner ? Math.hypot(corner.rightM, corner.aheadM) : 0
  if (view === 'across') return [1, 0]
  if (view === 'along' || corner === undefined || away < 1e-6) return [0, -1]
  // Right stays right; straight along the car the front is to the left.
  const turn = corner.rightM > 1e-9 || (Math.abs(corner.rightM) <= 1e-9 && corner.aheadM < 0) ? 1 : -1
  return [(turn * corner.rightM) / away, (turn * corner.aheadM) / away]
}

/**
 * A section through stack and bonnet to scale: pieces, bonnet line through the clay near the plane, where everything goes as the
 * engine rocks, and the least gap dimensioned. Null while heights are missing.
 */
export const sectionOf = (s: StackOfJob, view: SectionView): Section | null => {
  if (s.totalM === null || s.levels.length === 0) return null
  const elementM = s.entry.elementM ?? s.entry.rimM ?? BODY_M
  const acrossM = Math.max(elementM, s.entry.rimM ?? 0)
  const worst = s.clearance.corners.find((c) => c.gapM !== null)
  const corner = s.corners.find((c) => c.id === worst?.id)
  const [toRight, toAhead] = directionOf(view, corner)
  const x = (p: { readonly rightM: number; readonly aheadM: number }): number => p.rightM * toRight + p.aheadM * toAhead
  const off = (p: { readonly rightM: number; readonly aheadM: number }): number => p.rightM * toAhead - p.aheadM * toRight
  const pieces = s.levels.flatMap((l): { kind: string; at: At[]; midMm: number }[] => {
    if (l.fromM === null || l.toM === null || l.kind === 'pad') return []
    const half = (widthOf(l.kind, acrossM, elementM) / 2) * MM
    const [from, to] = l.kind === 'base' ? [l.toM - 0.004, l.toM] : [Math.min(l.fromM, l.toM), Math.max(l.fromM, l.toM)]
    return [{ kind: l.kind, at: box(half, from * MM, to * MM), midMm: ((from + to) / 2) * MM }]
  })
  /** Where an outline in this plane goes: sideways movement is seen as far as the plane lies across the car. */
  const lean = (at: readonly At[], rad: number): At[] =>
    at.map(([xMm, upMm]) => {
      const rightM = (xMm / MM) * toRight
      const to = rocked({ rightM: rightM - s.axisRightM, topM: upMm / MM }, s.axisUpM, rad)
      return [xMm + (to.rightM - (rightM - s.axisRightM)) * toRight * MM, to.topM * MM]
    })
  // Along the car the rim's sides stand behind the plane: they rise, and are seen above it.
  const riseMm = (acrossM / 2 + Math.abs(s.axisRightM)) * Math.sin(s.rockRad) * MM * Math.abs(toAhead)
  const lifted = (at: readonly At[]): At[] => at.map(([xMm, upMm], i) => [xMm, i < 2 ? upMm : upMm + riseMm])
  const moving = pieces.filter((p) => ['base', 'element', 'lid', 'nut', 'elbow', 'throttle-body', 'plenum'].includes(p.kind))
  const envelope = moving.flatMap((p) => [lean(p.at, s.rockRad), lean(p.at, -s.rockRad), ...(view === 'along' ? [lifted(p.at)] : [])])
  const clay = s.clay.filter((p) => Math.abs(off(p)) <= NEAR_PLANE_M).sort((a, b) => x(a) - x(b))
  const points = s.corners.filter((c) => s.entry.points.some((p) => p.id === c.id))
  const gap: SectionMark[] = []
  if (worst && corner && worst.gapM !== null) {
    const topMm = (corner.topM + worst.upM) * MM
    const xMm = (x(corner) + worst.sidewaysM * toRight) * MM
    gap.push({ kind: 'gap', xMm, fromMm: topMm, toMm: topMm + worst.gapM * MM, figure: fig(worst.gapM, 'bore', 1), fouls: worst.gapM < 0 })
  }
  const marks: SectionMark[] = [
    { kind: 'pad', fromMm: -(FLANGE_M / 2) * MM - 20, toMm: (FLANGE_M / 2) * MM + 20 },
    ...envelope.map((at): SectionMark => ({ kind: 'shape', what: 'envelope', at })),
    ...pieces.map((p): SectionMark => ({ kind: 'shape', what: 'piece', at: p.at })),
    ...points.map((p): SectionMark => ({ kind: 'shape', what: 'point', at: box(4, p.topM * MM - 8, p.topM * MM).map(([px, py]): At => [px + x(p) * MM, py]) })),
    { kind: 'bonnet', at: clay.map((p): At => [x(p) * MM, bonnetM(p) * MM]) },
    ...clay.map((p): SectionMark => ({ kind: 'lump', at: [x(p) * MM, bonnetM(p) * MM], thickMm: p.clayM * MM })),
    ...pieces
      .filter((p) => Math.abs(p.at[2]![1] - p.at[0]![1]) >= 12)
      .map((p): SectionMark => ({ kind: 'name', at: [0, p.midMm], text: pieceWords(p.kind) })),
    ...gap,
  ]
  const xs = marks.flatMap((m) => ('at' in m && Array.isArray(m.at[0]) ? (m.at as readonly At[]).map((a) => a[0]) : []))
  const ups = marks.flatMap((m) => ('at' in m && Array.isArray(m.at[0]) ? (m.at as readonly At[]).map((a) => a[1]) : []))
  return {
    view,
    marks,
    leftMm: Math.min(-100, ...xs) - MARGIN_MM,
    rightMm: Math.max(100, ...xs) + MARGIN_MM,
    bottomMm: Math.min(0, ...ups) - MARGIN_MM,
    topMm: Math.max(60, ...ups) + MARGIN_MM,
  }
} // prettier-ignore
