// @ts-check
import { randomUUID } from 'node:crypto'
import { setTimeout as pause } from 'node:timers/promises'
import { startTestServer } from './startTestServer.mjs'
import { signInAsOwner } from './writer.mjs'

const KILLS_OF_EACH = 10
/** Seeded, so that a kill that loses something comes again at the same moment of the run. */
const random = (() => {
  let state = 20261127
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 2 ** 32
  }
})()

/** @type {Awaited<ReturnType<typeof startTestServer>>} */
let server
beforeAll(async () => {
  server = await startTestServer(0, { durable: true })
})
afterAll(() => server.end())

describe('server and database killed in the middle of writes', () => {
  it('lose nothing of what was acknowledged, and double nothing that was sent again', async () => {
    const call = await signInAsOwner(server.address)
    const job = (await call('POST', '/jobs', { title: 'Thornkeld Lapwing', template: 'port-return' })).body
    let writing = true

    /** Notes whose storing was acknowledged; each is sent until it is. @type {string[]} */
    const notes = []
    let again = 0
    const writeNotes = async () => {
      while (writing) {
        const id = randomUUID()
        const body = { kind: 'note', text: id }
        const note = { id, at: new Date().toISOString(), body, corrects: null, withdraws: false }
        while (![200, 201].includes((await call('POST', `/jobs/${job.id}/records`, note)).status)) {
          again += 1
          await pause(20)
        }
        notes.push(id)
      }
    }

    /** Versions of a section whose storing was acknowledged, with the figure that was written. @type {Map<number, number>} */
    const figures = new Map()
    const writeFigures = async () => {
      let { value, version } = job.sections.fuel
      for (let i = 0; writing; i++) {
        const next = { ...value, lowV: 9 + (i % 300) / 100 }
        const { status, body } = await call('PUT', `/jobs/${job.id}/sections/fuel`, {
          baseVersion: version,
          value: next,
        })
        if (status === 200) {
          figures.set(body.version, next.lowV)
          ;({ version } = body)
          value = next
        } else if (status === 409) ({ value, version } = body.current)
        else await pause(20)
      }
    }

    const writers = [writeNotes(), writeNotes(), writeFigures()]
    const kills = Array.from({ length: 2 * KILLS_OF_EACH }, (_, i) => (i % 2 === 0 ? 'server' : 'database'))
    for (const victim of kills) {
      await pause(100 + random() * 300)
      if (victim === 'server') {
        await server.killServer()
        await server.startServer()
      } else {
        await server.killDatabase()
        await server.startDatabase()
      }
    }
    // Once more in peace, so that the last of them has come back too.
    const before = notes.length
    while (notes.length < before + 4) await pause(20)
    writing = false
    await Promise.all(writers)

    // Writes have met the kills: some were sent again.
    expect(again).toBeGreaterThanOrEqual(KILLS_OF_EACH)
    expect(figures.size).toBeGreaterThan(KILLS_OF_EACH)
    /** @type {string[]} */
    const stored = []
    for (let before = ''; ;) {
      const { body: page } = await call(
        'GET',
        `/jobs/${job.id}/records?kind=note&size=200${before && `&before=${before}`}`,
      )
      stored.push(...page.records.map((/** @type {{ body: { text: string } }} */ r) => r.body.text))
      if (page.next === null) break
      before = encodeURIComponent(page.next)
    }
    expect(stored.sort()).toEqual(notes.sort())
    for (const [version, lowV] of figures) {
      const kept = await call('GET', `/jobs/${job.id}/history/fuel/${version}`)
      expect([version, kept.status, kept.body.value?.lowV]).toEqual([version, 200, lowV])
    }
  })
})
