import 'fake-indexeddb/auto'
import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { JobDocument } from '@lochmoor/core'
import { createMemoryRouter, RouterProvider } from 'react-router'
import { useCatalogue } from '../store/catalogueStore.ts'
import { initialJobState, useJobStore } from '../store/jobStore.ts'
import { outbox } from '../store/outbox.ts'
import { stopSending } from '../store/sending.ts'
import { catalogue, shortJob, soundJob } from '../test/jobs.ts'
import { sitHere } from '../test/session.ts'
import { WorkPopover } from './WorkPopover.tsx'

beforeAll(() => {
  globalThis.fetch = () => Promise.reject(new TypeError('no server in this test'))
})
beforeEach(() => sitHere())
afterEach(stopSending)

const openPopover = async (job: JobDocument) => {
  useCatalogue.setState({ catalogue })
  useJobStore.setState({ ...initialJobState, jobId: 'test', document: job }, true)
  render(<RouterProvider router={createMemoryRouter([{ path: '/', element: <WorkPopover /> }])} />)
  await userEvent.click(screen.getByRole('button', { name: /^State/ }))
}
const stateNow = () => useJobStore.getState().document!.work.state
const choose = (state: string) =>
  userEvent.selectOptions(within(screen.getByRole('dialog')).getByLabelText('State', { selector: 'select' }), state)
const entries = () => outbox.ofJob('test').filter((e) => e.kind === 'record')

describe('the state of work', () => {
  it('before the order it is changed at once, without an entry of the book', async () => {
    await openPopover(shortJob())
    const before = entries().length
    await choose('surveyed')
    expect([stateNow(), entries().length]).toEqual(['surveyed', before])
  })
  it.each(['parts-ordered', 'in-build', 'started'])(
    'to “%s” in spite of what stands against it only with a reason',
    async (to) => {
      await openPopover(shortJob())
      await choose(to)
      expect(stateNow()).toBe('asked')
      await userEvent.click(await screen.findByRole('button', { name: 'Move on anyway' }))
      expect(stateNow()).toBe('asked')
      await userEvent.type(screen.getByLabelText('Reason for ordering anyway'), 'Bought last year')
      await userEvent.click(screen.getByRole('button', { name: 'Move on anyway' }))
      expect(stateNow()).toBe(to)
      expect(JSON.stringify(entries().at(-1))).toMatch(
        /in spite of \d+ point.*Bought last year.*Pressure not maintained/,
      )
      expect(screen.queryByRole('button', { name: 'Move on anyway' })).toBeNull()
    },
  )
  it('with nothing against it one press is enough, and past the order nothing is asked any more', async () => {
    await openPopover(soundJob())
    await choose('parts-ordered')
    await userEvent.click(screen.getByRole('button', { name: 'The parts are ordered' }))
    expect(stateNow()).toBe('parts-ordered')
    await choose('in-build')
    expect(stateNow()).toBe('in-build')
  })
})
