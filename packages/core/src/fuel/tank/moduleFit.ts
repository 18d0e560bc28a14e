import type { Trace } from '../../verdict/index.ts'

export interface ModuleFitCase {
  /** Inside, floor to top, at the place of the hole. */
  readonly tankDepthM: number
  /** Sock to floor; 5 to 10 mm, sprung. */
  readonly floorClearanceM: number
  /** Under the hat's sealing face to the sock's foot, as delivered. */
  readonly moduleLengthM: number
  /** Longest it can be set or drawn out to; the delivered length where it cannot. */
  readonly mostLengthM: number
  /** Hat above the tank's top. */
  readonly hatHeightM: number
  /** Fittings above the hat. */
  readonly fittingHeightM: number
  /** Least bend radius of the hose that leaves them, to its middle; 0 where it leaves sideways. */
  readonly bendRadiusM: number
  readonly hoseOutsideM: number
  /** Top of the tank to the floor or frame above, at the place of the hole. */
  readonly gapAboveM: number
  /** To be kept free above everything. */
  readonly airGapM: number
  /** Tilt of the tank while it is lifted onto its straps, degrees. */
  readonly tiltDeg: number
  /** Hinge edge of that tilt to the far edge of the hat. */
  readonly hingeToHatM: number
  /** Hat's edge to the nearest rib or edge above, along the swing; null where nothing stands there. */
  readonly swingRoomM: number | null
}

export interface ModuleFitAnswer {
  /** Length wanted under the hat. */
  readonly wantedLengthM: number
  /** To be cut off the hanger; 0 where nothing. */
  readonly cutOffM: number
  /** Missing at its longest; 0 where nothing. */
  readonly shortByM: number
  readonly stackAboveM: number
  /** What the stack lacks in height; negative: to spare. */
  readonly foulsByM: number
  /** Highest hat that would fit with these fittings and this hose; negative: none would. */
  readonly hatThatFitsM: number
  /** How far the top of the stack swings sideways on its whole way to that tilt. */
  readonly sweepM: number
  readonly sweepFoulsByM: number | null
}

/**
 * Does a pump module fit: its depth below, its hat, fittings and hose bend above, and its swing while the tank is
 * lifted. Below: depth - clearance = length. Above: hat + fittings + bend radius + half the hose. The swing: a point at
 * (a, Z) from the hinge moves sideways by a cos t + Z sin t - a while the tank hangs t lower, most at t = atan(Z / a):
 * a tank that hangs lower still has passed that point on its way.
 */
export const moduleFit = (c: ModuleFitCase, trace?: Trace): ModuleFitAnswer => {
  const wantedLengthM = c.tankDepthM - c.floorClearanceM
  const bendM = c.bendRadiusM > 0 ? c.bendRadiusM + c.hoseOutsideM / 2 : 0
  const stackAboveM = c.hatHeightM + c.fittingHeightM + bendM
  const foulsByM = stackAboveM + c.airGapM - c.gapAboveM
  const heightM = c.tankDepthM + stackAboveM
  const t = Math.min((c.tiltDeg * Math.PI) / 180, Math.atan2(heightM, c.hingeToHatM))
  const sweepM = Math.max(0, c.hingeToHatM * Math.cos(t) + heightM * Math.sin(t) - c.hingeToHatM)
  const m = (value: number, unit = 'm') => ({ value, unit })
  trace?.step({
    symbol: 'L',
    meaning: 'length needed under the hat',
    formula: 'D - c',
    inputs: { D: m(c.tankDepthM, 'm, tank depth'), c: m(c.floorClearanceM, 'm, strainer to floor') },
    result: wantedLengthM,
    unit: 'm',
    source: 'geometry',
  })
  trace?.step({
    symbol: 'H',
    meaning: 'stack above the tank: hat, fittings, hose bend',
    formula: 'h + f + b',
    inputs: {
      h: m(c.hatHeightM, 'm, hat'),
      f: m(c.fittingHeightM, 'm, fittings'),
      b: m(bendM, 'm, bend radius and half the hose'),
    },
    result: stackAboveM,
    unit: 'm',
    source: 'geometry',
  })
  trace?.step({
    symbol: 'x',
    meaning: 'fouls the floor above by (+), or clears it by (-)',
    formula: 'H + a - g',
    inputs: { H: m(stackAboveM), a: m(c.airGapM, 'm, kept free'), g: m(c.gapAboveM, 'm, gap above the tank') },
    result: foulsByM,
    unit: 'm',
    source: 'geometry',
  })
  trace?.step({
    symbol: 's',
    meaning: 'widest sideways swing of the top while the tank is lifted',
    formula: 'max(0, a * c_t + Z * s_t - a)',
    inputs: {
      a: m(c.hingeToHatM, 'm, hinge to hat'),
      c_t: { value: Math.cos(t), unit: 'cosine of the tilt, or of atan(Z / a) once that is passed' },
      s_t: { value: Math.sin(t), unit: 'its sine' },
      Z: m(heightM, 'm, tank depth and stack'),
    },
    result: sweepM,
    unit: 'm',
    source: 'geometry of a turning body',
  })
  return {
    wantedLengthM,
    cutOffM: Math.max(0, c.moduleLengthM - wantedLengthM),
    shortByM: Math.max(0, wantedLengthM - Math.max(c.mostLengthM, c.moduleLengthM)),
    stackAboveM,
    foulsByM,
    hatThatFitsM: c.gapAboveM - c.airGapM - c.fittingHeightM - bendM,
    sweepM,
    sweepFoulsByM: c.swingRoomM === null ? null : sweepM - c.swingRoomM,
  }
}
