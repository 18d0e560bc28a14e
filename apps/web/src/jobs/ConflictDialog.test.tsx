import 'fake-indexeddb/auto'
import { emptyLeg, withValueAt, type FuelSection } from '@lochmoor/core'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { run, setFuel, setLeg } from '../store/commands.ts'
import { useJobStore } from '../store/jobStore.ts'
import { openJob } from '../store/openJob.ts'
import { setUnit } from '../store/preferences.ts'
import { send } from '../store/sending.ts'
import { soundJob } from '../test/jobs.ts'
import { FakeServer } from '../test/server.ts'
import { sitHere } from '../test/session.ts'
import { ConflictDialog } from './ConflictDialog.tsx'

const JOB = 'c51e9b07-6f48-4d2a-9e6b-0a9b8c7d3e33'

describe('conflict dialog', () => {
  it('shows both values in the reader’s unit and sends what was chosen for each field', async () => {
    sitHere()
    setUnit('pressure', 'psi')
    const server = new FakeServer(JOB, soundJob())
    await openJob(JOB)
    server.changeElsewhere('fuel', (v: FuelSection) => ({ ...v, lowV: 12.9, setPressurePa: 400_000 }))
    run(setFuel({ lowV: 11.5, setPressurePa: 275_790.29 }, 'both'))
    await send()
    render(<ConflictDialog />)
    const dialog = screen.getByRole('dialog')
    expect(dialog.textContent).toMatch(/40.psi/)
    expect(dialog.textContent).toMatch(/58\.015.psi/)
    const keep = screen.getByRole<HTMLButtonElement>('button', { name: 'Keep these' })
    expect(keep.disabled).toBe(true)
    await userEvent.click(screen.getByRole('button', { name: /Theirs: 12.9.V/ }))
    await userEvent.click(screen.getByRole('button', { name: /Mine: 40.psi/ }))
    await userEvent.click(keep)
    await send()
    expect(server.sections.fuel.value).toMatchObject({ lowV: 12.9, setPressurePa: 275_790.29 })
    expect(useJobStore.getState().conflict).toBeNull()
  })

  it('asks about a leg that one took out and the other measured, and says what was measured', async () => {
    sitHere()
    const leg = (id: string, name: string, lengthM: number) => ({ ...emptyLeg(id, name), lengthM })
    const [near, far] = [leg('leg-1', 'Tank to body', 0.6), leg('leg-2', 'Body to rail', 3.4)]
    const job = withValueAt(soundJob(), 'fuel.feed.legs', [near, far])
    const server = new FakeServer(JOB, job)
    await openJob(JOB)
    server.changeElsewhere('fuel', (v: FuelSection) => ({ ...v, feed: { ...v.feed, legs: [far] } }))
    run(setLeg('feed', 'leg-1', { lengthM: 0.7 }, 'length'))
    await send()
    render(<ConflictDialog />)
    expect(screen.getByRole('dialog').textContent).toContain('Feed line, leg “Tank to body”')
    expect(screen.getByRole('button', { name: /^Mine: length, seat to seat 0\.7.m/ })).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: /^Theirs: removed/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Keep these' }))
    await send()
    expect((server.sections.fuel.value as FuelSection).feed.legs).toEqual([far])
    expect(useJobStore.getState().document!.fuel.feed.legs).toEqual([far])
  })
})
