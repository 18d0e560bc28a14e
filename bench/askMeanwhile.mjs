// @ts-check
// Asks a server for its health and its board, one after the other, until its parent has enough; then tells how long each took.
import { signInAsOwner } from '../tools/launch/writer.mjs'

const call = await signInAsOwner(process.argv[2] ?? '')
let working = true
/** @type {Record<string, number[]>} */
const times = { health: [], 'board of jobs': [] }
const poll = async (/** @type {string} */ what, /** @type {string} */ path) => {
  while (working) {
    const from = performance.now()
    const { status } = await call('GET', path)
    if (status !== 200) throw new Error(`${path} answered ${status}`)
    times[what]?.push(performance.now() - from)
  }
}
await call('GET', '/jobs')
const polls = [poll('health', '/health'), poll('board of jobs', '/jobs')]
process.send?.('asking')
process.once('message', async () => {
  working = false
  await Promise.all(polls)
  process.send?.(times)
  process.disconnect()
})
