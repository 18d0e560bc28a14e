import { act, render, screen } from '@testing-library/react'
import { setEnglish, setUnitPreset, usePreferences } from '../store/preferences.ts'
import { useJobStore } from '../store/jobStore.ts'
import { soundJob } from '../test/jobs.ts'
import { InReadersEnglish } from './InReadersEnglish.tsx'

const Texts = () => (
  <>
    <p title="Gap to the bonnet">Bonnet, {'earth'} and petrol</p>
    <button type="button" aria-label="Fit a hose clip">
      Fit
    </button>
    <input aria-label="Name" placeholder="no boot" defaultValue="Bonnet Special" />
    <p translate="no">Gearbox note</p>
    <p>{'Bonnet Special: bonnet gap'}</p>
  </>
)
const show = () =>
  render(
    <InReadersEnglish>
      <Texts />
    </InReadersEnglish>,
  )

describe('the reader’s English', () => {
  afterEach(() => act(() => usePreferences.setState({ english: null })))

  it('British as it is written, until American is chosen; then every text, name and hint is made anew', () => {
    show()
    expect(screen.getByText('Bonnet, earth and petrol')).toBeTruthy()
    act(() => setEnglish('american'))
    expect(screen.getByText('Hood, ground and gasoline').title).toBe('Gap to the hood')
    expect(screen.getByRole('button', { name: 'Fit a hose clamp' })).toBeTruthy()
    expect(screen.getByPlaceholderText('no trunk')).toBeTruthy()
    expect(document.documentElement.lang).toBe('en-US')
    act(() => setEnglish('british'))
    expect(screen.getByText('Bonnet, earth and petrol')).toBeTruthy()
    expect(document.documentElement.lang).toBe('en-GB')
  })
  it('what a person has written stays as it is: in a field, marked so, or by the name of the job', () => {
    act(() => {
      const job = soundJob()
      useJobStore.setState({ document: { ...job, vehicle: { ...job.vehicle, title: 'Bonnet Special' } } })
      setEnglish('american')
    })
    show()
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Bonnet Special')
    expect(screen.getByText('Gearbox note')).toBeTruthy()
    expect(screen.getByText('Bonnet Special: hood gap')).toBeTruthy()
    act(() => useJobStore.setState({ document: null }))
  })
  it('figures that stand in a text are in the reader’s units, names of parts as they are', () => {
    act(() => setUnitPreset('american'))
    const Clearance = () => <p>At least 25 mm off the pipe</p>
    render(
      <InReadersEnglish>
        <Clearance />
      </InReadersEnglish>,
    )
    expect(screen.getByText('At least 0.98 in off the pipe')).toBeTruthy()
    act(() => setUnitPreset('metric'))
  })
  it('follows the browser where nothing is chosen', () => {
    const speaking = (value: string) => Object.defineProperty(navigator, 'language', { configurable: true, value })
    speaking('en-US')
    show()
    expect(screen.getByText('Hood, ground and gasoline')).toBeTruthy()
    speaking('en-GB')
  })
})
