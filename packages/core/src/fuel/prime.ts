import type { Trace } from '../verdict/index.ts'
import type { PumpPoint } from './circuitTypes.ts'
import { pumpFlowAt } from './pumpCurve.ts'

export interface PrimeCase {
  /** At the voltage the battery gives with the engine stopped. */
  readonly curve: readonly PumpPoint[]
  readonly lineM3: number
  readonly filterM3: number
  readonly railM3: number
  readonly setPressurePa: number
  /** Share of the rail filled with air that cannot leave: a dead-ended rail; 0 where it comes back by the return. */
  readonly trappedShare: number
  /** How long the controller lets the pump run at key-on. */
  readonly primeS: number
  readonly ambientPa?: number
}

export interface PrimeAnswer {
  readonly dryS: number
  readonly dryCycles: number
  readonly wetS: number
  readonly wetCycles: number
  /** Air pressed into the end of the rail. */
  readonly trappedM3: number
}

/** Swelling of hose and compression of fuel together, per Pa: about 0.2 % at 300 kPa. Rule of thumb. */
const SWELLING_PER_PA = 0.002 / 300e3

/**
 * Time until the set pressure at key-on. Dry: line, filter and rail are filled at nearly no pressure, then what can be
 * compressed is. Wet: only that. Trapped air shrinks by Boyle's law: at p it has let in V p/(p_a + p). Pressing up
 * takes the integral of dV/Q from no pressure to the set pressure, each straight piece of the pump's curve on its own.
 */
export const prime = (c: PrimeCase, trace?: Trace): PrimeAnswer => {
  const ambientPa = c.ambientPa ?? 101_325
  const volumeM3 = c.lineM3 + c.filterM3 + c.railM3
  const freeM3S = pumpFlowAt(c.curve, 0)
  const atSetM3S = pumpFlowAt(c.curve, c.setPressurePa)
  const trappedM3 = c.trappedShare * c.railM3
  const pressedM3 =
    volumeM3 * SWELLING_PER_PA * c.setPressurePa + trappedM3 * (c.setPressurePa / (ambientPa + c.setPressurePa))
  // A pump that brings nothing against the set pressure never gets there.
  const pressS =
    atSetM3S > 0 ? pressingS(c.curve, c.setPressurePa, volumeM3 * SWELLING_PER_PA, trappedM3, ambientPa) : Infinity
  const fillS = (volumeM3 - trappedM3) / freeM3S
  const cyclesOf = (s: number) => Math.max(1, Math.ceil(s / c.primeS - 1e-9))
  trace?.step({
    symbol: 't_fill',
    meaning: 'time to fill the empty line, filter and rail',
    formula: 'V / Q_0',
    inputs: {
      V: { value: volumeM3 - trappedM3, unit: 'm³' },
      Q_0: { value: freeM3S, unit: 'm³/s against no pressure' },
    },
    result: fillS,
    unit: 's',
    source: 'continuity',
  })
  if (atSetM3S > 0)
    trace?.step({
      symbol: 't_press',
      meaning: 'time to press it up to the set pressure',
      formula: '(V_all * 0.002 * p / 300000 + V_air * p / (p_a + p)) / Q_m',
      inputs: {
        V_all: { value: volumeM3, unit: 'm³' },
        V_air: { value: trappedM3, unit: 'm³ of trapped air' },
        p: { value: c.setPressurePa, unit: 'Pa' },
        p_a: { value: ambientPa, unit: 'Pa' },
        Q_m: {
          value: pressedM3 / pressS,
          unit: `m³/s, mean over what is pressed in: ${(freeM3S * 3.6e6).toFixed(0)} L/h at first, ${(atSetM3S * 3.6e6).toFixed(0)} L/h at the set pressure`,
        },
      },
      result: pressS,
      unit: 's',
      source: 'Boyle; swelling of hoses 0.2 % at 300 kPa: rule of thumb',
    })
  return {
    dryS: fillS + pressS,
    dryCycles: cyclesOf(fillS + pressS),
    wetS: pressS,
    wetCycles: cyclesOf(pressS),
    trappedM3,
  }
}

/** Pieces of a straight part of the curve for Simpson's rule: 1/Q bends strongly only where Q nears nothing. */
const PIECES = 64

/**
 * Time to press up from no pressure, s: the integral of (swelling + V_air p_a/(p_a + p)²) / Q(p) dp, by Simpson's rule
 * on each straight part of the pump's curve.
 */
const pressingS = (
  curve: readonly PumpPoint[],
  setPressurePa: number,
  swellingM3Pa: number,
  trappedM3: number,
  ambientPa: number,
): number => {
  const perPa = (pa: number) => (swellingM3Pa + (trappedM3 * ambientPa) / (ambientPa + pa) ** 2) / pumpFlowAt(curve, pa)
  const knees = curve.map((p) => p.pressurePa).filter((pa) => pa > 0 && pa < setPressurePa)
  const edges = [0, ...knees, setPressurePa]
  return edges.slice(1).reduce((sum, to, i) => {
    const from = edges[i]!
    const h = (to - from) / PIECES
    let part = perPa(from) + perPa(to)
    for (let k = 1; k < PIECES; k++) part += (k % 2 === 1 ? 4 : 2) * perPa(from + k * h)
    return sum + (part * h) / 3
  }, 0)
}

/** Volume inside a line, m³. */
export const lineVolumeM3 = (boreM: number, lengthM: number): number => (Math.PI / 4) * boreM ** 2 * lengthM
