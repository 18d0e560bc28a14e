import type { FuelCircuit, FuelCircuitAnswer } from './circuitTypes.ts'
import { elementDropPa } from './elementLoss.ts'
import { columnPa, lineDropPa } from './lineLoss.ts'

const SHARE = 1e-6

/**
 * Walks the answered circuit once round and throws where it does not close: mass at the tee, pressure from the tank to
 * the rail, and pressure from the regulator back to the tank. A failure here is a fault of ours.
 */
export const checkBalance = (c: FuelCircuit, a: FuelCircuitAnswer): void => {
  const tankPa = c.tankPressurePa ?? 0
  const rise = a.pumpOutletPa! - a.pumpInletPa!
  const column = columnPa(c.feed.riseM, c.fluid)
  const suctionPa = c.suction ? lineDropPa(c.suction, a.pumpFlowM3S, c.fluid) : 0
  const inletPa = tankPa - a.strainerDropPa! - suctionPa
  const scalePa =
    1 +
    [
      tankPa,
      rise,
      a.strainerDropPa!,
      a.filterDropPa!,
      a.feedDropPa!,
      column,
      a.returnDropPa!,
      a.regulatorBackPa!,
      a.railPa!,
    ].reduce((sum, p) => sum + Math.abs(p), 0)
  const demand = c.demandM3S
  fail('inlet', inletPa - a.pumpInletPa!, SHARE * scalePa)
  fail('mass', a.pumpFlowM3S - demand - a.returnFlowM3S, SHARE * (a.pumpFlowM3S + demand))
  const railPa = inletPa + rise - a.filterDropPa! - a.feedDropPa! - column
  const byPassAtTank = c.regulator.type === 'single-line'
  if (byPassAtTank) {
    const afterRegulator = c.filter?.position === 'after-regulator' ? a.filterDropPa! : 0
    const beforeRegulator = a.filterDropPa! - afterRegulator
    fail('supply', inletPa + rise - beforeRegulator - a.regulatedPa!, SHARE * scalePa)
    fail('feed', a.regulatedPa! - afterRegulator - a.feedDropPa! - column - a.railPa!, SHARE * scalePa)
  } else {
    fail('supply', railPa - a.railPa!, SHARE * scalePa)
  }
  if (a.returnFlowM3S > 0) {
    const overRegulatorPa = a.regulatedPa! - a.regulatorBackPa!
    const leastPa = elementDropPa(c.regulator.fullOpen, a.returnFlowM3S)
    if (overRegulatorPa < leastPa - SHARE * scalePa)
      throw new Error(
        `fuel circuit does not balance: regulator passes its flow at ${overRegulatorPa} Pa, needs ${leastPa} Pa`,
      )
  }
}

const fail = (what: string, residual: number, tolerance: number): void => {
  // Written so that NaN fails too.
  if (!(Math.abs(residual) <= tolerance))
    throw new Error(`fuel circuit does not balance: ${what} is out by ${residual}, allowed ${tolerance}`)
}
