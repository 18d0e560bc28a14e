/** Something of the new stack, m from the middle of the pad. */
export interface SidePoint {
  readonly id: string
  readonly rightM: number
  readonly aheadM: number
  /** Above the pad, m. */
  readonly topM: number
  /** How far it stands out from there towards any neighbour, m. */
  readonly reachM: number
}

/** An upright face at a distance from the pad's middle, or something round standing at a place, m. */
export type SideFace =
  | { readonly id: string; readonly kind: 'behind' | 'ahead' | 'left' | 'right'; readonly atM: number; readonly onEngine: boolean }
  | { readonly id: string; readonly kind: 'round'; readonly rightM: number; readonly aheadM: number; readonly radiusM: number; readonly onEngine: boolean } // prettier-ignore

export interface SideGap {
  readonly point: string
  readonly face: string
  readonly atRestM: number
  /** With the engine rocked to where it is least, m. */
  readonly gapM: number
  /** Sideways movement of the point either way, m; 0 where both sit on the engine. */
  readonly movesM: number
}

/** Turned clockwise as seen from above about the middle of the pad. */
export const turned = <P extends { readonly rightM: number; readonly aheadM: number }>(p: P, deg: number): P => {
  const rad = (deg * Math.PI) / 180
  const [cos, sin] = [Math.cos(rad), Math.sin(rad)]
  return { ...p, rightM: p.rightM * cos + p.aheadM * sin, aheadM: p.aheadM * cos - p.rightM * sin }
}

const distanceM = (p: { readonly rightM: number; readonly aheadM: number }, f: SideFace): number => {
  switch (f.kind) {
    case 'behind':
      return f.atM + p.aheadM
    case 'ahead':
      return f.atM - p.aheadM
    case 'left':
      return f.atM + p.rightM
    case 'right':
      return f.atM - p.rightM
    case 'round':
      return Math.hypot(f.rightM - p.rightM, f.aheadM - p.aheadM) - f.radiusM
  }
}

/**
 * Gaps between points of a stack and what stands round the engine, worst first. The engine rocks about an axis along the car:
 * what sits on it goes sideways, what sits on the body stays.
 * @param rockRad either way @param axisUpM height of the axis above the pad, below it negative @param axisRightM right of the pad's middle
 */
export const besideStack = (
  points: readonly SidePoint[],
  faces: readonly SideFace[],
  rockRad: number,
  axisUpM: number,
  axisRightM = 0,
): SideGap[] =>
  points
    .flatMap((p) =>
      faces.map((f): SideGap => {
        const up = p.topM - axisUpM
        const at = (rad: number) => ({
          rightM: axisRightM + (p.rightM - axisRightM) * Math.cos(rad) - up * Math.sin(rad),
          aheadM: p.aheadM,
        })
        const gapAt = (rad: number): number => distanceM(at(rad), f) - p.reachM
        const atRestM = gapAt(0)
        if (f.onEngine) return { point: p.id, face: f.id, atRestM, gapM: atRestM, movesM: 0 }
        // Straight beside something round the gap is least; else at either end.
        const level = f.kind === 'round' && up !== 0 ? Math.asin(Math.max(-1, Math.min(1, (p.rightM - f.rightM) / up))) : 0
        const rads = [-rockRad, rockRad, ...(Math.abs(level) <= rockRad ? [level] : [])]
        return {
          point: p.id,
          face: f.id,
          atRestM,
          gapM: Math.min(atRestM, ...rads.map(gapAt)),
          movesM: Math.abs(up) * Math.sin(rockRad),
        }
      }),
    )
    .sort((a, b) => a.gapM - b.gapM) // prettier-ignore
