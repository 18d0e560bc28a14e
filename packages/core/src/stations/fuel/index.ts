export { assessFuel, type FuelAssessment } from './assessFuel.ts'
export { judgeAll as judgeFuel } from './judgeAll.ts'
export { fuelCase } from './solvedPoint.ts'
export { dueFactorOf, explainGap, type CircuitGap } from './circuitOfJob.ts'
export { cautionsAt, fuelCautions, type FuelCaution } from './cautions.ts'
export { choiceOf, type CombinationChoice, type PartsLeftOut } from './choiceOfParts.ts'
export { combinationCaseOf } from './combinationsOfJob.ts'
export { asLoop, compareLoops, type LoopComparison, type LoopDesign, type LoopRow } from './compareLoops.ts'
export { injectorSetsOf, pressureLever, type PressureLever } from './injectorSetsOfJob.ts'
export { deadTimeOf, injectorsOf } from './judgeInjection.ts'
export { lineFindings } from './judgeLines.ts'
export { leakTestOf, type LeakTest } from './leakTest.ts'
export { boreOf, FITTING_K, lengthOfLine, lineOfDesign } from './lineOfDesign.ts'
export { primeOf } from './primeOfJob.ts'
export { measureNext, spreadCasesOf, spreadInputsOf, tightestPoint, type NamedSpread } from './spreadOfJob.ts'
export { AIR_GAP_M, moduleFitCaseOf, moduleFitOf, senderOf, starvationOf } from './tankOfJob.ts'
export {
  HOT_SOAK_K,
  hotSoakOf,
  mostTankK,
  suctionAt,
  tankHeatCaseOf,
  tankHeatOf,
  vapourFuelOf,
  ventOf,
} from './vapourOfJob.ts'
export { strainerGoesOn } from './judgeFitness.ts'
export { regulatorGoesWith } from './judgeRegulator.ts'
export { orderItems, type OrderItem } from './orderItems.ts'
export { partsOfFuel } from './partsOfFuel.ts'
export { pressureProfile, type ProfilePart, type ProfilePiece } from './pressureProfile.ts'
export { isSolved, solvePoint, type FuelVerdict, type SolvedPoint } from './solvedPoint.ts'
export { fuelWorking, WORKING_IDS, type WorkingId } from './workings.ts'
export { carriesPressure, cutListOf, linesInUse, loadOf, piecesOfLine } from './linesOfJob.ts'
export { FUEL_STATION } from './fuelStation.ts'
export { designOf, type FuelDesign } from './fuelDesign.ts'
