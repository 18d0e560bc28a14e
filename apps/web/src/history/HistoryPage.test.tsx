import 'fake-indexeddb/auto'
import { soundJob } from '../test/jobs.ts'
import { render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { undo } from '../store/commands.ts'
import { initialJobState, nothingAcknowledged, useJobStore } from '../store/jobStore.ts'
import { stopSending } from '../store/sending.ts'
import { setUnit } from '../store/preferences.ts'
import { reply, sitHere } from '../test/session.ts'
import { HistoryPage } from './HistoryPage.tsx'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const job = soundJob()
const version = (n: number, lowV: number | null, before: number | null) => ({
  section: 'fuel',
  version: n,
  at: `2026-02-0${n}T08:00:00.000Z`,
  who: n % 2 ? 'Maren Skell' : 'Tobin Raithe',
  importedBy: n === 2 ? 'Maren Skell' : null,
  changes: lowV === null ? [] : [{ path: 'lowV', of: null, before, after: lowV }],
})

const open = () => {
  const asked: string[] = []
  globalThis.fetch = (url) => {
    const path = url as string
    asked.push(path)
    if (/history\/fuel\/2$/.test(path))
      return reply(200, { section: 'fuel', version: 2, value: { ...job.fuel, lowV: 11.1 } })
    if (/before=/.test(path)) return reply(200, { entries: [version(1, null, null)], next: null })
    if (/history/.test(path))
      return reply(200, {
        entries: [version(3, 12, 11.1), version(2, 11.1, 12)],
        next: '2026-02-02T08:00:00.000Z~2~fuel',
      })
    return Promise.reject(new TypeError('away'))
  }
  useJobStore.setState(
    {
      ...initialJobState,
      jobId: JOB,
      document: job,
      acknowledged: { ...nothingAcknowledged, fuel: { version: 3, value: job.fuel } },
    },
    true,
  )
  render(<HistoryPage />)
  return asked
}
beforeEach(() => sitHere())
afterEach(stopSending)

describe('history', () => {
  it('tells who, when, what, old and new in the reader’s units, and which version stands', async () => {
    setUnit('voltage', 'mV')
    open()
    const rows = await screen.findAllByRole('listitem')
    expect(rows[0]!.textContent).toMatch(/Fuel system 3 Feb 2026.*Maren Skell/)
    expect(rows[0]!.textContent).toMatch(/Minimum voltage at the pump: 11100.mV → 12000.mV/)
    expect(rows[0]!.textContent).toContain('current')
    expect(rows[0]!.textContent).not.toContain('imported from file')
    const imported = screen.getByText('imported from file by Maren Skell')
    expect(imported.parentElement!.textContent).toContain('Tobin Raithe')
    setUnit('voltage', 'V')
  })

  it('says of an item of a list that it was removed or added, by the name it had', async () => {
    const change = (of: string, before: unknown, after: unknown) => ({ path: `feed.legs.${of}-1`, of, before, after })
    globalThis.fetch = () =>
      reply(200, {
        entries: [
          {
            ...version(3, null, null),
            changes: [change('Old', { id: 'old-1' }, null), change('New', null, { id: 'new-1' })],
          },
        ],
        next: null,
      })
    useJobStore.setState({ ...initialJobState, jobId: JOB, document: job }, true)
    render(<HistoryPage />)
    const [row] = await screen.findAllByRole('listitem')
    expect(row!.textContent).toContain('Feed line, leg “Old”: removed')
    expect(row!.textContent).toContain('Feed line, leg “New”: added')
  })

  it('puts an older version back as one step of undo', async () => {
    open()
    await userEvent.click((await screen.findAllByRole('button', { name: /^Restore: Fuel/ }))[0]!)
    await waitFor(() => expect(useJobStore.getState().document!.fuel.lowV).toBe(11.1))
    undo()
    expect(useJobStore.getState().document!.fuel.lowV).toBe(job.fuel.lowV)
  })

  it('goes back further and to one section when asked', async () => {
    const asked = open()
    await userEvent.click(await screen.findByRole('button', { name: 'Older changes' }))
    expect(await screen.findByText('Created.')).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Older changes' })).toBeNull()
    await userEvent.selectOptions(screen.getByLabelText('Section'), 'fuel')
    await waitFor(() => expect(asked.at(-1)).toMatch(/section=fuel/))
  })
})
