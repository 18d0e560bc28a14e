// @ts-check
import { execFile } from 'node:child_process'
import {
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { inRoot, ROOT } from './paths.mjs'
import { EDITS, FOURTEEN, LOCK } from '../probe/edits.mjs'

const LEFT_OUT = new Set(['node_modules', 'dist', '.lochmoor', '.git'])
const NOT_NEEDED = new Set(['test-results', 'docs', 'e2e', 'bench'].map((name) => inRoot(name)))
const scratch = mkdtempSync(join(tmpdir(), 'lochmoor-probe-'))
const inScratch = (/** @type {string[]} */ ...parts) => join(scratch, ...parts)

/** A copy of the sources that takes its own packages from itself and all others from here. */
const copySources = () => {
  cpSync(ROOT, scratch, {
    recursive: true,
    filter: (path) => !LEFT_OUT.has(path.split('/').at(-1) ?? '') && !NOT_NEEDED.has(path),
  })
  for (const folder of ['', 'apps/web', 'apps/server', 'apps/cli', 'packages/core', 'packages/contract']) {
    const from = inRoot(folder, 'node_modules')
    if (!existsSync(from)) continue
    const names = readdirSync(from)
    mkdirSync(inScratch(folder, 'node_modules'), { recursive: true })
    for (const name of names)
      if (name !== '@lochmoor') symlinkSync(join(from, name), inScratch(folder, 'node_modules', name))
  }
  mkdirSync(inScratch('node_modules', '@lochmoor'))
  for (const [name, path] of Object.entries({ core: 'packages/core', contract: 'packages/contract' }))
    symlinkSync(inScratch(path), inScratch('node_modules', '@lochmoor', name))
}

const edit = (/** @type {string} */ file, /** @type {(text: string) => string} */ change) => {
  const text = readFileSync(inScratch(file), 'utf8')
  const next = change(text)
  if (next === text) throw new Error(`nothing was changed in ${file}: the line it goes to is gone`)
  writeFileSync(inScratch(file), next)
}

/** @param {string[]} args @returns {Promise<{ code: number, said: string }>} */
const node = (args) =>
  new Promise((resolve) =>
    execFile(
      process.execPath,
      args,
      { cwd: scratch, maxBuffer: 2 ** 26, env: { ...process.env, NODE_ENV: 'test' } },
      (error, out, err) => resolve({ code: error ? 1 : 0, said: `${out}${err}` }),
    ),
  )
const suites = (/** @type {string} */ paths, /** @type {string[]} */ ...projects) =>
  node([inRoot('node_modules/jest/bin/jest.js'), '--maxWorkers=1', '--colors=false', '--testPathPatterns', paths, '--selectProjects', ...projects]) // prettier-ignore

describe('a station added to a copy of the sources', () => {
  beforeAll(() => {
    copySources()
    cpSync(inRoot('tools/probe/files'), scratch, { recursive: true })
    for (const { file, after, add } of EDITS) edit(file, (text) => text.replace(after, `${after}${add}`))
  })
  afterAll(() => rmSync(scratch, { recursive: true, force: true }))

  it('changes at most eight files that exist', () =>
    expect(new Set([...EDITS.map((e) => e.file), LOCK.file]).size).toBeLessThanOrEqual(8))

  it('is red until the lock of the shapes is taken on, which tells what to write there', async () => {
    const { code, said } = await suites('contract/src/job/shapeLock', 'contract')
    expect(code).toBe(1)
    const now = Object.fromEntries(
      [...said.matchAll(/^\s*\+?\s+"(\w+)": "([0-9a-f]{16})"/gm)].map(([, k, v]) => [k, v]),
    )
    const missing = new RegExp(`"version": ${LOCK.version}`).test(said)
    expect([missing, Object.keys(now)]).toEqual([true, expect.arrayContaining(['lights', 'work', 'vehicle'])])
    const lines = Object.entries(now).map(([k, v]) => `    ${k}: '${v}',\n`)
    edit(LOCK.file, (text) => text.replace(LOCK.before, `  ${LOCK.version}: {\n${lines.join('')}  },\n${LOCK.before}`))
  })

  it.each(['packages/core', 'packages/contract', 'apps/web', 'apps/server'])('%s compiles', async (folder) => {
    const { said } = await node([inRoot('node_modules/typescript7/bin/tsc'), '--noEmit', '-p', join(folder, 'tsconfig.json')]) // prettier-ignore
    expect(said).toBe('')
  })

  it('stands in the registry, in stored jobs, on the page and among the remedies', async () => {
    const { code, said } = await suites(
      'stations/registry|meaning/|readiness/|contract/src/job/(shapeLock|migrations|schemaOf)|benches/lights|bench/tabs',
      'core',
      'contract',
      'web',
    )
    if (code !== 0) throw new Error(said)
  })

  it('with seven more there is room for fourteen on the rail, at 1280, 768 and 390 px, in both themes', async () => {
    cpSync(inRoot('tools/probe/rail'), scratch, { recursive: true })
    // The whole of it is not here: only what the rail is made of.
    writeFileSync(inScratch('tsconfig.json'), '{}')
    for (const { file, after, add } of FOURTEEN) edit(file, (text) => text.replace(after, `${after}${add}`))
    const { said } = await node([inScratch('apps/web/rail/measureRail.mjs'), ROOT])
    const measured = /\{"looks".*\}/.exec(said)
    if (!measured) throw new Error(said)
    expect(JSON.parse(measured[0])).toEqual({ looks: 48, faults: [] })
  })
})
