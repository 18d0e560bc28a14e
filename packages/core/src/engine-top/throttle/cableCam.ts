import { ballAt, type Lever } from './rodLinkage.ts'
import { minus, size, type Vector } from './space.ts'

/** A lever that pulls a cable, and the cam on the plate's shaft that the cable turns. */
export interface CableCam {
  readonly kind: 'cable'
  readonly driver: Lever
  /** Where the sheath ends before the lever, m. */
  readonly sheath: Vector
  /** Radius of the cam where the cable leaves it, closed and fully open, m; in between it changes evenly with the angle. */
  readonly closedRadiusM: number
  readonly openRadiusM: number
  /** Turn between the two radii, rad. */
  readonly camRad: number
}

/** Cable drawn out of its sheath by a turn of the lever, m. */
export const cablePullM = ({ driver, sheath }: Pick<CableCam, 'driver' | 'sheath'>, turnRad: number): number =>
  size(minus(ballAt(driver, driver.restRad + turnRad), sheath)) - size(minus(ballAt(driver, driver.restRad), sheath))

/**
 * Turn of the cam for a length of cable, rad: s = r0 a + (r1 - r0) a²/(2 a1), the integral of the radius over the angle.
 * Past its open end the cam goes on with that radius; a cable pulls and never pushes.
 */
export const camTurnRad = (
  { camRad, closedRadiusM, openRadiusM }: Omit<CableCam, 'driver' | 'sheath' | 'kind'>,
  pullM: number,
): number => {
  const wholeM = ((closedRadiusM + openRadiusM) / 2) * camRad
  if (pullM <= 0) return 0
  if (pullM >= wholeM) return camRad + (pullM - wholeM) / openRadiusM
  const growth = (openRadiusM - closedRadiusM) / camRad
  // The root written so that an even cam divides by no nothing.
  return (2 * pullM) / (closedRadiusM + Math.sqrt(closedRadiusM ** 2 + 2 * growth * pullM))
}
