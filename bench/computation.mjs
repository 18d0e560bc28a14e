// @ts-check
import {
  engineOfJob,
  fuelCase,
  judgeFuel,
  isSolved,
  solveFuelCircuit,
  designOf,
  solvePoint,
} from '../packages/core/dist/index.js'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { cars, median, often, quantile, report, timesUs } from './measure.mjs'
import { randomCircuits } from './randomCircuits.mjs'

/** Speed of the core: single circuits, and all points of a job. */
export const computation = () => {
  const circuits = DEMO_JOBS.flatMap(({ document }) => {
    const engine = engineOfJob(document)
    return engine.points
      .map((p) => solvePoint(designOf(document), p))
      .filter(isSolved)
      .map((s) => s.circuit)
  })
  const warm = timesUs((i) => void solveFuelCircuit(/** @type {any} */ (circuits[i % circuits.length])), 40_000)
  report('one fuel circuit of the demo jobs, median', `${median(warm).toFixed(1)} us`, '30 us or less')

  const random = randomCircuits(often(100_000), 5)
  /** @type {Record<string, number>} */
  const states = {}
  const times = timesUs((i) => {
    const answer = solveFuelCircuit(/** @type {any} */ (random[i % random.length]))
    if (!answer.ok) throw new Error(JSON.stringify(answer.error))
    states[answer.value.state] = (states[answer.value.state] ?? 0) + 1
  }, random.length)
  report('100,000 random circuits, median', `${median(times).toFixed(1)} us`)
  report('100,000 random circuits, 99th percentile', `${quantile(times, 0.99).toFixed(1)} us`)
  report(
    '  states met',
    Object.entries(states)
      .map(([s, n]) => `${s} ${n}`)
      .join(', '),
  )

  for (const { document } of cars(DEMO_JOBS)) {
    const name = document.vehicle.title
    const points = timesUs(() => void judgeFuel(fuelCase(document)), 2000)
    report(
      `all points of ${name}, solved and judged, median`,
      `${(median(points) / 1e3).toFixed(3)} ms`,
      '1 ms or less',
    )
  }
}
