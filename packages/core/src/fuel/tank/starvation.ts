import { GRAVITY_M_S2 } from '../lineLoss.ts'
import { fallingRoot } from '../../numeric/bracketedRoot.ts'

export interface StarvationCase {
  readonly fuelM3: number
  /** Floor of the tank along the car and across it. */
  readonly lengthM: number
  readonly widthM: number
  /** Pick-up from the front wall and from the left wall. */
  readonly fromFrontM: number
  readonly fromLeftM: number
  /** Depth the pick-up needs over it to draw no air. */
  readonly pickUpHeightM: number
}

export interface StarvationAnswer {
  readonly levelM: number
  /** Least acceleration at which the pick-up draws air, m/s²; infinite where none below 20 m/s² does. */
  readonly brakingMS2: number
  readonly acceleratingMS2: number
  readonly leftTurnMS2: number
  readonly rightTurnMS2: number
  /** The least of the four, and its angle of the fuel's surface, degrees. */
  readonly leastMS2: number
  readonly angleDeg: number
}

const MOST_MS2 = 20

/**
 * Depth of fuel at a place of a flat tank whose surface is tilted; negative where the floor is dry.
 * @param shallowM from the wall the fuel runs away from
 * @param slope tangent of the surface's angle, a/g
 */
const signedDepthM = (levelM: number, lengthM: number, shallowM: number, slope: number): number => {
  if (slope * lengthM <= 2 * levelM) return levelM + slope * (shallowM - lengthM / 2)
  // The floor is partly dry: a wedge of the same volume against the far wall.
  const wettedM = Math.sqrt((2 * levelM * lengthM) / slope)
  return slope * (shallowM - (lengthM - wettedM))
}

/** Depth of fuel at a place of a flat tank whose surface is tilted; arguments as above. */
export const tiltedDepthM = (levelM: number, lengthM: number, shallowM: number, slope: number): number =>
  Math.max(0, signedDepthM(levelM, lengthM, shallowM, slope))

/** Least acceleration, m/s², at which a pick-up at this distance from the drying wall lies dry. */
const dryAt = (levelM: number, lengthM: number, shallowM: number, pickUpM: number): number => {
  if (levelM <= pickUpM) return 0
  const depth = (aMS2: number) => signedDepthM(levelM, lengthM, shallowM, aMS2 / GRAVITY_M_S2) - pickUpM
  if (depth(MOST_MS2) >= 0) return Infinity
  // The depth may rise before it falls: start where it has passed its top.
  const topSlope = shallowM > lengthM / 2 ? (levelM * lengthM) / (2 * (lengthM - shallowM) ** 2 || 1e-12) : 0
  const from = Math.min(MOST_MS2, topSlope * GRAVITY_M_S2)
  return fallingRoot(depth, depth(from) > 0 ? from : 0, MOST_MS2)
}

/**
 * At which cornering, braking and accelerating a tank with a flat floor leaves its pick-up dry, without baffles. The
 * surface tilts by tan(angle) = a/g at a steady acceleration; the volume stays.
 */
export const starvation = (c: StarvationCase): StarvationAnswer => {
  const levelM = c.fuelM3 / (c.lengthM * c.widthM)
  const along = (shallowM: number) => dryAt(levelM, c.lengthM, shallowM, c.pickUpHeightM)
  const across = (shallowM: number) => dryAt(levelM, c.widthM, shallowM, c.pickUpHeightM)
  // Braking throws fuel to the front: the rear wall dries. A left turn throws it to the right.
  const brakingMS2 = along(c.lengthM - c.fromFrontM)
  const acceleratingMS2 = along(c.fromFrontM)
  const leftTurnMS2 = across(c.fromLeftM)
  const rightTurnMS2 = across(c.widthM - c.fromLeftM)
  const leastMS2 = Math.min(brakingMS2, acceleratingMS2, leftTurnMS2, rightTurnMS2)
  return {
    levelM,
    brakingMS2,
    acceleratingMS2,
    leftTurnMS2,
    rightTurnMS2,
    leastMS2,
    angleDeg: (Math.atan(Math.min(leastMS2, MOST_MS2) / GRAVITY_M_S2) * 180) / Math.PI,
  }
}

/** Volume a swirl pot or baffle box needs to carry the engine through a time without supply, m³: Q t with half as much again. */
export const potVolumeM3 = (demandM3S: number, timeS: number): number => 1.5 * demandM3S * timeS
