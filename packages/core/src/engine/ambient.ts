import type { Trace } from '../verdict/index.ts'

/** Air pressure at an altitude, Pa: ISO 2533 standard atmosphere, up to 11 km. */
export const ambientAtPa = (altitudeM: number, trace?: Trace): number => {
  const pa = 101_325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588
  trace?.step({
    symbol: 'p_amb',
    meaning: 'air pressure at this altitude',
    formula: '101325 * (1 - 0.0000225577 * z)^5.25588',
    inputs: { z: { value: altitudeM, unit: 'm' } },
    result: pa,
    unit: 'Pa absolute',
    source: 'ISO 2533 standard atmosphere',
  })
  return pa
}
