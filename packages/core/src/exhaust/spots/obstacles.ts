import type { ExhaustObstacle, RunId } from '../../sections/index.ts'

/** An obstacle with all it sweeps: a patch on the unrolled pipe at its least distance from the surface. */
export interface SweptObstacle {
  readonly name: string
  readonly fromM: number
  readonly toM: number
  readonly middleDeg: number
  readonly halfDeg: number
  readonly gapM: number
  readonly moves: boolean
}

/** Taken where they were not measured. */
export const USUAL_OBSTACLE_LENGTH_M = 0.05
export const USUAL_OBSTACLE_WIDTH_DEG = 30

/** The shorter way from one clock angle to another, -180 to 180. */
export const turnDeg = (fromDeg: number, toDeg: number): number => ((((toDeg - fromDeg + 180) % 360) + 360) % 360) - 180

/** Whether it can be placed at all. */
export const isPlaced = (o: ExhaustObstacle): boolean => o.alongM !== null && o.clockDeg !== null && o.gapM !== null

/** What of an obstacle nobody has measured, in words; empty where it counts in full. */
export const obstacleGaps = (o: ExhaustObstacle): string[] => [
  ...(isPlaced(o) ? [] : ['distance along, clock position, and gap to the pipe']),
  ...(o.moves && (o.otherAlongM === null || o.otherClockDeg === null || o.otherGapM === null)
    ? ['the other end of its travel']
    : []),
  ...(o.lengthM === null ? ['its length along the pipe'] : []),
  ...(o.widthDeg === null ? ['its width around the pipe'] : []),
]

/**
 * Obstacles of a run. What moves counts as everything between both ends of its travel, at the lesser of both distances:
 * more than it sweeps, never less. What cannot be placed is left out here and named as not measured.
 */
export const sweptObstacles = (obstacles: readonly ExhaustObstacle[], run: RunId): SweptObstacle[] =>
  obstacles.flatMap((o): SweptObstacle[] => {
    if (o.run !== run || o.alongM === null || o.clockDeg === null || o.gapM === null) return []
    const half = (o.lengthM ?? USUAL_OBSTACLE_LENGTH_M) / 2
    const otherM = o.moves ? (o.otherAlongM ?? o.alongM) : o.alongM
    const turn = o.moves ? turnDeg(o.clockDeg, o.otherClockDeg ?? o.clockDeg) : 0
    return [
      {
        name: o.name,
        fromM: Math.min(o.alongM, otherM) - half,
        toM: Math.max(o.alongM, otherM) + half,
        middleDeg: o.clockDeg + turn / 2,
        halfDeg: (o.widthDeg ?? USUAL_OBSTACLE_WIDTH_DEG) / 2 + Math.abs(turn) / 2,
        gapM: o.moves ? Math.min(o.gapM, o.otherGapM ?? o.gapM) : o.gapM,
        moves: o.moves,
      },
    ]
  })

/** Room that a sensor takes: a cylinder out of the pipe. */
export interface Envelope {
  /** Sensor, the bend of its cable, and the hand on it, from the pipe's surface. */
  readonly heightM: number
  /** Hexagon and the tool around it. */
  readonly radiusM: number
}

/** Between a sensor and what moves. Rule of thumb. */
export const MOVING_CLEARANCE_M = 0.025

/** Distance along the surface, at the obstacle's height, from a sensor's axis to the obstacle; 0 within it. */
export const beside = (o: SweptObstacle, alongM: number, clockDeg: number, pipeRadiusM: number): number => {
  const lengthwiseM = Math.max(0, o.fromM - alongM, alongM - o.toM)
  const aroundDeg = Math.max(0, Math.abs(turnDeg(o.middleDeg, clockDeg)) - o.halfDeg)
  const aroundM = (aroundDeg * Math.PI * (pipeRadiusM + o.gapM)) / 180
  return Math.hypot(lengthwiseM, aroundM)
}

/** Room to spare between a sensor and an obstacle: negative where it is in the way. */
export const roomM = (o: SweptObstacle, e: Envelope, alongM: number, clockDeg: number, pipeRadiusM: number): number => {
  const clearanceM = o.moves ? MOVING_CLEARANCE_M : 0
  const above = o.gapM - (e.heightM + clearanceM)
  const sideways = beside(o, alongM, clockDeg, pipeRadiusM) - (e.radiusM + clearanceM)
  return Math.max(above, sideways)
}
