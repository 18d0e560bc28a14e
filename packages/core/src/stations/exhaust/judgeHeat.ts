import { fig, plain, say } from '../../verdict/index.ts'
import { GOOD_TAIL_M, LEAST_TAIL_M } from '../../exhaust/gas/reversion.ts'
import { elevationDeg, inclinationDeg, placeAt, runOf } from '../../exhaust/pipe/layOut.ts'
import { USUAL_SENSOR } from '../../exhaust/spots/spotContext.ts'
import { atSensor, chosenSpots, type ExhaustCase, type ExhaustVerdict } from './exhaustCase.ts'
import { heatAtSpot, hexagonAtSpot, reversionAt, warmUpAtSpot } from './heatAtSpot.ts'

/** Slower than this the loop hardly helps on the road. House figure. */
const SLOW_LOOP_S = 3
/** Sustained climbs and motorways. Rule of thumb. */
const LONG_FULL_S = 60

type Chosen = ReturnType<typeof chosenSpots>[number]

const gas = (c: ExhaustCase, chosen: Chosen): ExhaustVerdict[] => {
  const full = heatAtSpot(c, chosen.spot, 'full')
  if (!full) return []
  const { mostGasK, mostGasShortK } = c.exhaust.sensor ?? USUAL_SENSOR
  const over = full.gasK.typical > mostGasK
  const far = full.gasK.typical > mostGasShortK
  const near = !over && full.gasK.high > mostGasK
  return [
    {
      ...plain,
      ...atSensor('gas', chosen.index),
      title: far
        ? `${chosen.name}: gas too hot at full load`
        : over || near
          ? `${chosen.name}: gas near its limit at full load`
          : `${chosen.name}: gas at full load`,
      state: far ? 'stop' : over || near ? 'caution' : 'ok',
      next: say`Move the sensor down the pipe, or use one for hotter gas`,
      figureName: 'gas, typical',
      figure: fig(full.gasK.typical, 'temperature'),
      limitName: 'continuous limit',
      limit: fig(mostGasK, 'temperature'),
      margin: fig(mostGasK - full.gasK.typical, 'temperature'),
      reason: say`At full load ${fig(full.gasK.low, 'temperature')} to ${fig(full.gasK.high, 'temperature')} here; short term the sensor takes ${fig(mostGasShortK, 'temperature')}.`,
      source: 'heat balance along the pipe; port temperatures: rule of thumb',
      pointId: 'full',
      workings: ['gas-temperature'],
    },
  ]
}

const hexagon = (c: ExhaustCase, chosen: Chosen): ExhaustVerdict[] => {
  const full = heatAtSpot(c, chosen.spot, 'full')
  if (!full) return []
  const limitK = (c.exhaust.sensor ?? USUAL_SENSOR).mostHexagonK
  const timeS = hexagonAtSpot(c, chosen.spot)
  const soon = timeS !== null && timeS < LONG_FULL_S
  return [
    {
      ...plain,
      ...atSensor('hexagon', chosen.index),
      title:
        timeS === null
          ? `${chosen.name}: sensor body temperature`
          : `${chosen.name}: sensor body too hot at sustained full load`,
      state: timeS === null ? 'ok' : 'caution',
      next: say`Fit a finned bung or a heat shield, or move it further down`,
      figureName: 'wall at full load, settled',
      figure: fig(full.wallK.typical, 'temperature'),
      limitName: 'housing limit',
      limit: fig(limitK, 'temperature'),
      margin: fig(limitK - full.wallK.typical, 'temperature'),
      reason:
        timeS === null
          ? say`The housing follows the pipe wall and stays below its limit however long.`
          : timeS === 0
            ? say`The housing is over its limit even at cruise: move it down the pipe, or fit a finned bung and a heat shield.`
            : say`It goes from cruise to the limit in about ${fig(timeS, 'time', 0)} of full load.${soon ? ' Fit a finned bung or a heat shield, or move it further down.' : ' Enough for the road; long climbs need a finned bung or a shield.'}`,
      source: 'wall solved with radiation; bung as 6 mm of steel: rule of thumb',
      pointId: 'full',
      workings: ['gas-temperature'],
    },
  ]
}

const tail = (c: ExhaustCase, chosen: Chosen): ExhaustVerdict[] => {
  const idle = reversionAt(c, chosen.spot, 'idle')
  if (!idle) return []
  const afterM = idle.marginM + idle.displacementM
  const stop = afterM < LEAST_TAIL_M
  const short = afterM < GOOD_TAIL_M || idle.marginM < 0.15
  return [
    {
      ...plain,
      ...atSensor('tail', chosen.index),
      title: stop
        ? `${chosen.name}: too little pipe after it`
        : short
          ? `${chosen.name}: tail on the short side`
          : `${chosen.name}: pipe after it`,
      state: stop ? 'stop' : short ? 'caution' : 'ok',
      next: say`Move the sensor up the pipe, or lengthen the tail`,
      figureName: 'outside air drawn back',
      figure: fig(idle.displacementM, 'bore', 0),
      limitName: 'pipe after the sensor',
      limit: fig(afterM, 'bore', 0),
      margin: fig(idle.marginM, 'bore', 0),
      reason: say`One exhaust pulse at idle fills ${fig(idle.displacementM, 'bore', 0)} of the tail; trade practice is at least ${fig(LEAST_TAIL_M, 'bore', 0)}. Pipe resonance is not covered, and a wild cam reads falsely lean at idle whatever the tail.`,
      source: 'pulse volume over pipe area; 450 mm: rule of thumb',
      pointId: 'idle',
      workings: ['reversion'],
    },
  ]
}

const response = (c: ExhaustCase, chosen: Chosen): ExhaustVerdict[] => {
  const idle = heatAtSpot(c, chosen.spot, 'idle')
  const cruise = heatAtSpot(c, chosen.spot, 'cruise')
  if (!idle || !cruise) return []
  const leastS = idle.delay.leastIntegralS.typical
  const slow = leastS > SLOW_LOOP_S
  return [
    {
      ...plain,
      ...atSensor('response', chosen.index),
      title: slow ? `${chosen.name}: loop must be slow at idle` : `${chosen.name}: loop speed limit`,
      state: slow ? 'caution' : 'ok',
      figureName: 'minimum integral time at idle',
      figure: fig(leastS, 'time', 2),
      limitName: 'minimum at cruise',
      limit: fig(cruise.delay.leastIntegralS.typical, 'time', 2),
      reason: say`The gas takes ${fig(idle.delay.transportS, 'duration', 0)} to reach the sensor at idle and ${fig(cruise.delay.transportS, 'duration', 0)} at cruise; with cycle, sensor and fuel film ${fig(idle.delay.totalS.typical, 'duration', 0)} and ${fig(cruise.delay.totalS.typical, 'duration', 0)}. A quicker loop hunts.`,
      source: 'Skogestad 2003; sensor lag: rule of thumb',
      pointId: 'idle',
      workings: ['sensor-delay'],
    },
  ]
}

const water = (c: ExhaustCase, chosen: Chosen): ExhaustVerdict[] => {
  const idle = heatAtSpot(c, chosen.spot, 'idle')
  if (!idle) return []
  const dryS = warmUpAtSpot(c, chosen.spot)
  const wet = idle.wallK.low < c.dewPointK || dryS === null
  const run = runOf(c.runs, chosen.spot.run)
  const place = run && placeAt(run, chosen.spot.alongM)
  const stands = place
    ? say` It sits ${fig(elevationDeg(place, chosen.spot.clockDeg), 'angle')} above level on a pipe that ${inclinationDeg(place) < -0.5 ? 'falls' : inclinationDeg(place) > 0.5 ? 'rises' : 'is level'}${Math.abs(inclinationDeg(place)) > 0.5 ? say` by ${fig(Math.abs(inclinationDeg(place)), 'angle')}` : ''}: steep enough for water to drain.`
    : say``
  return [
    {
      ...plain,
      ...atSensor('water', chosen.index),
      title: wet ? `${chosen.name}: water at idle` : `${chosen.name}: dry when warm`,
      state: wet ? 'caution' : 'ok',
      figureName: 'wall at idle, cool end',
      figure: fig(idle.wallK.low, 'temperature'),
      limitName: 'dew point',
      limit: fig(c.dewPointK, 'temperature'),
      margin: fig(idle.wallK.low - c.dewPointK, 'temperature'),
      reason:
        dryS === null
          ? say`At idle the pipe wall never dries out as far as this: full heater power only after driving off, and never leave the sensor unpowered in a running exhaust.${stands}`
          : say`From cold the pipe wall is dry as far as the sensor after about ${fig(dryS, 'time', 0)} at warm idle, sooner at fast idle: full heater power only then, low power before. Never leave it unpowered in a running exhaust: it fouls.${stands}`,
      source: 'dew point from the fuel; wall heated slice by slice, latent heat of condensing left out',
      pointId: 'idle',
      workings: [],
    },
  ]
}

/** What heat, distance and water do at each chosen spot. */
export const judgeHeat = (c: ExhaustCase): ExhaustVerdict[] =>
  chosenSpots(c).flatMap((chosen) => [
    ...gas(c, chosen),
    ...hexagon(c, chosen),
    ...tail(c, chosen),
    ...response(c, chosen),
    ...water(c, chosen),
  ])
