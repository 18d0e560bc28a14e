// @ts-check
import { fork } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { once } from 'node:events'
import sharp from 'sharp'
import { startApplication } from './application.mjs'
import { signInAsOwner } from '../tools/launch/writer.mjs'
import { mostMb } from './memory.mjs'
import { QUICK, quantile, report } from './measure.mjs'

const CURLEW = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const [PHOTOS, SHEETS] = QUICK ? [1, 2] : [6, 10]
/** Just below the forty million pixels that are taken. */
const SIDES = QUICK ? { width: 800, height: 600 } : { width: 7200, height: 5400 }

/** A picture as a camera makes it: nothing in it is alike. */
const picture = () =>
  sharp({ create: { ...SIDES, channels: 3, background: '#777', noise: { type: 'gaussian', mean: 128, sigma: 12 } } })
    .jpeg({ quality: 60 })
    .toBuffer()

/**
 * What others feel while somebody makes heavy work: answers a second, the slowest of a hundred, and memory, while large
 * photographs are taken in and sheets are drawn.
 */
export const underLoad = async () => {
  const server = await startApplication()
  try {
    const call = await signInAsOwner(server.address)
    const image = await picture()
    report('large photograph, each', `${(image.length / 1e6).toFixed(1)} MB`)
    // As in use: the board has been looked at, and a sheet was made before.
    await call('GET', '/jobs')
    await call.file(`/jobs/${CURLEW}/fuel/sheet.pdf?paper=a4`)
    const quietMb = mostMb(server.serverPid())
    // Others ask from a process of their own: what this one is held up by is not the server's.
    const others = fork(new URL('askMeanwhile.mjs', import.meta.url), [server.address])
    await once(others, 'message')
    const from = performance.now()
    const work = [
      ...Array.from({ length: PHOTOS }, () => call.photo(`/jobs/${CURLEW}/photos/${randomUUID()}`, image)),
      ...Array.from({ length: SHEETS }, (_, i) =>
        call.file(`/jobs/${CURLEW}/${i % 2 ? 'exhaust' : 'fuel'}/sheet.pdf?paper=a4`),
      ),
    ]
    const statuses = await Promise.all(work)
    const tookS = (performance.now() - from) / 1e3
    others.send('enough')
    const [times] = /** @type {[Record<string, number[]>]} */ (await once(others, 'message'))
    const bad = statuses.filter((s) => s !== 200)
    if (bad.length > 0) throw new Error(`the work was answered with ${bad.join(', ')}`)
    report(`${PHOTOS} photographs and ${SHEETS} sheets at once, all done in`, `${tookS.toFixed(1)} s`)
    for (const [what, ms] of Object.entries(times)) {
      report(`  meanwhile ${what}: answers a second`, (ms.length / tookS).toFixed(0))
      report(`  meanwhile ${what}: 99th percentile`, `${quantile(ms, 0.99).toFixed(0)} ms`, 'under 100 ms')
      report(`  meanwhile ${what}: slowest`, `${Math.max(...ms).toFixed(0)} ms`)
    }
    report('  memory of the server, most of it ever', `${mostMb(server.serverPid()).toFixed(0)} MB`, `quiet ${quietMb.toFixed(0)} MB`) // prettier-ignore
  } finally {
    await server.end()
  }
}
