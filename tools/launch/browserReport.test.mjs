// @ts-check
import { countBrowserTests } from './browserReport.mjs'

const DEAD = { type: 'draws-no-more', description: 'though the page in it answers' }

/** @param {string} title @param {string} status @param {{ status: string, annotations?: { type: string }[] }[]} results */
const spec = (title, status, results) => ({ title, file: 'a.spec.ts', tests: [{ status, results }] })

/** @param {ReturnType<typeof spec>[]} specs @param {unknown[]} [errors] */
const report = (specs, errors = []) => {
  /** @param {string} status */
  const count = (status) => specs.filter((s) => s.tests[0]?.status === status).length
  // One within a suite of a suite, as files with describe blocks have them.
  const suites = [{ specs: specs.slice(0, 1), suites: [{ specs: specs.slice(1) }] }]
  return {
    suites,
    errors,
    stats: { expected: count('expected'), unexpected: count('unexpected'), flaky: count('flaky') },
  }
}

const passed = spec('passes', 'expected', [{ status: 'passed', annotations: [] }])
const failed = spec('fails', 'unexpected', [{ status: 'failed' }, { status: 'failed' }])
const failedTwiceDead = spec('never draws', 'unexpected', [
  { status: 'timedOut', annotations: [DEAD] },
  { status: 'timedOut', annotations: [DEAD] },
])
const wavering = spec('now and then', 'flaky', [
  { status: 'failed', annotations: [{ type: 'other' }] },
  { status: 'passed' },
])
const dead = spec('browser stopped', 'flaky', [{ status: 'timedOut', annotations: [DEAD, DEAD] }, { status: 'passed' }])
const deadAfterwards = spec('dead at the second', 'flaky', [
  { status: 'failed' },
  { status: 'passed', annotations: [DEAD] },
])

describe('what the browser tests came to', () => {
  it.each(
    /** @type {const} */ ([
      ['nothing', [], 0, 0],
      ['one that passes', [passed], 1, 0],
      ['one that fails twice', [passed, failed], 1, 1],
      ['one that passes only when tried again', [passed, wavering], 1, 1],
      ['one whose browser stopped drawing, and that passed in another', [passed, dead], 2, 0],
      ['one whose browsers stopped drawing both times', [passed, failedTwiceDead], 1, 1],
      ['one that failed in a browser that drew', [deadAfterwards, passed], 1, 1],
      ['all of them', [wavering, passed, dead, failed], 2, 2],
    ]),
  )('%s', (_name, specs, wantPassed, wantFailed) => {
    expect(countBrowserTests(report([...specs]))).toMatchObject({ passed: wantPassed, failed: wantFailed })
  })
  it('says which were tried again and why', () => {
    expect(countBrowserTests(report([passed, dead, wavering])).secondTries).toEqual([
      'passed in a second browser, as the first drew nothing any more, though the page in it answers: a.spec.ts › browser stopped',
    ])
  })
  it('counts what went wrong outside of any test', () => {
    expect(countBrowserTests(report([passed], [{ message: 'no server' }])).failed).toBe(1)
  })
})
