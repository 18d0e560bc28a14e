// @ts-check
import { contextOf, exhaustCase, spotGrid } from '../packages/core/dist/index.js'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { cars, median, report, timesUs } from './measure.mjs'

const ROUNDS = 12
const ms = (/** @type {number} */ us) => `${(us / 1000).toFixed(1)} ms`

/** The unrolled pipe, which runs in a worker. */
export const exhaustStation = () => {
  for (const { document } of cars(DEMO_JOBS)) {
    const c = exhaustCase(document)
    const { title } = document.vehicle
    for (const run of c.runs) {
      const ctx = contextOf(c, run.id)
      if (!ctx) continue
      const { columns, rows } = spotGrid(ctx)
      const us = median(timesUs(() => void spotGrid(ctx), ROUNDS))
      report(`${columns * rows} points of ${title}, run ${run.id}, median`, ms(us), '200 ms or less')
    }
  }
}
