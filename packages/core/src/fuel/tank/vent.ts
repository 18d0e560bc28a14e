import type { Trace } from '../../verdict/index.ts'
import { fallingRoot } from '../../numeric/bracketedRoot.ts'
import { elementDropPa } from '../elementLoss.ts'
import type { Fluid, Line, Loss } from '../circuitTypes.ts'
import { lineDropPa } from '../lineLoss.ts'
import { vapourPressure, type VapourFuel } from '../vapour/vapourPressure.ts'

/** Air at 20 °C and sea level; textbook. */
const AIR: Fluid = { densityKgM3: 1.204, kinematicViscosityM2S: 1.516e-5 }

/** Most vacuum or pressure a tank should see from its vent: about 1 kPa, rule of thumb. */
export const MOST_TANK_VACUUM_PA = 1e3

export interface VentCase {
  readonly line: Line
  /** Roll-over valve and canister, by their data point with air. */
  readonly valve: Loss | null
  /** Largest draw of the engine: a litre of air goes in for a litre of fuel out. */
  readonly drawM3S: number
  /** What hot fuel breathes out; 0 where not asked for. */
  readonly breathM3S?: number
}

export interface VentAnswer {
  /** Below the air while the engine draws. */
  readonly vacuumPa: number
  /** Above the air while hot fuel breathes out. */
  readonly pressurePa: number
  /**
   * Smallest bore of this line, up to 30 mm, that keeps both below 1 kPa; null where none does: the valve or a piece of
   * another bore alone is too tight, or the line too long.
   */
  readonly leastBoreM: number | null
}

/** Pressure over the vent at the flow of air it has to pass; Darcy-Weisbach with air as incompressible (below 2 kPa). */
export const vent = (c: VentCase, trace?: Trace): VentAnswer => {
  const drop = (flowM3S: number, boreM: number, t?: Trace) =>
    lineDropPa({ ...c.line, boreM, roughnessM: Math.min(c.line.roughnessM, 0.1 * boreM) }, flowM3S, AIR, t) +
    elementDropPa(c.valve, flowM3S, t, 'roll-over valve')
  const breathM3S = c.breathM3S ?? 0
  const worstM3S = Math.max(c.drawM3S, breathM3S)
  return {
    vacuumPa: drop(c.drawM3S, c.line.boreM, trace),
    pressurePa: drop(breathM3S, c.line.boreM),
    leastBoreM: leastBoreM((bore) => drop(worstM3S, bore)),
  }
}

const BORES_M = { least: 0.0005, most: 0.03 } as const
/** Far below what a drill can tell, far above rounding. */
const NUDGE = 1e-9

/** The root of a falling drop, moved to the side on which it really cures. */
const leastBoreM = (dropPa: (boreM: number) => number): number | null => {
  if (!(dropPa(BORES_M.most) <= MOST_TANK_VACUUM_PA)) return null
  const root = fallingRoot((bore) => dropPa(bore) - MOST_TANK_VACUUM_PA, BORES_M.least, BORES_M.most)
  return [root, root * (1 + NUDGE)].find((bore) => dropPa(bore) <= MOST_TANK_VACUUM_PA) ?? BORES_M.most
}

export interface BreathCase {
  readonly fuel: VapourFuel
  readonly temperatureK: number
  readonly ullageM3: number
  readonly ambientPa: number
  /** How fast the tank warms. */
  readonly warmingKS: number
}

/**
 * Volume flow out of a tank that warms, m³/s: the gas above the fuel expands and vapour pushes air out,
 * V (dT/dt) (1/T + (dp_v/dT)/(p_amb - p_v)). Infinite once the fuel boils.
 */
export const breathM3S = (c: BreathCase): number => {
  const pv = (t: number) => vapourPressure(c.fuel, t).vapourPa
  const at = pv(c.temperatureK)
  if (at >= c.ambientPa) return Infinity
  const risePaK = (pv(c.temperatureK + 0.5) - pv(c.temperatureK - 0.5)) / 1
  return c.ullageM3 * Math.max(0, c.warmingKS) * (1 / c.temperatureK + risePaK / (c.ambientPa - at))
}
