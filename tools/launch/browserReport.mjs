// @ts-check

/** Says of a failure that the browser had stopped drawing; written by `e2e/drawing.ts`. */
const DRAWS_NO_MORE = 'draws-no-more'

/**
 * @typedef {{ type: string, description?: string }} Annotation
 * @typedef {{ status: string, annotations?: Annotation[] }} Result
 * @typedef {{ title: string, file: string, tests: { status: string, results: Result[] }[] }} Spec
 * @typedef {{ specs?: Spec[], suites?: Suite[] }} Suite
 * @typedef {{ suites: Suite[], errors: unknown[], stats: { expected: number, unexpected: number, flaky: number } }} Report
 */

/** @param {Suite} suite @returns {Spec[]} */
const specsOf = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specsOf)]

/**
 * What passed and failed in the browser. A test that passed only when tried again has failed, except where its browser
 * was found to draw nothing any more at the first try. It is said each time, as a page that did not even answer may have
 * hung by the program's own fault.
 * @param {Report} report @returns {{ passed: number, failed: number, secondTries: string[] }}
 */
export const countBrowserTests = ({ suites, errors, stats }) => {
  const secondTries = suites.flatMap(specsOf).flatMap(({ file, title, tests }) =>
    tests
      .filter(({ status }) => status === 'flaky')
      .flatMap(({ results }) => results.find((r) => r.status !== 'passed')?.annotations ?? [])
      .filter(({ type }) => type === DRAWS_NO_MORE)
      .slice(0, 1)
      .map(
        ({ description }) =>
          `passed in a second browser, as the first drew nothing any more, ${description}: ${file} › ${title}`,
      ),
  )
  return {
    passed: stats.expected + secondTries.length,
    failed: stats.unexpected + stats.flaky - secondTries.length + errors.length,
    secondTries,
  }
}
