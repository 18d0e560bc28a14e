import type { RegulatorPart } from '@lochmoor/core'
import { kPa, litresPerHour } from './units.ts'

interface Sheet {
  readonly rangeKPa: readonly [least: number, most: number]
  /** Drop wide open at a flow. */
  readonly openKPa: number
  readonly atLH: number
  /** Rise of the held pressure per 100 L/h returned. */
  readonly slopeKPaPer100LH: number
  readonly referencePort: boolean
  readonly sits: NonNullable<RegulatorPart['sits']>
  readonly standsKPa: number
}

const regulator = (
  id: string,
  name: string,
  type: RegulatorPart['type'],
  priceClass: number,
  s: Sheet,
): RegulatorPart => ({
  id,
  name,
  priceClass,
  type,
  leastPa: kPa(s.rangeKPa[0]),
  mostPa: kPa(s.rangeKPa[1]),
  fullOpen: { flowM3S: litresPerHour(s.atLH), dropPa: kPa(s.openKPa) },
  slopePaPerM3S: kPa(s.slopeKPaPer100LH) / litresPerHour(100),
  referencePort: s.referencePort,
  sits: s.sits,
  mostPressurePa: kPa(s.standsKPa),
})

/** Invented regulators: three for return systems, three at or in the tank. */
export const REGULATORS: readonly RegulatorPart[] = [
  regulator('bield-r1', 'Bield R1 low', 'return', 1, {
    rangeKPa: [60, 160],
    openKPa: 20,
    atLH: 150,
    slopeKPaPer100LH: 1.5,
    referencePort: false,
    sits: 'rail',
    standsKPa: 1000,
  }),
  regulator('bield-r3', 'Bield R3', 'return', 2, {
    rangeKPa: [200, 500],
    openKPa: 30,
    atLH: 200,
    slopeKPaPer100LH: 4,
    referencePort: true,
    sits: 'rail',
    standsKPa: 1200,
  }),
  regulator('bield-r5', 'Bield R5 high flow', 'return', 4, {
    rangeKPa: [60, 600],
    openKPa: 12,
    atLH: 250,
    slopeKPaPer100LH: 2,
    referencePort: true,
    sits: 'rail',
    standsKPa: 1500,
  }),
  regulator('bield-s100', 'Bield S100 at the tank', 'single-line', 2, {
    rangeKPa: [60, 160],
    openKPa: 15,
    atLH: 150,
    slopeKPaPer100LH: 1.5,
    referencePort: false,
    sits: 'tank',
    standsKPa: 1000,
  }),
  regulator('bield-s300', 'Bield S300 in the module', 'single-line', 2, {
    rangeKPa: [300, 300],
    openKPa: 20,
    atLH: 200,
    slopeKPaPer100LH: 4,
    referencePort: false,
    sits: 'module',
    standsKPa: 1200,
  }),
  regulator('bield-s400', 'Bield S400 in the module', 'single-line', 2, {
    rangeKPa: [400, 400],
    openKPa: 20,
    atLH: 200,
    slopeKPaPer100LH: 5,
    referencePort: false,
    sits: 'module',
    standsKPa: 1200,
  }),
]
