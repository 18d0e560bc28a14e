import fc from 'fast-check'
import { STATION_LIST, PHASES, type Phase } from '../stations/index.ts'
import type { VerdictState } from '../verdict/index.ts'
import { phasesOf } from './phases.ts'
import type { StationReadiness } from './readiness.ts'
import type { StationStage } from './stage.ts'

const STATES: readonly VerdictState[] = ['ok', 'caution', 'stop', 'unknown']
const STAGES: readonly StationStage[] = ['not-begun', 'measuring', 'judged', 'built']
/** Any number of stations up to fourteen, in the order of the work. */
const arbStations = fc
  .array(fc.record({ phase: fc.constantFrom(...PHASES), stage: fc.constantFrom(...STAGES), verdict: fc.constantFrom(...STATES) }), { maxLength: 14 })
  .map((list) => [...list].sort((a, b) => PHASES.indexOf(a.phase) - PHASES.indexOf(b.phase)).map((s, i) => ({ ...s, station: `s${i}` as StationReadiness['station'] }))) // prettier-ignore

describe('the phases of the work', () => {
  it('hold every station once, in the order of the work, and no phase is empty', () =>
    fc.assert(
      fc.property(arbStations, (stations) => {
        const phaseOf = (id: string): Phase => stations.find((s) => s.station === id)!.phase
        const phases = phasesOf(stations, phaseOf)
        expect(phases.flatMap((p) => p.stations.map((s) => s.station))).toEqual(stations.map((s) => s.station))
        expect(phases.flatMap((p) => p.stations.map((s) => s.number))).toEqual(stations.map((_, i) => i + 1))
        for (const p of phases) expect(p.stations.length).toBeGreaterThan(0)
      }),
      { seed: 22, numRuns: 200 },
    ))

  it.each<[string, readonly [StationStage, VerdictState][], VerdictState | null, boolean]>([
    ['nobody has begun', [['not-begun', 'unknown'], ['not-begun', 'stop']], null, false],
    ['what nobody has begun says nothing', [['judged', 'ok'], ['not-begun', 'stop']], 'ok', false],
    ['one that fails is the worst', [['built', 'ok'], ['judged', 'stop'], ['judged', 'caution']], 'stop', false],
    ['all built', [['built', 'ok'], ['built', 'caution']], 'caution', true],
  ])('%s', (_name, given, worst, built) => {
    const stations = given.map(([stage, verdict], i) => ({ station: STATION_LIST[i]!.id, stage, verdict }))
    const [phase] = phasesOf(stations, () => 'design')
    expect([phase!.worst, phase!.built]).toEqual([worst, built])
  }) // prettier-ignore

  it('takes the phase of each station from the registry', () => {
    const all = STATION_LIST.map((s) => ({ station: s.id, stage: 'judged' as const, verdict: 'ok' as const }))
    expect(phasesOf(all).map((p) => [p.phase, p.stations.map((s) => s.station)])).toEqual(
      PHASES.flatMap((phase) => {
        const own = STATION_LIST.filter((s) => s.phase === phase).map((s) => s.id)
        return own.length > 0 ? [[phase, own]] : []
      }),
    )
  })
})
