import type { FilterPart, PumpPart } from '../../parts/index.ts'
import { fig, say, type VerdictState, plain } from '../../verdict/index.ts'
import { carriesPressure, loadOf, reachOf } from './linesOfJob.ts'
import { reachSource, reachWords } from './judgeReach.ts'
import { hoseUnfit } from '../../fuel/lines/hoseFitness.ts'
import { linesInUse } from './linesOfJob.ts'
import { AMBIENT_PA } from '../../engine/index.ts'
import type { FuelCase, FuelVerdict } from './solvedPoint.ts'

/** Hoses against the pump's shut-off pressure at the highest voltage (return blocked) and against the fuel. */
export const judgeHoses = ({ design }: FuelCase): FuelVerdict | null => {
  const lines = linesInUse(design).filter(
    (line) => carriesPressure(design, line) && design.fuel[line].legs.length === 0,
  )
  const feedLoad = loadOf(design, 'feed')
  if (!feedLoad || lines.length === 0) return null
  const known = lines.flatMap((name) => {
    const { hose } = design.fuel[name]
    return hose ? [{ name, hose, unfit: hoseUnfit(hose, loadOf(design, name) ?? feedLoad) }] : []
  })
  const bare = lines.filter((name) => !design.fuel[name].hose && design.fuel[name].measuredBoreM !== null)
  if (known.length === 0 && bare.length === 0) return null
  const [worst] = known
    .flatMap(({ unfit }) => (unfit ? [unfit] : []))
    .sort((a, b) => Number(b.state === 'stop') - Number(a.state === 'stop'))
  const weakest = known.reduce<(typeof known)[number] | null>(
    (w, k) => (!w || k.hose.mostPressurePa < w.hose.mostPressurePa ? k : w),
    null,
  )
  const reach = reachOf(design)!
  const { mostPa } = reach
  const guessed = !reach.kindKnown
  const state: VerdictState =
    worst?.state ?? (bare.length > 0 && mostPa === null ? 'stop' : bare.length > 0 || guessed ? 'unknown' : 'ok')
  return {
    ...plain,
    id: 'hoses',
    title: 'Hose pressure and fuel rating',
    state,
    figureName: 'shut-off pressure, maximum',
    figure: mostPa === null ? null : fig(mostPa, 'pressure'),
    limitName: weakest ? `rating of the ${weakest.name} hose` : 'rating',
    limit: weakest ? fig(weakest.hose.mostPressurePa, 'pressure') : null,
    margin: weakest && mostPa !== null ? fig(weakest.hose.mostPressurePa - mostPa, 'pressure') : null,
    reason: worst
      ? worst.why
      : bare.length > 0
        ? mostPa === null
          ? say`The ${bare.join(' and ')} is an old line known only by its bore, and this pump’s shut-off pressure is not known: enter its relief valve in the catalogue.`
          : say`The ${bare.join(' and ')} is an old line known only by its bore: water test it above ${fig(mostPa, 'pressure')} before fuel goes in.`
        : say`With the line closed at ${fig(design.figure('fuel.highV'), 'voltage')} the hoses take the most the pump can build: ${reachWords(reach)}.`,
    source: `${reachSource(reach)}; makers’ ratings`,
  }
}

/** Reference hose against the place of injection. */
export const judgeReference = ({ design }: FuelCase): FuelVerdict | null => {
  const { referenced } = design.fuel
  const [injectionPlace, systemType] = [design.place, design.loop]
  const boostPa = design.figure('vehicle.boostPa')
  if (systemType === 'return' && referenced && injectionPlace === 'above-plate' && boostPa === 0) {
    const setPa = design.figure('fuel.setPressurePa')
    const vacuumPa = Math.max(0, AMBIENT_PA - design.figure('vehicle.idleManifoldPa'))
    const meteredShare = Math.sqrt(Math.max(0, setPa - vacuumPa) / setPa)
    return {
      ...plain,
      id: 'reference',
      title: 'Reference hose with injectors above the throttle plate',
      state: 'stop',
      figureName: 'idle fuel low by',
      figure: fig(1 - meteredShare, 'share'),
      reason: say`The injectors spray above the throttle plate, into atmospheric pressure. With ${fig(vacuumPa, 'pressure')} of manifold vacuum on the regulator they would work at ${fig(Math.max(0, setPa - vacuumPa), 'pressure')} instead of ${fig(setPa, 'pressure')}, and at another pressure at every load.`,
      source: 'orifice equation',
    }
  }
  const losesBoost = boostPa > 0 && !(systemType === 'return' && referenced)
  if (!losesBoost) return null
  return {
    ...plain,
    id: 'reference',
    title: 'Reference to boost',
    state: 'caution',
    figureName: 'injector pressure lost to boost',
    figure: fig(boostPa, 'pressure'),
    limitName: '',
    limit: null,
    margin: null,
    reason: say`Without a hose from the boosted side to the regulator, the injectors lose ${fig(boostPa, 'pressure')} of pressure just when the engine needs most fuel. Some ECUs correct for it; the injector duty here allows for it.`,
    source: 'pressure difference at the tip',
  }
}

const FINE_ENOUGH_M = 40e-6

/** A fine filter between pump and injectors. While the design is incomplete its absence is a gap, not a fault. */
export const judgeFineFilter = ({ design, gap }: FuelCase): FuelVerdict | null => {
  const { filter, pump } = design.fuel
  if (!pump) return null
  const coarse = filter !== null && filter.finenessM > FINE_ENOUGH_M
  return {
    ...plain,
    id: 'filter',
    title: 'Fine filter after the pump',
    state: filter === null ? (gap ? 'unknown' : 'stop') : coarse ? 'caution' : 'ok',
    reason:
      filter === null
        ? say`There is no fine filter between pump and injectors: the first rust from an old tank will block them.`
        : coarse
          ? say`${filter.name} is coarse. Some fit 10 microns to protect the injectors; others keep the 100-micron element from the kit, because it never starves the engine. Protect the injectors: fit the fine one.`
          : say`${filter.name} keeps dust from the injectors.`,
    source: 'trade practice: rule of thumb',
  }
}

/** A sock goes on a pump in the tank, everything else into a line; what nobody knows is not judged. */
export const strainerGoesOn = (strainer: FilterPart, pump: Pick<PumpPart, 'mount'>): boolean =>
  strainer.mount === null || (strainer.mount === 'sock') === (pump.mount !== 'in-line')

/** A coarse strainer ahead of the pump. */
export const judgeStrainer = ({ design, gap }: FuelCase): FuelVerdict | null => {
  const { pump, strainer } = design.fuel
  if (!pump) return null
  const misplaced = strainer !== null && !strainerGoesOn(strainer, pump)
  return {
    ...plain,
    id: 'strainer',
    title: misplaced ? 'Strainer does not fit this pump' : 'Strainer before the pump',
    state: misplaced ? 'stop' : strainer ? 'ok' : gap ? 'unknown' : 'caution',
    reason: strainer
      ? misplaced
        ? strainer.mount === 'sock'
          ? say`${strainer.name} is a sock: it pushes onto the inlet of an in-tank pump. Before ${pump.name} you need an in-line strainer.`
          : say`${strainer.name} goes in a line, but ${pump.name} hangs in the tank: it needs a sock.`
        : say`${strainer.name} keeps grit from the pump.`
      : say`There is no strainer before the pump: grit from the tank will wear it out. Fit one of 40 to 100 microns.`,
    source: 'trade practice: rule of thumb',
  }
}
