export interface SpringsCase {
  readonly springs: number
  /** Of the weaker spring alone about the plate's shaft, N m. */
  readonly closedNm: number
  readonly openNm: number
  /** To turn plate and linkage with every spring off, N m. */
  readonly dragNm: number
}

export interface SpringsAnswer {
  /** Weaker spring alone against the drag, at the end where it is less. */
  readonly reserve: number
  readonly at: 'closed' | 'open'
}

/** What one spring alone leaves against the drag of what it has to close. */
export const plateSprings = ({ closedNm, dragNm, openNm }: SpringsCase): SpringsAnswer => {
  const at = openNm < closedNm ? 'open' : 'closed'
  return { reserve: Math.min(closedNm, openNm) / dragNm, at }
}

/**
 * Force at the pad that holds the plate, N: virtual work, F ds = M da. All springs and the drag.
 * @param plateRadPerM turn of the plate for a movement of the pad
 */
export const padForceN = (c: SpringsCase, openShare: number, plateRadPerM: number): number =>
  (c.springs * (c.closedNm + openShare * (c.openNm - c.closedNm)) + c.dragNm) * plateRadPerM
