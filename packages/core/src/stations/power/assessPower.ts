import { withChange, type JobDocument } from '../../job/index.ts'
import { worstState } from '../../verdict/index.ts'
import type { StationAssessment } from '../station.ts'
import { causesFirst, mistakesToUndo } from './causes.ts'
import { judgeFanDip, judgeFanFeed, judgeRest } from './chargingOfJob.ts'
import { judgeFusePlan } from './fusePlan.ts'
import { judgeCranking, judgeKeyed, judgeMeasuredStart, judgeSag, judgeStarterCircuit } from './judgeCranking.ts'
import {
  judgeConnected,
  judgeOldPath,
  judgeOldWiring,
  judgeOthers,
  judgePump,
  judgeRelayFigures,
  judgeRelays,
} from './judgeDevices.ts'
import { judgeEarths, judgeEcuEarth, judgeMeasuredLegs } from './judgeEarths.ts'
import {
  judgeEcuFeed,
  judgeGauges,
  judgeHeater,
  judgeJumpPosts,
  judgeNoisePath,
  judgeSharedRelay,
} from './judgeFeeds.ts'
import { judgeGenerator, judgeMeasuredCharging, judgeOutputPoints, judgeSupply } from './judgeGate.ts'
import { judgePumpCut, judgeStop } from './judgeStop.ts'
import { judgeFuseInrush, judgeFuseLoad, judgeFuseShort, judgeThinLeads, judgeWireDrops } from './judgeWires.ts'
import { judgeKeyedWires } from './keyedFinder.ts'
import { powerCase, workOut, type PowerCase, type PowerVerdict } from './powerCase.ts'
import { judgeSensorEarth } from './sensorReturns.ts'

export interface PowerAssessment extends StationAssessment {
  readonly c: PowerCase
}

/** Every judgement; where voltage or polarity is refused, or nobody knows it, that one alone. */
export const judgePower = (c: PowerCase): PowerVerdict[] => {
  const gate = judgeSupply(c)
  if (c.refusedBy !== null || !c.gateKnown) return [gate]
  return [
    gate,
    judgeSag(c),
    judgeKeyed(c),
    judgeCranking(c),
    judgeStarterCircuit(c),
    ...judgeEarths(c),
    judgeEcuFeed(c),
    judgeEcuEarth(c),
    judgePump(c),
    judgeGenerator(c),
    judgeMeasuredCharging(c),
    judgeMeasuredLegs(c),
    judgeMeasuredStart(c),
    ...judgeConnected(c),
    judgeRelayFigures(c),
    ...judgeRelays(c),
    ...judgeOthers(c),
    judgeThinLeads(c),
    judgeFuseLoad(c),
    judgeFuseShort(c),
    judgeFuseInrush(c),
    judgeWireDrops(c),
    judgeFusePlan(c),
    judgeKeyedWires(c),
    judgeStop(c),
    judgePumpCut(c),
    judgeSensorEarth(c),
    judgeFanFeed(c),
    judgeFanDip(c),
    judgeRest(c),
    judgeOldPath(c),
    judgeOldWiring(c),
    judgeOutputPoints(c),
    judgeSharedRelay(c),
    judgeHeater(c),
    judgeGauges(c),
    judgeNoisePath(c),
    judgeJumpPosts(c),
  ].filter((v) => v !== null)
}

const ACTIONS = {
  stop: 'Fix failed checks: power',
  unknown: 'Measure battery, generator and straps',
  caution: null,
  ok: null,
} as const

/** Ahead of the assessment, step by step, all that it works out: of the job, and with each mistake undone. */
export function* preparePower(job: JobDocument): Generator<void> {
  const c = powerCase(job)
  yield* workOut(c)
  for (const { cure } of mistakesToUndo(job, c, judgePower(c))) {
    yield
    yield* workOut(powerCase(withChange(job, cure)))
  }
}

/** The power station of a job: a pure function of the document. */
export const assessPower = (job: JobDocument): PowerAssessment => {
  const c = powerCase(job)
  const verdicts = causesFirst(job, c, judgePower(c), (other) => judgePower(powerCase(other)))
  const state = worstState(verdicts.map((v) => v.state))
  return { c, verdicts, state, assumptions: c.refusedBy === null ? c.assumptions : [], action: ACTIONS[state] }
}
