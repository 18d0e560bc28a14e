import { type JobDocument } from '../../job/index.ts'
import {
  emptyBank,
  emptyPiece,
  type ExhaustBank,
  type ExhaustPiece,
  type ExhaustSection,
} from '../../sections/index.ts'
import type { Known } from '../../quantity/index.ts'

/** Cylinder numbers of the banks where nothing else is said: first half and second half; in line and log all in one. */
export const usualBanks = (cylinders: number, banks: 1 | 2): number[][] => {
  const all = Array.from({ length: cylinders }, (_, i) => i + 1)
  return banks === 1 ? [all] : [all.slice(0, Math.ceil(cylinders / 2)), all.slice(Math.ceil(cylinders / 2))]
}

const CATALYST_M = 0.3

/**
 * A first chain from what the walk-around knows: to be gone over with the tape.
 * @param newId gives every piece an id of its own
 */
export const exhaustFromWalkAround = (
  job: JobDocument,
  newId: () => string,
): Pick<ExhaustSection, 'banks' | 'common'> => {
  const { exhaust } = job.walkAround
  const cylinders = job.vehicle.cylinders ?? 4
  const two = job.vehicle.layout !== 'inline' && job.vehicle.layout !== null && exhaust.merge !== 'one'
  const joined = exhaust.merge === 'banks-joined'
  const tail = (pipeM: Known, tailM: Known): ExhaustPiece[] => [
    ...(exhaust.catalyst === true
      ? [{ ...emptyPiece(newId(), 'catalyst', 'Catalyst'), joint: 'flange' as const }]
      : []),
    {
      ...emptyPiece(newId(), 'pipe', 'Pipe to the tail'),
      joint: 'flange',
      outsideM: pipeM,
      lengthM: tailM === null ? null : Math.max(0.05, tailM - 1.01 - (exhaust.catalyst === true ? CATALYST_M : 0)),
    },
    { ...emptyPiece(newId(), 'silencer', 'Silencer'), joint: 'clamped' },
    { ...emptyPiece(newId(), 'pipe', 'Tail pipe'), outsideM: pipeM },
    { ...emptyPiece(newId(), 'open-end', 'Open end'), lengthM: 0.01, outsideM: pipeM },
  ]
  const head = (count: number, pipeM: Known): ExhaustPiece[] =>
    exhaust.manifold === 'tubular'
      ? [
          { ...emptyPiece(newId(), 'primaries', 'Primaries'), count, lengthM: exhaust.primaryLengthM },
          { ...emptyPiece(newId(), 'merge', 'Collector'), outsideM: pipeM },
        ]
      : [{ ...emptyPiece(newId(), 'log', 'Manifold'), lengthM: exhaust.primaryLengthM, outsideM: pipeM, wallM: 0.005 }]
  const bank = (numbers: number[], pipeM: Known, tailM: Known): ExhaustBank => ({
    ...emptyBank,
    cylinders: numbers,
    pieces: [
      ...head(numbers.length, pipeM),
      ...(joined
        ? [{ ...emptyPiece(newId(), 'pipe', 'Down pipe'), joint: 'flange' as const, outsideM: pipeM }]
        : tail(pipeM, tailM)),
    ],
  })
  const [first, second] = usualBanks(cylinders, two ? 2 : 1)
  return {
    banks: [
      bank(first!, exhaust.pipeDiameterM, exhaust.tailLengthM),
      ...(second
        ? [
            bank(
              second,
              exhaust.otherPipeDiameterM ?? exhaust.pipeDiameterM,
              exhaust.otherTailLengthM ?? exhaust.tailLengthM,
            ),
          ]
        : []),
    ],
    common: two && joined ? tail(exhaust.pipeDiameterM, exhaust.tailLengthM) : [],
  }
}
