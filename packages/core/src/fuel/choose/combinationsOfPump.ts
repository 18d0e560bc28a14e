import type { FilterPart, HosePart, PumpPart, RegulatorPart } from '../../parts/index.ts'
import { workedCircuit, type WorkedCircuit } from '../circuitBalance.ts'
import { returnBackPa } from '../circuitModel.ts'
import { elementDropPa } from '../elementLoss.ts'
import { currentAtRise, pumpAtVoltage } from '../pumpAtVoltage.ts'
import { shutOffAt } from '../shutOff.ts'
import { FUEL_HEAT_J_KG_K } from '../vapour/tankHeat.ts'
import type { Combination, CombinationCase } from './combinationCase.ts'
import { failureOf } from './combinationFailure.ts'
import { heldBy, lineOf, supplySideOf, type PumpCurve, type ReturnLine, type SupplySide } from './supplySide.ts'

const ASSUMED_NOISE = 3
const NO_HEAT = { currentA: 0, heatW: 0 }

/** At cruise. */
const heatOf = (c: CombinationCase, curve: PumpCurve, cruise: WorkedCircuit) => {
  const point = c.points.find((p) => p.id === c.cruiseId)!
  if (cruise.pumpRisePa === null) return NO_HEAT
  const currentA = c.pumpCount * currentAtRise(curve, cruise.pumpRisePa)
  const returnKgS = c.loop === 'return' ? cruise.returnFlowM3S * point.fluid.densityKgM3 : 0
  return { currentA, heatW: currentA * point.voltageV + returnKgS * FUEL_HEAT_J_KG_K * c.returnWarmerK }
}

/** What one pump comes to with every feed, filter, regulator and return. */
export interface CombinationsOfPump {
  readonly found: readonly Combination[]
  /** Circuits really solved: many combinations share one. */
  readonly solved: number
}

/**
 * One pump with every feed, return, filter and regulator, over all moments. What does not depend on a part is computed
 * once: the reserve needs no return and no regulator; a regulator or a return line matters only where it would lift
 * the rail, so each is first held against the circuit in which the regulator holds.
 */
export const combinationsOfPump = (c: CombinationCase, pump: PumpPart): CombinationsOfPump => {
  const single = c.loop === 'single-line'
  const returns: readonly ReturnLine[] = single
    ? [{ part: null, line: null }]
    : c.returns.map((part) => ({ part, line: lineOf(part, c.returnPath) }))
  const reach = shutOffAt(pump, c.highV)
  const curves = c.points.flatMap((p): PumpCurve[] => {
    const at = pumpAtVoltage(pump.tables, p.voltageV)
    return at.ok ? [at.value.curve] : []
  })
  const together = curves.map((curve) => curve.map((q) => ({ ...q, flowM3S: q.flowM3S * c.pumpCount })))
  const stalls = curves.length < c.points.length
  const cruiseAt = c.points.findIndex((p) => p.id === c.cruiseId)
  const slopes = [...new Set(c.regulators.map((r) => r.slopePaPerM3S))]
  const found: Combination[] = []
  let solved = 0

  const add = (
    parts: { feed: HosePart; back: HosePart | null; filter: FilterPart; regulator: RegulatorPart },
    supply: SupplySide | null,
    worked: { lifted: boolean; headroom: number; currentA: number; heatW: number },
  ): void => {
    const { back, feed, filter, regulator } = parts
    const { currentA, headroom, heatW, lifted } = worked
    const reserve = supply?.reserve ?? -1
    const sinking = supply?.sinking ?? 'ok'
    found.push({
      pumpId: pump.id,
      feedId: feed.id,
      returnId: back?.id ?? null,
      filterId: filter.id,
      regulatorId: regulator.id,
      fails: failureOf(c, { stalls, reach, pump, ...parts, reserve, lifted, sinking, headroom }),
      reserve,
      tightestId: supply?.tightestId ?? '',
      headroom,
      currentA,
      heatW,
      noiseClass: pump.noiseClass ?? ASSUMED_NOISE,
      price:
        c.pumpCount * pump.priceClass +
        feed.priceClass +
        filter.priceClass +
        regulator.priceClass +
        (back?.priceClass ?? 0),
      best: false,
    })
  }

  for (const feed of c.feeds)
    for (const filter of c.filters) {
      if (stalls) {
        for (const regulator of c.regulators)
          for (const { part: back } of returns)
            add({ feed, back, filter, regulator }, null, { lifted: false, headroom: 0, ...NO_HEAT })
        continue
      }
      const supply = supplySideOf(c, pump, together, feed, filter)
      const held = new Map(slopes.map((slope) => [slope, heldBy(supply, slope, returns)]))
      solved += slopes.length * supply.circuits.length
      for (const regulator of c.regulators) {
        const { backPa, worked } = held.get(regulator.slopePaPerM3S)!
        returns.forEach(({ line, part: back }, r) => {
          let lifted = false
          let worstBehind = 0
          let cruise = worked[cruiseAt]
          supply.circuits.forEach((circuit, i) => {
            let here = worked[i]!
            let behindPa = backPa[i]![r]! + elementDropPa(regulator.fullOpen, here.returnFlowM3S)
            if (behindPa > supply.setPa[i]!) {
              const { fullOpen, slopePaPerM3S } = regulator
              const whole = { ...circuit, return: line, regulator: { ...circuit.regulator, fullOpen, slopePaPerM3S } }
              solved++
              here = workedCircuit(whole)
              behindPa = returnBackPa(whole, here.returnFlowM3S) + elementDropPa(fullOpen, here.returnFlowM3S)
            }
            if (i === cruiseAt) cruise = here
            if (here.state === 'lifted' && circuit.demandM3S > 0) lifted = true
            worstBehind = Math.max(worstBehind, behindPa / supply.setPa[i]!)
          })
          add({ feed, back, filter, regulator }, supply, {
            lifted,
            headroom: single ? 1 : 1 - worstBehind,
            ...(cruise ? heatOf(c, curves[cruiseAt]!, cruise) : NO_HEAT),
          })
        })
      }
    }
  return { found, solved }
}
