import 'fake-indexeddb/auto'
import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { initialJobState, useJobStore } from '../store/jobStore.ts'
import { stopSending } from '../store/saving.ts'
import { catalogue, soundJob } from '../test/jobs.ts'
import { ConflictDialog } from './ConflictDialog.tsx'

beforeAll(() => {
  globalThis.fetch = () => Promise.reject(new TypeError('no server in this test'))
})
afterEach(stopSending)

const open = () => {
  const mine = soundJob()
  const theirs = { ...mine.fuel, lowV: 11.5, pump: catalogue.pumps[0]! }
  useJobStore.setState(
    {
      ...initialJobState,
      jobId: 'j',
      document: mine,
      save: 'conflict',
      conflict: { section: 'fuel', mine: mine.fuel, theirs, theirVersion: 7 },
    },
    true,
  )
  render(<ConflictDialog />)
}

describe('conflict', () => {
  it('shows only what differs, both values side by side, parts by their name', () => {
    open()
    const rows = within(screen.getByRole('table'))
      .getAllByRole('row')
      .slice(1)
      .map((r) => r.textContent)
    expect(rows).toEqual(
      ['lowVnot known11.5', 'pumpPump fitPump weak'].sort((a, b) => rows.indexOf(a) - rows.indexOf(b)),
    )
  })

  it('theirs is taken on request', async () => {
    open()
    await userEvent.click(screen.getByRole('button', { name: 'Take theirs' }))
    expect(useJobStore.getState()).toMatchObject({
      conflict: null,
      document: { fuel: { lowV: 11.5 } },
      versions: { fuel: 7 },
    })
    expect(screen.queryByRole('dialog')).toBeNull()
  })

  it('mine stays on request and is marked for sending', async () => {
    open()
    useJobStore.setState({ dirty: new Set(['fuel']) })
    await userEvent.click(screen.getByRole('button', { name: 'Keep mine' }))
    expect(useJobStore.getState()).toMatchObject({
      conflict: null,
      document: { fuel: { lowV: null } },
      versions: { fuel: 7 },
      save: 'saving',
    })
  })
})
