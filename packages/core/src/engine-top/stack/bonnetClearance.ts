/** A lump of clay squeezed between the old stack and the closed bonnet. */
export interface ClayPoint {
  readonly id: string
  /** Over the engine, m: right of the mount axis and ahead of the carburettor's centre. */
  readonly rightM: number
  readonly aheadM: number
  /** Top of the old stack there, m above the old manifold's pad. */
  readonly oldTopM: number
  /** Thickness of the squeezed clay, m. */
  readonly clayM: number
  /** How well that was measured, m. */
  readonly spreadM: number
}

/** A corner of the new stack that the bonnet might meet. */
export interface StackCorner {
  readonly id: string
  readonly rightM: number
  readonly aheadM: number
  /** Above the old manifold's pad, m. */
  readonly topM: number
}

export interface EngineRock {
  /** Either way, rad. */
  readonly rockRad: number
  /** Height of the axis through the mounts, m above the old manifold's pad; below it negative. */
  readonly axisUpM: number
}

export interface ClearanceCase {
  readonly clay: readonly ClayPoint[]
  readonly corners: readonly StackCorner[]
  readonly rock: EngineRock
  /** Wanted between bonnet and anything under it, m. */
  readonly wantedM: number
}

export interface CornerClearance {
  readonly id: string
  /** Nearest clay, by id; null where there is none at all. */
  readonly clayId: string | null
  /** In plan, m, from that clay. */
  readonly fromClayM: number
  /** Engine at rest, m; null where no clay is near enough. */
  readonly atRestM: number | null
  /** The engine rocked to where it is least, m. */
  readonly gapM: number | null
  /** Standard deviation of that, m. */
  readonly spreadM: number | null
  /** Rock at which it is least, rad; positive lifts the right side. */
  readonly atRad: number
  /** How far the corner goes up and sideways on the way there, m. */
  readonly upM: number
  readonly sidewaysM: number
}

export interface ClearanceAnswer {
  /** Worst first; those that are not known ahead of all. */
  readonly corners: readonly CornerClearance[]
  /** Least known gap less what is wanted, m: so much taller may the stack become; null where a corner is not known. */
  readonly tallerByM: number | null
}

/** Farther than this from a lump of clay nobody knows where the bonnet is, m. */
export const CLAY_REACH_M = 0.05
/** Bonnets curve: away from the clay their height is uncertain by this much a metre. Rule of thumb. */
const CURVE_SHARE = 0.1

interface Plane {
  readonly rightSlope: number
  readonly aheadSlope: number
}

/** The bonnet's slope about a lump of clay from the others, nearer ones counting more; flat across where nothing tells. */
const slopeAt = (at: ClayPoint, clay: readonly ClayPoint[]): Plane => {
  let [xx, xy, yy, xz, yz] = [0, 0, 0, 0, 0]
  for (const p of clay) {
    if (p.id === at.id) continue
    const x = p.rightM - at.rightM
    const y = p.aheadM - at.aheadM
    const distance = x * x + y * y
    if (distance < 1e-12) continue
    const z = bonnetM(p) - bonnetM(at)
    // Slopes from points far away say less.
    const weight = 1 / (distance * distance)
    xx += weight * x * x
    xy += weight * x * y
    yy += weight * y * y
    xz += weight * x * z
    yz += weight * y * z
  }
  const size = xx + yy
  if (size === 0) return { rightSlope: 0, aheadSlope: 0 }
  // A trace of a flat bonnet settles what a single row of points leaves open.
  const ridge = 1e-6 * size
  const determinant = (xx + ridge) * (yy + ridge) - xy * xy
  return {
    rightSlope: ((yy + ridge) * xz - xy * yz) / determinant,
    aheadSlope: ((xx + ridge) * yz - xy * xz) / determinant,
  }
}

/** The bonnet's underside at a lump of clay, m above the old manifold's pad. */
export const bonnetM = (p: ClayPoint): number => p.oldTopM + p.clayM

/** Underside of the bonnet over a place, m above the old pad, as it goes on from one lump with the slope that the others show. */
export const bonnetFrom = (
  lump: ClayPoint,
  clay: readonly ClayPoint[],
): ((at: { readonly rightM: number; readonly aheadM: number }) => number) => {
  const { aheadSlope, rightSlope } = slopeAt(lump, clay)
  return (at) => bonnetM(lump) + rightSlope * (at.rightM - lump.rightM) + aheadSlope * (at.aheadM - lump.aheadM)
}

/** Where a place goes that is fixed to an engine rocking about an axis along the car through its mounts. */
export const rocked = (
  { rightM, topM }: { readonly rightM: number; readonly topM: number },
  axisUpM: number,
  rad: number,
): { readonly rightM: number; readonly topM: number } => {
  const up = topM - axisUpM
  return {
    rightM: rightM * Math.cos(rad) - up * Math.sin(rad),
    topM: axisUpM + rightM * Math.sin(rad) + up * Math.cos(rad),
  }
}

/**
 * Gap between the corners of a new stack and a bonnet that is known by clay on the old one, with the engine rocking about
 * its mounts. At a lump of clay the bonnet's height is exact; near it, it goes on with the slope that the other lumps show, and
 * beyond 50 mm it is not known. The least gap is sought over all rock from one side to the other.
 */
export const bonnetClearance = (c: ClearanceCase): ClearanceAnswer => {
  const corners = c.corners.map((corner) => clearanceOf(corner, c))
  const known = corners.filter((x) => x.gapM !== null)
  const rank = (x: CornerClearance): number => x.gapM ?? -Infinity
  return {
    corners: [...corners].sort((a, b) => rank(a) - rank(b) || a.id.localeCompare(b.id)),
    tallerByM:
      known.length < corners.length || known.length === 0 ? null : Math.min(...known.map((x) => x.gapM!)) - c.wantedM,
  }
}

const clearanceOf = (corner: StackCorner, { clay, rock }: ClearanceCase): CornerClearance => {
  const away = (p: ClayPoint) => Math.hypot(p.rightM - corner.rightM, p.aheadM - corner.aheadM)
  const nearest = clay.reduce<ClayPoint | null>((a, b) => (a === null || away(b) < away(a) ? b : a), null)
  const fromClayM = nearest === null ? Infinity : away(nearest)
  const nothing = { atRestM: null, gapM: null, spreadM: null, atRad: 0, upM: 0, sidewaysM: 0 }
  if (nearest === null || fromClayM > CLAY_REACH_M)
    return { id: corner.id, clayId: nearest?.id ?? null, fromClayM, ...nothing }
  const { rightSlope } = slopeAt(nearest, clay)
  const over = bonnetFrom(nearest, clay)
  const gapAt = (rad: number): number => {
    const at = rocked(corner, rock.axisUpM, rad)
    return over({ rightM: at.rightM, aheadM: corner.aheadM }) - at.topM
  }
  // Under a sloping plane the gap is k + a cos + b sin: least at either end, or where that stands still.
  const up = corner.topM - rock.axisUpM
  const still = Math.atan2(-(rightSlope * up + corner.rightM), rightSlope * corner.rightM - up)
  const between = [still, still - Math.PI, still + Math.PI].filter((rad) => Math.abs(rad) <= rock.rockRad)
  const atRad = [0, -rock.rockRad, rock.rockRad, ...between].reduce((a, b) => (gapAt(b) < gapAt(a) ? b : a))
  const there = rocked(corner, rock.axisUpM, atRad)
  const movedM = Math.hypot(there.rightM - nearest.rightM, corner.aheadM - nearest.aheadM)
  return {
    id: corner.id,
    clayId: nearest.id,
    fromClayM,
    atRestM: gapAt(0),
    gapM: gapAt(atRad),
    spreadM: Math.hypot(nearest.spreadM, CURVE_SHARE * movedM),
    atRad,
    upM: there.topM - corner.topM,
    sidewaysM: there.rightM - corner.rightM,
  }
}
