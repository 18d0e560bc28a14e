import type { PumpPart, PumpTable } from '../parts/index.ts'
import { pumpAtVoltage } from './pumpAtVoltage.ts'
import { pumpRiseAt } from './pumpCurve.ts'

/** What the most that a pump can reach with its outlet closed follows from. */
export type ShutOffBasis = 'sheet' | 'voltage-squared' | 'relief-valve' | 'not-known'

export interface ShutOff {
  /** At most, Pa gauge; null where nobody can say: a positive-displacement pump without a relief valve on its sheet. */
  readonly mostPa: number | null
  readonly by: ShutOffBasis
  /** False where the sheet does not say how the pump works, and it is taken as a turbine pump. */
  readonly kindKnown: boolean
}

const NOT_KNOWN = { mostPa: null, by: 'not-known', kindKnown: true } as const

/** At a voltage between two tables straight between their figures, beyond them as the square of the voltage. */
const fromSheet = (
  tables: readonly PumpTable[],
  voltageV: number,
): Pick<ShutOff, 'by'> & { readonly mostPa: number } => {
  const sorted = [...tables].sort((a, b) => a.voltageV - b.voltageV)
  const low = sorted[0]!
  const high = sorted.at(-1)!
  const ofTable = (t: PumpTable) => pumpRiseAt(t.points, 0)
  if (voltageV > low.voltageV && voltageV < high.voltageV) {
    const share = (voltageV - low.voltageV) / (high.voltageV - low.voltageV)
    return { mostPa: ofTable(low) + share * (ofTable(high) - ofTable(low)), by: 'sheet' }
  }
  const near = voltageV <= low.voltageV ? low : high
  return {
    mostPa: ofTable(near) * (voltageV / near.voltageV) ** 2,
    by: voltageV === near.voltageV ? 'sheet' : 'voltage-squared',
  }
}

/**
 * The most a pump can bring its outlet to at a voltage with the way on closed, Pa gauge: what hoses, filter, regulator
 * and gauge must stand.
 *
 * A turbine pump's shut-off pressure goes about as the square of its speed, and that about as the voltage: beyond its
 * tables p0 (V/Vref)², an upper estimate, and never less than where its own curve at that voltage ends. A table that
 * ends before the flow does is prolonged. A positive-displacement pump (roller, gerotor) rises until something gives:
 * its relief valve's figure, or not known. A relief valve bounds either kind.
 * @param voltageV 5 to 18 V at the pump's own terminals
 */
export const shutOffAt = (
  { works, reliefPa, tables }: Pick<PumpPart, 'works' | 'reliefPa' | 'tables'>,
  voltageV: number,
): ShutOff => {
  if (works === 'positive-displacement')
    return reliefPa === null ? NOT_KNOWN : { mostPa: reliefPa, by: 'relief-valve', kindKnown: true }
  const kindKnown = works !== null
  const at = pumpAtVoltage(tables, voltageV)
  if (!at.ok && at.error.some((e) => e.code !== 'stalls')) return { ...NOT_KNOWN, kindKnown }
  const sheet = fromSheet(tables, voltageV)
  const mostPa = Math.max(sheet.mostPa, at.ok ? at.value.endsAtPa : 0)
  return reliefPa !== null && reliefPa < mostPa
    ? { mostPa: reliefPa, by: 'relief-valve', kindKnown }
    : { mostPa, by: sheet.by, kindKnown }
}
