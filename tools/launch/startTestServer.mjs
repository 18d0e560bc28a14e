// @ts-check
import { randomBytes } from 'node:crypto'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ensureSchema, freePort, startMariadb } from './mariadb.mjs'
import { startServer, untilHealthy } from './server.mjs'

/**
 * The built application on a MariaDB of its own, whose parts can be stopped, killed and started again one by one.
 * @param {number} [wantedPort] 0 takes any
 * @param {{ durable?: boolean, demo?: boolean }} [options] durable: writes as safely as the demo does, for tests that kill the database; demo: with the demo data
 */
export const startTestServer = async (wantedPort = 0, { durable = false, demo = true } = {}) => {
  const folder = mkdtempSync(join(tmpdir(), 'lochmoor-app-'))
  const port = wantedPort || (await freePort())
  const password = randomBytes(12).toString('hex')
  let database = await startMariadb(folder, { throwaway: !durable })
  const url = await ensureSchema(database, 'lochmoor', password)
  const launch = async () => {
    const server = await startServer(url, port, { demo, logFile: join(folder, 'server.log') })
    if (await untilHealthy(port, server)) return server
    server.child.kill('SIGTERM')
    await server.ended
    await database.stop()
    throw new Error(`the test server did not start (its folder is ${folder}):\n${server.lines.join('')}`)
  }
  let server = await launch()
  return {
    address: `http://127.0.0.1:${port}`,
    databaseUrl: url,
    serverPid: () => /** @type {number} */ (server.child.pid),
    stopServer: async () => {
      server.child.kill('SIGTERM')
      await server.ended
    },
    startServer: async () => {
      server = await launch()
    },
    /** As the kernel does that is short of memory: no chance to finish an answer. */
    killServer: async () => {
      server.child.kill('SIGKILL')
      await server.ended
    },
    /** As a power cut would: no chance to tidy up. */
    killDatabase: async () => {
      process.kill(/** @type {number} */ (database.pid), 'SIGKILL')
      await database.ended
    },
    /** As a disk that hangs would: the database is there and answers nothing. */
    freezeDatabase: () => void process.kill(/** @type {number} */ (database.pid), 'SIGSTOP'),
    thawDatabase: () => void process.kill(/** @type {number} */ (database.pid), 'SIGCONT'),
    startDatabase: async () => {
      database = await startMariadb(folder, { throwaway: !durable, port: database.port })
    },
    end: async () => {
      server.child.kill('SIGTERM')
      await server.ended
      await database.stop()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}
