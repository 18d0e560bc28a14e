// @ts-check
import { existsSync } from 'node:fs'
import { run } from './children.mjs'
import { Sorry } from './sorry.mjs'

/** A program, the Debian packages that bring it, and where it lies. */
export const DATABASE = {
  what: 'the MariaDB server',
  packages: ['mariadb-server-core', 'mariadb-client-core'],
  files: ['/usr/sbin/mariadbd', '/usr/bin/mariadb-install-db', '/usr/bin/mariadb'],
}
export const BROWSER = { what: 'Chromium', packages: ['chromium'], files: ['/usr/bin/chromium'] }

const missing = (/** @type {typeof DATABASE} */ need) => need.files.some((f) => !existsSync(f))

/**
 * Installs what is missing with apt, as root or through sudo where it needs no password.
 * @param {typeof DATABASE[]} needs
 * @param {(line: string) => void} say
 */
export const ensurePackages = async (needs, say) => {
  const wanted = needs.filter(missing)
  if (wanted.length === 0) return
  const names = wanted.flatMap((n) => n.packages)
  const what = wanted.map((n) => n.what).join(' and ')
  const install = ['apt-get', 'install', '-y', '--no-install-recommends', ...names]
  const remedy = `run "sudo apt-get update && sudo ${install.join(' ')}" and start again`
  if (!existsSync('/usr/bin/apt-get'))
    throw new Sorry(`${what} is missing and there is no apt here; install it and start again.`)
  const asRoot = process.getuid?.() === 0
  if (!asRoot && (await run('sudo', ['-n', 'true'])).code !== 0)
    throw new Sorry(`${what} is missing and this user may not install it; ${remedy}.`)
  const prefix = asRoot ? [] : ['sudo', '-n']
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  const apt = async (/** @type {string[]} */ command) => {
    const [program, ...args] = [...prefix, ...command]
    return run(/** @type {string} */ (program), args, { env })
  }
  say(`Installing ${what} (${names.join(', ')})`)
  let result = await apt(install)
  if (result.code !== 0) {
    await apt(['apt-get', 'update'])
    result = await apt(install)
  }
  if (result.code !== 0 || wanted.some(missing)) {
    const last = result.output.trim().split('\n').at(-1) ?? ''
    throw new Sorry(`${what} could not be installed (${last}); ${remedy}.`)
  }
}
