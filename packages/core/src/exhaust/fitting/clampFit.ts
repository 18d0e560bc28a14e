import type { BungPart } from '../../parts/index.ts'

export interface ClampFitCase {
  readonly pipeM: number
  readonly leastPipeM: number
  readonly mostPipeM: number
  readonly saddleRadiusM: number
  readonly saddleWidthM: number
  readonly gasketM: number
  /** Thread of each band's bolt, and how much of it the nut needs. */
  readonly boltThreadM: number
  readonly nutM: number
  /** Bands that close together, each with a bolt of its own. */
  readonly bands: number
}

export type ClampFault = 'band-too-short' | 'thread-bottoms' | 'saddle-rocks' | 'saddle-gapes'

export interface ClampFitAnswer {
  /** How far the ends of the band stand apart on this pipe, beyond where it closes fully. */
  readonly apartM: number
  /** Thread behind the nut when it sits on this pipe: less than nothing, the nut does not start. */
  readonly startsM: number
  /** Thread left to draw tight. */
  readonly toSpareM: number
  /** Between saddle and pipe where it does not touch: at its edges (+), in its middle (-). */
  readonly gapM: number
  readonly faults: readonly ClampFault[]
}

/** Drawing a band tight takes about this much. Rule of thumb. */
const DRAW_M = 0.003

/** Height of an arc of a radius over a chord. */
const sagittaM = (radiusM: number, chordM: number): number => {
  const half = Math.min(chordM / 2, radiusM)
  return radiusM - Math.sqrt(radiusM ** 2 - half ** 2)
}

/**
 * Clamp on a pipe. A band of length L closes on pi D: on a pipe of diameter D its ends stand pi (D - D_least) apart; the
 * bolt has to bridge that and still hold the nut. The saddle's radius against the pipe's over the width of the saddle.
 * Geometry; the 3 mm of drawing is a rule of thumb.
 */
export const clampFit = (c: ClampFitCase): ClampFitAnswer => {
  const apartM = (Math.PI * (c.pipeM - c.leastPipeM)) / c.bands
  const startsM = (Math.PI * (c.mostPipeM - c.pipeM)) / c.bands
  const usedM = c.boltThreadM - c.nutM
  const toSpareM = Math.min(apartM, usedM - startsM) - DRAW_M
  const gapM = sagittaM(c.pipeM / 2, c.saddleWidthM) - sagittaM(c.saddleRadiusM, c.saddleWidthM)
  const faults: ClampFault[] = [
    ...(startsM < 0 ? (['band-too-short'] as const) : []),
    ...(startsM >= 0 && toSpareM < 0 ? (['thread-bottoms'] as const) : []),
    ...(gapM < -c.gasketM ? (['saddle-gapes'] as const) : []),
    ...(gapM > c.gasketM ? (['saddle-rocks'] as const) : []),
  ]
  return { apartM, startsM, toSpareM, gapM, faults }
}

export const CLAMP_FAULT_WORDS: Readonly<Record<ClampFault, string>> = {
  'band-too-short': 'the band is too short: the nut does not start',
  'thread-bottoms': 'the band is too long: it runs out of thread before it grips',
  'saddle-rocks': 'the saddle is flatter than the pipe: it touches in the middle and gapes at the edges',
  'saddle-gapes': 'the saddle is more curved than the pipe: it sits on its edges',
}

/** The clamp of the catalogue against a pipe; null for a boss that is welded in, or a sheet without these figures. */
export const clampFitOf = (bung: BungPart, pipeM: number): ClampFitAnswer | null => {
  const { saddleRadiusM, saddleWidthM, gasketM, boltThreadM, nutM, bands, leastPipeM, mostPipeM } = bung
  if (bung.kind !== 'clamp-on' || saddleRadiusM === null || saddleWidthM === null) return null
  return clampFit({
    pipeM,
    leastPipeM,
    mostPipeM,
    saddleRadiusM,
    saddleWidthM,
    gasketM: gasketM ?? 0,
    boltThreadM: boltThreadM ?? Infinity,
    nutM: nutM ?? 0,
    bands: bands ?? 2,
  })
}
