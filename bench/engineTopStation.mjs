// @ts-check
import {
  ENGINE_TOP_STATION,
  engineTopCase,
  remediesOf,
  throttleRemedies,
  vacuumPorts,
  withChange,
} from '../packages/core/dist/index.js'
import { STOCK_CATALOGUE } from '../apps/server/dist/catalogue/stock/index.js'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { reportRange, timesUs } from './measure.mjs'

const inMs = (/** @type {number[]} */ us) => us.map((x) => x / 1000)

/** Ten ports and ten consumers that fit one another in many ways. */
const MANY_PORTS = {
  ports: Array.from({ length: 10 }, (_, i) => ({
    id: `port ${i}`,
    boreM: 0.003 + 0.001 * (i % 7),
    kind: i % 4 === 3 ? 'ported' : 'full',
    draws: 'plenum',
    keptFor: null,
  })),
  consumers: Array.from({ length: 10 }, (_, i) => ({
    id: `consumer ${i}`,
    boreM: 0.003 + 0.001 * (i % 4),
    kind: i % 5 === 4 ? 'ported' : 'full',
    plenumOnly: false,
    mayShare: i % 3 !== 0,
    mostLengthM: null,
    mayDrop: false,
  })),
  hoses: [],
  mayDrill: true,
}

/** The engine top: a key at its stack, its remedies, a linkage that binds, and ports shared out exactly. */
export const engineTopStation = () => {
  console.log('Engine top')
  const of = (/** @type {string} */ title) =>
    /** @type {import('../packages/core/dist/index.js').JobDocument} */ (
      DEMO_JOBS.find((j) => j.document.vehicle.title.includes(title))?.document
    )
  for (const title of ['Curlew', 'Turnstone', 'Carrier']) {
    const job = of(title)
    const { stack } = job.engineTop
    const typed = (/** @type {number} */ i) =>
      withChange(job, { engineTop: { stack: { ...stack, wantedM: 0.005 + i * 1e-6 } } })
    reportRange(`assessed after a key, ${title}`, inMs(timesUs((i) => void ENGINE_TOP_STATION.assess(typed(i), STOCK_CATALOGUE), 60)), 'ms', '4 ms') // prettier-ignore
    reportRange(`its remedies, ${title}`, inMs(timesUs(() => void remediesOf(ENGINE_TOP_STATION, job, STOCK_CATALOGUE), 5)), 'ms') // prettier-ignore
  }
  const { solved } = engineTopCase(of('Carrier')).throttle
  if (solved)
    reportRange('what frees a linkage that binds', inMs(timesUs(() => void throttleRemedies(solved), 10)), 'ms')
  const ports = /** @type {import('../packages/core/dist/index.js').VacuumCase} */ (/** @type {unknown} */ (MANY_PORTS))
  reportRange('ten consumers at ten ports, exactly', inMs(timesUs(() => void vacuumPorts(ports), 5)), 'ms')
}
