import type { EXHAUST, PIECE } from '../sections/exhaust.ts'
import type { Hows } from './hows.ts'

const CLOCK =
  'Looking against the flow, from the tail towards the engine: 0 (12 o’clock) is the top line, 90 (3 o’clock) right, 270 (9 o’clock) left.'
const AGAIN = 'The same at the other end of its travel; empty means same as the first.'

const PIECE_HOWS: Hows<typeof PIECE> = {
  count: 'Primaries of three cylinders: 3. Each carries its share of the gas.',
  lengthM: 'Along the centre line, from joint to joint; follow the middle of the tube round bends.',
  outsideM: 'With a caliper, rust cleaned off, twice at right angles.',
  roundM:
    'A thin tape once round, where the pipe is round and clean. Divided by pi it gives the diameter, truer than a caliper on a pipe that is not quite round.',
  wallM: 'At an open end with a caliper, or by weight.',
  bendDeg: 'How much it turns over its whole length. Enter straight parts as pieces of their own.',
  bendRadiusM: 'A check on the length: radius times angle.',
  bendClockDeg:
    'Looking against the flow, from the tail towards the engine: 0 (12 o’clock) up, 90 right, 180 (6 o’clock) down, 270 left.',
  inclinationDeg:
    'Angle finder on the pipe, car level: down is negative, -90 straight down. Empty: carries on from the piece before.',
  leakM: 'Estimate its size as one round hole: this sets its effect on the reading.',
  wastegateReturnM: 'From the turbo outlet to where the wastegate gas rejoins. The sensor goes after it.',
}

export const EXHAUST_HOWS: Hows<typeof EXHAUST> = {
  banks: {
    seat: {
      portHeightM: 'Car level, tyres at road pressure.',
      portAcrossM: 'Seen from the driver’s seat; left is negative.',
      headingDeg: '0 points rearwards, 90 to the right of the car, -90 to its left.',
      pieces: { item: PIECE_HOWS },
    },
  },
  common: { item: PIECE_HOWS },
  obstacles: {
    item: {
      alongM:
        'Tape along the top line from the downstream edge of the merge; with a turbo, from its outlet; on a common pipe with neither, from where the banks join.',
      lengthM: 'Along the pipe, of the part that comes close.',
      clockDeg: CLOCK,
      widthDeg: 'Around the pipe: the angle the obstacle covers, seen from the pipe’s centre.',
      gapM: 'Feeler gauge, rod or lump of clay between pipe and obstacle.',
      otherAlongM: AGAIN,
      otherClockDeg: AGAIN,
      otherGapM: AGAIN,
    },
  },
  groundClearanceM: 'Your decision: ground clearance to keep on the road.',
  sensorCount: 'Your decision: two only where each bank’s injectors are trimmed by their own sensor.',
  spots: {
    seat: {
      alongM:
        'Hole centre, along the top line from the downstream edge of the merge; with a turbo, from its outlet; on a common pipe with neither, from where the banks join.',
      clockDeg: CLOCK,
    },
  },
  found: {
    alongM: 'Tape along the top line from the downstream edge of the merge to the middle of the bung.',
    clockDeg: CLOCK,
  },
  cablePathM:
    'String from the bung to the harness connector, along the cable’s route, with the engine rocked both ways.',
  cableGapM: 'A rule from the string to the pipe, at their closest.',
  correctionLimit: 'As set in the ECU: how much fuel closed loop may add or remove.',
  readsToLambda:
    'What the display shows with the sensor in free air: its lean end. 20 : 1 on some, 22 or 30 on others, for petrol.',
  openLoopLambda: 'With closed loop switched off, warm, at idle.',
}
