// @ts-check
import { assessor, readinessOf, remediesOf, STATION_LIST, withValueAt } from '../packages/core/dist/index.js'
import { STOCK_CATALOGUE } from '../apps/server/dist/catalogue/stock/index.js'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { cars, median, report, timesUs } from './measure.mjs'

const ms = (/** @type {number[]} */ us) => `${(median(us) / 1e3).toFixed(2)} ms`
/** @typedef {import('../packages/core/src/index.ts').JobDocument} Job */

/** A document never seen before, so that nothing of it is remembered. @param {Job} job @param {number} i @returns {Job} */
const fresh = (job, i) => withValueAt(job, 'fuel.primeS', 2 + (i % 1000) / 1e4)

/** What a change costs: the whole job judged afresh, what one key at the fuel station judges, the remedies beside it. */
export const wholeJob = () => {
  for (const { document } of cars(DEMO_JOBS)) {
    const { title } = document.vehicle
    report(
      `whole job of ${title} judged, without remedies, median`,
      ms(timesUs((i) => void readinessOf(fresh(document, i), STOCK_CATALOGUE), 400)),
      '4 ms or less',
    )
    const assess = assessor()
    report(
      `  what one change at the fuel station judges anew`,
      ms(timesUs((i) => void readinessOf(fresh(document, i), STOCK_CATALOGUE, assess), 400)),
    )
    for (const station of STATION_LIST) {
      const us = timesUs((i) => void remediesOf(station, fresh(document, i), STOCK_CATALOGUE), 12)
      report(`  remedies of ${station.title}, tried on the whole job`, ms(us), '200 ms or less')
    }
  }
}
