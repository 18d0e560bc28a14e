import { readFile } from 'node:fs/promises'
import express from 'express'
import request from 'supertest'
import { answersWithin, databasePatience, DATABASE_AWAY } from './databasePatience.ts'

const never = () => new Promise<never>(() => undefined)
const app = (ask: () => Promise<unknown>, answer: (send: () => void) => void) =>
  express()
    .use(databasePatience(ask, 30, 20))
    .use((_request, response) =>
      answer(() => {
        if (!response.headersSent) response.json({ late: true })
      }),
    )

describe('a request while the database is frozen', () => {
  it('is told so', async () => {
    const { body, status } = await request(app(never, () => undefined)).get('/api/jobs')
    expect([status, body]).toEqual([503, DATABASE_AWAY])
  })
  it('an error of the pool is no answer either', async () => {
    const { status } = await request(
      app(
        () => Promise.reject(new Error('gone')),
        () => undefined,
      ),
    ).get('/api/jobs')
    expect(status).toBe(503)
  })
  it('slow work on a database that answers goes on to its end', async () => {
    const { body, status } = await request(
      app(
        () => Promise.resolve(1),
        (send) => setTimeout(send, 150),
      ),
    ).get('/api/jobs')
    expect([status, body]).toEqual([200, { late: true }])
  })
  it('an answer that went out while the database was asked ends the asking', async () => {
    let asked = 0
    const slow = () => new Promise((resolve) => setTimeout(resolve, 15, ++asked))
    await request(app(slow, (send) => setTimeout(send, 38))).get('/api/jobs')
    const then = asked
    await new Promise((resolve) => setTimeout(resolve, 150))
    expect(asked).toBe(then)
  })
  it('its health is told as such', async () => {
    const { body, status } = await request(app(never, () => undefined)).get('/api/health')
    expect([status, body]).toEqual([503, expect.objectContaining({ status: 'down', database: 'down' })])
  })
  it('a quick answer is left alone, and so is what is no question to the database', async () => {
    expect((await request(app(never, (send) => send())).get('/api/jobs')).status).toBe(200)
    expect((await request(app(never, (send) => setTimeout(send, 90))).get('/assets/x.js')).status).toBe(200)
  })
})

describe('an answer in time', () => {
  const holdUp = (ms: number): void => {
    const until = performance.now() + ms
    while (performance.now() < until);
  }
  it('that lies there after this process was held up counts', async () => {
    const answered = answersWithin(() => readFile(__filename), 100)
    holdUp(400)
    expect(await answered).toBe(true)
  })
  it('that is thrown instead of given does not', async () =>
    expect(
      await answersWithin(() => {
        throw new Error('closed')
      }, 50),
    ).toBe(false))
  it('that never comes does not', async () => {
    const began = performance.now()
    expect(await answersWithin(never, 50)).toBe(false)
    expect(performance.now() - began).toBeGreaterThanOrEqual(45)
  })
})
