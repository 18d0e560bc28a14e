import { circuitModel } from './circuitModel.ts'
import type { FuelCircuit } from './circuitTypes.ts'

/** Share of the set pressure that may be lost from idle to full load: 4 % of pressure is 2 % of mixture. Rule of thumb. */
export const SINKING_ALLOWED = 0.04

export interface FeedSinking {
  readonly setPa: number
  readonly railFullPa: number
  /** From idle to full load, at a tank module that holds. */
  readonly fallPa: number
  /** Nothing left at the rail, or more than twice what is allowed: `stop`; more than is allowed: `caution`. */
  readonly state: 'ok' | 'caution' | 'stop'
}

/**
 * How far the rail of a single line sinks from idle to full load below a held tank module: by the losses alone, so that
 * it is also known where the feed takes everything and no rail pressure exists.
 */
export const feedSinking = (idle: FuelCircuit, full: FuelCircuit): FeedSinking => {
  const model = circuitModel(full)
  const setPa = model.effectiveSetPa
  const railFullPa = model.railPa(setPa, full.demandM3S)
  const fallPa = model.railPa(setPa, idle.demandM3S) - railFullPa
  const limitPa = SINKING_ALLOWED * setPa
  const state = railFullPa <= 0 || fallPa > 2 * limitPa ? 'stop' : fallPa > limitPa ? 'caution' : 'ok'
  return { setPa, railFullPa, fallPa, state }
}
