import 'fake-indexeddb/auto'
import { act, render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { MemoryRouter } from 'react-router'
import { undo } from '../../store/commands.ts'
import { useCatalogue } from '../../store/catalogueStore.ts'
import { initialJobState, useJobStore } from '../../store/jobStore.ts'
import { outbox } from '../../store/outbox.ts'
import { stopSending } from '../../store/sending.ts'
import { sitHere } from '../../test/session.ts'
import { setUnitPreset } from '../../store/preferences.ts'
import { catalogue, shortJob, soundJob } from '../../test/jobs.ts'
import { FuelBench } from './FuelBench.tsx'

beforeAll(() => {
  globalThis.fetch = () => Promise.reject(new TypeError('no server in this test'))
})
beforeEach(() => sitHere())
afterEach(stopSending)

const open = (job = soundJob()) => {
  useCatalogue.setState({ catalogue })
  useJobStore.setState({ ...initialJobState, jobId: 'test', document: job }, true)
  render(
    <MemoryRouter>
      <FuelBench />
    </MemoryRouter>,
  )
}
const headline = () => screen.getByRole('status', { name: 'Assessment in brief' })
const part = (name: string) => within(screen.getByRole('region', { name }))

describe('fuel bench', () => {
  it('says in the headline that a sound system holds, and what to do next', () => {
    open()
    expect(headline().textContent).toContain('Rail pressure OK from idle to full load')
    expect(headline().textContent).toContain('Next: measure what is still assumed')
  })

  it('shows the worst moment of a failing system first', () => {
    open(shortJob())
    expect(headline().textContent).toContain('Pressure not maintained: full load, low voltage')
    expect(screen.getByRole('button', { name: 'Full load' }).getAttribute('aria-pressed')).toBe('true')
    expect(part('Picture').getByText(/Pressure not maintained: the regulator is shut/)).toBeTruthy()
  })

  it('a remedy tried by its button cures, and undo takes it back', async () => {
    open(shortJob())
    await userEvent.click(
      await part('Assessment').findByRole('button', { name: 'Try: Fit Pump fit instead of Pump weak' }),
    )
    expect(headline().textContent).toContain('Rail pressure OK')
    act(() => undo())
    expect(headline().textContent).toContain('Pressure not maintained')
  })

  it('picture and judgement follow a figure while it is typed', async () => {
    open()
    const rail = () => part('Picture').getByRole('button', { name: 'Rail: show working' }).textContent
    await userEvent.click(screen.getByRole('button', { name: 'Cruise' }))
    const before = rail()
    const set = part('Measured').getByLabelText('Set pressure')
    await userEvent.clear(set)
    await userEvent.type(set, '3.5 bar')
    expect(rail()).not.toBe(before)
  })

  it('changes to a single line: the return goes, and a regulator for it is asked for', async () => {
    open()
    expect(screen.getByText('Return line')).toBeTruthy()
    await userEvent.selectOptions(part('Measured').getByLabelText('System type'), 'single-line')
    expect(screen.queryByText('Return line')).toBeNull()
    expect(headline().textContent).toContain('Choose a regulator')
    expect(part('Picture').getByText(/No picture yet/)).toBeTruthy()
  })

  it('a boost field is there only for a blown engine', async () => {
    open()
    expect(screen.queryByLabelText('Boost at that power')).toBeNull()
    await userEvent.selectOptions(part('Measured').getByLabelText('Induction'), 'turbocharged')
    expect(screen.getByLabelText('Boost at that power')).toBeTruthy()
  })

  it('a figure opens its working', async () => {
    open()
    await userEvent.click(part('Picture').getByRole('button', { name: 'Feed drop: show working' }))
    const dialog = within(screen.getByRole('dialog'))
    expect(dialog.getByText(/velocity in the line/)).toBeTruthy()
    expect(dialog.getByText('Source: Darcy-Weisbach')).toBeTruthy()
  })

  it('a starved circuit has flows, no pressures, and says so in place of a picture', () => {
    const job = shortJob()
    open({ ...job, vehicle: { ...job.vehicle, powerW: 900e3, displacementM3: 20e-3 } })
    expect(part('Picture').getByText(/Starved: at this demand/)).toBeTruthy()
    expect(part('Picture').getByRole('button', { name: 'Rail: show working' }).textContent).toContain('none')
  })

  it('lists the parts that follow and what is still to be measured', () => {
    open()
    expect(part('Assessment').getByText('Pump fit')).toBeTruthy()
    expect(part('Assessment').getByText('Idle speed')).toBeTruthy()
  })

  it('speaks the chosen units everywhere', () => {
    setUnitPreset('american')
    open()
    expect(part('Picture').getByRole('img', { name: /Test car/ }).textContent).toMatch(/set [\d.]+.psi/)
    expect(part('Measured').getByLabelText<HTMLInputElement>('Set pressure').value).toBe('43.511')
    act(() => setUnitPreset('metric'))
  })

  it('what is measured at the bench stands in the job log, what is wished does not', async () => {
    open()
    const measured = part('Measured')
    await userEvent.clear(measured.getByLabelText('Minimum voltage at the pump'))
    await userEvent.type(measured.getByLabelText('Minimum voltage at the pump'), '11.8')
    await userEvent.tab()
    await userEvent.clear(measured.getByLabelText('Target power'))
    await userEvent.type(measured.getByLabelText('Target power'), '130 hp')
    await userEvent.tab()
    const [length] = measured.getAllByLabelText('Length')
    await userEvent.clear(length!)
    await userEvent.type(length!, '13 ft 6')
    await userEvent.tab()
    const book = outbox.ofJob('test').flatMap((e) => (e.kind === 'record' ? [e.record.body] : []))
    expect(book).toEqual([
      expect.objectContaining({ field: 'fuel.lowV', text: '11.8 V', si: 11.8 }),
      expect.objectContaining({ field: 'fuel.feed.lengthM', quantity: 'Length of the feed', text: '13 ft 6' }),
    ])
  })
})
