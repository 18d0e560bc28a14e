import type { JobDocument } from '../job/index.ts'
import type { Known } from '../quantity/index.ts'
import type { Station } from '../sections/index.ts'
import { assumed, chosenAt, computed, entered, measuredAt, type FigureRule, type Source } from './figureRule.ts'

const THUMB = 'rule of thumb'
const SEA_LEVEL_PA = 101_325
const LEAST_MANIFOLD_PA = 20e3
/** Everything that computes with the engine. */
const ENGINE: readonly Station[] = ['walkAround', 'system', 'fuel', 'exhaust', 'power']

const boosted = (job: JobDocument) => job.vehicle.aspiration !== 'natural'
const own = (path: string): Source<number> => entered(path)
const simple = (path: string, value: number, why = THUMB): FigureRule<number> => ({
  usedBy: ENGINE,
  sources: [own(path), assumed(why, value)],
})

type Baseline = JobDocument['walkAround']['baseline']
/** Absolute, of a vacuum read at sea level; below what a field takes it is none. */
const below = (vacuumPa: Known): Known =>
  vacuumPa === null || SEA_LEVEL_PA - vacuumPa < LEAST_MANIFOLD_PA ? null : SEA_LEVEL_PA - vacuumPa
/** As it ran with the carburettor on. */
const atBaseline = (when: 'idle' | 'cruise', of: (b: Baseline) => Known): Source<number> =>
  measuredAt<number>('walkAround', `the baseline at ${when}`, (j) => of(j.walkAround.baseline))
const before = (
  path: string,
  value: number,
  when: 'idle' | 'cruise',
  of: (b: Baseline) => Known,
): FigureRule<number> => ({
  usedBy: ENGINE,
  sources: [own(path), atBaseline(when, of), assumed(THUMB, value)],
})

/** What the air at full power is made of. */
const BREATHES: readonly Station[] = [...ENGINE, 'engineTop']

/** From bore, stroke and cylinders, m³: V = pi/4 b² s n; null while one of them is not known. */
export const sweptM3 = (boreM: number | null, strokeM: number | null, cylinders: number | null): number | null =>
  boreM === null || strokeM === null || cylinders === null ? null : (Math.PI / 4) * boreM ** 2 * strokeM * cylinders

/**
 * What the engine is, in the order a person would measure it. The last resorts are house assumptions for a mild road
 * engine at sea level, shown as such wherever they are used.
 */
export const ENGINE_FIGURES = {
  'vehicle.cylinders': {
    usedBy: [...ENGINE, 'engineTop', 'harness'],
    sources: [
      own('vehicle.cylinders'),
      measuredAt<number>('exhaust', 'as its banks are numbered', ({ exhaust: { banks } }) =>
        banks.length > 0 && banks.every((b) => b.cylinders.length > 0)
          ? new Set(banks.flatMap((b) => b.cylinders)).size
          : null,
      ),
      assumed('most common', 6),
    ],
  },
  'vehicle.displacementM3': {
    usedBy: BREATHES,
    sources: [
      own('vehicle.displacementM3'),
      {
        ...computed<number>('bore, stroke and cylinders', ['vehicle.cylinders'], ({ walkAround: { engine } }, given) =>
          sweptM3(engine.boreM, engine.strokeM, given.known('vehicle.cylinders')),
        ),
        from: 'walkAround',
      },
      assumed('0.5 L per cylinder', (_, given) => 0.5e-3 * given.number('vehicle.cylinders'), ['vehicle.cylinders']),
    ],
  },
  'vehicle.powerW': {
    usedBy: ENGINE,
    sources: [
      own('vehicle.powerW'),
      chosenAt<number>('system', 'the planned power', (j) => j.system.powerLaterW),
      assumed(
        '40 kW per litre, 60 with boost',
        (j, given) => (boosted(j) ? 60e6 : 40e6) * given.number('vehicle.displacementM3'),
        ['vehicle.displacementM3'],
      ),
    ],
  },
  'vehicle.powerSpeedRpm': { ...simple('vehicle.powerSpeedRpm', 5000), usedBy: BREATHES },
  'vehicle.boostPa': {
    usedBy: BREATHES,
    sources: [
      computed<number>('naturally aspirated: none', [], (j) => (boosted(j) ? null : 0)),
      own('vehicle.boostPa'),
      assumed('half a bar', 50e3),
    ],
  },
  'vehicle.idleSpeedRpm': before('vehicle.idleSpeedRpm', 800, 'idle', (b) => b.idleRpm),
  'vehicle.idleManifoldPa': {
    usedBy: ENGINE,
    sources: [
      own('vehicle.idleManifoldPa'),
      {
        ...computed<number>('the vacuum at idle', ['walkAround.tests.idleVacuumPa'], (_, given) => {
          const vacuumPa = given.known('walkAround.tests.idleVacuumPa')
          return vacuumPa === null ? null : SEA_LEVEL_PA - vacuumPa
        }),
        from: 'walkAround',
      },
      atBaseline('idle', (b) => below(b.idleVacuumPa)),
      assumed('mild cam, sea level', 40e3),
    ],
  },
  'vehicle.cruiseSpeedRpm': before('vehicle.cruiseSpeedRpm', 2500, 'cruise', (b) => b.cruiseRpm),
  'vehicle.cruiseManifoldPa': before('vehicle.cruiseManifoldPa', 55e3, 'cruise', (b) => below(b.cruiseVacuumPa)),
} satisfies Record<string, FigureRule<number>>
