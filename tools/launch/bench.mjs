// @ts-check
import { run } from './children.mjs'
import { BROWSER, DATABASE, ensurePackages } from './packages.mjs'
import { inRoot, ROOT } from './paths.mjs'
import { buildNode, buildWeb, installDependencies } from './setUp.mjs'
import { Sorry } from './sorry.mjs'

/**
 * `./lochmoor bench`: prints what was measured; `--quick` goes through everything with few rounds. Slow figures fail
 * nothing; a bench that breaks does.
 */
export const bench = async (/** @type {string[]} */ args) => {
  const [option] = args
  if (args.length > 1 || (option !== undefined && option !== '--quick'))
    throw new Sorry(`"${args.join(' ')}" is not an option; bench takes --quick or nothing.`)
  const say = (/** @type {string} */ line) => console.log(line)
  await ensurePackages([DATABASE, BROWSER], say)
  await installDependencies(say)
  await buildNode(say)
  await buildWeb(say)
  const { code } = await run(process.execPath, [inRoot('bench/run.mjs')], {
    cwd: ROOT,
    show: true,
    env: { ...process.env, LOCHMOOR_BENCH: option === '--quick' ? 'quick' : '' },
  })
  if (code !== 0) say('The bench itself broke: the lines above say where.')
  return code === 0 ? 0 : 1
}
