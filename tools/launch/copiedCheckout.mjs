// @ts-check
// For tests: the project as somebody would have copied it to another place, built, without data.
import { spawnSync } from 'node:child_process'
import { chmodSync, cpSync, existsSync, mkdirSync, symlinkSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fingerprint } from './marks.mjs'
import { inRoot, ROOT } from './paths.mjs'

const BUILT = ['packages/core/dist', 'packages/contract/dist', 'apps/server/dist', 'apps/web/dist', '.lochmoor/marks']

/** @param {string} folder where it is put; made when it is not there */
export const copyCheckout = (folder) => {
  const listed = spawnSync('git', ['ls-files', '-co', '--exclude-standard'], { cwd: ROOT, encoding: 'utf8' })
  if (listed.status !== 0) throw new Error(listed.stderr)
  for (const file of listed.stdout.split('\n').filter((f) => f !== '' && existsSync(inRoot(f)))) {
    mkdirSync(dirname(join(folder, file)), { recursive: true })
    cpSync(inRoot(file), join(folder, file), { preserveTimestamps: true })
  }
  for (const built of BUILT)
    if (existsSync(inRoot(built)))
      cpSync(inRoot(built), join(folder, built), { recursive: true, preserveTimestamps: true })
  symlinkSync(inRoot('node_modules'), join(folder, 'node_modules'))
  // The packages are the project's own, by a link: nothing may install over them.
  mkdirSync(join(folder, '.lochmoor', 'marks'), { recursive: true })
  writeFileSync(
    join(folder, '.lochmoor', 'marks', 'npm-ci'),
    JSON.stringify({ print: fingerprint(['package-lock.json']), of: true }),
  )
  chmodSync(join(folder, 'lochmoor'), 0o755)
}

/** An ordinary user for a command, where the tests themselves are run by root. */
export const ORDINARY = 65534
export const isRoot = process.getuid?.() === 0

/** What runs a command as an ordinary user. @param {string[]} command @returns {[string, string[]]} */
export const asOrdinaryUser = ([program = '', ...args]) =>
  isRoot
    ? ['/usr/bin/setpriv', [`--reuid=${ORDINARY}`, `--regid=${ORDINARY}`, '--clear-groups', program, ...args]]
    : [program, args]

/** Whether an ordinary user may read where the project lies: a folder that only root may enter shuts everybody else out. */
export const inReach = () => {
  const [program, args] = asOrdinaryUser(['/usr/bin/test', '-r', inRoot('node_modules/.package-lock.json')])
  return spawnSync(program, args).status === 0
}

/** Gives a folder to the ordinary user. @param {string} folder */
export const giveToOrdinaryUser = (folder) => {
  if (isRoot) spawnSync('chown', ['-R', `${ORDINARY}:${ORDINARY}`, folder])
}
