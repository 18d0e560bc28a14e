import { exhaustCpJKgK } from './exhaustGas.ts'
import { insideFilmWM2K, mixedGasK, type MarchPiece } from './pipeHeat.ts'

/** Steel: density times specific heat, J/(m³ K). */
const STEEL_J_M3K = 7850 * 500

type WallPiece = MarchPiece & { readonly wallM: number }

/** A chain of pipe with the gas that flows in it. */
export interface WarmUpFeed {
  readonly pieces: readonly WallPiece[]
  readonly massKgS: number
}

export interface WarmUpCase extends WarmUpFeed {
  /** What flows together ahead of it, each from its own ports; empty where the pieces begin at the ports themselves. */
  readonly feeds?: readonly WarmUpFeed[]
  readonly inK: number
  readonly ambientK: number
  /** Film of air outside, without radiation. */
  readonly outsideWM2K: number
  /** Wall temperature wanted everywhere up to the sensor. */
  readonly wantedK: number
}

const SLICE_M = 0.1
const STEP_S = 1
const MOST_S = 900

interface Chain {
  readonly massKgS: number
  readonly slices: readonly WallPiece[]
  readonly walls: number[]
}

const chainOf = ({ pieces, massKgS }: WarmUpFeed, ambientK: number): Chain => {
  const slices = pieces.flatMap((p) => {
    const steps = Math.max(1, Math.ceil(p.lengthM / SLICE_M))
    return p.lengthM <= 0 ? [] : Array.from({ length: steps }, () => ({ ...p, lengthM: p.lengthM / steps }))
  })
  return { massKgS, slices, walls: slices.map(() => ambientK) }
}

/** Lets the gas through a chain for one step: its walls warm, and the gas leaves colder, K. */
const warmed = ({ massKgS, slices, walls }: Chain, inK: number, c: WarmUpCase): number =>
  slices.reduce((gasK, p, i) => {
    const wallK = walls[i]!
    const each = massKgS / p.count
    const areaM2 = Math.PI * p.boreM * p.lengthM
    const outsideM2 = Math.PI * (p.outsideM ?? p.boreM) * p.lengthM
    const capacityW = each * exhaustCpJKgK(gasK)
    const outK = wallK + (gasK - wallK) * Math.exp((-insideFilmWM2K(each, p.boreM, gasK) * areaM2) / capacityW)
    const gainW = capacityW * (gasK - outK) - c.outsideWM2K * outsideM2 * (wallK - c.ambientK)
    walls[i] = wallK + (gainW * STEP_S) / (STEEL_J_M3K * areaM2 * p.wallM)
    return outK
  }, inK)

/**
 * Time from a cold start until all the wall up to the sensor is above the dew point, s; null where it never gets there
 * within a quarter of an hour. Slices of wall as lumped heat, the gas quasi-steady through them; banks that flow together
 * warm their own pipes with their own gas first. Heat of condensation is left out, so the figure is a least one.
 */
export const wallWarmUpS = (c: WarmUpCase): number | null => {
  const own = chainOf(c, c.ambientK)
  const feeds = (c.feeds ?? []).map((feed) => chainOf(feed, c.ambientK))
  for (let timeS = 0; timeS <= MOST_S; timeS += STEP_S) {
    if ([own, ...feeds].every((chain) => chain.walls.every((w) => w >= c.wantedK))) return timeS
    const outs = feeds.map((chain) => ({ massKgS: chain.massKgS, gasK: warmed(chain, c.inK, c) }))
    warmed(own, outs.length > 0 ? mixedGasK(outs) : c.inK, c)
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
