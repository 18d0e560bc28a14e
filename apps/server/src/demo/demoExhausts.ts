import {
  emptyBank,
  emptyExhaust,
  emptyObstacle,
  emptyPiece,
  type BungPart,
  type ExhaustBank,
  type ExhaustPiece,
  type ExhaustSection,
  type PieceKind,
  type RunId,
  type SensorPart,
} from '@lochmoor/core'
import { BUNGS } from '../catalogue/stock/bungs.ts'
import { SENSORS } from '../catalogue/stock/sensors.ts'

const bung = (id: string): BungPart => BUNGS.find((b) => b.id === id)!
const sensor = (id: string): SensorPart => SENSORS.find((s) => s.id === id)!

/** Names are told apart within a list, so ids are made of them. */
const idOf = (name: string): string => `the-${name.toLowerCase().replace(/[^a-z]+/g, '-')}`
const obstacle = (name: string, run: RunId) => emptyObstacle(idOf(name), name, run)

const piece = (kind: PieceKind, name: string, lengthM: number, more: Partial<ExhaustPiece> = {}): ExhaustPiece => ({
  ...emptyPiece(idOf(name), kind, name),
  lengthM,
  ...more,
})
/** A bend measured by its angle and the radius of its middle. */
const bend = (
  name: string,
  bendDeg: number,
  bendRadiusM: number,
  bendClockDeg: number,
  more: Partial<ExhaustPiece> = {},
): ExhaustPiece =>
  piece('pipe', name, Math.round(bendRadiusM * ((bendDeg * Math.PI) / 180) * 1000) / 1000, {
    joint: 'one-piece',
    bendDeg,
    bendRadiusM,
    bendClockDeg,
    ...more,
  })

const TIGHT = { jointState: 'tight' } as const

/** The same exhaust with every joint tested, and found tight. */
export const withTightJoints = (e: ExhaustSection): ExhaustSection => {
  const tight = (pieces: readonly ExhaustPiece[]) => pieces.map((p) => ({ ...p, ...TIGHT }))
  return { ...e, banks: e.banks.map((b) => ({ ...b, pieces: tight(b.pieces) })), common: tight(e.common) }
}

const curlewBank = (side: 'a' | 'b'): ExhaustBank => {
  const pipe = { roundM: 0.1495, wallM: 0.0015 }
  const inwards = side === 'a' ? 90 : 270
  return {
    ...emptyBank,
    cylinders: side === 'a' ? [1, 2, 3] : [4, 5, 6],
    portHeightM: 0.58,
    portAcrossM: side === 'a' ? -0.26 : 0.26,
    headingDeg: 0,
    pieces: [
      piece('log', `Manifold ${side.toUpperCase()}`, 0.34, { outsideM: 0.056, wallM: 0.005, ...TIGHT }),
      bend('Elbow down', 60, 0.11, 180, { joint: 'flange', ...pipe, ...TIGHT }),
      piece('pipe', 'Drop', 0.22, { joint: 'one-piece', ...pipe }),
      bend('Knee', 60, 0.11, 0, pipe),
      bend('Inwards', 40, 0.15, inwards, pipe),
      piece('pipe', 'Under the gearbox', 0.24, { joint: 'one-piece', ...pipe }),
    ],
  }
}

/** Both banks into one pipe; the spot that everybody would take is swept by the gearbox linkage. */
export const CURLEW_EXHAUST: ExhaustSection = {
  ...emptyExhaust,
  banks: [curlewBank('a'), curlewBank('b')],
  common: [
    piece('merge', 'Y-piece', 0.14, { joint: 'clamped', roundM: 0.1596, wallM: 0.0015, ...TIGHT }),
    piece('pipe', 'Middle pipe', 0.95, { joint: 'slip', roundM: 0.1596, wallM: 0.0015, inclinationDeg: 1 }),
    piece('silencer', 'Silencer', 0.56, { joint: 'clamped', outsideM: 0.15 }),
    bend('Over the axle', 30, 0.2, 0, { joint: 'clamped', outsideM: 0.0476, wallM: 0.0015 }),
    bend('Down again', 30, 0.2, 180, { outsideM: 0.0476, wallM: 0.0015 }),
    piece('pipe', 'Tail pipe', 0.7, { outsideM: 0.0476, wallM: 0.0015 }),
    piece('open-end', 'Open end', 0.01, { outsideM: 0.0476 }),
  ],
  obstacles: [
    {
      ...obstacle('Gearbox linkage', 'common'),
      alongM: 0.17,
      lengthM: 0.06,
      clockDeg: 25,
      widthDeg: 30,
      gapM: 0.11,
      moves: true,
      otherAlongM: 0.19,
      otherClockDeg: 50,
      otherGapM: 0.06,
    },
    {
      ...obstacle('Floor of the tunnel', 'common'),
      alongM: 0.62,
      lengthM: 0.66,
      clockDeg: 0,
      widthDeg: 100,
      gapM: 0.075,
    },
    {
      ...obstacle('Gearbox mounting', 'common'),
      alongM: 0.24,
      lengthM: 0.16,
      clockDeg: 300,
      widthDeg: 60,
      gapM: 0.04,
    },
  ],
  groundClearanceM: 0.14,
  sensorCount: 1,
  spots: [{ run: 'common', alongM: 0.175, clockDeg: 45 }],
  sensor: sensor('ember-w1'),
  typeSet: null,
  bung: bung('lintel-w'),
  material: 'mild-steel',
  joinBy: 'weld',
  cablePathM: 0.72,
  cableGapM: 0.04,
  airInjection: 'none',
  heatRiser: 'wired-open',
  heatRiserBank: 'b',
  leadedFuel: false,
}

/** One long manifold and a two-inch pipe; nobody welds on it, and the clamp that was bought is too short. */
export const WARDEN_EXHAUST: ExhaustSection = {
  ...emptyExhaust,
  banks: [
    {
      ...emptyBank,
      cylinders: [1, 2, 3, 4, 5, 6, 7, 8],
      portHeightM: 0.62,
      portAcrossM: -0.24,
      headingDeg: 0,
      pieces: [
        piece('log', 'Manifold', 0.86, { outsideM: 0.064, wallM: 0.006, ...TIGHT }),
        bend('Elbow down', 70, 0.1, 180, { joint: 'flange', roundM: 0.1596, wallM: 0.0016, ...TIGHT }),
        piece('pipe', 'Drop', 0.26, { joint: 'one-piece', roundM: 0.1596, wallM: 0.0016, ...TIGHT }),
        bend('Knee', 70, 0.1, 0, { roundM: 0.1596, wallM: 0.0016, ...TIGHT }),
        piece('pipe', 'Front pipe', 1.2, { joint: 'one-piece', roundM: 0.1596, wallM: 0.0016, ...TIGHT }),
        piece('silencer', 'Silencer', 0.72, { joint: 'clamped', outsideM: 0.16, ...TIGHT }),
        piece('pipe', 'Tail pipe', 1.3, { joint: 'clamped', outsideM: 0.0508, wallM: 0.0016, ...TIGHT }),
        piece('open-end', 'Open end', 0.01, { outsideM: 0.0508, ...TIGHT }),
      ],
    },
  ],
  obstacles: [
    { ...obstacle('Bulkhead', 'a'), alongM: 0.2, lengthM: 0.3, clockDeg: 180, widthDeg: 120, gapM: 0.06 },
    {
      ...obstacle('Steering drop arm', 'a'),
      alongM: 0.16,
      lengthM: 0.05,
      clockDeg: 270,
      widthDeg: 40,
      gapM: 0.14,
      steering: true,
      moves: true,
      otherGapM: 0.08,
    },
  ],
  groundClearanceM: 0.16,
  sensorCount: 1,
  spots: [{ run: 'a', alongM: 0.25, clockDeg: 20 }],
  sensor: sensor('ember-w1'),
  typeSet: true,
  bung: bung('lintel-c45'),
  material: 'mild-steel',
  joinBy: 'clamp',
  cablePathM: 0.8,
  cableGapM: 0.05,
  airInjection: 'none',
  heatRiser: 'none',
  leadedFuel: false,
  correctionLimit: 0.2,
}

const carrierBank = (side: 'a' | 'b'): ExhaustBank => ({
  ...emptyBank,
  cylinders: side === 'a' ? [1, 3] : [2, 4],
  portHeightM: 0.42,
  portAcrossM: side === 'a' ? -0.3 : 0.3,
  headingDeg: side === 'a' ? 90 : -90,
  pieces: [
    piece('primaries', 'Stubs', 0.16, { count: 2, outsideM: 0.035, wallM: 0.002, ...TIGHT }),
    piece('merge', 'Collector', 0.08, { outsideM: 0.042, wallM: 0.002, ...TIGHT }),
    piece('pipe', 'To the turbine', 0.22, {
      joint: 'slip',
      outsideM: 0.042,
      wallM: 0.0015,
      ...(side === 'b' ? { jointState: 'leaks' as const, leakM: 0.003 } : TIGHT),
    }),
  ],
})

/** Two banks into one turbine: the sensor sits behind it, after the wastegate’s gas has come back. */
export const CARRIER_EXHAUST: ExhaustSection = {
  ...emptyExhaust,
  banks: [carrierBank('a'), carrierBank('b')],
  common: [
    piece('turbine', 'Turbo', 0.14, {
      joint: 'flange',
      outsideM: 0.08,
      wallM: 0.005,
      wastegateReturnM: 0.09,
      ...TIGHT,
    }),
    piece('pipe', 'Down pipe', 0.62, { joint: 'flange', roundM: 0.1791, wallM: 0.0015, inclinationDeg: -6, ...TIGHT }),
    piece('flexible', 'Flexible piece', 0.12, { outsideM: 0.06 }),
    piece('silencer', 'Silencer', 0.4, { joint: 'clamped', outsideM: 0.13 }),
    piece('pipe', 'Tail pipe', 0.3, { outsideM: 0.057, wallM: 0.0015, inclinationDeg: -2 }),
    piece('open-end', 'Open end', 0.01, { outsideM: 0.057 }),
  ],
  obstacles: [
    { ...obstacle('Rear valance', 'common'), alongM: 0.4, lengthM: 0.3, clockDeg: 300, widthDeg: 70, gapM: 0.05 },
    { ...obstacle('Floor cross-member', 'common'), alongM: 0.95, lengthM: 0.06, clockDeg: 0, widthDeg: 40, gapM: 0 },
  ],
  sensorCount: 1,
  spots: [{ run: 'common', alongM: 0.18, clockDeg: 40 }],
  sensor: sensor('ember-w2'),
  bung: bung('lintel-ws'),
  material: 'stainless',
  joinBy: 'weld',
  airInjection: 'none',
  heatRiser: 'none',
  leadedFuel: false,
}
