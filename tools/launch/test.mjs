// @ts-check
import { mkdirSync } from 'node:fs'
import { BEFORE_TESTS, TESTS } from './checks.mjs'
import { stopAsked } from './children.mjs'
import { fingerprint, markDone, markOf, unmark } from './marks.mjs'
import { BROWSER, DATABASE, ensurePackages } from './packages.mjs'
import { STATE } from './paths.mjs'
import { installDependencies } from './setUp.mjs'
import { Sorry } from './sorry.mjs'

/** @typedef {import('./checks.mjs').Check} Check */
/** @typedef {import('./checks.mjs').Count} Count */

const say = (/** @type {string} */ line) => console.log(line)
/**
 * Carries a check out. What passed here and has not changed since need not run again; where `CI` is set everything does.
 * @param {Check} check @param {(text: string) => void} tell @param {boolean} [again] @returns {Promise<Count>}
 */
export const carryOut = async ({ name, title, from, work }, tell, again = Boolean(process.env['CI'])) => {
  const print = fingerprint(from)
  const passed = again ? null : markOf(name, print)
  if (passed !== null) {
    tell(`\n== ${title}: unchanged since it passed here: ${passed} passed\n`)
    return { passed, failed: 0 }
  }
  const start = Date.now()
  unmark(name)
  tell(`\n== ${title}\n`)
  const count = await work(tell)
  if (stopAsked()) throw new Sorry('stopped.')
  if (count.failed === 0) markDone(name, print, count.passed)
  tell(`== ${title}: ${count.passed} passed, ${count.failed} failed, ${((Date.now() - start) / 1000).toFixed(0)} s\n`)
  return count
}

/** Lanes that run side by side; each check is told as a whole when it has ended. @param {readonly (readonly Check[])[]} lanes */
const sideBySide = async (lanes) =>
  (
    await Promise.all(
      lanes.map(async (lane) => {
        const counts = []
        for (const check of lane) {
          let told = ''
          counts.push(await carryOut(check, (text) => (told += text)))
          process.stdout.write(told)
        }
        return counts
      }),
    )
  ).flat()

/** `./lochmoor test`: everything, and one closing line. */
export const test = async (/** @type {string[]} */ args) => {
  if (args.length > 0) throw new Sorry(`"${args[0]}" is not an option; test takes none.`)
  await ensurePackages([DATABASE, BROWSER], say)
  await installDependencies(say)
  mkdirSync(STATE, { recursive: true })
  const start = Date.now()
  const counts = await sideBySide(BEFORE_TESTS)
  for (const check of TESTS) counts.push(await carryOut(check, (text) => void process.stdout.write(text)))
  const total = counts.reduce((sum, c) => ({ passed: sum.passed + c.passed, failed: sum.failed + c.failed }))
  say(`\n${((Date.now() - start) / 1000).toFixed(0)} s since everything was installed`)
  say(`${total.passed} passed, ${total.failed} failed`)
  return total.failed === 0 ? 0 : 1
}
