export type { HarnessAssessment } from './assessHarness.ts'
export { acceptedLoom, type Accepted } from './acceptedLoom.ts'
export { harnessCautions } from './cautions.ts'
export { partsOfHarness } from './partsOfHarness.ts'
export { assessHarness } from './assessHarness.ts'
export { lengthIsAssumed } from './assumedLength.ts'
export { comingBack } from './comingBack.ts'
export { circuitsOfJob, ECU, netOfEnd, type Circuit, type Circuits } from './circuitsOfJob.ts'
export { devicesOfJob, type Device } from './devicesOfJob.ts'
export { exposureOfLoom, type Exposed } from './exposureOfLoom.ts'
export { harnessCase, type HarnessCase } from './harnessCase.ts'
export { HARNESS_STATION } from './harnessStation.ts'
export { HARNESS_WORKINGS, harnessWorking, type HarnessWorkingId } from './harnessWorkings.ts'
export { LoomFinder, type Proposal } from './loomFinder.ts'
export { grommetSaving, relaxationsOf, type GrommetSaving, type Relaxation } from './relaxations.ts'
export { suggestedPlan, withPlan } from './planChosen.ts'
export {
  HEAT_K,
  planOfJob,
  wholeCorridor,
  type CarPlan,
  type Corridor,
  type ECUPlace,
  type PlacedDevice,
} from './planOfJob.ts'
export { RATES as LOOM_RATES, SLACK as LOOM_SLACK } from './routeCaseOfJob.ts'
export { boardOfLoom, USUAL_BOARD_M, type BoardLoom, type LoomBoard } from './boardOfLoom.ts'
export {
  bodyOffOf,
  bundlesOfLoom,
  coveringOf,
  holesOfLoom,
  type CoveredBundle,
  type HoleWork,
} from './bundlesOfLoom.ts'
export { cutOfLoom, USUAL_SPOOL_M, type LoomCut } from './cutOfLoom.ts'
export { likelyOldWires, oldWireTest, type LikelyWire } from './oldWires.ts'
export { askedEntry, proofOfLoom, type LoomProof, type ProofStep } from './proofOfLoom.ts'
export { barsOf, faultWords, pinWords, readingWords, unprovedOf } from './proofWords.ts'
export { spliceSpots, spotName, type SpliceSpot } from './spliceSpots.ts'
export { circuitEnds, endWords, type CircuitEnd } from './wireEnds.ts'
export { wireListOf, type ListedWire } from './wireList.ts'
export {
  boardLines,
  boardMarks,
  boardSvg,
  keyOf as boardKeyOf,
  type BoardDrawing,
  type BoardMark,
} from './boardMarks.ts'
