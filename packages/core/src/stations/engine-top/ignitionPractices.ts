import type { Timing } from '../../sections/index.ts'
import type { EngineTopCase } from './engineTopCase.ts'

export interface IgnitionPractice {
  readonly id: Timing
  readonly name: string
  readonly when: string
  readonly against: string
}

/** How a conversion makes its spark: practice differs. */
export const IGNITION_PRACTICES: readonly IgnitionPractice[] = [
  {
    id: 'none',
    name: 'Keep the old ignition',
    when: 'Sound and liked as it is; the ECU only counts its sparks. Least work, can be undone.',
    against: 'No spark table: idle, knock and mixture are not helped by timing.',
  },
  {
    id: 'controlled-distributor',
    name: 'Controlled distributor',
    when: 'One is sold for this block: pick-up and module in one housing. Some have a bypass lead: open, they hold base timing for the check.',
    against: 'Small cap close to the bulkhead; another rotor, cap and coil to keep.',
  },
  {
    id: 'locked-distributor',
    name: 'Locked-out distributor',
    when: 'The old housing keeps its looks: weights locked, its pick-up or a crank wheel times the spark.',
    against: 'Rotor phasing has to be measured; a worn shaft still scatters the spark.',
  },
  {
    id: 'crank-trigger',
    name: 'Crank wheel with coils',
    when: 'Most exact, no cap and no rotor; a spark for each cylinder at full speed.',
    against: 'Wheel, sensor and bracket to make; tachometer needs an output; most outputs of the ECU.',
  },
]

export interface IgnitionOdds extends IgnitionPractice {
  readonly chosen: boolean
  /** Outputs of the ECU that it takes, and whether they are there. */
  readonly outputs: number
  readonly fits: 'yes' | 'no' | 'unknown'
}

/** Each practice against the ECU that was picked and what the owner wants. */
export const ignitionOdds = (c: EngineTopCase): IgnitionOdds[] => {
  const { coils, phase } = { coils: c.ignition.entry.coils, phase: c.sensors.entry.phase }
  const n = c.ignition.order?.length ?? null
  const companions = c.ignition.firing?.companions ?? null
  return IGNITION_PRACTICES.map((p): IgnitionOdds => {
    const each = coils === 'one-each' && phase !== 'none'
    const outputs = p.id === 'none' ? 0 : p.id !== 'crank-trigger' ? 1 : n === null ? 0 : each || companions === null ? n : n / 2
    const known = p.id === 'none' || (c.controller !== null && (p.id !== 'crank-trigger' || n !== null))
    const enough = p.id === 'none' ? c.timingControl !== 'wanted' : known && c.controller!.ignitionOutputs >= outputs
    return { ...p, chosen: c.system?.timing === p.id, outputs, fits: !known ? 'unknown' : enough ? 'yes' : 'no' }
  })
} // prettier-ignore
