import { PHASES, headOf, type Phase } from '../stations/index.ts'
import { worstState, type VerdictState } from '../verdict/index.ts'
import type { StationReadiness } from './readiness.ts'

export const PHASE_WORDS: Readonly<Record<Phase, string>> = {
  survey: 'Survey',
  design: 'Design',
  build: 'Build',
  run: 'Run',
}

/** The stations of one phase of the work with the worst that they say. */
export interface PhaseReadiness {
  readonly phase: Phase
  /** In the order of the work, each with its number in the whole of it, from 1. */
  readonly stations: readonly (StationReadiness & { readonly number: number })[]
  /** Worst state of the stations that somebody has begun; null while nobody has begun any. */
  readonly worst: VerdictState | null
  /** Whether every station of it is built. */
  readonly built: boolean
}

/**
 * Stations by the phases of the work, in their order; a phase without a station is left out.
 * @param phaseOf the phase of a station; the registry's where nothing else is asked for
 */
export const phasesOf = (
  stations: readonly StationReadiness[],
  phaseOf: (station: StationReadiness['station']) => Phase = (id) => headOf(id).phase,
): readonly PhaseReadiness[] => {
  const numbered = stations.map((s, i) => ({ ...s, number: i + 1 }))
  return PHASES.flatMap((phase) => {
    const own = numbered.filter((s) => phaseOf(s.station) === phase)
    if (own.length === 0) return []
    const begun = own.filter((s) => s.stage !== 'not-begun')
    return [
      {
        phase,
        stations: own,
        worst: begun.length === 0 ? null : worstState(begun.map((s) => s.verdict)),
        built: own.every((s) => s.stage === 'built'),
      },
    ]
  })
}
