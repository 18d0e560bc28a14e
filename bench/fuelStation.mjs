// @ts-check
import {
  choiceOf,
  combinationCaseOf,
  isSolved,
  engineOfJob,
  packOnStock,
  rankCombinations,
  designOf,
  solvePoint,
  spreadCircuit,
  spreadInputsOf,
  tightestPoint,
} from '../packages/core/dist/index.js'
import { STOCK_CATALOGUE } from '../apps/server/dist/catalogue/stock/index.js'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { cars, median, often, report, reportRange } from './measure.mjs'

const DRAWS = often(20_000, 400)

/** @param {number} times @param {() => void} act */
const msOf = (times, act) =>
  median(
    Array.from({ length: often(times, 1) }, () => {
      const from = process.hrtime.bigint()
      act()
      return Number(process.hrtime.bigint() - from) / 1e6
    }),
  )

/**
 * @template {{ id: string }} P
 * @param {readonly P[]} parts
 * @param {number} n
 * @returns {P[]}
 */
const exactly = (parts, n) =>
  Array.from({ length: n }, (_, i) => ({ .../** @type {P} */ (parts[i % parts.length]), id: `p${i}` }))

/** What runs in the worker of the fuel station: probability and ranking; and the cut list. */
export const fuelStation = () => {
  for (const { document } of cars(DEMO_JOBS)) {
    const solved = engineOfJob(document)
      .points.map((p) => solvePoint(designOf(document), p))
      .filter(isSolved)
    const worst = tightestPoint(solved)
    if (!worst) continue
    const name = document.vehicle.title
    const inputs = spreadInputsOf(designOf(document), worst)
    const spread = msOf(5, () => void spreadCircuit(worst.circuit, inputs, { draws: DRAWS, seed: 1 }))
    report(`${DRAWS} draws at the tightest moment of ${name}, median`, `${spread.toFixed(0)} ms`, '1000 ms or less')

    const choice = choiceOf(document, STOCK_CATALOGUE)
    // A design of always the same size, whatever of the catalogue fits this car.
    const c = combinationCaseOf(document, {
      ...choice,
      pumps: exactly(choice.pumps.length > 0 ? choice.pumps : STOCK_CATALOGUE.pumps, 12),
      feeds: exactly(choice.feeds, 6),
      returns: exactly(choice.returns, 6),
      filters: exactly(choice.filters, 5),
      regulators: exactly(choice.regulators, 4),
    })
    const answer = rankCombinations(c)
    const ranked = msOf(5, () => void rankCombinations(c))
    report(
      `${answer.tried} combinations over ${c.points.length} moments of ${name} (${answer.solved} circuits solved), median`,
      `${ranked.toFixed(0)} ms`,
      '3000 ms or less',
    )
  }
  manyCombinations()
  let seed = 7
  const next = () => (seed = (seed * 16_807) % 2_147_483_647) / 2_147_483_647
  for (const count of [20, 30, 40])
    for (const [from, to] of [
      [0.9, 1.7],
      [0.2, 1.5],
      [0.6, 1.1],
    ]) {
      const lists = Array.from({ length: often(60) }, () =>
        Array.from({ length: count }, () => (from ?? 0) + ((to ?? 0) - (from ?? 0)) * next()),
      )
      const proved = lists.map((pieces) => packOnStock(pieces, 3)).filter((p) => p.proved).length
      reportRange(
        `cut list of ${count} pieces of ${from} to ${to} m, ${proved} of ${lists.length} proved fewest`,
        // A hair longer each: a list that was cut before is remembered.
        lists.map((pieces) => msOf(1, () => void packOnStock(pieces, 3 + 1e-12))),
        'ms',
        '2000 ms at 40',
      )
    }
}

/** A catalogue far larger than ours: what a workshop would have that entered everything it ever saw. */
const manyCombinations = () => {
  const job = DEMO_JOBS.find((j) => j.document.vehicle.title.includes('Curlew'))
  if (!job) throw new Error('the Curlew is not among the demo jobs')
  const { document } = job
  const choice = choiceOf(document, STOCK_CATALOGUE)
  const c = combinationCaseOf(document, {
    ...choice,
    pumps: exactly(choice.pumps, often(24)),
    feeds: exactly(choice.feeds, often(12)),
    returns: exactly(choice.returns, often(12)),
    filters: exactly(choice.filters, often(10)),
    regulators: exactly(choice.regulators, often(8)),
  })
  const from = performance.now()
  let firstMs = NaN
  const { tried } = rankCombinations(c, (_share, soFar) => {
    if (!Number.isNaN(firstMs)) return
    soFar()
    firstMs = performance.now() - from
  })
  report(`${tried} combinations of ${document.vehicle.title}: a first ranking`, `${firstMs.toFixed(0)} ms`, '1000 ms')
  report('  all of them', `${(performance.now() - from).toFixed(0)} ms`, '6000 ms')
}
