import type { AngleSchool, DistanceSchool } from '../../sections/index.ts'

export interface DistanceBand {
  readonly name: string
  /** From what the school counts: the run's own datum, or the ports. */
  readonly from: 'datum' | 'ports'
  readonly leastM: number
  readonly mostM: number
  readonly says: string
}

/** Where good practitioners put it, and why. Distances of the trade: rules of thumb. */
export const DISTANCE_BANDS: Readonly<Record<DistanceSchool, DistanceBand>> = {
  near: {
    name: 'Near, 50 to 150 mm',
    from: 'datum',
    leastM: 0.05,
    mostM: 0.15,
    says: 'Heats up fast and responds fast; least mixed, and hardest on the sensor at full load.',
  },
  middle: {
    name: 'Middle, 150 to 200 mm',
    from: 'datum',
    leastM: 0.15,
    mostM: 0.2,
    says: 'The compromise most kits ask for: the cylinders have merged, the gas is still hot at idle.',
  },
  far: {
    name: 'Far, from 450 mm of the ports',
    from: 'ports',
    leastM: 0.45,
    mostM: 1.2,
    says: 'For a gauge on a road car: the sensor lasts longer, but reads later and cools at idle.',
  },
  'far-racing': {
    name: 'Racing, from 900 mm of the ports',
    from: 'ports',
    leastM: 0.9,
    mostM: 1.8,
    says: 'For long spells at full load, leaded or exotic fuel: cool enough to survive. Too slow for a quick loop.',
  },
}

/** Least angle of the sensor above the horizontal, degrees. */
export const ANGLE_LIMITS: Readonly<Record<AngleSchool, { readonly name: string; readonly leastDeg: number }>> = {
  level: { name: 'Level or above', leastDeg: 0 },
  five: { name: 'At least 5° above level', leastDeg: 5 },
  ten: { name: 'At least 10° above level', leastDeg: 10 },
}
