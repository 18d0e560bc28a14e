import type { FuelDesign } from './fuelDesign.ts'
import type { FilterPart } from '../../parts/index.ts'
import { err, explainInputError, ok, type Result } from '../../verdict/index.ts'
import type { Fluid, FuelCircuit, Loss, PumpPoint } from '../../fuel/circuitTypes.ts'
import { pumpAtVoltage } from '../../fuel/pumpAtVoltage.ts'
import type { OperatingPoint } from '../../engine/index.ts'
import { lineOfDesign } from './lineOfDesign.ts'

/** Why a circuit cannot be drawn up yet: what to choose or enter next. */
export type CircuitGap =
  | { readonly code: 'notChosen'; readonly what: 'pump' | 'regulator' | 'feed' | 'return' }
  | { readonly code: 'pumpStalls'; readonly voltageV: number }
  | { readonly code: 'pumpSheet'; readonly problem: string }
  | { readonly code: 'regulatorType' }
  | { readonly code: 'filterAfterReturnRegulator' }
  | { readonly code: 'noSetLeft'; readonly effectiveSetPa: number }

export const lossOf = (f: FilterPart | null): Loss | null =>
  f && { flowM3S: f.flowM3S, dropPa: f.dropPa, linearShare: f.linearShare }

/** Drop of a filter that is due over its clean one: three to five times, rule of thumb. */
export const ASSUMED_DUE_FACTOR = 4
export const dueFactorOf = (f: FilterPart | null): number => f?.dueFactor ?? ASSUMED_DUE_FACTOR

/** Alike pumps side by side, each behind its own check valve, add their flows at the same pressure. */
export const sideBySide = (curve: readonly PumpPoint[], count: number): readonly PumpPoint[] =>
  count === 1 ? curve : curve.map((p) => ({ ...p, flowM3S: p.flowM3S * count }))

/** The fuel circuit of a job at an operating point, or the first thing that is missing for it. */
export const circuitOfJob = (design: FuelDesign, point: OperatingPoint): Result<FuelCircuit, CircuitGap> => {
  const { filter, filterPosition, pump, regulator, strainer } = design.fuel
  const fluid: Fluid = point.fuel
  const systemType = design.loop
  if (!pump) return err({ code: 'notChosen', what: 'pump' })
  if (!regulator) return err({ code: 'notChosen', what: 'regulator' })
  if (regulator.type !== systemType) return err({ code: 'regulatorType' })
  const feed = lineOfDesign(design, 'feed')
  if (!feed) return err({ code: 'notChosen', what: 'feed' })
  const returns = systemType === 'return'
  const back = returns ? lineOfDesign(design, 'return') : null
  if (returns && !back) return err({ code: 'notChosen', what: 'return' })
  if (returns && filter && filterPosition === 'after-regulator') return err({ code: 'filterAfterReturnRegulator' })
  const atVoltage = pumpAtVoltage(pump.tables, point.voltageV)
  if (!atVoltage.ok) {
    const wrong = atVoltage.error.find((e) => e.code !== 'stalls')
    return err(
      wrong
        ? { code: 'pumpSheet', problem: explainInputError(wrong) }
        : { code: 'pumpStalls', voltageV: point.voltageV },
    )
  }
  const setPressurePa = design.figure('fuel.setPressurePa')
  const referencePa = returns ? point.referencePa : 0
  if (setPressurePa + referencePa <= 0) return err({ code: 'noSetLeft', effectiveSetPa: setPressurePa + referencePa })
  const clean = lossOf(filter)
  const filterLoss = clean && point.filterDue ? { ...clean, dropPa: clean.dropPa * dueFactorOf(filter) } : clean
  const { pumpCount } = design.fuel
  return ok({
    fluid,
    strainer: lossOf(strainer),
    suction: pump.mount === 'in-line' ? lineOfDesign(design, 'suction') : null,
    pump: { curve: sideBySide(atVoltage.value.curve, pumpCount) },
    filter: filterLoss && { ...filterLoss, position: filterPosition },
    feed,
    return: back,
    demandM3S: point.demandM3S,
    regulator: {
      type: systemType,
      setPressurePa,
      referencePa,
      fullOpen: regulator.fullOpen,
      slopePaPerM3S: regulator.slopePaPerM3S,
    },
    ambientPa: point.ambientPa,
  })
}

export const explainGap = (gap: CircuitGap): string => {
  switch (gap.code) {
    case 'notChosen':
      return {
        pump: 'Choose a pump.',
        regulator: 'Choose a regulator.',
        feed: 'Choose the feed hose, or measure its bore.',
        return: 'Choose the return hose, or measure its bore.',
      }[gap.what]
    case 'pumpStalls':
      return `At ${gap.voltageV.toFixed(1)} V this pump delivers nothing.`
    case 'pumpSheet':
      return `The data sheet of this pump cannot be used: ${gap.problem}. Correct it in the catalogue and choose the pump again.`
    case 'regulatorType':
      return 'This regulator is for the other type of system: choose one that suits return-type or returnless.'
    case 'filterAfterReturnRegulator':
      return 'A filter after the regulator sees only returned fuel: in a return-type system it goes before the rail.'
    case 'noSetLeft':
      return `With manifold vacuum on its hose the regulator would hold ${(gap.effectiveSetPa / 1000).toFixed(0)} kPa: take the hose off or raise the set pressure.`
  }
}
