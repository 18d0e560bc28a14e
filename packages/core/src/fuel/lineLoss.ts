import type { Trace } from '../verdict/index.ts'
import type { Fluid, Line, LineFlow, LinePiece } from './circuitTypes.ts'
import { frictionFactor } from './frictionFactor.ts'

/** Standard gravity, m/s² (exact by convention). */
export const GRAVITY_M_S2 = 9.80665

/** Below this a flow is none: less would leave the range of the arithmetic, not of physics. */
const LEAST_FLOW_M3S = 1e-30

/** Mean velocity and Reynolds number of a full line. */
export const lineFlow = (flowM3S: number, boreM: number, fluid: Fluid, trace?: Trace): LineFlow => {
  const velocityMS = (4 * flowM3S) / (Math.PI * boreM * boreM)
  const reynolds = (velocityMS * boreM) / fluid.kinematicViscosityM2S
  trace?.step({
    symbol: 'v',
    meaning: 'velocity in the line',
    formula: '4 * Q / (pi * d^2)',
    inputs: { Q: { value: flowM3S, unit: 'm³/s' }, d: { value: boreM, unit: 'm' } },
    result: velocityMS,
    unit: 'm/s',
    source: 'continuity',
  })
  trace?.step({
    symbol: 'Re',
    meaning: 'Reynolds number',
    formula: 'v * d / nu',
    inputs: {
      v: { value: velocityMS, unit: 'm/s' },
      d: { value: boreM, unit: 'm' },
      nu: { value: fluid.kinematicViscosityM2S, unit: 'm²/s' },
    },
    result: reynolds,
    unit: '',
    source: 'definition',
  })
  return { velocityMS, reynolds }
}

/**
 * Friction and minor losses of a line, Pa, without the static column and without velocity head; 0 at no flow.
 * Darcy-Weisbach: dp = (f L/d + K) rho v²/2. Strictly rising in flow.
 */
export const lineDropPa = (line: Line, flowM3S: number, fluid: Fluid, trace?: Trace): number => {
  if (flowM3S < LEAST_FLOW_M3S) return 0
  let dropPa = pieceDropPa(line, flowM3S, fluid, trace)
  if (line.then) for (const piece of line.then) dropPa += pieceDropPa(piece, flowM3S, fluid, trace)
  return dropPa
}

const pieceDropPa = (line: LinePiece, flowM3S: number, fluid: Fluid, trace?: Trace): number => {
  const { boreM, lengthM, minorK, roughnessM } = line
  const { velocityMS, reynolds } = lineFlow(flowM3S, boreM, fluid, trace)
  const f = frictionFactor(reynolds, roughnessM / boreM, trace)
  const dropPa = ((f * lengthM) / boreM + minorK) * 0.5 * fluid.densityKgM3 * velocityMS * velocityMS
  trace?.step({
    symbol: 'dp',
    meaning: 'friction and minor losses',
    formula: '(f * L / d + K) * rho * v^2 / 2',
    inputs: {
      f: { value: f, unit: '' },
      L: { value: lengthM, unit: 'm' },
      d: { value: boreM, unit: 'm' },
      K: { value: minorK, unit: '' },
      rho: { value: fluid.densityKgM3, unit: 'kg/m³' },
      v: { value: velocityMS, unit: 'm/s' },
    },
    result: dropPa,
    unit: 'Pa',
    source: 'Darcy-Weisbach',
  })
  return dropPa
}

/** Static column over the line, Pa: what the end loses against the start by lying higher. */
export const columnPa = (riseM: number, fluid: Fluid, trace?: Trace): number => {
  const pa = fluid.densityKgM3 * GRAVITY_M_S2 * riseM
  trace?.step({
    symbol: 'p_column',
    meaning: 'static column: the end lies higher (+) or lower (-)',
    formula: 'rho * 9.80665 * h',
    inputs: { rho: { value: fluid.densityKgM3, unit: 'kg/m³' }, h: { value: riseM, unit: 'm' } },
    result: pa,
    unit: 'Pa',
    source: 'hydrostatics',
  })
  return pa
}
