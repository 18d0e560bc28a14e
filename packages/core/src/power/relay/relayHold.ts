import { COPPER, REFERENCE_K } from '../network/index.ts'

export const DAMPINGS = ['none', 'diode', 'resistor'] as const
export type Damping = (typeof DAMPINGS)[number]

export interface RelayCoil {
  /** All three at 293.15 K. */
  readonly pullInV: number
  readonly dropOutV: number
  readonly coilOhm: number
  readonly coilK: number
}
/** Inductance of a cube relay's coil, H. Typical 0.2 to 0.6. */
export const COIL_H = 0.4
const DIODE_V = 0.7
/** Resistor across a coil over its own resistance: keeps the peak below some 100 V. Typical. */
export const RESISTOR_SHARE = 6
/** Volts at which the contact or driver that opens an undamped coil arcs or clamps. Typical. */
const ARC_V = 200

export interface RelayHold {
  /** At coil temperature. */
  readonly pullInV: number
  readonly dropOutV: number
  readonly pullsIn: boolean
  /** Once pulled in. */
  readonly holds: boolean
  /** At the deepest sag it falls and cannot come back. */
  readonly pullsInAgain: boolean
  readonly currentA: number
  /** From opening the coil's feed until its current has fallen to what lets go, s; without the travel of the armature. */
  readonly releaseS: number
  /** Highest voltage across the coil as it is switched off, V. */
  readonly peakV: number
}

/**
 * Whether a relay pulls in at its supply, holds through the deepest sag and pulls in again there. Coil of copper: +0.393 %
 * a kelvin. Release: R–L discharge through diode (0.7 V), resistor or arc.
 */
export const relayHold = (
  coil: RelayCoil,
  { supplyV, sagV, damping, inductanceH = COIL_H }: { readonly supplyV: number; readonly sagV: number; readonly damping: Damping; readonly inductanceH?: number }, // prettier-ignore
): RelayHold => {
  const warmth = 1 + COPPER.coefficientPerK * (coil.coilK - REFERENCE_K)
  const ohm = coil.coilOhm * warmth
  const [pullInV, dropOutV] = [coil.pullInV * warmth, coil.dropOutV * warmth]
  const currentA = supplyV / ohm
  const letsGoA = dropOutV / ohm
  const resistorOhm = RESISTOR_SHARE * coil.coilOhm
  const releaseS = ((): number => {
    if (currentA <= letsGoA) return 0
    if (damping === 'resistor') return (inductanceH / (ohm + resistorOhm)) * Math.log(currentA / letsGoA)
    const against = damping === 'diode' ? DIODE_V : ARC_V
    return (inductanceH / ohm) * Math.log((currentA + against / ohm) / (letsGoA + against / ohm))
  })()
  return {
    pullInV,
    dropOutV,
    pullsIn: supplyV >= pullInV,
    holds: sagV >= dropOutV,
    pullsInAgain: sagV >= pullInV,
    currentA,
    releaseS,
    peakV: damping === 'diode' ? DIODE_V : damping === 'resistor' ? currentA * resistorOhm : ARC_V,
  }
}
