/** A cable or rod to the gearbox on a lever of the plate's shaft; it leaves in one direction, far away. SI. */
export interface KickdownCase {
  readonly armM: number
  /** Between the lever and its cable, plate closed, rad. */
  readonly restRad: number
  readonly plateRad: number
  /** Pulled out with the plate closed, m. */
  readonly closedM: number
  readonly wantsClosedM: number
  readonly wantsOpenM: number
}

export interface KickdownAnswer {
  /** Pulled out with the plate fully open, m. */
  readonly openM: number
  readonly offClosedM: number
  readonly offOpenM: number
  /** With the closed end set right by its adjuster: arm, or angle of the lever, that gives the maker's travel; null where none does. */
  readonly armM: number | null
  readonly restRad: number | null
}

/** Cable drawn by a lever: its end goes r (cos b - cos(b + a)) along the cable, with b between lever and cable. */
export const kickdownPullM = (armM: number, restRad: number, turnRad: number): number =>
  armM * (Math.cos(restRad) - Math.cos(restRad + turnRad))

/**
 * Travel of a gearbox cable against the plate's two ends, and the arm or the angle at which the maker's travel is met:
 * r (cos b - cos(b + p)) = s, solved for r, or by 2 r sin(b + p/2) sin(p/2) = s for the b nearest to what is there.
 */
export const kickdownTravel = (c: KickdownCase): KickdownAnswer => {
  const openM = c.closedM + kickdownPullM(c.armM, c.restRad, c.plateRad)
  const wantedM = c.wantsOpenM - c.wantsClosedM
  const perArm = kickdownPullM(1, c.restRad, c.plateRad)
  const sine = wantedM / (2 * c.armM * Math.sin(c.plateRad / 2))
  const rests =
    Math.abs(sine) <= 1
      ? [Math.asin(sine), Math.PI - Math.asin(sine)]
          .map((x) => x - c.plateRad / 2)
          .filter((b) => b > 0 && b < Math.PI)
          .sort((a, b) => Math.abs(a - c.restRad) - Math.abs(b - c.restRad))
      : []
  return {
    openM,
    offClosedM: c.closedM - c.wantsClosedM,
    offOpenM: openM - c.wantsOpenM,
    armM: perArm > 0 && wantedM > 0 ? wantedM / perArm : null,
    restRad: rests[0] ?? null,
  }
}
