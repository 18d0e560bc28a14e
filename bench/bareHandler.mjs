// @ts-check
// The least that a server can do to answer the same: one query by one connection pool, its rows as text, nothing else. The
// measure of what the real one adds.
import { createServer } from 'node:http'
import mysql from 'mysql2'

const [url, id] = process.argv.slice(2)
const pool = mysql.createPool({ uri: url, connectionLimit: 10, timezone: 'Z' })
const QUERY = `select j.id, j.archived_at, j.state_since, s.section, s.version, s.schema_version, s.updated_at, cast(s.value as char) as value
  from job j join job_section s on s.job_id = j.id where j.id = ?`
const server = createServer((_, response) => {
  pool.query(QUERY, [id], (error, rows) => {
    if (error) {
      response.statusCode = 500
      response.end(error.message)
      return
    }
    const texts = /** @type {Record<string, any>[]} */ (rows).map(
      (r) =>
        `"${r['section']}":{"version":${r['version']},"savedAt":"${r['updated_at'].toISOString()}","value":${r['value']}}`,
    )
    response.setHeader('content-type', 'application/json; charset=utf-8')
    response.end(`{"id":"${id}","sections":{${texts.join(',')}}}`)
  })
})
server.listen(0, '127.0.0.1', () =>
  process.send?.(/** @type {import('node:net').AddressInfo} */ (server.address()).port),
)
process.once('disconnect', () => process.exit(0))
