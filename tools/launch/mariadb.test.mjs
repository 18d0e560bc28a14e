import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { startMariadb } from './mariadb.mjs'

describe('private databases', () => {
  it('that run side by side keep their temporary tables apart', async () => {
    const folders = [1, 2].map(() => mkdtempSync(join(tmpdir(), 'lochmoor-side-')))
    const servers = await Promise.all(folders.map((f) => startMariadb(f, { throwaway: true })))
    const asked = await Promise.all(servers.map((s) => s.ask('select @@tmpdir')))
    expect(asked.map((a) => a.output.trim())).toEqual(folders.map((f) => join(f, 'temporary')))
    await Promise.all(servers.map((s) => s.stop()))
    for (const f of folders) rmSync(f, { recursive: true })
  })
})
