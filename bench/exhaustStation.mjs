// @ts-check
import { assessExhaust, contextOf, exhaustCase, spotGrid } from '../packages/core/dist/index.js'
import { STOCK_CATALOGUE } from '../apps/server/dist/catalogue/stock/index.js'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { median, timesUs, report } from './measure.mjs'

const ROUNDS = 12
const ms = (/** @type {number} */ us) => `${(us / 1000).toFixed(1)} ms`

/** The unrolled pipe, which runs in a worker, and the whole station, which runs with every change. */
export const exhaustStation = () => {
  for (const { document } of DEMO_JOBS) {
    const c = exhaustCase(document)
    const { title } = document.vehicle
    for (const run of c.runs) {
      const ctx = contextOf(c, run.id)
      if (!ctx) continue
      const { columns, rows } = spotGrid(ctx)
      const us = median(timesUs(() => void spotGrid(ctx), ROUNDS))
      report(`${columns * rows} points of ${title}, run ${run.id}, median`, ms(us), '200 ms or less')
    }
    report(
      `exhaust sensor station of ${title} with remedies, median`,
      ms(median(timesUs(() => void assessExhaust(document, STOCK_CATALOGUE), ROUNDS))),
    )
  }
}
