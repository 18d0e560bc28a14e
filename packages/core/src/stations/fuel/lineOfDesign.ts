import type { FuelDesign } from './fuelDesign.ts'
import { USUAL_COUNTS, type LineCount, type LineDesign, type LineLeg, type LineName } from '../../sections/index.ts'
import type { Trace } from '../../verdict/index.ts'
import type { Line, LinePiece } from '../../fuel/circuitTypes.ts'
import { bendK } from '../../fuel/lines/bendLoss.ts'
import { hoseOfLeg, legBends, legLengthsM } from '../../fuel/lines/legs.ts'

/** Loss coefficients per fitting, the middle of textbook and trade ranges. Rule of thumb until fittings are chosen. */
export const FITTING_K = { bend90: 0.5, bend45: 0.3, connector: 0.75, entry: 0.5, exit: 1 } as const

/** Roughness taken for a line whose bore was measured and whose hose is not from the catalogue: old tube. */
const OLD_TUBE_ROUGHNESS_M = 150e-6
/** Bends of a leg whose radius nobody measured, in bores. */
const ASSUMED_BEND_BORES = 5

/** Bore in use: measured, else the hose's; null where neither is known. Of a line in legs: the narrowest. */
export const boreOf = (d: LineDesign): number | null => {
  if (d.legs.length === 0) return d.measuredBoreM ?? d.hose?.boreM ?? null
  const bores = d.legs.map((leg) => boreOfLeg(d, leg))
  return bores.some((b) => b === null) ? null : Math.min(...bores.map((b) => b!))
}

/** A measured bore speaks for the line as a whole, not for a leg with a hose of its own. */
const boreOfLeg = (d: LineDesign, leg: LineLeg): number | null =>
  leg.hose?.boreM ?? d.measuredBoreM ?? d.hose?.boreM ?? null

const pieceOfLeg = (d: LineDesign, leg: LineLeg, lengthM: number, ends: number, trace?: Trace): LinePiece | null => {
  const boreM = boreOfLeg(d, leg)
  if (boreM === null) return null
  const radiusM = leg.bendRadiusM === null ? ASSUMED_BEND_BORES * boreM : leg.bendRadiusM + boreM / 2
  const k90 = bendK(90, radiusM, boreM)
  const k45 = bendK(45, radiusM, boreM)
  const { bends90, bends45 } = legBends(d, leg)
  const kStart = leg.start?.lossK ?? FITTING_K.connector
  const kEnd = leg.end?.lossK ?? FITTING_K.connector
  const minorK = bends90 * k90 + bends45 * k45 + kStart + kEnd + ends
  trace?.step({
    symbol: 'K',
    meaning: `${leg.name}: loss coefficients of its bends and both fittings`,
    formula: 'a * k_90 + b * k_45 + k_1 + k_2 + k_io',
    inputs: {
      a: { value: bends90, unit: 'bends of 90°' },
      k_90: { value: k90, unit: '' },
      b: { value: bends45, unit: 'bends of 45°' },
      k_45: { value: k45, unit: '' },
      k_1: { value: kStart, unit: leg.start ? leg.start.name : 'connector, rule of thumb' },
      k_2: { value: kEnd, unit: leg.end ? leg.end.name : 'connector, rule of thumb' },
      k_io: { value: ends, unit: 'entry and exit' },
    },
    result: minorK,
    unit: '',
    source: 'bends: Idelchik; fittings: their data sheets',
  })
  const roughnessM = hoseOfLeg(d, leg)?.roughnessM ?? OLD_TUBE_ROUGHNESS_M
  return { boreM, lengthM, roughnessM: Math.min(roughnessM, 0.1 * boreM), minorK }
}

const lineOfLegs = (d: LineDesign, lineM: number, riseM: number, trace?: Trace): Line | null => {
  const lengths = legLengthsM(d.legs, lineM)
  const last = d.legs.length - 1
  const pieces = d.legs.map((leg, i) =>
    pieceOfLeg(d, leg, lengths[i]!, (i === 0 ? FITTING_K.entry : 0) + (i === last ? FITTING_K.exit : 0), trace),
  )
  const [first, ...then] = pieces
  if (!first || then.some((p) => p === null)) return null
  return { ...first, riseM, then: then.map((p) => p!) }
}

/** Taken for a suction or vent line that nobody has measured, m. */
const USUAL_SHORT_LINE_M = 0.5
/** The length of a line as one figure: entered or assumed. While a leg is not measured, legs share it. */
export const wholeLineM = (design: FuelDesign, which: LineName): number =>
  which === 'feed' || which === 'return'
    ? design.figure(`fuel.${which}.lengthM`)
    : (design.fuel[which].lengthM ?? USUAL_SHORT_LINE_M)

/** Length of a line: its legs together, else its one figure; assumed where neither is known. */
export const lengthOfLine = (design: FuelDesign, which: LineName): number => {
  const { legs } = design.fuel[which]
  const wholeM = wholeLineM(design, which)
  return legs.length > 0 ? legLengthsM(legs, wholeM).reduce((sum, m) => sum + m, 0) : wholeM
}

const riseOf = (design: FuelDesign, which: LineName): number =>
  which === 'feed' || which === 'return' ? design.figure(`fuel.${which}.riseM`) : 0

const lines = new WeakMap<FuelDesign, Map<LineName, Line | null>>()
/** The line as the circuit takes it, the same at every moment of a design; null while its bore is not known. */
export const lineOfDesign = (design: FuelDesign, which: LineName, trace?: Trace): Line | null => {
  if (trace) return makeLine(design, which, trace)
  let own = lines.get(design)
  if (!own) lines.set(design, (own = new Map<LineName, Line | null>()))
  let line = own.get(which)
  if (line === undefined) own.set(which, (line = makeLine(design, which)))
  return line
}

/** Bends and connectors of a line as one figure: counted or assumed. */
export const lineCounts = (design: FuelDesign, which: LineName): Readonly<Record<LineCount, number>> => {
  const d = design.fuel[which]
  const of = (name: LineCount) =>
    which === 'feed' || which === 'return' ? design.figure(`fuel.${which}.${name}`) : (d[name] ?? USUAL_COUNTS[name])
  return { bends90: of('bends90'), bends45: of('bends45'), connectors: of('connectors') }
}

const makeLine = (design: FuelDesign, which: LineName, trace?: Trace): Line | null => {
  const d = design.fuel[which]
  if (d.legs.length > 0) return lineOfLegs(d, wholeLineM(design, which), riseOf(design, which), trace)
  const boreM = boreOf(d)
  if (boreM === null) return null
  const { bends90, bends45, connectors } = lineCounts(design, which)
  const { bend90, bend45, connector, entry, exit } = FITTING_K
  const minorK = bends90 * bend90 + bends45 * bend45 + connectors * connector + entry + exit
  trace?.step({
    symbol: 'K',
    meaning: 'loss coefficients of bends, connectors, entry and exit',
    formula: 'a * k_90 + b * k_45 + c * k_c + k_in + k_out',
    inputs: {
      a: { value: bends90, unit: 'bends of 90°' },
      k_90: { value: bend90, unit: '' },
      b: { value: bends45, unit: 'bends of 45°' },
      k_45: { value: bend45, unit: '' },
      c: { value: connectors, unit: 'connectors' },
      k_c: { value: connector, unit: '' },
      k_in: { value: entry, unit: '' },
      k_out: { value: exit, unit: '' },
    },
    result: minorK,
    unit: '',
    source: 'rule of thumb',
  })
  return {
    boreM,
    lengthM: lengthOfLine(design, which),
    roughnessM: Math.min(d.hose?.roughnessM ?? OLD_TUBE_ROUGHNESS_M, 0.1 * boreM),
    minorK,
    riseM: riseOf(design, which),
  }
}
