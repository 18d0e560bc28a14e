// @ts-check
import mysql from 'mysql2/promise'
import { startTestServer } from '../tools/launch/startTestServer.mjs'
import { median, often, quantile, report } from './measure.mjs'

const JOBS = often(10_000, 40)
const RECORDS = often(200_000, 4_000)
/** One job of the many has a thick book. */
const THICK_BOOK = often(5_000, 100)

/** Ten thousand jobs made of the demo's, with two hundred thousand entries in their books. @param {string} url */
const seed = async (url) => {
  const c = await mysql.createConnection(url)
  const [[{ n }]] = /** @type {any} */ (await c.query('select count(*) n from job'))
  await c.query(
    'create temporary table made (id char(36) character set ascii primary key, source char(36) character set ascii, n int)',
  )
  await c.query(
    `insert into made select uuid(), j.id, s.seq from job j join seq_1_to_${Math.ceil(JOBS / n)} s limit ${JOBS}`,
  )
  await c.query(`insert into job (id, workshop_id, title, year, state, state_since, person_id, created_at, updated_at)
    select m.id, j.workshop_id, concat(j.title, ' ', m.n), j.year,
      elt(1 + m.n % 7, 'asked', 'surveyed', 'designed', 'parts-ordered', 'in-build', 'started', 'handed-over'),
      now() - interval (m.n % 400) day, j.person_id, now(), now() - interval (m.n * 7 % 100000) minute
    from made m join job j on j.id = m.source`)
  await c.query(`insert into job_section (job_id, section, version, schema_version, value, updated_at)
    select m.id, s.section, 1, s.schema_version, s.value, now() from made m join job_section s on s.job_id = m.source`)
  const book = async (/** @type {string} */ from, /** @type {string} */ sequence) =>
    c.query(`insert into record (id, workshop_id, job_id, kind, at, who, field, body, search)
      select uuid(), j.workshop_id, j.id, if(q.seq % 3, 'measurement', 'note'), now(), 'Tobin Raithe',
        if(q.seq % 3, 'walkAround.tests.restingV', null),
        if(q.seq % 3,
          json_object('kind', 'measurement', 'quantity', 'At rest', 'si', 12.4, 'family', 'voltage', 'text', '12.4 V',
            'field', 'walkAround.tests.restingV', 'place', '', 'condition', '', 'instrument', ''),
          json_object('kind', 'note', 'text', concat('seen under the car, entry ', q.seq))),
        concat('tobin raithe seen under the car, entry ', q.seq)
      from ${from} j join ${sequence} q`)
  const [[thick]] = /** @type {any} */ (await c.query('select id from made limit 1'))
  await book('job', `seq_1_to_${Math.floor((RECORDS - THICK_BOOK) / JOBS)}`)
  await book(`(select * from job where id = '${thick.id}')`, `seq_1_to_${THICK_BOOK}`)
  await c.query('analyze table job, job_section, record')
  await c.end()
  return /** @type {string} */ (thick.id)
}

/** Lists, opening and searching at the size of a very busy workshop, asked over HTTP one after the other. */
export const store = async () => {
  const server = await startTestServer()
  try {
    const thick = await seed(server.databaseUrl)
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
