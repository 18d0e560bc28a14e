import 'fake-indexeddb/auto'
import type { FuelSection } from '@lochmoor/core'
import { soundJob } from '../test/jobs.ts'
import { FakeServer } from '../test/server.ts'
import { sitHere } from '../test/session.ts'
import { run, setFuel } from './commands.ts'
import { useJobStore } from './jobStore.ts'
import { openJob } from './openJob.ts'
import { outbox } from './outbox.ts'
import { readWaiting } from './readWaiting.ts'
import { enterPhoto, enterRecord } from './records.ts'
import { waitingAsText } from './saveWaiting.ts'
import { send } from './sending.ts'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const TOBIN = '7e2c9a1b-3d75-4c2f-9b80-1fae4d6c2b52'

let server: FakeServer
const lowThere = () => (server.sections.fuel.value as FuelSection).lowV
/** Edits that were saved as a file by a page that then is gone, its browser with it. */
const savedFile = async (): Promise<string> => {
  server.down = true
  run(setFuel({ lowV: 11.1 }, 'low'))
  enterRecord({ kind: 'note', text: 'saved as a file' })
  await send()
  const text = await waitingAsText()
  for (const e of outbox.ofJob(JOB)) outbox.remove(e.key)
  await outbox.forgetPage()
  server.down = false
  await openJob(JOB)
  await send()
  return text
}

beforeEach(async () => {
  sitHere()
  await outbox.load()
  for (const e of outbox.ofJob(JOB)) outbox.remove(e.key)
  server = new FakeServer(JOB, soundJob())
  await openJob(JOB)
  await send()
})

describe('a file of waiting edits, read back', () => {
  it('brings them to the server and onto the screen, once, however often it is read', async () => {
    const text = await savedFile()
    expect(lowThere()).toBe(soundJob().fuel.lowV)
    expect(await readWaiting(text)).toEqual({ ok: true, value: 2 })
    expect(useJobStore.getState().document!.fuel.lowV).toBe(11.1)
    await send()
    expect(await readWaiting(text)).toMatchObject({ ok: true })
    await send()
    expect([lowThere(), server.records.length]).toEqual([11.1, 1])
    expect(outbox.ofJob(JOB)).toEqual([])
  })

  it('asks where somebody else has changed the same since', async () => {
    const text = await savedFile()
    server.changeElsewhere('fuel', (fuel: FuelSection) => ({ ...fuel, lowV: 10.4 }))
    await readWaiting(text)
    await send()
    expect(useJobStore.getState().conflict?.conflict?.clashes).toMatchObject([
      { path: 'lowV', mine: 11.1, theirs: 10.4 },
    ])
    expect(lowThere()).toBe(10.4)
  })

  it('a photograph comes back whole', async () => {
    server.down = true
    const bytes = Uint8Array.from({ length: 300 }, (_, i) => i % 256)
    enterPhoto(new Blob([bytes], { type: 'image/png' }), 'the joint', null)
    const text = await waitingAsText()
    for (const e of outbox.ofJob(JOB)) outbox.remove(e.key)
    await readWaiting(text)
    const [photo] = outbox.ofJob(JOB)
    if (photo?.kind !== 'photo') throw new Error('no photograph came back')
    expect([photo.blob.type, photo.blob.size]).toEqual(['image/png', 300])
  })

  it('somebody else’s is not read under one’s own name', async () => {
    const text = await savedFile()
    sitHere(TOBIN, 'installer')
    expect(await readWaiting(text)).toMatchObject({ ok: false, error: expect.stringContaining('somebody else’s') })
    await send()
    expect([lowThere(), server.records.length]).toEqual([soundJob().fuel.lowV, 0])
  })

  it.each([
    ['nothing', '', /not JSON/],
    ['another file', '{"lochmoor":"job"}', /not a file of edits saved by Lochmoor/],
    ['an entry without a section', '{"edits":"Lochmoor, edits that are not stored yet","waiting":[{"kind":"section"}]}', /waiting\.0\./], // prettier-ignore
  ])('says what is wrong with %s', async (_name, text, why) => {
    expect(await readWaiting(text)).toMatchObject({ ok: false, error: expect.stringMatching(why) })
  })
})
