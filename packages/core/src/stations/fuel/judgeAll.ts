import { say } from '../../verdict/index.ts'
import { explainGap } from './circuitOfJob.ts'
import { judgeFineFilter, judgeHoses, judgeReference, judgeStrainer } from './judgeFitness.ts'
import { judgeDemand, judgeDuty, judgeIdlePulse, judgeInjectorPressure, judgeInjectorUse } from './judgeInjection.ts'
import { judgeFeedLoss, judgeHeld, judgeNotLifted } from './judgePressure.ts'
import { judgeReach } from './judgeReach.ts'
import { judgeRegulator } from './judgeRegulator.ts'
import { judgeLegs, judgeOldLine, judgeTankLining } from './judgeLines.ts'
import { judgeByPass, judgePrime, judgeSafety } from './judgeSafety.ts'
import { judgeHeard, judgeSenderEarth } from './judgeStrapUp.ts'
import { judgeModuleAbove, judgeModuleBelow, judgeSender, judgeStarvation, judgeVent } from './judgeTank.ts'
import { judgeHotSoak, judgeSuction, judgeTankHeat } from './judgeVapour.ts'
import type { FuelCase, FuelVerdict } from './solvedPoint.ts'

const judgeGap = ({ gap }: FuelCase): FuelVerdict | null =>
  gap && {
    id: 'circuit',
    title: 'Fuel circuit incomplete',
    state: gap.code === 'notChosen' ? 'unknown' : 'stop',
    figureName: '',
    figure: null,
    limitName: '',
    limit: null,
    margin: null,
    reason: say`${explainGap(gap)}`,
    source: 'needed for the calculation',
    pointId: null,
    workings: [],
  }

/** Every judgement of the fuel station, in the order of the work, without remedies. */
export const judgeAll = (c: FuelCase): FuelVerdict[] =>
  [
    judgeGap,
    judgeHeld,
    judgeNotLifted,
    judgeFeedLoss,
    judgeByPass,
    judgeSuction,
    judgeTankHeat,
    judgeHotSoak,
    judgeRegulator,
    judgeHoses,
    judgeReach,
    judgeLegs,
    judgeOldLine,
    judgeTankLining,
    judgeFineFilter,
    judgeStrainer,
    judgeReference,
    judgeInjectorUse,
    judgeDuty,
    judgeIdlePulse,
    judgeInjectorPressure,
    judgeModuleAbove,
    judgeModuleBelow,
    judgeStarvation,
    judgeVent,
    judgeSender,
    judgeSenderEarth,
    judgeHeard,
    judgePrime,
    judgeSafety,
    judgeDemand,
  ].flatMap((judge) => judge(c) ?? [])
