import type { Assumption } from '../../figures/index.ts'
import { USUAL_PORT_HEIGHT_M, type Run } from '../../exhaust/pipe/layOut.ts'
import { USUAL_WASTEGATE_RETURN_M } from '../../exhaust/pipe/pieceFigures.ts'
import { isPlaced, USUAL_OBSTACLE_LENGTH_M, USUAL_OBSTACLE_WIDTH_DEG } from '../../exhaust/spots/obstacles.ts'
import { USUAL_SENSOR } from '../../exhaust/spots/spotContext.ts'
import type { ExhaustCase } from './exhaustCase.ts'
import { piecesPath } from '../../sections/index.ts'

const FIELD = { length: 'lengthM', diameter: 'outsideM', wall: 'wallM' } as const
const WHY = {
  length: 'typical for such a piece',
  diameter: 'as the pipe before it, or 50.8 mm',
  wall: 'typical for exhaust pipe',
} as const

/** What of the pipe is taken and nobody has measured, piece by piece; its wall once, where nobody has measured any. */
export const pieceAssumptions = (runs: readonly Run[]): Assumption[] =>
  runs.flatMap((run) =>
    run.pieces.flatMap((p) =>
      p.assumed
        .filter((a) => a !== 'wall' || (p.index === 0 && run.pieces.every((q) => q.assumed.includes('wall'))))
        .map((a): Assumption => ({
          field: `${piecesPath(run.id)}.${p.piece.id}.${FIELD[a]}`,
          label: a === 'wall' ? 'Pipe wall thickness' : `${p.piece.name}: ${a}`,
          si: a === 'length' ? p.lengthM : a === 'diameter' ? p.outsideM : p.wallM,
          family: 'bore',
          why: WHY[a],
        })),
    ),
  )

/** Limits of a sensor that is not chosen, sizes and travel of obstacles, heights and returns: taken until measured. */
export const spotAssumptions = (c: ExhaustCase): Assumption[] => [
  ...(c.exhaust.sensor || c.sensorCount === 0
    ? []
    : [
        { field: 'exhaust.sensor', label: 'Sensor: gas temperature limit', si: USUAL_SENSOR.mostGasK, family: 'temperature' as const, why: 'a typical sensor, until one is chosen' }, // prettier-ignore
        { field: 'exhaust.sensor', label: 'Sensor: housing limit', si: USUAL_SENSOR.mostHexagonK, family: 'temperature' as const, why: 'a typical sensor, until one is chosen' }, // prettier-ignore
      ]),
  ...c.exhaust.obstacles.filter(isPlaced).flatMap((o): Assumption[] => {
    const at = (field: string, what: string, si: number, family: Assumption['family'], why: string) => ({
      field: `exhaust.obstacles.${o.id}.${field}`,
      label: `${o.name}: ${what}`,
      si,
      family,
      why,
    })
    const asFirst = 'same as its first end'
    return [
      ...(o.lengthM === null ? [at('lengthM', 'along the pipe', USUAL_OBSTACLE_LENGTH_M, 'bore', 'usual')] : []),
      ...(o.widthDeg === null ? [at('widthDeg', 'around the pipe', USUAL_OBSTACLE_WIDTH_DEG, 'angle', 'usual')] : []),
      ...(o.moves && o.otherAlongM === null ? [at('otherAlongM', 'other end, along', o.alongM!, 'bore', asFirst)] : []),
      ...(o.moves && o.otherClockDeg === null ? [at('otherClockDeg', 'other end, clock position', o.clockDeg!, 'angle', asFirst)] : []), // prettier-ignore
      ...(o.moves && o.otherGapM === null ? [at('otherGapM', 'other end, gap to the pipe', o.gapM!, 'bore', asFirst)] : []), // prettier-ignore
    ]
  }),
  ...(c.exhaust.groundClearanceM === null
    ? []
    : c.exhaust.banks.flatMap((b, i): Assumption[] =>
        b.portHeightM === null && b.pieces.length > 0
          ? [{ field: `exhaust.banks.${i === 0 ? 'a' : 'b'}.portHeightM`, label: 'Height of first port above ground', si: USUAL_PORT_HEIGHT_M, family: 'bore', why: 'usual' }] // prettier-ignore
          : [],
      )),
  ...c.runs.flatMap(
    (run) =>
    run.pieces
      .filter((p) => p.piece.kind === 'turbine' && p.piece.wastegateReturnM === null)
      .map((p) => ({ field: `${piecesPath(run.id)}.${p.piece.id}.wastegateReturnM`, label: `${p.piece.name}: wastegate return`, si: USUAL_WASTEGATE_RETURN_M, family: 'bore' as const, why: 'after the turbo outlet: rule of thumb' })), // prettier-ignore
  ),
]
