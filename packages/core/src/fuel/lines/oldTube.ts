import type { Trace } from '../../verdict/index.ts'

/** Yield of soft low-carbon steel tube; textbook, about 180 MPa. */
const YIELD_PA = 180e6
/** On yield, for a tube nobody can look into. Rule of thumb. */
const SAFETY = 4
/** Thought eaten away by half a century of condensation. Rule of thumb. */
const CORROSION_M = 0.2e-3

/**
 * Working pressure of an old steel tube, Pa: Barlow's thin wall p = 2 s (t - c)/D with a quarter of the yield stress and
 * 0.2 mm taken off for rust. 0 where nothing is left.
 */
export const oldTubeMostPa = (outsideM: number, wallM: number, trace?: Trace): number => {
  const pa = Math.max(0, (2 * (YIELD_PA / SAFETY) * (wallM - CORROSION_M)) / outsideM)
  trace?.step({
    symbol: 'p',
    meaning: 'working pressure of the old tube',
    formula: 'max(0, 2 * 180000000 / 4 * (t - 0.0002) / D)',
    inputs: { t: { value: wallM, unit: 'm of wall' }, D: { value: outsideM, unit: 'm outside' } },
    result: pa,
    unit: 'Pa',
    source: 'Barlow; yield 180 MPa, a quarter of it, 0.2 mm for rust: rule of thumb',
  })
  return pa
}
