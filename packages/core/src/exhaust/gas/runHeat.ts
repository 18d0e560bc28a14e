import type { Band } from '../../engine/index.ts'
import type { RunId } from '../../sections/index.ts'
import type { LaidPiece, Run } from '../pipe/layOut.ts'
import type { ExhaustMoment, ExhaustMomentId } from './moments.ts'
import { marchPipe, mixedGasK, type MarchAnswer, type MarchPiece, type MarchSlice } from './pipeHeat.ts'

type Ends = Readonly<Record<keyof Band, MarchAnswer>>
/** Gas and wall along each run, at each moment, at the cool, typical and hot end of the bands. */
export type RunHeat = Readonly<Partial<Record<RunId, Readonly<Record<ExhaustMomentId, Ends>>>>>

/** Of the turbine, total to static. Rule of thumb. */
const TURBINE_EFFICIENCY = 0.65
const GAMMA = 1.33
/** A working catalyst burns what is left over. Rule of thumb. */
const CATALYST_RISE_K = 40

/** Fall in the turbine: T eta (1 - r^-((gamma-1)/gamma)), K. */
export const turbineDropK = (gasK: number, expansion: number): number =>
  gasK * TURBINE_EFFICIENCY * (1 - expansion ** (-(GAMMA - 1) / GAMMA))

export const marchPieceOf = (
  { piece, lengthM, boreM, outsideM, count }: LaidPiece,
  moment: ExhaustMoment,
): MarchPiece => ({
  lengthM,
  boreM,
  outsideM,
  count,
  cover: piece.covered,
  ...(piece.kind === 'turbine' && { dropK: (gasK: number) => turbineDropK(gasK, moment.expansion) }),
  ...(piece.kind === 'catalyst' && moment.id !== 'idle' && { dropK: () => -CATALYST_RISE_K }),
})

/**
 * Share of the engine's gas that flows in a run: by its cylinders, where every bank has named its own; else each bank is
 * taken to carry as much as the others, since a bank without gas is one that nobody has described.
 */
export const gasShare = (runs: readonly Run[], run: Run): number => {
  const banks = runs.filter((r) => r.id !== 'common')
  if (run.id === 'common') return 1
  const all = banks.reduce((sum, r) => sum + r.cylinders.length, 0)
  return banks.some((r) => r.cylinders.length === 0) ? 1 / Math.max(1, banks.length) : run.cylinders.length / all
}

const OPPOSITE: Readonly<Record<keyof Band, keyof Band>> = { low: 'high', typical: 'typical', high: 'low' }
const ENDS = ['low', 'typical', 'high'] as const
/** How far the film inside an exhaust may lie off its correlation, a quarter either way. Rule of thumb. */
const INSIDE_SHARE: Band = { low: 0.75, typical: 1, high: 1.25 }

export const heatOfRuns = (runs: readonly Run[], moments: readonly ExhaustMoment[]): RunHeat => {
  const banks = runs.filter((r) => r.id !== 'common')
  const march = (run: Run, moment: ExhaustMoment, end: keyof Band, inK: number): MarchAnswer =>
    marchPipe({
      pieces: run.pieces.map((p) => marchPieceOf(p, moment)),
      massKgS: moment.gasKgS * gasShare(runs, run),
      inK,
      ambientK: moment.ambientK,
      outsideWM2K: moment.outsideWM2K[OPPOSITE[end]],
      // Cool gas has lost more; a hot wall has taken more.
      insideShare: INSIDE_SHARE[OPPOSITE[end]],
      wallInsideShare: INSIDE_SHARE[end],
    })
  const heat: Partial<Record<RunId, Record<ExhaustMomentId, Ends>>> = {}
  for (const run of [...banks, ...runs.filter((r) => r.id === 'common')])
    heat[run.id] = Object.fromEntries(
      moments.map((moment) => [
        moment.id,
        Object.fromEntries(
          ENDS.map((end) => {
            const inK =
              run.id === 'common'
                ? mixedGasK(
                    banks.map((b) => ({
                      massKgS: moment.gasKgS * gasShare(runs, b),
                      gasK: heat[b.id]![moment.id][end].outK,
                    })),
                  )
                : moment.portK[end]
            return [end, march(run, moment, end, inK)]
          }),
        ),
      ]),
    ) as Record<ExhaustMomentId, Ends>
  return heat
}

/** Gas and wall at a place: of the slice that holds it, straight between the middles of slices. */
export const sliceAt = (run: Run, answer: MarchAnswer, alongM: number): MarchSlice => {
  const { slices } = answer
  const x = alongM - run.fromM
  // The last slice whose middle lies before it, by halving.
  let k = 0
  let beyond = slices.length
  while (beyond - k > 1) {
    const middle = (k + beyond) >> 1
    if (slices[middle]!.atM <= x) k = middle
    else beyond = middle
  }
  const [a, b] = [slices[k]!, slices[Math.min(k + 1, slices.length - 1)]!]
  // Between two pieces nothing is blended: behind a turbine the gas is cooler at once.
  if (a.piece !== b.piece || a === b || x <= a.atM) return a.piece !== b.piece && x > a.atM + a.lengthM / 2 ? b : a
  const share = (x - a.atM) / (b.atM - a.atM)
  return { ...a, gasK: a.gasK + share * (b.gasK - a.gasK), wallK: a.wallK + share * (b.wallK - a.wallK) }
}

/** Time of the gas from the start of a run to so far along it, s. */
export const dwellToS = (answer: MarchAnswer, xM: number): number => {
  let sumS = 0
  for (const s of answer.slices) {
    const inside = (xM - s.atM) / s.lengthM + 0.5
    if (inside <= 0) break
    sumS += Math.min(1, inside) * s.dwellS
  }
  return sumS
}

/** Time of the gas from the ports to a place, s; by the common pipe the slower of both banks counts. */
export const transportS = (
  runs: readonly Run[],
  heat: RunHeat,
  id: RunId,
  alongM: number,
  moment: ExhaustMomentId,
): number => {
  const run = runs.find((r) => r.id === id)
  const ends = heat[id]?.[moment]
  if (!run || !ends) return 0
  const within = dwellToS(ends.typical, alongM - run.fromM)
  if (id !== 'common') return within
  const before = runs
    .filter((r) => r.id !== 'common')
    .map((r) => heat[r.id]?.[moment].typical.slices.reduce((sum, s) => sum + s.dwellS, 0) ?? 0)
  return within + Math.max(0, ...before)
}
