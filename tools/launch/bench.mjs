// @ts-check
import { run } from './children.mjs'
import { BROWSER, DATABASE, ensurePackages } from './packages.mjs'
import { inRoot, ROOT } from './paths.mjs'
import { buildNode, buildWeb, installDependencies } from './setUp.mjs'

/** `./lochmoor bench`: prints what was measured. A bench that breaks says so and still fails no build. */
export const bench = async () => {
  const say = (/** @type {string} */ line) => console.log(line)
  await ensurePackages([DATABASE, BROWSER], say)
  await installDependencies(say)
  await buildNode(say)
  await buildWeb(say)
  const { code } = await run(process.execPath, [inRoot('bench/run.mjs')], { cwd: ROOT, show: true })
  if (code !== 0) say('The bench itself broke: the lines above say where.')
  return 0
}
