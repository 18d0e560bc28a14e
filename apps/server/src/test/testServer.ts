import 'reflect-metadata'
import { randomBytes } from 'node:crypto'
import type { NestExpressApplication } from '@nestjs/platform-express'
import mysql from 'mysql2/promise'
import { pino } from 'pino'
import { createServer } from '../createServer.ts'

/** A server on a schema of its own in the tests' MariaDB. */
export interface TestServer {
  readonly app: NestExpressApplication
  readonly http: ReturnType<NestExpressApplication['getHttpServer']>
  readonly databaseUrl: string
  close(): Promise<void>
}

const withSchema = async (schema: string, statement: string): Promise<void> => {
  const connection = await mysql.createConnection(process.env['LOCHMOOR_TEST_DATABASE_URL']!)
  await connection.query(statement.replace('?', `\`${schema}\``))
  await connection.end()
}

export const testServer = async ({ demo = true, proxies = 0 } = {}): Promise<TestServer> => {
  const schema = `lochmoor_${randomBytes(6).toString('hex')}`
  await withSchema(schema, 'create database ?')
  const url = new URL(process.env['LOCHMOOR_TEST_DATABASE_URL']!)
  url.pathname = `/${schema}`
  const app = await createServer({
    databaseUrl: url.href,
    webFolder: null,
    demo,
    proxies,
    log: pino({ level: process.env['LOCHMOOR_LOG'] ?? 'silent' }),
  })
  return {
    app,
    http: app.getHttpServer(),
    databaseUrl: url.href,
    close: async () => {
      await app.close()
      await withSchema(schema, 'drop database ?')
    },
  }
}
