import { dot, minus, planeOf, plus, size, times, type Vector } from './space.ts'

/** A lever on a shaft. */
export interface Lever {
  /** Where the shaft stands, m. */
  readonly at: Vector
  /** Along the shaft; only its direction counts. */
  readonly shaft: Vector
  /** From the shaft to the ball joint, m. */
  readonly armM: number
  /** Where the lever points at rest, rad, from straight up, clockwise looking along the shaft. */
  readonly restRad: number
}

/** Two levers joined by a rod with ball joints: a four-bar linkage, plane or in space. */
export interface RodLinkage {
  readonly kind: 'rod'
  readonly driver: Lever
  readonly driven: Lever
  readonly rodM: number
}

/** End of a lever turned by an angle from straight up. */
export const ballAt = ({ armM, at, shaft }: Lever, rad: number): Vector => {
  const { zero, quarter } = planeOf(shaft)
  return plus(at, times(armM, plus(times(Math.cos(rad), zero), times(Math.sin(rad), quarter))))
}

/** Both ways to close a linkage, rad from straight up; empty where the rod is too long or too short. */
export const closures = ({ driven, rodM }: RodLinkage, ball: Vector): readonly number[] => {
  const { zero, quarter } = planeOf(driven.shaft)
  const w = minus(ball, driven.at)
  // |w - b(cos z + sin q)|² = l²  =>  A cos + B sin = C
  const a = 2 * driven.armM * dot(w, zero)
  const b = 2 * driven.armM * dot(w, quarter)
  const c = dot(w, w) + driven.armM ** 2 - rodM ** 2
  const reach = Math.hypot(a, b)
  if (reach === 0 || Math.abs(c) > reach) return []
  const middle = Math.atan2(b, a)
  const half = Math.acos(c / reach)
  return half === 0 ? [middle] : [middle - half, middle + half]
}

/** Rod that joins both levers as they stand at rest, m. */
export const rodAtRestM = ({ driven, driver }: Omit<RodLinkage, 'rodM' | 'kind'>): number =>
  size(minus(ballAt(driver, driver.restRad), ballAt(driven, driven.restRad)))

/** A linkage as its rod sets it: the driven lever where the rod holds it at rest; null where it does not reach. */
export const setByRod = <L extends RodLinkage>(linkage: L): L | null => {
  const { driven, driver } = linkage
  const ways = closures(linkage, ballAt(driver, driver.restRad)).map((w) => near(w, driven.restRad))
  if (ways.length === 0) return null
  const restRad = ways.reduce((a, b) => (Math.abs(b - driven.restRad) < Math.abs(a - driven.restRad) ? b : a))
  return { ...linkage, driven: { ...driven, restRad } }
}

const TURN = 2 * Math.PI
/** The same angle within half a turn of another. */
export const near = (rad: number, to: number): number => rad - TURN * Math.round((rad - to) / TURN)

/** Small enough that between two steps no lever takes the other way to close. */
const STEP_RAD = Math.PI / 720

export interface RodPoint {
  /** Turned from rest, rad, in the sense it is driven. */
  readonly driverRad: number
  /** Turned from rest by the rod, rad; positive the way the driven lever opens. */
  readonly drivenRad: number
  /** Of the driven lever for one of the driver; 0 at a dead centre. */
  readonly ratio: number
}

export interface RodSweep {
  readonly points: readonly RodPoint[]
  /** Turn at which the rod lies in line with a lever or no longer reaches, rad; null where it goes all the way. */
  readonly bindsAtRad: number | null
}

/**
 * Turns the driver from rest by up to `travelRad` (its sign is the way it turns) and follows the driven lever, the way to
 * close that is nearest to where it stood. It binds where the rod no longer reaches: there the driven lever has a dead
 * centre. Closed form of the four-bar linkage (loop closure; Hartenberg and Denavit 1964), in space with ball joints.
 * @param opens 1 where the driven lever opens clockwise, -1 where it opens the other way
 */
export const sweepRod = (linkage: RodLinkage, travelRad: number, opens: 1 | -1): RodSweep => {
  const { driver, driven } = linkage
  const steps = Math.max(1, Math.ceil(Math.abs(travelRad) / STEP_RAD))
  const points: RodPoint[] = []
  let before = driven.restRad
  const drivenAt = (turnRad: number, from: number): number | null => {
    const ways = closures(linkage, ballAt(driver, driver.restRad + turnRad)).map((w) => near(w, from))
    return ways.length === 0 ? null : ways.reduce((a, b) => (Math.abs(b - from) < Math.abs(a - from) ? b : a))
  }
  const h = 1e-6
  for (let i = 0; i <= steps; i++) {
    const turnRad = (travelRad * i) / steps
    const at = drivenAt(turnRad, before)
    if (at === null) return { points, bindsAtRad: bindsAt(linkage, (travelRad * (i - 1)) / steps, turnRad) }
    const sense = Math.sign(travelRad) || 1
    const [back, on] = [drivenAt(turnRad - sense * h, at), drivenAt(turnRad + sense * h, at)]
    const ratio = (opens * ((on ?? at) - (back ?? at))) / (h * ((on === null ? 0 : 1) + (back === null ? 0 : 1)) || h)
    points.push({ driverRad: Math.abs(turnRad), drivenRad: opens * (at - driven.restRad), ratio })
    before = at
  }
  return { points, bindsAtRad: null }
}

/** Between a turn at which the rod reaches and one at which it does not. */
const bindsAt = (linkage: RodLinkage, reaches: number, not: number): number => {
  let [a, b] = [reaches, not]
  for (let i = 0; i < 60; i++) {
    const middle = (a + b) / 2
    if (closures(linkage, ballAt(linkage.driver, linkage.driver.restRad + middle)).length > 0) a = middle
    else b = middle
  }
  return Math.abs(a)
}
