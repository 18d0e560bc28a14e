import type { EXHAUST, PIECE } from '../sections/exhaust.ts'
import type { Hows } from './hows.ts'

const CLOCK = 'Looking against the flow, from the tail towards the engine: 0 the top line, 90 right, 270 left.'
const AGAIN = 'The same at the other end of its travel; empty: as at the first.'

const PIECE_HOWS: Hows<typeof PIECE> = {
  count: 'Primaries of three cylinders: 3. Each carries its share of the gas.',
  lengthM: 'Along its middle, from joint to joint; around a bend along the middle of the tube.',
  outsideM: 'With a caliper, rust off, at two places across each other.',
  roundM:
    'A thin tape once around, where it is round and clean. Divided by pi it is the diameter, truer than a caliper on a pipe that is not quite round.',
  wallM: 'At an open end with a caliper, or by its weight.',
  bendDeg: 'By how much it turns over its whole length. Straight parts are pieces of their own.',
  bendRadiusM: 'A check on the length: radius times angle.',
  bendClockDeg: 'Looking against the flow, from the tail towards the engine: 0 up, 90 right, 180 down, 270 left.',
  inclinationDeg:
    'Angle finder on the pipe, car level: down is negative, -90 straight down. Empty: as the piece before it ends.',
  leakM: 'Estimate what it would be as one round hole: for what it does to the reading.',
  wastegateReturnM: 'From the turbine’s outlet to where the wastegate’s gas joins again. The sensor sits after it.',
}

export const EXHAUST_HOWS: Hows<typeof EXHAUST> = {
  banks: {
    seat: {
      portHeightM: 'Car level, tyres as on the road.',
      portAcrossM: 'Seen from the seat; left is negative.',
      headingDeg: '0 rearwards, 90 to the right of the car, -90 to its left.',
      pieces: { item: PIECE_HOWS },
    },
  },
  common: { item: PIECE_HOWS },
  obstacles: {
    item: {
      alongM:
        'Tape along the top line from the downstream edge of the merge; behind a turbine from its outlet; on the pipe of both banks without either from where they join.',
      lengthM: 'Along the pipe, of the part that comes near.',
      clockDeg: CLOCK,
      widthDeg: 'Around the pipe: what the obstacle covers, seen from its middle.',
      gapM: 'Feeler, rod or lump of clay between pipe and obstacle.',
      otherAlongM: AGAIN,
      otherClockDeg: AGAIN,
      otherGapM: AGAIN,
    },
  },
  groundClearanceM: 'Decided: what shall stay free under the car on the road.',
  sensorCount: 'Decided: two only where the injectors of each bank are steered by their own.',
  spots: {
    seat: {
      alongM:
        'Hole centre, along the top line from the downstream edge of the merge; behind a turbine from its outlet; on the pipe of both banks without either from where they join.',
      clockDeg: CLOCK,
    },
  },
  cablePathM:
    'A string from the boss to the harness’s connector, the way the cable will lie, with the engine rocked both ways.',
  cableGapM: 'A rule from the string to the pipe, where they come nearest.',
  correctionLimit: 'As set in the controller: how much fuel closed loop may add or take away.',
  readsToLambda:
    'What the display shows with the sensor in free air: its lean end. 20 : 1 on some, 22 or 30 on others, for petrol.',
  openLoopLambda: 'With the loop switched off, warm, at idle.',
}
