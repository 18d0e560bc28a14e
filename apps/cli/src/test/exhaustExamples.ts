import { emptyBank, emptyExhaust, emptyJob, emptyPiece } from '@lochmoor/core'

const pipe = (kind: 'log' | 'pipe' | 'open-end', lengthM: number) => ({
  ...emptyPiece(`${kind}-0`, kind, kind),
  lengthM,
  outsideM: 0.05,
})
const { vehicle } = emptyJob('Fellside pickup')

/** A sound case of each calculator of the exhaust sensor station. */
export const EXHAUST_EXAMPLES: Record<string, unknown> = {
  'exhaust-gas-temperature': {
    pieces: [
      { lengthM: 0.5, boreM: 0.035, count: 4, cover: 'bare' },
      { lengthM: 1, boreM: 0.047, count: 1, cover: 'wrapped' },
    ],
    massKgS: 0.005,
    inK: 650,
    ambientK: 313,
    outsideWM2K: 10,
  },
  'sensor-delay': {
    speedRpm: 750,
    volumeM3: 0.004,
    gasKgS: 0.005,
    gasK: 680,
    sensorS: { low: 0.1, typical: 0.2, high: 0.3 },
  },
  'exhaust-leak': { holeM: 0.003, airKgS: 0.003, lambda: 1 },
  'sensor-spots': {
    vehicle: { ...vehicle, cylinders: 4, displacementM3: 2e-3 },
    exhaust: {
      ...emptyExhaust,
      banks: [
        { ...emptyBank, cylinders: [1, 2, 3, 4], pieces: [pipe('log', 0.4), pipe('pipe', 2), pipe('open-end', 0.01)] },
      ],
    },
    run: 'a',
  },
  'clamp-fit': {
    pipeM: 0.0508,
    leastPipeM: 0.048,
    mostPipeM: 0.054,
    saddleRadiusM: 0.0255,
    saddleWidthM: 0.034,
    boltThreadM: 0.022,
    nutM: 0.006,
  },
  'drill-template': { outsideM: 0.0635, fromDatumM: 0.09, clockDeg: 45, holeM: 0.02 },
}
