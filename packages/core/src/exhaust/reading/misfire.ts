import { steeredTo } from './loopLimit.ts'

/** Share of raw fuel that the sensor still oxidises: 0 for a dead injector, up to about a half for a dead plug. */
export const RAW_FUEL_SHARES = { injector: 0, plugLow: 0.1, plugHigh: 0.5 } as const

export interface DeadCylinder {
  /** What the sensor tells with the loop open. */
  readonly reads: number
  /** What the living cylinders run at when the loop steers by it, within its limit. */
  readonly livingRun: number
  readonly atLimit: boolean
}

/**
 * One cylinder of n dead: lambda_read = lambda n/(n - 1 + phi); in closed loop the others run at
 * target (n - 1 + phi)/n. Null for a lone cylinder without raw fuel: nothing is left to read.
 */
export const deadCylinder = (c: {
  readonly cylinders: number
  readonly rawShare: number
  readonly lambda: number
  readonly target: number
  readonly correctionLimit: number
}): DeadCylinder | null => {
  const burnt = c.cylinders - 1 + c.rawShare
  if (burnt <= 0) return null
  const wanted = (c.target * burnt) / c.cylinders
  const { lambda, atLimit } = steeredTo({ ...c, wanted })
  return { reads: (c.lambda * c.cylinders) / burnt, livingRun: lambda, atLimit }
}

/** Mixture at which every second charge no longer burns, and how sharp that edge is. House figures. */
const RICH_LIMIT = 0.62
const RICH_EDGE = 0.04

/** Share of charges that do not burn for being too rich, 0 to 1. */
export const richMisfireShare = (lambda: number): number => 1 / (1 + Math.exp((lambda - RICH_LIMIT) / RICH_EDGE))

/**
 * What the sensor tells of a mixture, the unburnt charges with it: lambda/(1 - f + phi f). Below the rich limit oxygen
 * is left over and the reading turns lean.
 */
export const readingOfRich = (lambda: number, rawShare: number): number => {
  const f = richMisfireShare(lambda)
  return lambda / (1 - f + rawShare * f)
}
