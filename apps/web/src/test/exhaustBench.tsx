import {
  emptyBank,
  emptyJob,
  emptyPiece,
  type BungPart,
  type Catalogue,
  type ExhaustPiece,
  type ExhaustSection,
  type JobDocument,
  type PieceKind,
  type SensorPart,
} from '@lochmoor/core'
import { openBench } from './openBench.tsx'
import { ExhaustBench } from '../benches/exhaust/ExhaustBench.tsx'
import { useCatalogue } from '../store/catalogueStore.ts'
import { initialJobState, useJobStore } from '../store/jobStore.ts'
import { catalogue as smallCatalogue } from './jobs.ts'

const sensor: SensorPart = {
  id: 's',
  name: 'Sensor warm',
  priceClass: 2,
  kind: 'wideband',
  heated: true,
  mostGasK: 1250,
  mostGasShortK: 1300,
  mostHexagonK: 1000,
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
const boss: BungPart = {
  id: 'w',
  name: 'Boss to weld',
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
const band = (id: string, name: string, leastPipeM: number, mostPipeM: number): BungPart => ({
  ...boss,
  id,
  name,
  kind: 'clamp-on',
  holeM: 0.022,
  leastPipeM,
  mostPipeM,
  saddleRadiusM: (leastPipeM + mostPipeM) / 4,
  saddleWidthM: 0.034,
  gasketM: 0.0015,
  boltThreadM: 0.025,
  nutM: 0.006,
  bands: 2,
})

export const exhaustCatalogue: Catalogue = {
  ...smallCatalogue,
  sensors: [sensor],
  bungs: [boss, band('c1', 'Clamp small', 0.041, 0.048), band('c2', 'Clamp fit', 0.047, 0.054)],
}

export const piece = (kind: PieceKind, lengthM: number, more: Partial<ExhaustPiece> = {}): ExhaustPiece => ({
  ...emptyPiece(`the-${kind}`, kind, `The ${kind}`),
  lengthM,
  outsideM: 0.05,
  wallM: 0.0015,
  jointState: 'tight',
  ...more,
})

/** A four in line with everything in order; `change` takes something out of it. */
export const exhaustJob = (change: Partial<ExhaustSection> = {}): JobDocument => {
  const job = emptyJob('Test car')
  return {
    ...job,
    vehicle: { ...job.vehicle, layout: 'inline', cylinders: 4, displacementM3: 2e-3, powerSpeedRpm: 5200 },
    walkAround: { ...job.walkAround, tests: { ...job.walkAround.tests, idleVacuumPa: 60e3 } },
    system: { ...job.system, welder: 'self' },
    exhaust: {
      ...job.exhaust,
      banks: [
        {
          ...emptyBank,
          cylinders: [1, 2, 3, 4],
          portHeightM: 0.5,
          pieces: [piece('log', 0.4), piece('pipe', 2.4, { joint: 'flange' }), piece('open-end', 0.01)],
        },
      ],
      spots: [{ run: 'a', alongM: 0.18, clockDeg: 50 }],
      sensor,
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
      correctionLimit: 0.25,
      openLoopLambda: 1,
      ...change,
    },
  }
}

/** Two banks with a pipe each, injectors in the ports, two sensors. */
export const twoBankJob = (change: Partial<ExhaustSection> = {}): JobDocument => {
  const job = exhaustJob()
  const [bank] = job.exhaust.banks
  return {
    ...job,
    vehicle: { ...job.vehicle, layout: 'vee' },
    fuel: { ...job.fuel, injectionPlace: 'port' },
    exhaust: {
      ...job.exhaust,
      banks: [
        { ...bank!, cylinders: [1, 2] },
        { ...bank!, cylinders: [3, 4] },
      ],
      sensorCount: 2,
      spots: [
        { run: 'a', alongM: 0.18, clockDeg: 50 },
        { run: 'b', alongM: 0.18, clockDeg: 310 },
      ],
      ...change,
    },
  }
}

/** Opens a sheet of the exhaust sensor station without a server. */
export const openExhaust = (sheet: string, job: JobDocument): void => {
  useCatalogue.setState({ catalogue: exhaustCatalogue })
  useJobStore.setState({ ...initialJobState, jobId: 'test', document: job }, true)
  openBench(<ExhaustBench />, 'exhaust', sheet)
}
