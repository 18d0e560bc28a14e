import type { Known } from './known.ts'

/** The tank as the pump, the pick-up and the vent see it. Depth and gap above are measured at the walk-around. SI. */
export interface FuelTank {
  /** Under the hat as delivered; null: as the pump's sheet says. */
  readonly hangerM: Known
  /** Longest the hanger can be drawn out to. */
  readonly mostHangerM: Known
  readonly floorClearanceM: Known
  /** Null: as the pump's sheet says. */
  readonly hatHeightM: Known
  readonly fittingHeightM: Known
  readonly bendRadiusM: Known
  readonly tiltDeg: Known
  readonly hingeToHatM: Known
  readonly swingRoomM: Known
  /** How far it is let down with the hoses on. */
  readonly lowerM: Known
  /** Fuel at which it must still run. */
  readonly lowM3: Known
  readonly floorLengthM: Known
  readonly floorWidthM: Known
  readonly fromFrontM: Known
  readonly fromLeftM: Known
  readonly pickUpHeightM: Known
  /** Swirl pot or baffle box around the pick-up. */
  readonly potM3: Known
  readonly lossWK: Known
  readonly returnWarmerK: Known
  readonly hotDayK: Known
  readonly rollOverValve: boolean | null
  /** The vent loops above the filler's level. */
  readonly ventLoop: boolean | null
  readonly ventEnds: 'outside-down' | 'inside' | 'canister' | null
  readonly senderEmptyOhm: Known
  readonly senderFullOhm: Known
  readonly gaugeEmptyOhm: Known
  readonly gaugeFullOhm: Known
}

export const emptyFuelTank: FuelTank = {
  hangerM: null,
  mostHangerM: null,
  floorClearanceM: null,
  hatHeightM: null,
  fittingHeightM: null,
  bendRadiusM: null,
  tiltDeg: null,
  hingeToHatM: null,
  swingRoomM: null,
  lowerM: null,
  lowM3: null,
  floorLengthM: null,
  floorWidthM: null,
  fromFrontM: null,
  fromLeftM: null,
  pickUpHeightM: null,
  potM3: null,
  lossWK: null,
  returnWarmerK: null,
  hotDayK: null,
  rollOverValve: null,
  ventLoop: null,
  ventEnds: null,
  senderEmptyOhm: null,
  senderFullOhm: null,
  gaugeEmptyOhm: null,
  gaugeFullOhm: null,
}
