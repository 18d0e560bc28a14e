import { always, figure, group, type ValueOf } from '../shape/index.ts'

const placeM = figure('bore', -1.5, 1.5, 'm')

/** A lever of the throttle linkage. Places from the middle of the throttle body. */
export const LEVER = group({
  rightM: placeM,
  aheadM: placeM,
  upM: placeM,
  /** Which way its shaft lies, and how far it is swung from there, clockwise from above. */
  shaft: always(['across', 'along', 'upright']),
  swungDeg: figure('angle', -90, 90, 'degrees'),
  armM: figure('bore', 0.005, 0.4, 'm'),
  /**
   * Where it points at rest, from straight up; a lever on an upright shaft from straight ahead. Clockwise as one looks
   * from the left (across), from behind (along), from above (upright).
   */
  restDeg: figure('clock', 0, 360, 'degrees'),
  /** Which way it turns as the throttle opens, seen the same way. */
  opens: always(['clockwise', 'anticlockwise']),
})
export type LeverEntry = ValueOf<typeof LEVER>
