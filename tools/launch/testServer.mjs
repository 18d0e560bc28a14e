// @ts-check
// The built application on a throwaway MariaDB with the demo data, for the browser tests and the bench.
// Prints its address as one line of JSON, lives until its standard input closes, leaves nothing behind.
import { startTestServer } from './startTestServer.mjs'

const server = await startTestServer(Number(process.env['LOCHMOOR_PORT'] ?? 0))
const end = async () => {
  await server.end()
  process.exit(0)
}
process.on('SIGTERM', end)
process.on('SIGINT', end)
process.stdin.on('close', end).resume()
console.log(JSON.stringify({ address: server.address }))
