// @ts-check
import { chownSync, lstatSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { run } from './children.mjs'

/** @typedef {{ name: string, uid: number, gid: number }} OwnUser */

const NAME = 'lochmoor'
const NOBODY = { name: 'nobody', uid: 65534, gid: 65534 }

/** @returns {OwnUser | null} */
const lookUp = () => {
  const line = readFileSync('/etc/passwd', 'utf8')
    .split('\n')
    .find((l) => l.startsWith(`${NAME}:`))
  const [, , uid, gid] = line?.split(':') ?? []
  return uid === undefined ? null : { name: NAME, uid: Number(uid), gid: Number(gid) }
}

const make = async () => {
  const known = lookUp()
  if (known) return known
  await run('useradd', [
    '--system',
    '--user-group',
    '--no-create-home',
    '--home-dir',
    '/nonexistent',
    '--shell',
    '/usr/sbin/nologin',
    NAME,
  ])
  // Two commands may have made it at once; where none could, there is always nobody.
  return lookUp() ?? NOBODY
}

/** @type {Promise<OwnUser> | null} */
let made = null

/**
 * Who server and database run as where the command itself is run by root: a system user without a home and without a
 * password, made when there is none. Null where the command is no root's: then they run as whoever started it.
 * @returns {Promise<OwnUser | null>}
 */
export const ownUser = async () => (process.getuid?.() === 0 ? await (made ??= make()) : null)

/** Everything in a folder is given to its user; links are given, not followed. @param {string} path @param {OwnUser} user */
const give = (path, { gid, uid }) => {
  const stat = lstatSync(path)
  if (stat.uid !== uid || stat.gid !== gid) {
    if (stat.isSymbolicLink()) return
    chownSync(path, uid, gid)
  }
  if (stat.isDirectory()) for (const name of readdirSync(path)) give(join(path, name), { name: '', gid, uid })
}

/** Gives a folder to the user that works in it, where that is not whoever runs this. @param {string} folder */
export const giveFolder = async (folder) => {
  const user = await ownUser()
  if (user) give(folder, user)
}

/** What gives root up for good, with every right that it could be got back by. @param {OwnUser} user */
const dropping = ({ gid, uid }) => [
  `--reuid=${uid}`,
  `--regid=${gid}`,
  '--clear-groups',
  '--no-new-privs',
  '--inh-caps=-all',
  '--ambient-caps=-all',
  '--bounding-set=-all',
]

const told = new Set()
/** @param {string} path */
const tellOnce = (path) => {
  if (told.has(path)) return
  told.add(path)
  process.stderr.write(
    `lochmoor: ${path} can be entered by root alone, so what needs it runs as root; put the clone where others may enter, such as /opt.\n`,
  )
}

/**
 * Asks to be ended with its parent, then looks whether that one is still there: one that was killed in between would tell
 * nobody any more, and the program would stay behind for good.
 */
const endsWithParent = () => ['/bin/sh', '-c', '[ "$PPID" = "$0" ] || exit 143; exec "$@"', String(process.pid)]

/**
 * What comes before a program so that it ends with this command and, where this is root's, runs as its own user. Where
 * that user may not enter the folders that it needs, it has to stay root, and that is said.
 * @param {string[]} needs files and folders that it reads
 * @param {'TERM' | 'KILL'} [signal] by which it ends with this command: KILL for what may hang over TERM
 * @returns {Promise<{ program: string, args: string[], isRoot: boolean }>}
 */
export const startedAs = async (needs, signal = 'TERM') => {
  const user = await ownUser()
  const program = '/usr/bin/setpriv'
  const asked = ['--pdeathsig', signal]
  if (!user) return { program, args: [...asked, ...endsWithParent()], isRoot: false }
  const drop = dropping(user)
  for (const path of needs)
    if ((await run('/usr/bin/setpriv', [...drop, '/usr/bin/test', '-r', path])).code !== 0) {
      tellOnce(path)
      return { program, args: [...asked, ...endsWithParent()], isRoot: true }
    }
  return { program, args: [...asked, ...drop, ...endsWithParent()], isRoot: false }
}
