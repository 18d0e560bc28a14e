// @ts-check
import { run } from './children.mjs'
import { BROWSER, DATABASE, ensurePackages } from './packages.mjs'
import { inRoot, ROOT } from './paths.mjs'
import { buildNode, buildWeb, installDependencies } from './setUp.mjs'
import { Sorry } from './sorry.mjs'

/**
 * `./lochmoor bench`: prints what was measured, all of it or the parts that are named; `--quick` goes through it with few rounds. Slow figures fail
 * nothing; a bench that breaks does.
 */
export const bench = async (/** @type {string[]} */ args) => {
  const quick = args.includes('--quick')
  const parts = args.filter((a) => a !== '--quick')
  const wrong = parts.filter((a) => a.startsWith('-'))
  if (wrong.length > 0)
    throw new Sorry(`"${wrong.join(' ')}" is not an option; bench takes --quick and names of parts.`)
  const say = (/** @type {string} */ line) => console.log(line)
  await ensurePackages([DATABASE, BROWSER], say)
  await installDependencies(say)
  await buildNode(say)
  await buildWeb(say)
  const { code } = await run(process.execPath, [inRoot('bench/run.mjs'), ...parts], {
    cwd: ROOT,
    show: true,
    env: { ...process.env, LOCHMOOR_BENCH: quick ? 'quick' : '' },
  })
  if (code !== 0) say('The bench itself broke: the lines above say where.')
  return code === 0 ? 0 : 1
}
