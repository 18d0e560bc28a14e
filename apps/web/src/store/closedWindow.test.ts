import 'fake-indexeddb/auto'
import { Browser, type Page } from '../test/browser.ts'
import { soundJob } from '../test/jobs.ts'
import { FakeServer } from '../test/server.ts'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const MAREN = '5d1b8f0a-2c64-4b1e-8a7f-0e9d3c5b1a41'

const until = async (isSo: () => boolean): Promise<void> => {
  for (let i = 0; i < 200 && !isSo(); i++) await new Promise((resolve) => setTimeout(resolve, 10))
  expect(isSo()).toBe(true)
}

describe('what a closed window left', () => {
  it('and what stands on the open page at the same place: neither vanishes, it is asked', async () => {
    const server = new FakeServer(JOB, soundJob())
    const browser = new Browser()
    const [here, closed] = [browser.open(), browser.open()]
    for (const page of [here, closed]) {
      page.sit(MAREN)
      await page.openJob(JOB)
    }
    server.down = true
    const lowAt = (page: Page, lowV: number) => page.commands.run(page.commands.setFuel({ lowV }, 'low', false))
    lowAt(here, 11.7)
    await here.send()
    lowAt(closed, 11.3)
    await closed.send()
    await closed.outbox.settled()
    closed.close()
    await here.send()
    here.commands.run(here.commands.setFuel({ highV: 14.2 }, 'high', false))
    server.down = false
    await here.send()
    await here.send()
    const waiting = here.outbox.of(MAREN).flatMap((e) => (e.kind === 'section' && e.conflict ? [e.conflict] : []))
    expect(waiting.map((c) => c.clashes.map((k) => [k.path, [k.mine, k.theirs].sort()]))).toEqual([
      [['lowV', [11.3, 11.7]]],
    ])
    expect(here.job().save).toBe('conflict')
    here.close()
  })

  it('while it was still on its way out when the other opened: taken over as soon as it is gone, and sent', async () => {
    const server = new FakeServer(JOB, soundJob())
    const browser = new Browser()
    const leaving = browser.open()
    leaving.sit(MAREN)
    await leaving.openJob(JOB)
    server.down = true
    leaving.commands.run(leaving.commands.setFuel({ lowV: 11.3 }, 'low', false))
    await leaving.send()
    await leaving.outbox.settled()
    const here = browser.open()
    here.sit(MAREN)
    server.down = false
    await here.openJob(JOB)
    await here.send()
    expect(here.job().document?.fuel.lowV).not.toBe(11.3)
    leaving.close()
    await until(() => here.job().document?.fuel.lowV === 11.3 && here.job().save === 'saved')
    expect((server.sections.fuel.value as { lowV: number }).lowV).toBe(11.3)
    here.close()
  })
})
