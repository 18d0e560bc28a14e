// @ts-check
// A MariaDB for tests: prints its address as one line of JSON, lives until its standard input closes, leaves nothing.
import { randomBytes } from 'node:crypto'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ensureSchema, startMariadb } from './mariadb.mjs'

const folder = mkdtempSync(join(tmpdir(), 'lochmoor-test-'))
const server = await startMariadb(folder, { throwaway: true })
const url = await ensureSchema(server, 'lochmoor_test', randomBytes(12).toString('hex'))
const end = async () => {
  await server.stop()
  rmSync(folder, { recursive: true, force: true })
  process.exit(0)
}
process.on('SIGTERM', end)
process.on('SIGINT', end)
process.stdin.on('close', end).resume()
console.log(JSON.stringify({ url, pid: server.pid }))
