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
import { median, often, report } from './measure.mjs'

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
  for (const { document } of DEMO_JOBS) {
    const solved = engineOfJob(document)
      .points.map((p) => solvePoint(designOf(document), p))
      .filter(isSolved)
    const worst = tightestPoint(solved)
    if (!worst) continue
    const name = document.vehicle.title
    const inputs = spreadInputsOf(designOf(document), worst)
    const spread = msOf(5, () => void spreadCircuit(worst.circuit, inputs, { draws: 20_000, seed: 1 }))
    report(`20,000 draws at the tightest moment of ${name}, median`, `${spread.toFixed(0)} ms`, '1000 ms or less')

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
  let seed = 7
  const next = () => (seed = (seed * 16_807) % 2_147_483_647) / 2_147_483_647
  for (const count of [20, 40]) {
    const lists = Array.from({ length: often(20) }, () => Array.from({ length: count }, () => 0.9 + 0.8 * next()))
    const proved = lists.filter((pieces) => packOnStock(pieces, 3).proved).length
    let i = 0
    const ms = msOf(20, () => void packOnStock(lists[i++ % lists.length] ?? [], 3))
    report(`cut list of ${count} pieces, ${proved} of ${lists.length} proved fewest, median`, `${ms.toFixed(0)} ms`)
  }
}
