import type { ExhaustObstacle } from '../../sections/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import type { ExhaustCase, ExhaustVerdict } from './exhaustCase.ts'
import { counted } from '../../words/index.ts'

/** Between header or pipe and the car, cold, with the engine rocked both ways. Rule of thumb. */
export const LEAST_ROOM_FIXED_M = 0.01
/** To what moves: steering arm, linkage, gearbox lever. 20 to 25 mm in the trade. Rule of thumb. */
export const LEAST_ROOM_MOVING_M = 0.02

interface Near {
  readonly name: string
  readonly moves: boolean
  /** From the surface of the pipe, at the nearer end of its travel. */
  readonly gapM: number
}

/** What has a measured distance, at either end; where along and around the pipe it stands does not matter here. */
const nearOf = ({ name, moves, gapM, otherGapM }: ExhaustObstacle): Near[] => {
  const gapsM = [gapM, moves ? otherGapM : null].filter((g) => g !== null)
  return gapsM.length === 0 ? [] : [{ name, moves, gapM: Math.min(...gapsM) }]
}

const leastOf = (o: Near): number => (o.moves ? LEAST_ROOM_MOVING_M : LEAST_ROOM_FIXED_M)

/**
 * Header and pipe against the car itself, whether or not a sensor goes there: the least distance of everything entered
 * near the pipe, at both ends of its travel. A touch is a stop, also before the pipe itself is entered.
 */
export const judgeRoomAround = (c: ExhaustCase): ExhaustVerdict | null => {
  const { obstacles } = c.exhaust
  const near = obstacles.flatMap(nearOf)
  if (near.length === 0) return null
  const worst = near.reduce((a, b) => (b.gapM - leastOf(b) < a.gapM - leastOf(a) ? b : a))
  const touching = near.filter((o) => o.gapM <= 0)
  const open = obstacles.find((o) => o.gapM === null || (o.moves && o.otherGapM === null))
  const shown = touching[0] ?? worst
  const base = {
    ...plain,
    id: 'room-around',
    figureName: 'minimum distance',
    figure: fig(shown.gapM, 'bore', 0),
    limitName: 'minimum clearance',
    limit: fig(leastOf(shown), 'bore', 0),
    margin: fig(shown.gapM - leastOf(shown), 'bore', 0),
    source: 'rule of thumb: 10 mm cold to fixed parts, 20 to 25 mm to moving parts',
  }
  const cure = say`Dimple the pipe there, or fit a spacer, another header or another engine mount`
  if (touching.length > 0)
    return {
      ...base,
      title: 'The exhaust touches the car',
      state: 'stop',
      next: cure,
      reason: say`${shown.name} touches the pipe${shown.moves ? ' at one end of its travel' : ''}${touching.length > 1 ? `, and ${touching.length - 1} more` : ''}. It knocks, chafes and burns${shown.moves ? ', and what must move freely no longer does' : ''}.`,
    }
  if (worst.gapM < leastOf(worst))
    return {
      ...base,
      title: 'Exhaust too close to the car',
      state: 'caution',
      next: cure,
      reason: say`${worst.name} is ${fig(worst.gapM, 'bore', 0)} off, ${worst.moves ? 'at the nearer end of its travel' : 'cold'}: the pipe expands with heat and the engine rocks on its mounts.`,
    }
  if (open)
    return {
      ...base,
      title: 'Clearance round the exhaust not fully measured',
      state: 'unknown',
      next: say`Measure the gap to ${open.name}${open.moves ? ', at both ends of its travel' : ''}`,
      reason:
        open.moves && (open.gapM !== null || open.otherGapM !== null)
          ? say`${open.name} moves and was measured at one end only.`
          : say`The gap to ${open.name} is not measured.`,
    }
  return {
    ...base,
    title: 'Header and pipe clear the car',
    state: 'ok',
    reason: say`Closest for its kind: ${worst.name}, ${fig(worst.gapM, 'bore', 0)} off${worst.moves ? '; 25 mm is better where you can get it' : ''}. ${counted(obstacles.length, 'obstacle')} entered: steering arm from lock to lock, gearbox, linkage, floor, starter and oil filter should all be among them.`,
  }
}
