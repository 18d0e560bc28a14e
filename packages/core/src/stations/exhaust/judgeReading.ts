import type { SensorSpot } from '../../sections/index.ts'
import { fig, plain, say, type Sentence } from '../../verdict/index.ts'
import { shownReading } from '../../exhaust/reading/shownReading.ts'
import { idleOverlap, permissionOf } from './permissionOfCase.ts'
import { chosenSpots, momentOf, type ExhaustCase, type ExhaustVerdict } from './exhaustCase.ts'
import { JOINT_WORDS, openLeaks, type Joint } from '../../exhaust/pipe/joints.ts'
import { jointWords } from './leakPlan.ts'
import { behindM, isUpstream, jointsRead, jointsReadByAny, LEAK_REACH_M, leakAt, leakHoleM } from './leaksOfCase.ts'

/** Whether any of these joints lies ahead of a chosen sensor. */
const readsAhead = (c: ExhaustCase, joints: readonly Joint[]): boolean =>
  joints.some((j) => chosenSpots(c).some(({ spot }) => isUpstream(j, spot)))

const sealing = (j: Joint): Sentence => say`Seal the ${JOINT_WORDS[j.kind]} at “${j.name}”, and test it again`

/** A leak that the walk-around found while nobody has found its joint yet. */
const judgeHeardLeak = (c: ExhaustCase): ExhaustVerdict | null =>
  openLeaks(c.runs).length === 0 && (c.leaksFound === 'open-joint' || c.leaksFound === 'pin-hole')
    ? {
        ...plain,
        id: 'leaks',
        title: 'The walk-around found a leak',
        state: c.leaksFound === 'open-joint' ? 'stop' : 'caution',
        next: say`Find the joint with soap or smoke, and enter it at its piece`,
        reason: say`It ${c.leaksFound === 'open-joint' ? 'found an open joint or crack' : 'found a pin-hole'}, but no joint of this exhaust is entered as leaking. Where it is decides what it does to the reading.`,
        source: 'walk-around',
      }
    : null

/** Are the joints ahead of the sensor proved tight? */
export const judgeLeaks = (c: ExhaustCase): ExhaustVerdict | null => {
  const [chosen] = chosenSpots(c)
  if (!chosen) {
    const [leak] = openLeaks(c.runs)
    return leak
      ? {
          ...plain,
          id: 'leaks',
          title: 'A joint leaks',
          next: sealing(leak),
          state: 'stop',
          reason: say`${jointWords(leak)}: seal it and test it again. Its effect on the reading is worked out once the sensor position is chosen.`,
          source: 'leak check',
        }
      : judgeHeardLeak(c)
  }
  const read = jointsReadByAny(c)
  const leaksOf = (spot: SensorSpot) => jointsRead(c, spot).filter((j) => j.state === 'leaks')
  const idleOf = (spot: SensorSpot) => leakAt(c, spot.run, leakHoleM(c, spot, momentOf(c, 'idle')), momentOf(c, 'idle'))
  // The sensor whose reading suffers most speaks for the station.
  const worst = chosenSpots(c)
    .map(({ spot }) => ({ spot, leaks: leaksOf(spot), idle: idleOf(spot) }))
    .sort((a, b) => b.idle.share.typical - a.idle.share.typical)[0]!
  const leaking = worst.leaks
  const open = read.filter((j) => j.state === null)
  const base = {
    ...plain,
    id: 'leaks',
    source: 'orifice under the suction of the pulses: rule of thumb; oxygen balance',
  }
  const [first] = leaking
  if (first) {
    const { idle } = worst
    const behind = leaking.some((j) => behindM(c, worst.spot, j) === null) ? null : behindM(c, worst.spot, first)
    return {
      ...base,
      title: behind === null ? 'A joint ahead of the sensor leaks' : 'A joint downstream of the sensor leaks',
      next: sealing(first),
      state: 'stop',
      figureName: 'engine runs at, idle, closed loop',
      figure: fig(idle.real.typical, 'lambda'),
      limitName: 'while the sensor reads',
      limit: fig(
        shownReading(idle.atLimit ? idle.real.typical * (1 + idle.share.typical) : 1, c.exhaust.readsToLambda).lambda,
        'lambda',
      ),
      reason: say`${jointWords(first)}${behind === null ? '' : say`, ${fig(behind, 'bore', 0)} downstream of the sensor: between pulses the gas swings back that far`}: ${fig(idle.share.low, 'share', 1)} to ${fig(idle.share.high, 'share', 1)} false air at idle. The loop adds fuel to make up for it, plugs and sensor foul and read leaner still. Seal it and test again: the first start is on hold until then.`,
      workings: ['exhaust-leak'],
      pointId: 'idle',
    }
  }
  const heard = judgeHeardLeak(c)
  if (heard && open.length > 0) return heard
  if (open.length > 0)
    return {
      ...base,
      title: readsAhead(c, open)
        ? 'Joints ahead of the sensor not checked'
        : 'Joints just downstream of the sensor not checked',
      next: say`Test the ${JOINT_WORDS[open[0]!.kind]} at “${open[0]!.name}” with soap or smoke`,
      state: 'unknown',
      figureName: 'not checked',
      figure: fig(open.length, 'count'),
      limitName: 'within reach of the sensor',
      limit: fig(read.length, 'count'),
      reason: say`Test each with soap or smoke, cold, before the first start. Next: ${jointWords(open[0]!)}.`,
    }
  return {
    ...base,
    title: 'Joints within reach of the sensor',
    state: 'ok',
    figureName: 'tested tight',
    figure: fig(read.length, 'count'),
    reason: say`Every joint ahead of the sensor, and to ${fig(LEAK_REACH_M, 'bore', 0)} downstream of it, was tested and is tight.`,
  }
}

/** Over how much of the road may the reading steer? */
export const judgeSteering = (c: ExhaustCase): ExhaustVerdict | null => {
  const map = permissionOf(c)
  if (!map) return null
  const may = map.cells.filter((x) => x.steering === 'may').length / map.cells.length
  const never = map.cells.every((x) => x.steering === 'must-not')
  const idlePa = momentOf(c, 'idle').manifoldPa
  const nearestPa = map.manifoldsPa.reduce((a, b) => (Math.abs(b - idlePa) < Math.abs(a - idlePa) ? b : a))
  const idle = map.cells.find((x) => x.speedRpm === map.speedsRpm[0] && x.manifoldPa === nearestPa)!
  return {
    ...plain,
    id: 'steering',
    title: never
      ? 'Closed loop usable nowhere'
      : idle.steering === 'must-not'
        ? 'No closed loop at idle'
        : 'Closed-loop region',
    state: never ? 'stop' : idle.steering === 'must-not' ? 'caution' : 'ok',
    figureName: 'of the map usable',
    figure: fig(may, 'share'),
    reason: never
      ? say`${idle.why.replace(/^./, (x) => x.toUpperCase())}.`
      : idle.steering === 'must-not'
        ? say`At idle ${idle.why}. Turn closed loop off there and tune by the table.`
        : say`From idle up; where the map says “use with care”, with small trims only.${idleOverlap(c) === null ? ' Idle vacuum is not measured: a mild cam is assumed.' : ''}`,
    source: 'overlap by idle vacuum, leaks, tail: rules of thumb',
  }
}
