// @ts-check
import { randomUUID } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync, gzipSync } from 'node:zlib'
import mysql from 'mysql2/promise'
import { backUp, restore } from './backup.mjs'
import { ensureSchema, startMariadb } from './mariadb.mjs'
import { startTestServer } from './startTestServer.mjs'
import { signInAsOwner } from './writer.mjs'

const folder = mkdtempSync(join(tmpdir(), 'lochmoor-backup-'))
/** @type {Awaited<ReturnType<typeof startTestServer>>} */
let server
/** @type {Awaited<ReturnType<typeof startMariadb>>} */
let elsewhere
beforeAll(async () => {
  server = await startTestServer(0)
  elsewhere = await startMariadb(join(folder, 'database'), { throwaway: true })
})
afterAll(async () => {
  await server.end()
  await elsewhere.stop()
  rmSync(folder, { recursive: true, force: true })
})

let count = 0
const emptyStore = () => ensureSchema(elsewhere, `lochmoor_${++count}`, 'f'.repeat(36))

/** @template T @param {string} url @param {(ask: (sql: string) => Promise<any[]>) => Promise<T>} work */
const asking = async (url, work) => {
  const connection = await mysql.createConnection(url)
  try {
    return await work(async (sql) => /** @type {any[]} */ ((await connection.query(sql))[0]))
  } finally {
    await connection.end()
  }
}
/** Checksums of all tables, as the database itself makes them. @param {string} url */
const sums = (url) =>
  asking(url, async (ask) => {
    const tables = (await ask('show tables')).map((r) => String(Object.values(r)[0])).sort()
    const left = tables.filter((t) => !['session', 'attempt', 'audit'].includes(t))
    const rows = await ask(`checksum table ${left.join(', ')} extended`)
    return rows.map((r) => [String(r.Table).split('.')[1], r.Checksum])
  })

describe('a backup', () => {
  it('is equal to what it was made of, table by table, photographs included', async () => {
    const file = join(folder, 'quiet')
    const rows = await backUp(server.databaseUrl, file)
    expect(rows).toBeGreaterThan(100)
    const url = await emptyStore()
    expect(await restore(url, file)).toMatchObject({ rows, version: expect.stringMatching(/^\d/) })
    const [before, after] = [await sums(server.databaseUrl), await sums(url)]
    expect(after).toEqual(before)
    expect(before.map(([table]) => table)).toEqual(
      expect.arrayContaining(['photo', 'job_section', 'record', 'passkey']),
    )
    await asking(url, async (ask) => {
      const [photos] = await ask('select count(*) as n, min(length(image)) as least from photo')
      expect([Number(photos.n) > 0, Number(photos.least) > 1000]).toEqual([true, true])
      expect(await ask('select * from session')).toEqual([])
      expect((await ask("select * from audit where event = 'restored'")).length).toBe(1)
    })
  })

  it('made while others write is one moment of the store: all that was stored before it, and nothing by half', async () => {
    const call = await signInAsOwner(server.address)
    const job = (await call('POST', '/jobs', { title: 'Under writes', template: 'port-return' })).body
    let writing = true
    /** @type {string[]} */
    const stored = []
    const write = async () => {
      while (writing) {
        const id = randomUUID()
        const note = { id, at: new Date().toISOString(), body: { kind: 'note', text: id } }
        if ((await call('POST', `/jobs/${job.id}/records`, note)).status === 201) stored.push(id)
      }
    }
    const change = async () => {
      let { value, version } = job.sections.fuel
      for (let i = 0; writing; i++) {
        value = { ...value, lowV: 9 + (i % 300) / 100 }
        const answer = await call('PUT', `/jobs/${job.id}/sections/fuel`, { baseVersion: version, value })
        if (answer.status === 200) ({ version } = answer.body)
      }
    }
    const writers = [write(), write(), change()]
    for (let i = 0; i < 5; i++) {
      while (stored.length < 20 * (i + 1)) await new Promise((resolve) => setTimeout(resolve, 5))
      const before = [...stored]
      const file = join(folder, `writes ${i}`)
      await backUp(server.databaseUrl, file)
      const url = await emptyStore()
      await restore(url, file)
      await asking(url, async (ask) => {
        const kept = new Set((await ask(`select id from record where job_id = '${job.id}'`)).map((r) => r.id))
        expect(before.filter((id) => !kept.has(id))).toEqual([])
        const [section] = await ask(`select version, value from job_section where job_id = '${job.id}' and section = 'fuel'`) // prettier-ignore
        const history = await ask(`select version, value from job_section_history where job_id = '${job.id}' and section = 'fuel' order by version`) // prettier-ignore
        expect(history.map((h) => h.version)).toEqual(Array.from({ length: section.version }, (_, k) => k + 1))
        expect(history.at(-1)?.value).toEqual(section.value)
      })
    }
    writing = false
    await Promise.all(writers)
  })

  it.each([
    ['cut off', (/** @type {string[]} */ lines) => lines.slice(0, -2), /cut off: it holds \d+ rows and no sound end/],
    ['of another kind', () => ['{"format":"song"}'], /is no backup of Lochmoor/],
    [
      'of a newer version',
      (/** @type {string[]} */ lines) => [
        lines[0]?.replace('"formatVersion":1', '"formatVersion":9') ?? '',
        ...lines.slice(1),
      ],
      /made by a newer Lochmoor/,
    ],
    ['not JSON', () => ['hello'], /damaged or no backup/],
  ])('that is %s is refused before anything is written', async (_name, spoil, said) => {
    const lines = gunzipSync(readFileSync(join(folder, 'quiet')))
      .toString()
      .trim()
      .split('\n')
    const file = join(folder, 'spoilt')
    writeFileSync(file, gzipSync(spoil(lines).join('\n')))
    const url = await emptyStore()
    await expect(restore(url, file)).rejects.toThrow(said)
    expect(await asking(url, (ask) => ask('show tables'))).toEqual([])
  })
  it('that is no packed file is refused, and one goes into an empty store only', async () => {
    const file = join(folder, 'plain')
    writeFileSync(file, 'hello')
    await expect(restore(await emptyStore(), file)).rejects.toThrow(/damaged or no backup/)
    await expect(restore(server.databaseUrl, join(folder, 'quiet'))).rejects.toThrow(/not empty/)
  })
})
