import { fallingRoot } from '../../numeric/bracketedRoot.ts'
import type { Trace } from '../../verdict/index.ts'
import { exhaustConductivityWMK, exhaustCpJKgK, exhaustDensityKgM3, exhaustViscosityPaS } from './exhaustGas.ts'

const STEFAN_BOLTZMANN = 5.670374419e-8

export type PipeCover = 'bare' | 'wrapped' | 'coated'
/** Emissivity of the outside: oxidised steel, wrap, light ceramic coating. Handbook values. */
const EMISSIVITY: Readonly<Record<PipeCover, number>> = { bare: 0.8, wrapped: 0.9, coated: 0.4 }
/** Heat resistance between pipe and outer surface, m² K/W: 1.5 mm of wrap at 0.08 W/(m K). Rule of thumb. */
const COVER_M2K_W: Readonly<Record<PipeCover, number>> = { bare: 0, wrapped: 0.0015 / 0.08, coated: 0.0003 }

/** Gas in a stretch of pipe and what surrounds it. */
export interface PipeHeatCase {
  /** In this one pipe. */
  readonly massKgS: number
  readonly boreM: number
  /** Outside diameter, to which the outer film belongs; as the bore where it is not given. */
  readonly outsideM?: number
  /** Inside film over the correlation's: its uncertainty. */
  readonly insideShare?: number
  readonly gasK: number
  readonly ambientK: number
  /** Film of moving or still air outside, without radiation. */
  readonly outsideWM2K: number
  readonly cover: PipeCover
}

export interface PipeHeatAnswer {
  readonly reynolds: number
  /** On the area of the bore, like the others. */
  readonly insideWM2K: number
  /** Outside film with radiation and cover, on the area of the bore. */
  readonly outsideWM2K: number
  readonly overallWM2K: number
  /** Of the pipe's wall. */
  readonly wallK: number
  /** Length over which the excess over ambient falls to 1/e. */
  readonly coolingLengthM: number
}

/** Nu = max(4, 0.07 Re^0.75): exhaust pulses included (Depcik and Assanis, SAE 2002-01-0372). */
export const nusseltInside = (reynolds: number): number => {
  // Re^0.75 by two roots: a tenth of the time of a power, and it is asked for at every slice of pipe and time.
  const root = Math.sqrt(reynolds)
  return Math.max(4, 0.07 * root * Math.sqrt(root))
}

/** Film inside one pipe, W/(m² K). */
export const insideFilmWM2K = (massKgS: number, boreM: number, gasK: number): number =>
  (nusseltInside((4 * massKgS) / (Math.PI * boreM * exhaustViscosityPaS(gasK))) * exhaustConductivityWMK(gasK)) / boreM

/** Lc = m cp/(U pi D), m: heat balance of a slice. */
export const coolingLengthM = (massKgS: number, cpJKgK: number, overallWM2K: number, boreM: number): number =>
  (massKgS * cpJKgK) / (overallWM2K * Math.PI * boreM)

/** T(x) = Ta + (Tin - Ta) exp(-x/Lc), K: a pipe of one heat transfer coefficient. */
export const cooledK = (inK: number, ambientK: number, xM: number, lengthM: number): number =>
  ambientK + (inK - ambientK) * Math.exp(-xM / lengthM)

/** Wall and heat transfer where the gas has this temperature; the wall is solved with the radiation it sends out. */
export const pipeHeat = (c: PipeHeatCase, trace?: Trace): PipeHeatAnswer => {
  const filmK = Math.max(250, c.gasK)
  const viscosity = exhaustViscosityPaS(filmK)
  const reynolds = (4 * c.massKgS) / (Math.PI * c.boreM * viscosity)
  const conductivity = exhaustConductivityWMK(filmK)
  const insideWM2K = ((c.insideShare ?? 1) * nusseltInside(reynolds) * conductivity) / c.boreM
  /** More area outside than in. */
  const areaShare = (c.outsideM ?? c.boreM) / c.boreM
  const emissivity = EMISSIVITY[c.cover]
  const resistance = COVER_M2K_W[c.cover]
  const radiation = (surfaceK: number) =>
    emissivity * STEFAN_BOLTZMANN * (surfaceK * surfaceK + c.ambientK * c.ambientK) * (surfaceK + c.ambientK)
  // Heat from the gas to the wall less heat from the wall through its cover: falls as the wall gets hotter.
  const outsideOf = (wallK: number) => {
    if (resistance === 0) return areaShare * (c.outsideWM2K + radiation(wallK))
    // The surface of the cover lies between wall and ambient.
    const low = Math.min(wallK, c.ambientK)
    const high = Math.max(wallK, c.ambientK)
    const surfaceK = fallingRoot(
      (t) => (wallK - t) / resistance - (c.outsideWM2K + radiation(t)) * (t - c.ambientK),
      low,
      high,
    )
    return areaShare / (resistance + 1 / (c.outsideWM2K + radiation(surfaceK)))
  }
  const wallK = fallingRoot(
    (t) => insideWM2K * (c.gasK - t) - outsideOf(t) * (t - c.ambientK),
    Math.min(c.gasK, c.ambientK),
    Math.max(c.gasK, c.ambientK),
  )
  const outsideWM2K = outsideOf(wallK)
  const overallWM2K = 1 / (1 / insideWM2K + 1 / outsideWM2K)
  const cp = exhaustCpJKgK(filmK)
  const lengthM = coolingLengthM(c.massKgS, cp, overallWM2K, c.boreM)
  if (trace) {
    trace.step({
      symbol: 'Re',
      meaning: 'Reynolds number in the pipe',
      formula: '4 * m / (3.141592653589793 * D * mu)',
      inputs: {
        m: { value: c.massKgS, unit: 'kg/s' },
        D: { value: c.boreM, unit: 'm' },
        mu: { value: viscosity, unit: 'Pa s' },
      },
      result: reynolds,
      unit: '',
      source: 'definition',
    })
    trace.step({
      symbol: 'h_i',
      meaning: 'film inside',
      formula: 'w * max(4, 0.07 * Re^0.75) * k / D',
      inputs: {
        w: { value: c.insideShare ?? 1, unit: 'of the correlation' },
        Re: { value: reynolds, unit: '' },
        k: { value: conductivity, unit: 'W/(m K)' },
        D: { value: c.boreM, unit: 'm' },
      },
      result: insideWM2K,
      unit: 'W/(m² K)',
      source: 'Depcik and Assanis, SAE 2002-01-0372',
    })
    trace.step({
      symbol: 'U',
      meaning: 'heat transfer from gas to air',
      formula: '1 / (1 / h_i + 1 / h_o)',
      inputs: { h_i: { value: insideWM2K, unit: 'W/(m² K)' }, h_o: { value: outsideWM2K, unit: 'W/(m² K)' } },
      result: overallWM2K,
      unit: 'W/(m² K)',
      source: 'films in series on the area of the bore; the outer one with radiation, solved with the wall',
    })
    trace.step({
      symbol: 'T_w',
      meaning: 'wall',
      formula: 'T_g - U / h_i * (T_g - T_a)',
      inputs: {
        T_g: { value: c.gasK, unit: 'K' },
        U: { value: overallWM2K, unit: 'W/(m² K)' },
        h_i: { value: insideWM2K, unit: 'W/(m² K)' },
        T_a: { value: c.ambientK, unit: 'K' },
      },
      result: wallK,
      unit: 'K',
      source: 'films in series',
    })
    trace.step({
      symbol: 'L_c',
      meaning: 'length in which the excess falls to 1/e',
      formula: 'm * cp / (U * 3.141592653589793 * D)',
      inputs: {
        m: { value: c.massKgS, unit: 'kg/s' },
        cp: { value: cp, unit: 'J/(kg K)' },
        U: { value: overallWM2K, unit: 'W/(m² K)' },
        D: { value: c.boreM, unit: 'm' },
      },
      result: lengthM,
      unit: 'm',
      source: 'heat balance of a slice of pipe',
    })
  }
  return { reynolds, insideWM2K, outsideWM2K, overallWM2K, wallK, coolingLengthM: lengthM }
}

/** A stretch of pipe, or several alike side by side. */
export interface MarchPiece {
  readonly lengthM: number
  readonly boreM: number
  readonly outsideM?: number
  readonly count: number
  readonly cover: PipeCover
  /** Heat taken out (turbine, negative: put in by a catalyst) at its end, K, from the gas temperature there. */
  readonly dropK?: (gasK: number) => number
}

export interface MarchSlice {
  readonly piece: number
  /** Middle of the slice, from the beginning of the march. */
  readonly atM: number
  readonly lengthM: number
  readonly gasK: number
  readonly wallK: number
  readonly insideWM2K: number
  readonly outsideWM2K: number
  readonly reynolds: number
  /** Time the gas stays in it. */
  readonly dwellS: number
}

export interface MarchCase {
  readonly pieces: readonly MarchPiece[]
  /** Of all pipes together. */
  readonly massKgS: number
  readonly inK: number
  readonly ambientK: number
  readonly outsideWM2K: number
  /** Inside film over the correlation's, for the gas; for the wall, which a better film makes hotter. */
  readonly insideShare?: number
  readonly wallInsideShare?: number
  readonly pressurePa?: number
}

export interface MarchAnswer {
  readonly slices: readonly MarchSlice[]
  readonly outK: number
}

const LONGEST_SLICE_M = 0.05

/** Marches the gas down its pipes, slice by slice, each with its own films: gas, wall and time along the way. */
export const marchPipe = (c: MarchCase): MarchAnswer => {
  const slices: MarchSlice[] = []
  let gasK = c.inK
  let fromM = 0
  c.pieces.forEach((piece, index) => {
    const steps = Math.max(1, Math.ceil(piece.lengthM / LONGEST_SLICE_M))
    const stepM = piece.lengthM / steps
    const massKgS = c.massKgS / piece.count
    for (let i = 0; i < steps && stepM > 0; i++) {
      const { boreM, cover } = piece
      const at = {
        massKgS,
        boreM,
        outsideM: piece.outsideM ?? boreM,
        gasK,
        ambientK: c.ambientK,
        outsideWM2K: c.outsideWM2K,
        cover,
      }
      const h = pipeHeat({ ...at, insideShare: c.insideShare ?? 1 })
      const wallShare = c.wallInsideShare ?? c.insideShare ?? 1
      const w = wallShare === (c.insideShare ?? 1) ? h : pipeHeat({ ...at, insideShare: wallShare })
      const middleK = cooledK(gasK, c.ambientK, stepM / 2, h.coolingLengthM)
      const volumeM3 = (Math.PI / 4) * boreM ** 2 * stepM
      slices.push({
        piece: index,
        atM: fromM + (i + 0.5) * stepM,
        lengthM: stepM,
        gasK: middleK,
        wallK: middleK - (w.overallWM2K / w.insideWM2K) * (middleK - c.ambientK),
        insideWM2K: w.insideWM2K,
        outsideWM2K: w.outsideWM2K,
        reynolds: h.reynolds,
        dwellS: (volumeM3 * exhaustDensityKgM3(middleK, c.pressurePa)) / massKgS,
      })
      gasK = cooledK(gasK, c.ambientK, stepM, h.coolingLengthM)
    }
    // Behind a turbine it may be colder than the air: then the pipe warms it.
    gasK -= piece.dropK?.(gasK) ?? 0
    fromM += piece.lengthM
  })
  return { slices, outK: gasK }
}

/** Where streams meet: T = sum(m cp T)/sum(m cp), K. Never hotter than the hottest that comes in. */
export const mixedGasK = (streams: readonly { readonly massKgS: number; readonly gasK: number }[]): number => {
  const heat = streams.reduce((sum, s) => sum + s.massKgS * exhaustCpJKgK(s.gasK) * s.gasK, 0)
  const capacity = streams.reduce((sum, s) => sum + s.massKgS * exhaustCpJKgK(s.gasK), 0)
  return heat / capacity
}
