// @ts-check
import { fork } from 'node:child_process'
import { once } from 'node:events'
import autocannon from 'autocannon'
import { startTestServer } from '../tools/launch/startTestServer.mjs'
import { signInAsOwner } from '../tools/launch/writer.mjs'
import { forgetMost, mostMb } from './memory.mjs'
import { often, QUICK, quantile, report, reportRange } from './measure.mjs'
import { seedStore } from './seedStore.mjs'

const SECONDS = QUICK ? 1 : 6
const CONNECTIONS = 8
const CURLEW = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const SIZE = {
  jobs: often(10_000, 40),
  records: 0,
  thickLog: often(100_000, 300),
  versions: often(20_000, 200),
  judged: true,
}

/** Asks one address with eight connections, then with one. @param {string} what @param {string} url @param {Record<string, string>} headers @param {string} wanted */
const asked = async (what, url, headers, wanted) => {
  const found = await autocannon({ url, connections: CONNECTIONS, duration: SECONDS, headers })
  if (found.errors > 0 || found.non2xx > 0) throw new Error(`${what}: ${found.errors} errors, ${found.non2xx} refusals`)
  report(`${what}, answers a second`, found.requests.average.toFixed(0), wanted)
  report(
    '  least / median / most, ms',
    `${found.latency.min} / ${found.latency.p50} / ${found.latency.max}`,
    `99th ${found.latency.p99} ms`,
  )
  /** @type {number[]} */
  const alone = []
  for (let i = 0; i < often(40); i++) {
    const from = performance.now()
    await (await fetch(url, { headers })).arrayBuffer()
    alone.push(performance.now() - from)
  }
  reportRange('  by one at a time', alone, 'ms')
}

/** The same query by the barest handler. @param {string} databaseUrl */
const bare = async (databaseUrl) => {
  const child = fork(new URL('bareHandler.mjs', import.meta.url), [databaseUrl, CURLEW])
  const [port] = await once(child, 'message')
  await asked('the same query by a bare handler', `http://127.0.0.1:${port}`, {}, '')
  child.disconnect()
}

/** Eight people who write sections, each of a job of their own. @param {string} address */
const writers = async (address) => {
  const call = await signInAsOwner(address)
  const jobs = []
  for (let i = 0; i < CONNECTIONS; i++)
    jobs.push((await call('POST', '/jobs', { title: `Writer ${i}`, copyOf: CURLEW })).body)
  /** @type {number[]} */
  const times = []
  const until = performance.now() + SECONDS * 1e3
  await Promise.all(
    jobs.map(async (job) => {
      const { value } = job.sections.fuel
      for (let version = 1; performance.now() < until; version++) {
        const from = performance.now()
        const { body, status } = await call('PUT', `/jobs/${job.id}/sections/fuel`, {
          baseVersion: version,
          value: { ...value, primeS: 2 + (version % 10) / 10 },
        })
        if (status !== 200) throw new Error(JSON.stringify(body))
        times.push(performance.now() - from)
      }
    }),
  )
  report('sections written by 8, durable, a second', (times.length / SECONDS).toFixed(0), '300')
  reportRange('  least / median / most', times, 'ms', `99th ${quantile(times, 0.99).toFixed(0)} ms`)
}

/** A long answer that comes as it is made: its first byte, its last, and what memory it takes. @param {string} what @param {string} url @param {string} cookie @param {number} pid @param {string} wanted */
const streamed = async (what, url, cookie, pid, wanted) => {
  forgetMost(pid)
  const beforeMb = mostMb(pid)
  const from = performance.now()
  const answer = await fetch(url, { headers: { cookie } })
  let first = 0
  let bytes = 0
  for await (const chunk of /** @type {AsyncIterable<Uint8Array>} */ (/** @type {unknown} */ (answer.body))) {
    first ||= performance.now() - from
    bytes += chunk.length
  }
  if (!answer.ok) throw new Error(`${what} was answered with ${answer.status}`)
  report(`${what}: first byte`, `${first.toFixed(0)} ms`, wanted)
  report(`  all ${(bytes / 1e6).toFixed(1)} MB`, `${((performance.now() - from) / 1e3).toFixed(1)} s`)
  report('  memory of the server, more than before', `${(mostMb(pid) - beforeMb).toFixed(0)} MB`)
}

/** What several people feel at once: a store of ten thousand jobs, one of them much written in, asked by eight at a time. */
export const load = async () => {
  const server = await startTestServer(0, { durable: true })
  try {
    // The demo's jobs are judged once: their copies take that over.
    const call = await signInAsOwner(server.address)
    await call('GET', '/jobs')
    const thick = await seedStore(server.databaseUrl, SIZE)
    const signedIn = await fetch(`${server.address}/api/session/demo`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ as: 'owner' }),
    })
    const cookie = signedIn.headers.getSetCookie()[0]?.split(';')[0] ?? ''
    const ask = (/** @type {string} */ what, /** @type {string} */ path, /** @type {string} */ wanted) =>
      asked(what, `${server.address}/api${path}`, { cookie }, wanted)
    await ask('a job opened', `/jobs/${CURLEW}`, '1000, 99th 50 ms')
    await bare(server.databaseUrl)
    await ask(`board of ${SIZE.jobs}`, '/jobs', '300')
    await ask('  words in the name', '/jobs?search=warden%2019', '150')
    await ask(`history of a job with ${SIZE.versions} versions`, `/jobs/${thick}/history`, '10 ms')
    await ask(`job log of ${SIZE.thickLog}`, `/jobs/${thick}/records`, '20 ms')
    await ask('  words that many hold', `/jobs/${thick}/records?search=car%2049`, '60 ms')
    await ask('  words that one holds', `/jobs/${thick}/records?search=entry%20${SIZE.thickLog - 1}`, '60 ms')
    await ask('  words that none holds', `/jobs/${thick}/records?search=nowhere`, '60 ms')
    const pid = server.serverPid()
    await streamed('board as CSV, judged', `${server.address}/api/jobs/board.csv`, cookie, pid, '1000 ms')
    const file = `${server.address}/api/jobs/${thick}/export`
    await streamed('export with all history', `${file}?history=whole`, cookie, pid, 'streamed')
    await streamed('export without history', `${file}?history=none`, cookie, pid, '')
    await writers(server.address)
  } finally {
    await server.end()
  }
}
