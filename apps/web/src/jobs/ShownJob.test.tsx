import 'fake-indexeddb/auto'
import { SECTION_NAMES } from '@lochmoor/contract'
import { emptyJob, emptyLeg, valueAt, type Catalogue, type JobDocument, type Known } from '@lochmoor/core'
import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { QuantityField } from '../fields/QuantityField.tsx'
import { useCatalogue } from '../store/catalogueStore.ts'
import { run, setAt, setLegs } from '../store/commands.ts'
import { initialJobState, useJobStore, type JobState } from '../store/jobStore.ts'
import { outbox } from '../store/outbox.ts'
import { stopSending } from '../store/sending.ts'
import { setUnitPreset } from '../store/preferences.ts'
import { shownNow } from '../store/shownJob.ts'
import { sitHere } from '../test/session.ts'
import { ShownJob, useShownJob } from './ShownJob.tsx'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const PATH = 'fuel.lowV'

const acknowledgedOf = (job: JobDocument) =>
  Object.fromEntries(SECTION_NAMES.map((s) => [s, { version: 1, value: job[s] }])) as JobState['acknowledged']
const document = (): JobDocument => useJobStore.getState().document!
const lowV = (): Known => document().fuel.lowV

const left: [si: number, typed: string][] = []
const Bench = () => {
  const job = useShownJob()
  const [drawn, setDrawn] = useState(0)
  return (
    <>
      <QuantityField
        label="Volts"
        path={PATH}
        value={valueAt(job, PATH) as Known}
        onChange={(si) => run(setAt(PATH, si, 'volts'))}
        onMeasured={(si, typed) => left.push([si, typed])}
      />
      <output>{String(job.fuel.lowV)}</output>
      <ul>
        {job.fuel.feed.legs.map((l) => (
          <li key={l.id}>{`${l.id} ${l.lengthM}`}</li>
        ))}
      </ul>
      <button
        type="button"
        onClick={() => run(setLegs('feed', [...job.fuel.feed.legs, emptyLeg('leg-new', 'New')], 'legs'))}
      >
        Add a leg
      </button>
      <button type="button" onClick={() => setDrawn(drawn + 1)}>
        Draw
      </button>
    </>
  )
}

const shownV = () => screen.getByRole('status').textContent

beforeEach(async () => {
  sitHere()
  setUnitPreset('metric')
  left.length = 0
  await outbox.load()
  for (const e of outbox.ofJob(JOB)) outbox.remove(e.key)
  globalThis.fetch = () => Promise.reject(new TypeError('away'))
  const job = emptyJob('Car')
  useJobStore.setState({ ...initialJobState, jobId: JOB, document: job, acknowledged: acknowledgedOf(job) }, true)
})
afterEach(stopSending)

describe('a figure that is typed', () => {
  it('stands in its field and in the job at once, and is shown when the hand rests', async () => {
    render(
      <ShownJob>
        <Bench />
      </ShownJob>,
    )
    const field: HTMLInputElement = screen.getByLabelText('Volts')
    await userEvent.type(field, '11.8', { delay: null })
    expect([field.value, lowV(), shownV()]).toEqual(['11.8', 11.8, 'null'])
    await screen.findByText('11.8', { selector: 'output' })
    expect(shownNow()).toBe(document())
  })

  it('is shown also where it cannot be judged, so that what is wrong is said there', async () => {
    const said = jest.spyOn(console, 'error').mockImplementation(() => undefined)
    useCatalogue.setState({
      catalogue: new Proxy(
        {},
        {
          get: () => {
            throw new Error('no parts')
          },
        },
      ) as Catalogue,
    })
    render(
      <ShownJob>
        <Bench />
      </ShownJob>,
    )
    await userEvent.type(screen.getByLabelText('Volts'), '11.8', { delay: null })
    await screen.findByText('11.8', { selector: 'output' })
    expect(said).toHaveBeenCalledWith('the stations could not be worked out', new Error('no parts'))
    useCatalogue.setState({ catalogue: null })
    said.mockRestore()
  })

  it('taken back to what is still shown, it is taken back in the job too', async () => {
    useJobStore.setState({ document: { ...document(), fuel: { ...document().fuel, lowV: 9 } } })
    render(
      <ShownJob>
        <Bench />
      </ShownJob>,
    )
    const field: HTMLInputElement = screen.getByLabelText('Volts')
    await userEvent.click(field)
    await userEvent.keyboard('{End}.5{Backspace}{Backspace}', { delay: null })
    expect([field.value, lowV()]).toEqual(['9', 9])
  })

  it('left at once, it goes into the log as it was typed, and stays in its field', async () => {
    render(
      <ShownJob>
        <Bench />
      </ShownJob>,
    )
    const field: HTMLInputElement = screen.getByLabelText('Volts')
    await userEvent.type(field, '12.1', { delay: null })
    await act(async () => {
      field.blur()
      await Promise.resolve()
    })
    expect(left).toEqual([[12.1, '12.1 V']])
    expect(field.value).toBe('12.1')
    await screen.findByText('12.1', { selector: 'output' })
    expect(field.value).toBe('12.1')
  })

  it('is not lost by what is clicked before it is shown, nor is what was clicked', async () => {
    const leg = { ...emptyLeg('leg-one', 'One'), lengthM: 0.5 }
    const job = document()
    useJobStore.setState({ document: { ...job, fuel: { ...job.fuel, feed: { ...job.fuel.feed, legs: [leg] } } } })
    render(
      <ShownJob>
        <Bench />
      </ShownJob>,
    )
    await userEvent.type(screen.getByLabelText('Volts'), '11.2', { delay: null })
    // As a field of the leg does, while the list is still shown as it was.
    act(() => void run(setAt('fuel.feed.legs.leg-one.lengthM', 0.9, 'length')))
    expect(shownNow()).toBe(document())
    await userEvent.type(screen.getByLabelText('Volts'), '5', { delay: null })
    expect(shownNow()).not.toBe(document())
    await userEvent.click(screen.getByRole('button', { name: 'Add a leg' }))
    expect(lowV()).toBe(11.25)
    expect(document().fuel.feed.legs.map((l) => [l.id, l.lengthM])).toEqual([
      ['leg-one', 0.9],
      ['leg-new', null],
    ])
    // A click shows everything at once.
    expect([shownV(), screen.getAllByRole('listitem').map((l) => l.textContent)]).toEqual([
      '11.25',
      ['leg-one 0.9', 'leg-new null'],
    ])
  })
})
