import { fig, say, type Sentence } from '../../verdict/index.ts'
import type { Run } from './layOut.ts'

/** From what the places along a run are taken: its merge, a turbine behind it, where the banks join, or the ports. */
export type Datum = 'merge' | 'turbine' | 'join' | 'ports'

export const DATUM_WORDS: Readonly<Record<Datum, string>> = {
  merge: 'the merge',
  turbine: 'the turbo outlet',
  join: 'the point where the banks join',
  ports: 'the ports',
}

/** The edge at which a run's places are nothing. */
export const datumOf = (run: Run): Datum => {
  const edge = run.pieces.find((p) => Math.abs(p.toM) < 1e-9 && p.toM > p.fromM)
  if (edge?.piece.kind === 'turbine') return 'turbine'
  if (edge) return 'merge'
  return run.id === 'common' ? 'join' : 'ports'
}

/** "180 mm after the turbine’s outlet": the one way in which a place along a run is told. */
export const placeWords = (run: Run, alongM: number): Sentence =>
  say`${fig(Math.abs(alongM), 'bore', 0)} ${alongM < 0 ? 'before' : 'after'} ${DATUM_WORDS[datumOf(run)]}`
