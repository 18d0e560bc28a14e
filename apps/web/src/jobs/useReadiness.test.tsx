import { POWER_STATION, readinessOf, STATION_LIST, type JobDocument } from '@lochmoor/core'
import { renderHook, waitFor } from '@testing-library/react'
import { catalogue, soundJob } from '../test/jobs.ts'
import { ownDataIsThere } from '../shell/arrived.ts'
import { useReadiness } from './useReadiness.ts'

const jobOf = (title: string): JobDocument => ({ ...soundJob(), vehicle: { ...soundJob().vehicle, title } })
beforeAll(ownDataIsThere)
const shown = (job: JobDocument, jobId = 'a') =>
  renderHook(({ id, of }) => useReadiness(id, of, catalogue), { initialProps: { id: jobId, of: job } })
afterEach(() => jest.restoreAllMocks())

describe('how far a job has come, as the rail shows it', () => {
  it('assesses no station before the first drawing, and says then what each of them says', async () => {
    const assessed = STATION_LIST.map((s) => jest.spyOn(s as unknown as { assess: () => unknown }, 'assess'))
    const job = jobOf('drawn first')
    const { result } = shown(job)
    expect(result.current).toBeNull()
    // What the effect begins is one station at the most.
    expect(assessed.filter((a) => a.mock.calls.length > 0).length).toBeLessThan(2)
    await waitFor(() => expect(result.current).toEqual(readinessOf(job, catalogue)))
  })
  it('says what it said last of this job until the next is judged, and nothing of another one', async () => {
    const first = jobOf('one')
    const { rerender, result } = shown(first)
    await waitFor(() => expect(result.current).not.toBeNull())
    const before = result.current
    const changed = { ...first, fuel: { ...first.fuel, setPressurePa: 2.2e5 } }
    rerender({ id: 'a', of: changed })
    expect(result.current).toBe(before)
    await waitFor(() => expect(result.current).toEqual(readinessOf(changed, catalogue)))
    rerender({ id: 'b', of: { ...jobOf('two'), exhaust: { ...first.exhaust, cablePathM: 1.11 } } })
    expect(result.current).toBeNull()
  })
  it('a station that cannot be judged is told, and the page stands', async () => {
    const said = jest.spyOn(console, 'error').mockImplementation(() => undefined)
    jest.spyOn(POWER_STATION as unknown as { assess: () => unknown }, 'assess').mockImplementation(() => {
      throw new Error('no such wire')
    })
    const { result } = shown({ ...jobOf('broken'), fuel: { ...soundJob().fuel, primeS: 3.3 } })
    await waitFor(() => expect(result.current).toBe('failed'))
    expect(said).toHaveBeenCalledWith('the stations could not be worked out', expect.any(Error))
  })
})
