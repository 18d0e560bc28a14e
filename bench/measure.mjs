// @ts-check

/** A quick run goes through everything once or twice: it shows that nothing is broken, and measures nothing. */
export const QUICK = process.env['LOCHMOOR_BENCH'] === 'quick'
/** How often, as meant for a measurement; less in a quick run. @param {number} count @param {number} [least] */
export const often = (count, least = 2) => (QUICK ? Math.max(least, Math.ceil(count / 500)) : count)

/** The cars that are gone through: a quick run takes a few, of both kinds of fuel system. @template T @param {readonly T[]} all @returns {readonly T[]} */
export const cars = (all) => (QUICK ? all.slice(1, 3) : all)

/** @param {number[]} values @param {number} share */
export const quantile = (values, share) => {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN
}
export const median = (/** @type {number[]} */ values) => quantile(values, 0.5)

/** Time of each of `rounds` calls, in microseconds, after warming up. @param {(i: number) => void} work @param {number} wanted rounds */
export const timesUs = (work, wanted) => {
  const rounds = often(wanted)
  for (let i = 0; i < rounds / 4; i++) work(i)
  return Array.from({ length: rounds }, (_, i) => {
    const from = process.hrtime.bigint()
    work(i)
    return Number(process.hrtime.bigint() - from) / 1e3
  })
}

/** One line of the report. @param {string} what @param {string} figure @param {string} [wanted] */
export const report = (what, figure, wanted = '') =>
  console.log(`${what.padEnd(58)} ${figure.padStart(12)}${wanted ? `   wanted ${wanted}` : ''}`)

/**
 * A line with the least, the median and the most of what was measured.
 * @param {string} what @param {readonly number[]} values @param {string} unit @param {string} [wanted]
 */
export const reportRange = (what, values, unit, wanted = '') => {
  const figure = (/** @type {number} */ v) => (Number.isInteger(v) || v >= 100 ? v.toFixed(0) : v.toPrecision(3))
  const sorted = [...values].sort((a, b) => a - b)
  const text =
    sorted.length === 0
      ? 'none'
      : `${figure(sorted[0] ?? NaN)} / ${figure(median(sorted))} / ${figure(sorted.at(-1) ?? NaN)} ${unit}`
  report(what, text, wanted)
}
