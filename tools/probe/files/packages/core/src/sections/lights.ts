import { figure, group, seen, type ValueOf } from '../shape/index.ts'

/** The headlamps as found. */
export const LIGHTS = group({
  headlampsW: figure('power', 1, 500, 'W'),
  relayed: seen,
})
export type LightsSection = ValueOf<typeof LIGHTS>
