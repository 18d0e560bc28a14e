import { figureOf, type JobDocument, type LineDesign } from '../../job/index.ts'
import type { Trace } from '../../verdict/index.ts'
import type { Line } from '../circuitTypes.ts'

/** Loss coefficients per fitting, the middle of textbook and trade ranges. Rule of thumb until fittings are chosen. */
export const FITTING_K = { bend90: 0.5, bend45: 0.3, connector: 0.75, entry: 0.5, exit: 1 } as const

/** Roughness taken for a line whose bore was measured and whose hose is not from the catalogue: old tube. */
const OLD_TUBE_ROUGHNESS_M = 150e-6

/** Bore in use: measured, else the hose's; null where neither is known. */
export const boreOf = (d: LineDesign): number | null => d.measuredBoreM ?? d.hose?.boreM ?? null

/** The line as the circuit takes it; null while its bore is not known. */
export const lineOfDesign = (job: JobDocument, which: 'feed' | 'return', trace?: Trace): Line | null => {
  const d = job.fuel[which]
  const boreM = boreOf(d)
  if (boreM === null) return null
  const { bends90, bends45, connectors } = d
  const { bend90, bend45, connector, entry, exit } = FITTING_K
  const minorK = bends90 * bend90 + bends45 * bend45 + connectors * connector + entry + exit
  trace?.step({
    symbol: 'K',
    meaning: 'loss coefficients of bends, connectors, entry and exit',
    formula: 'a * k_90 + b * k_45 + c * k_c + k_in + k_out',
    inputs: {
      a: { value: bends90, unit: 'bends of 90°' },
      k_90: { value: bend90, unit: '' },
      b: { value: bends45, unit: 'bends of 45°' },
      k_45: { value: bend45, unit: '' },
      c: { value: connectors, unit: 'connectors' },
      k_c: { value: connector, unit: '' },
      k_in: { value: entry, unit: '' },
      k_out: { value: exit, unit: '' },
    },
    result: minorK,
    unit: '',
    source: 'rule of thumb',
  })
  return {
    boreM,
    lengthM: figureOf(job, `fuel.${which}.lengthM`),
    roughnessM: Math.min(d.hose?.roughnessM ?? OLD_TUBE_ROUGHNESS_M, 0.1 * boreM),
    minorK,
    riseM: figureOf(job, `fuel.${which}.riseM`),
  }
}
