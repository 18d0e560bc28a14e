import type { BoltPlace } from './tighteningOrder.ts'

/** How the places of bolts are told. */
export type BoltPattern =
  | { readonly kind: 'places'; readonly places: readonly BoltPlace[] }
  /** Rows from the top down: how many in each, how far apart in the row, and how far below the row before. */
  | { readonly kind: 'rows'; readonly rows: readonly { readonly count: number; readonly pitchM: number; readonly belowM: number }[] }
  /** On a circle, the first at the top or half a step from it. */
  | { readonly kind: 'circle'; readonly count: number; readonly diameterM: number; readonly firstAtTop: boolean } // prettier-ignore

/** Places of a pattern, m, about its middle; rows are centred on one line. */
export const boltPlaces = (pattern: BoltPattern): BoltPlace[] => {
  switch (pattern.kind) {
    case 'places':
      return [...pattern.places]
    case 'rows': {
      let yM = 0
      return pattern.rows.flatMap(({ belowM, count, pitchM }, r) => {
        if (r > 0) yM -= belowM
        const here = yM
        return Array.from({ length: count }, (_, i) => ({ xM: (i - (count - 1) / 2) * pitchM, yM: here }))
      })
    }
    case 'circle': {
      const { count, diameterM, firstAtTop } = pattern
      return Array.from({ length: count }, (_, i) => {
        const angle = (2 * Math.PI * (i + (firstAtTop ? 0 : 0.5))) / count
        return { xM: (diameterM / 2) * Math.sin(angle), yM: (diameterM / 2) * Math.cos(angle) }
      })
    }
  }
}
