import { figure, group, seen, word, type ValueOf } from '../shape/index.ts'

/** The tank as the pump, the pick-up and the vent see it. Depth and gap above are measured at the walk-around. SI. */
export const FUEL_TANK = group({
  /** Under the hat as delivered; null: as the pump's sheet says. */
  hangerM: figure('bore', 0.02, 1, 'm'),
  /** Longest the hanger can be drawn out to. */
  mostHangerM: figure('bore', 0.02, 1, 'm'),
  floorClearanceM: figure('bore', 0, 0.1, 'm'),
  /** Null: as the pump's sheet says. */
  hatHeightM: figure('bore', 0, 0.3, 'm'),
  fittingHeightM: figure('bore', 0, 0.3, 'm'),
  bendRadiusM: figure('bore', 0, 0.5, 'm'),
  tiltDeg: figure('angle', -30, 30, 'degrees'),
  hingeToHatM: figure('bore', 0.02, 3, 'm'),
  swingRoomM: figure('bore', 0, 3, 'm'),
  /** How far it is let down with the hoses on. */
  lowerM: figure('bore', 0, 1, 'm'),
  /** Fuel at which it must still run. */
  lowM3: figure('volume', 0.0005, 0.4, 'm³'),
  floorLengthM: figure('bore', 0.05, 3, 'm'),
  floorWidthM: figure('bore', 0.05, 3, 'm'),
  fromFrontM: figure('bore', 0, 3, 'm'),
  fromLeftM: figure('bore', 0, 3, 'm'),
  pickUpHeightM: figure('bore', 0, 0.2, 'm'),
  /** Swirl pot or baffle box around the pick-up. */
  potM3: figure('volume', 0, 0.02, 'm³'),
  lossWK: figure('heatLoss', 0.5, 200, 'W/K'),
  returnWarmerK: figure('warming', 0, 60, 'K'),
  hotDayK: figure('temperature', 253.15, 333.15, 'K'),
  rollOverValve: seen,
  /** The vent loops above the filler's level. */
  ventLoop: seen,
  ventEnds: word('outside-down', 'inside', 'canister'),
  senderEmptyOhm: figure('resistance', 0, 2000, 'ohm'),
  senderFullOhm: figure('resistance', 0, 2000, 'ohm'),
  gaugeEmptyOhm: figure('resistance', 0, 2000, 'ohm'),
  gaugeFullOhm: figure('resistance', 0, 2000, 'ohm'),
  /** How the sender gets its earth at a new plate. */
  senderEarth: word('own-lead', 'plate', 'nothing'),
  /** A hatch in the floor above the tank. */
  hatch: word('none', 'planned', 'made'),
  /** At key-on, before the tank is strapped up. */
  pumpHeard: word('hums', 'loud', 'silent'),
  strappedUp: seen,
})
export type FuelTank = ValueOf<typeof FUEL_TANK>
