import { emptyJob, type JobDocument } from '../../../job/index.ts'
import {
  emptyBank,
  emptyExhaust,
  emptyObstacle,
  emptyPiece,
  type ExhaustObstacle,
  type ExhaustPiece,
  type ExhaustSection,
  type PieceKind,
  type RunId,
} from '../../../sections/index.ts'
import type { BungPart, SensorPart } from '../../../parts/index.ts'
import { contextOf, exhaustCase } from '../exhaustCase.ts'
import type { SpotContext } from '../../../exhaust/spots/spotContext.ts'

export const piece = (kind: PieceKind, lengthM: number, more: Partial<ExhaustPiece> = {}): ExhaustPiece => ({
  ...emptyPiece('piece-0', kind, kind),
  lengthM,
  outsideM: 0.05,
  wallM: 0.0015,
  joint: 'one-piece',
  jointState: 'tight',
  ...more,
})

export const obstacle = (more: Partial<ExhaustObstacle>, run: RunId = 'a'): ExhaustObstacle => ({
  ...emptyObstacle('thing-0', 'Thing', run),
  alongM: 0.3,
  lengthM: 0.1,
  clockDeg: 45,
  widthDeg: 30,
  gapM: 0.02,
  ...more,
})

/** Primaries, a collector, and 3 m of straight level pipe. */
export const STRAIGHT: readonly ExhaustPiece[] = [
  piece('primaries', 0.5, { count: 4, outsideM: 0.038 }),
  piece('merge', 0.1),
  piece('pipe', 3),
  piece('open-end', 0.01),
]

export const sensor: SensorPart = {
  id: 's',
  name: 'Test sensor',
  priceClass: 2,
  kind: 'wideband',
  heated: true,
  mostGasK: 1123.15,
  mostGasShortK: 1203.15,
  mostHexagonK: 773.15,
  mostCableK: 523,
  standsOffM: 0.07,
  hexagonM: 0.022,
  cableM: 1,
  leastBendRadiusM: 0.03,
  thread: 'M18 x 1.5',
  tightenNm: 45,
  leadedS: null,
  calibratedLead: null,
}

export const boss: BungPart = {
  id: 'w',
  name: 'Test boss',
  priceClass: 1,
  kind: 'weld-in',
  thread: 'M18 x 1.5',
  holeM: 0.02,
  lengthM: 0.03,
  leastPipeM: 0.035,
  mostPipeM: 0.12,
  saddleRadiusM: null,
  saddleWidthM: null,
  gasketM: null,
  boltThreadM: null,
  nutM: null,
  bands: null,
  metal: 'mild-steel',
}
/** For 48 to 54 mm. */
export const clamp: BungPart = {
  ...boss,
  id: 'c',
  name: 'Test clamp',
  kind: 'clamp-on',
  holeM: 0.022,
  lengthM: 0.06,
  leastPipeM: 0.048,
  mostPipeM: 0.054,
  saddleRadiusM: 0.0255,
  saddleWidthM: 0.034,
  gasketM: 0.0015,
  boltThreadM: 0.022,
  nutM: 0.006,
  bands: 2,
}

/** A 2 L four with this exhaust. */
export const jobWith = (
  exhaust: Partial<ExhaustSection>,
  vehicle: Partial<JobDocument['vehicle']> = {},
): JobDocument => {
  const job = emptyJob('Test car')
  return {
    ...job,
    vehicle: { ...job.vehicle, layout: 'inline', cylinders: 4, displacementM3: 2e-3, powerSpeedRpm: 5200, ...vehicle },
    system: { ...job.system, welder: 'self' },
    exhaust: {
      ...emptyExhaust,
      banks: [{ ...emptyBank, cylinders: [1, 2, 3, 4], pieces: STRAIGHT }],
      ...exhaust,
    },
  }
}

/** The same with other pieces in its one bank. */
export const withPieces = (pieces: readonly ExhaustPiece[], more: Partial<ExhaustSection> = {}): JobDocument =>
  jobWith({ banks: [{ ...emptyBank, cylinders: [1, 2, 3, 4], pieces }], ...more })

/** Two banks of two, joined where `common` says so. */
export const twoBanks = (
  bank: readonly ExhaustPiece[],
  common: readonly ExhaustPiece[],
  more: Partial<ExhaustSection> = {},
): JobDocument =>
  jobWith(
    {
      banks: [
        { ...emptyBank, cylinders: [1, 2], pieces: bank },
        { ...emptyBank, cylinders: [3, 4], pieces: bank },
      ],
      common,
      ...more,
    },
    { layout: 'vee' },
  )

export const contextFor = (job: JobDocument, run: RunId = 'a'): SpotContext => {
  const ctx = contextOf(exhaustCase(job), run)
  if (!ctx) throw new Error(`no run ${run}`)
  return ctx
}

/** Everything in order: sensor set, tight, welded, cable long enough. */
export const soundExhaust = (): JobDocument => {
  const job = jobWith({
    spots: [{ run: 'a', alongM: 0.18, clockDeg: 50 }],
    sensor: { ...sensor, mostHexagonK: 1000 },
    sensorCount: 1,
    typeSet: true,
    bung: boss,
    material: 'mild-steel',
    joinBy: 'weld',
    cablePathM: 0.7,
    cableGapM: 0.05,
    surplusAt: 'clipped under the floor',
    airInjection: 'none',
    heatRiser: 'none',
    leadedFuel: false,
  })
  return { ...job, walkAround: { ...job.walkAround, tests: { ...job.walkAround.tests, idleVacuumPa: 60e3 } } }
}
