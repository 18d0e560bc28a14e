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

/** A lever with the plane it turns in worked out. */
interface TurningLever {
  readonly at: Vector
  readonly armM: number
  readonly zero: Vector
  readonly quarter: Vector
}
const turning = ({ armM, at, shaft }: Lever): TurningLever => ({ at, armM, ...planeOf(shaft) })

const ballOf = ({ armM, at, quarter, zero }: TurningLever, rad: number): Vector =>
  plus(at, times(armM, plus(times(Math.cos(rad), zero), times(Math.sin(rad), quarter))))
/** How fast its ball moves a turn, m. */
const ballMoves = ({ armM, quarter, zero }: TurningLever, rad: number): Vector =>
  times(armM, plus(times(-Math.sin(rad), zero), times(Math.cos(rad), quarter)))

const waysOf = ({ armM, at, quarter, zero }: TurningLever, rodM: number, ball: Vector): readonly number[] => {
  const w = minus(ball, at)
  // |w - b(cos z + sin q)|² = l²  =>  A cos + B sin = C
  const a = 2 * armM * dot(w, zero)
  const b = 2 * armM * dot(w, quarter)
  const c = dot(w, w) + armM ** 2 - rodM ** 2
  const reach = Math.hypot(a, b)
  if (reach === 0 || Math.abs(c) > reach) return []
  const middle = Math.atan2(b, a)
  const half = Math.acos(c / reach)
  return half === 0 ? [middle] : [middle - half, middle + half]
}

/** End of a lever turned by an angle from straight up. */
export const ballAt = (lever: Lever, rad: number): Vector => ballOf(turning(lever), rad)

/** Both ways to close a linkage, rad from straight up; empty where the rod is too long or too short. */
export const closures = ({ driven, rodM }: RodLinkage, ball: Vector): readonly number[] =>
  waysOf(turning(driven), rodM, ball)

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
const FINE_STEP_RAD = Math.PI / 720

export interface RodPoint {
  /** Turned from rest, rad, in the sense it is driven. */
  readonly driverRad: number
  /** Turned from rest by the rod, rad; positive the way the driven lever opens. */
  readonly drivenRad: number
  /** Turn of the driven lever for one of the driver; beyond all bounds where rod and driven lever lie in line. */
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
 * centre. Closed form of the four-bar linkage (loop closure; Hartenberg and Denavit 1964), in space with ball joints;
 * ratio by the speeds of both balls along the rod.
 * @param opens 1 where the driven lever opens clockwise, -1 where it opens the other way
 */
export const sweepRod = (linkage: RodLinkage, travelRad: number, opens: 1 | -1, stepRad = FINE_STEP_RAD): RodSweep => {
  const { driver, driven, rodM } = linkage
  const [drives, follows] = [turning(driver), turning(driven)]
  const steps = Math.max(1, Math.ceil(Math.abs(travelRad) / stepRad))
  const sense = Math.sign(travelRad) || 1
  const points: RodPoint[] = []
  let before = driven.restRad
  for (let i = 0; i <= steps; i++) {
    const turnRad = (travelRad * i) / steps
    const ball = ballOf(drives, driver.restRad + turnRad)
    const ways = waysOf(follows, rodM, ball).map((w) => near(w, before))
    if (ways.length === 0) return { points, bindsAtRad: bindsAt(linkage, (travelRad * (i - 1)) / steps, turnRad) }
    const at = ways.reduce((a, b) => (Math.abs(b - before) < Math.abs(a - before) ? b : a))
    const rod = minus(ballOf(follows, at), ball)
    const along = dot(rod, ballMoves(follows, at))
    const ratio =
      along === 0 ? Infinity : (opens * sense * dot(rod, ballMoves(drives, driver.restRad + turnRad))) / along
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
