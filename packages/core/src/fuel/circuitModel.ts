import type { FuelCircuit } from './circuitTypes.ts'
import { elementDropPa } from './elementLoss.ts'
import { columnPa, lineDropPa } from './lineLoss.ts'
import { pumpRiseAt } from './pumpCurve.ts'

/**
 * The circuit's own relations, each strictly monotone in flow. The regulated point is the rail in a return system and
 * the tank module in a single-line one.
 */
export interface CircuitModel {
  readonly effectiveSetPa: number
  /** Pressure the pump side brings to the regulated point with this rise over the pump and this flow. */
  suppliedAtPa(risePa: number, pumpFlowM3S: number): number
  /** The same with the rise that the pump brings at this flow; falling. */
  suppliedPa(pumpFlowM3S: number): number
  /** What suppliedPa would be without feed, filter and strainer losses. */
  suppliedWithoutLossesPa(pumpFlowM3S: number): number
  /** Pump pressure rise that would just give the set pressure at no loss. */
  readonly leastRisePa: number
  /** At the regulator's outlet. */
  backPa(returnFlowM3S: number): number
  /** Pressure at which the wide-open regulator passes this flow. */
  wideOpenPa(returnFlowM3S: number): number
  /** Pressure the regulator keeps while it returns this flow, rising. */
  keptPa(returnFlowM3S: number): number
  /** Rail pressure for a pressure at the regulated point. */
  railPa(regulatedPa: number, demandM3S: number): number
}

/** What a return line stands against, Pa over the tank: its column and its losses. In single-line systems it lies level. */
export const returnBackPa = (
  c: Pick<FuelCircuit, 'return' | 'fluid'> & { readonly regulator: Pick<FuelCircuit['regulator'], 'type'> },
  returnFlowM3S: number,
): number =>
  c.return === null
    ? 0
    : (c.regulator.type === 'return' ? columnPa(c.return.riseM, c.fluid) : 0) +
      lineDropPa(c.return, returnFlowM3S, c.fluid)

export const circuitModel = (c: FuelCircuit): CircuitModel => {
  const { feed, filter, fluid, pump, regulator, strainer } = c
  const tankPa = c.tankPressurePa ?? 0
  const returnType = regulator.type === 'return'
  const effectiveSetPa = regulator.setPressurePa + (regulator.referencePa ?? 0)
  const slope = regulator.slopePaPerM3S ?? 0
  const filterAfter = filter?.position === 'after-regulator'
  const filterBefore = filterAfter ? null : filter
  const feedColumnPa = columnPa(feed.riseM, fluid)
  const supplyColumnPa = returnType ? feedColumnPa : 0
  const suctionDropPa = (q: number) => (c.suction ? lineDropPa(c.suction, q, fluid) : 0)
  const backPa = (returnFlowM3S: number): number => tankPa + returnBackPa(c, returnFlowM3S)
  const wideOpenPa = (returnFlowM3S: number): number =>
    backPa(returnFlowM3S) + elementDropPa(regulator.fullOpen, returnFlowM3S)

  const suppliedAtPa = (risePa: number, q: number): number =>
    tankPa +
    risePa -
    elementDropPa(strainer, q) -
    suctionDropPa(q) -
    elementDropPa(filterBefore, q) -
    (returnType ? lineDropPa(feed, q, fluid) : 0) -
    supplyColumnPa

  return {
    effectiveSetPa,
    leastRisePa: effectiveSetPa - tankPa + supplyColumnPa,
    suppliedAtPa,
    suppliedPa: (q) => suppliedAtPa(pumpRiseAt(pump.curve, q), q),
    suppliedWithoutLossesPa: (q) => tankPa + pumpRiseAt(pump.curve, q) - supplyColumnPa,
    backPa,
    wideOpenPa,
    keptPa: (r) => Math.max(effectiveSetPa, wideOpenPa(r)) + slope * r,
    railPa: (regulatedPa, demandM3S) =>
      returnType
        ? regulatedPa
        : regulatedPa -
          (filterAfter ? elementDropPa(filter, demandM3S) : 0) -
          lineDropPa(feed, demandM3S, fluid) -
          feedColumnPa,
  }
}
