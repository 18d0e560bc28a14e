import { exhaustCpJKgK } from './exhaustGas.ts'
import { insideFilmWM2K, type MarchPiece } from './pipeHeat.ts'

/** Steel: density times specific heat, J/(m³ K). */
const STEEL_J_M3K = 7850 * 500

export interface WarmUpCase {
  /** From the ports to the sensor. */
  readonly pieces: readonly (MarchPiece & { readonly wallM: number })[]
  readonly massKgS: number
  readonly inK: number
  readonly ambientK: number
  readonly outsideWM2K: number
  /** Wall temperature wanted everywhere up to the sensor. */
  readonly wantedK: number
}

const SLICE_M = 0.1
const STEP_S = 1
const MOST_S = 900

/**
 * Time from a cold start until all the wall up to the sensor is above the dew point, s; null where it never gets there
 * within a quarter of an hour. Slices of wall as lumped heat, the gas quasi-steady through them; heat of condensation is
 * left out, so the figure is a least one.
 */
export const wallWarmUpS = (c: WarmUpCase): number | null => {
  const slices = c.pieces.flatMap((p) => {
    const steps = Math.max(1, Math.ceil(p.lengthM / SLICE_M))
    return p.lengthM <= 0 ? [] : Array.from({ length: steps }, () => ({ ...p, lengthM: p.lengthM / steps }))
  })
  const walls = slices.map(() => c.ambientK)
  for (let timeS = 0; timeS <= MOST_S; timeS += STEP_S) {
    if (walls.every((w) => w >= c.wantedK)) return timeS
    let gasK = c.inK
    slices.forEach((p, i) => {
      const wallK = walls[i]!
      const massKgS = c.massKgS / p.count
      const areaM2 = Math.PI * p.boreM * p.lengthM
      const capacityW = massKgS * exhaustCpJKgK(gasK)
      const outK = wallK + (gasK - wallK) * Math.exp((-insideFilmWM2K(massKgS, p.boreM, gasK) * areaM2) / capacityW)
      const gainW = capacityW * (gasK - outK) - c.outsideWM2K * areaM2 * (wallK - c.ambientK)
      walls[i] = wallK + (gainW * STEP_S) / (STEEL_J_M3K * areaM2 * p.wallM)
      gasK = outK
    })
  }
  return null
}

/**
 * Time at full load until a hexagon that follows the wall of its boss passes its limit, s: first-order, with the boss as
 * a thickness of steel between both films. Null: it stays below for good; 0: it stands above already.
 */
export const hexagonTimeS = (c: {
  readonly beforeK: number
  readonly settlesK: number
  readonly limitK: number
  readonly insideWM2K: number
  readonly outsideWM2K: number
  /** Effective thickness of boss and housing; 6 mm is a rule of thumb. */
  readonly bossM: number
}): number | null => {
  if (c.beforeK >= c.limitK) return 0
  if (c.settlesK <= c.limitK) return null
  const constantS = (STEEL_J_M3K * c.bossM) / (c.insideWM2K + c.outsideWM2K)
  return constantS * Math.log((c.settlesK - c.beforeK) / (c.settlesK - c.limitK))
}
