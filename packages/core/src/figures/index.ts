export type { FigureRule, OriginKind, Source } from './figureRule.ts'
export { figureTable, sortedFigures, type Found } from './figureTable.ts'
export {
  assumptionsOf,
  carSupplyOf,
  FIGURE_ORDER,
  figureOf,
  FIGURES,
  foundAt,
  fuelLoopOf,
  injectionPlaceOf,
  isFigure,
  matters,
  meetingOf,
  pumpInTank,
  sweptVolumeM3,
  type Assumption,
  type FigureField,
  type MeetingField,
} from './figures.ts'
export { earthedOff, earthedTerminal } from './earthedTerminal.ts'
export { usualSpanAt } from './usualSpans.ts'
export { ASSUMED_ECU_LEAST_V, ASSUMED_RIDE_THROUGH_S } from './supplyOfJob.ts'
export { CIRCUITS_OF_ROLE, loomLengthM, loomSizeOf, loomWiresOf } from './loomWires.ts'
export { driversByFiring, injectorDrivers } from './injectorDrivers.ts'
export { signalsOf } from './signalsOf.ts'
export { hoursOfReach, SEIZED_S } from './hoursOfReach.ts'
