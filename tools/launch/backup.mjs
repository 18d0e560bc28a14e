// @ts-check
import { createReadStream, createWriteStream, existsSync, renameSync, rmSync } from 'node:fs'
import { userInfo } from 'node:os'
import { basename, dirname, resolve } from 'node:path'
import { createInterface } from 'node:readline'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { createGunzip, createGzip } from 'node:zlib'
import { Sorry } from './sorry.mjs'

/*
 * A backup is a text file, packed by gzip, of one JSON a line: a head, then for each table its definition and its rows,
 * then an end that says how many rows there were. Bytes stand as base64.
 */
const FORMAT = 'lochmoor-backup'
const FORMAT_VERSION = 1
/** Who is signed in and who has guessed wrongly is not kept: after a restoration everybody signs in anew. */
const LEFT_OUT = new Set(['session', 'attempt'])

/** @typedef {import('mysql2/promise').Connection} Connection */

/** @param {string} url @returns {Promise<Connection>} */
const connect = async (url) => {
  const mysql = await import('mysql2/promise')
  try {
    return await mysql.createConnection({
      uri: url,
      timezone: 'Z',
      charset: 'utf8mb4',
      // Figures, times and JSON as the store writes them: what comes out goes in again unchanged.
      typeCast: (field) => field.string('utf8'),
    })
  } catch (error) {
    throw new Sorry(`the database does not answer (${/** @type {Error} */ (error).message}).`)
  }
}

/** @param {Connection} connection @param {string} sql @param {unknown[]} [values] @returns {Promise<Record<string, any>[]>} */
const ask = async (connection, sql, values = []) => {
  const [rows] = await connection.query(sql, values)
  return /** @type {Record<string, any>[]} */ (rows)
}

/** @param {Connection} connection */
const tablesOf = async (connection) =>
  (
    await ask(
      connection,
      `select table_name as name from information_schema.tables
       where table_schema = database() and table_type = 'BASE TABLE' order by table_name`,
    )
  ).map((r) => /** @type {string} */ (r['name']))

/** @param {unknown} value */
const packed = (value) => (Buffer.isBuffer(value) ? { base64: value.toString('base64') } : value)
/** @param {any} value */
const unpacked = (value) => (typeof value === 'object' && value !== null ? Buffer.from(value.base64, 'base64') : value)

/** Lines of a backup, as they come out of one moment of the store. @param {Connection} connection */
const linesOf = async function* (connection) {
  // One snapshot for all tables: what is written meanwhile is in none of them.
  await connection.query('set session transaction isolation level repeatable read')
  await connection.query('start transaction with consistent snapshot, read only')
  const tables = await tablesOf(connection)
  if (!tables.includes('job')) throw new Sorry('the database holds nothing of Lochmoor: there is nothing to back up.')
  const [by] = tables.includes('written_by')
    ? await ask(connection, 'select version, document_version from written_by order by at desc limit 1')
    : []
  yield {
    format: FORMAT,
    formatVersion: FORMAT_VERSION,
    madeAt: new Date().toISOString(),
    version: by?.['version'] ?? 'before 0.1',
    documentVersion: Number(by?.['document_version'] ?? 0),
  }
  let rows = 0
  for (const table of tables) {
    const [definition] = await ask(connection, `show create table \`${table}\``)
    const known = await ask(
      connection,
      `select column_name as name, data_type as type from information_schema.columns
         where table_schema = database() and table_name = ? and extra not like '%GENERATED%' order by ordinal_position`,
      [table],
    )
    const columns = known.map((c) => /** @type {string} */ (c['name']))
    const bytes = new Set(known.filter((c) => c['type'].endsWith('blob')).map((c) => c['name']))
    yield { table, columns, create: definition?.['Create Table'] }
    if (LEFT_OUT.has(table)) continue
    const names = columns.map((c) => `\`${c}\``).join(', ')
    const typeCast = (/** @type {import('mysql2').TypeCastField} */ field) =>
      bytes.has(field.name) ? field.buffer() : field.string('utf8')
    const { connection: plain } = /** @type {{ connection: import('mysql2').Connection }} */ (
      /** @type {unknown} */ (connection)
    )
    const stream = plain
      .query({ sql: `select ${names} from \`${table}\``, rowsAsArray: true, typeCast })
      .stream({ highWaterMark: 8 })
    for await (const row of stream) {
      rows += 1
      yield /** @type {unknown[]} */ (row).map(packed)
    }
  }
  await connection.query('commit')
  yield { end: true, rows }
}

/** @param {Connection} connection @param {string} event @param {string} about */
const note = async (connection, event, about) => {
  await connection.query(
    `insert into audit (workshop_id, event, who, about, address, at)
     select id, ?, ?, ?, 'this machine', now(6) from workshop`,
    [event, `${userInfo().username} at the machine`, about.slice(0, 200)],
  )
}

/**
 * Writes everything that a store holds to a file, while it is in use. The file stands there whole or not at all, and only
 * its owner may read it.
 * @param {string} url @param {string} file @returns {Promise<number>} rows
 */
export const backUp = async (url, file) => {
  const part = `${file}.part`
  const connection = await connect(url)
  let rows = 0
  const text = async function* () {
    for await (const line of linesOf(connection)) {
      if (Array.isArray(line)) rows += 1
      yield `${JSON.stringify(line)}\n`
    }
  }
  try {
    await pipeline(Readable.from(text()), createGzip(), createWriteStream(part, { mode: 0o600 }))
    renameSync(part, file)
    await note(connection, 'backed-up', basename(file))
    return rows
  } catch (error) {
    rmSync(part, { force: true })
    if (/** @type {NodeJS.ErrnoException} */ (error).code === 'ENOSPC')
      throw new Sorry(`the disk is full: ${file} could not be written; nothing was left behind.`)
    throw error
  } finally {
    await connection.end()
  }
}

/** Lines of a backup's file, read as they come. @param {string} file */
const readLines = async function* (file) {
  const lines = createInterface({ input: createReadStream(file).pipe(createGunzip()), crlfDelay: Infinity })
  for await (const line of lines) {
    try {
      yield JSON.parse(line)
    } catch {
      throw new Sorry(`${file} is damaged or no backup of Lochmoor.`)
    }
  }
}

/** Reads a file once through before anything is written: its head, its format and its end. @param {string} file */
const checked = async (file) => {
  let [head, rows, end] = [/** @type {any} */ (null), 0, /** @type {any} */ (null)]
  try {
    for await (const line of readLines(file)) {
      if (!head) head = line
      else if (Array.isArray(line)) rows += 1
      else if (line.end) end = line
    }
  } catch (error) {
    if (error instanceof Sorry) throw error
    throw new Sorry(`${file} is damaged or no backup of Lochmoor (${/** @type {Error} */ (error).message}).`)
  }
  if (head?.format !== FORMAT) throw new Sorry(`${file} is no backup of Lochmoor.`)
  if (head.formatVersion > FORMAT_VERSION)
    throw new Sorry(`${file} was made by a newer Lochmoor (${head.version}); restore it with that one.`)
  if (!end || end.rows !== rows) throw new Sorry(`${file} is cut off: it holds ${rows} rows and no sound end.`)
  return head
}

const AT_ONCE = 50

/**
 * Puts a backup into an empty store. Everything or nothing: where it fails the tables that were made are taken away.
 * @param {string} url @param {string} file @returns {Promise<{ rows: number, madeAt: string, version: string }>}
 */
export const restore = async (url, file) => {
  const head = await checked(file)
  const connection = await connect(url)
  /** @type {string[]} */
  const made = []
  try {
    const there = await tablesOf(connection)
    if (there.length > 0)
      throw new Sorry(
        `the database is not empty (it has ${there.length} tables); a backup goes into an empty one only.`,
      )
    await connection.query('set foreign_key_checks = 0')
    let rows = 0
    /** @type {{ table: string, columns: string[] } | null} */
    let open = null
    /** @type {unknown[][]} */
    let waiting = []
    const flush = async () => {
      if (!open || waiting.length === 0) return
      const names = open.columns.map((c) => `\`${c}\``).join(', ')
      await connection.query(`insert into \`${open.table}\` (${names}) values ?`, [waiting])
      rows += waiting.length
      waiting = []
    }
    for await (const line of readLines(file)) {
      if (Array.isArray(line)) {
        waiting.push(line.map(unpacked))
        // A photograph is large: it goes by itself.
        if (waiting.length >= AT_ONCE || line.some((v) => typeof v === 'object' && v !== null)) await flush()
      } else if (line.table) {
        await flush()
        if (!/^[a-z_]+$/.test(line.table)) throw new Sorry(`${file} names a table that Lochmoor has not.`)
        await connection.query(line.create)
        made.push(line.table)
        open = line
      }
    }
    await flush()
    await connection.query('set foreign_key_checks = 1')
    await note(connection, 'restored', `${basename(file)}, made ${head.madeAt}`)
    return { rows, madeAt: head.madeAt, version: head.version }
  } catch (error) {
    for (const table of made) await connection.query(`drop table if exists \`${table}\``)
    const { sqlMessage } = /** @type {{ sqlMessage?: string }} */ (error)
    if (sqlMessage) throw new Sorry(`the database refused the backup: ${sqlMessage}.`)
    throw error
  } finally {
    await connection.end()
  }
}

/** @param {string[]} args @param {string} command */
const fileOf = (args, command) => {
  const [name, ...more] = args
  if (!name || more.length > 0 || name.startsWith('-')) throw new Sorry(`name one file: ./lochmoor ${command} FILE.`)
  return resolve(name)
}

/** `./lochmoor backup FILE` */
export const backupCommand = async (/** @type {string[]} */ args) => {
  const file = fileOf(args, 'backup')
  if (existsSync(file)) throw new Sorry(`${file} is there already; name another file or move it away.`)
  if (!existsSync(dirname(file))) throw new Sorry(`there is no folder ${dirname(file)}.`)
  const { withData } = await import('./demo.mjs')
  const rows = await withData((url) => backUp(url, file), { empty: false })
  console.log(`${file}: ${rows} rows, with photographs. Keep it where nobody else can read it.`)
  return 0
}

/** `./lochmoor restore FILE` */
export const restoreCommand = async (/** @type {string[]} */ args) => {
  const file = fileOf(args, 'restore')
  if (!existsSync(file)) throw new Sorry(`there is no file ${file}.`)
  const { withData } = await import('./demo.mjs')
  const { madeAt, rows, version } = await withData((url) => restore(url, file), { empty: true })
  console.log(`${rows} rows of ${madeAt}, written by Lochmoor ${version}, restored. Everybody has to sign in again.`)
  return 0
}
