// @ts-check
import { startApplication } from './application.mjs'
import { seedStore } from './seedStore.mjs'
import { median, often, quantile, report } from './measure.mjs'

const JOBS = often(10_000, 40)
const RECORDS = often(200_000, 4_000)
/** One job of the many has a thick book. */
const THICK_BOOK = often(5_000, 100)

/** Lists, opening and searching at the size of a very busy workshop, asked over HTTP one after the other. */
export const store = async () => {
  const server = await startApplication()
  try {
    const thick = await seedStore(server.databaseUrl, {
      jobs: JOBS,
      records: RECORDS,
      thickLog: THICK_BOOK,
      versions: 7,
      judged: false,
    })
    const signedIn = await fetch(`${server.address}/api/session/demo`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ as: 'owner' }),
    })
    const cookie = signedIn.headers.getSetCookie()[0]?.split(';')[0] ?? ''
    const ask = async (/** @type {string} */ path) => {
      const from = performance.now()
      const answer = await fetch(server.address + path, { headers: { cookie } })
      const body = await answer.json()
      if (!answer.ok) throw new Error(`${path}: ${JSON.stringify(body)}`)
      return { ms: performance.now() - from, body }
    }
    const { body } = await ask('/api/jobs')
    report('jobs in the store', String(body.total))
    const first = await ask('/api/jobs?sort=title&direction=up&page=200')
    report('board, a page judged for the first time', `${first.ms.toFixed(1)} ms`)
    const job = body.jobs[0].id
    /** @type {[string, string, string?][]} */
    const asked = [
      ['board, first page', '/api/jobs', 'under 50 ms'],
      ['board by name, page 200', '/api/jobs?sort=title&direction=up&page=200', 'under 50 ms'],
      ['board, longest in a state, one state', '/api/jobs?state=in-build&sort=days', 'under 50 ms'],
      ['board, words in the name', '/api/jobs?search=warden%2019', 'under 50 ms'],
      ['open a job', `/api/jobs/${job}`],
      ['book of a job, first page', `/api/jobs/${job}/records`],
      ['thick book, first page', `/api/jobs/${thick}/records`],
      ['thick book, words', `/api/jobs/${thick}/records?search=car%204999`],
      ['thick book, one quantity', `/api/jobs/${thick}/records?field=walkAround.tests.restingV&size=20`],
    ]
    for (const [what, path, wanted] of asked) {
      /** @type {number[]} */
      const times = []
      for (let i = 0; i < often(30); i++) times.push((await ask(path)).ms)
      report(`${what}, median`, `${median(times).toFixed(1)} ms`, wanted)
      report(`${what}, 95th percentile`, `${quantile(times, 0.95).toFixed(1)} ms`)
    }
  } finally {
    await server.end()
  }
}
