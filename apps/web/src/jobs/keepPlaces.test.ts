import { createMemoryRouter } from 'react-router'
import { useJobStore } from '../store/jobStore.ts'
import { forgetPlaces, placesOf } from '../store/places.ts'
import { keepPlaces } from './keepPlaces.ts'

/** The page of the tests has none; of it the router asks only whether somebody went on meanwhile. */
class Request {
  readonly method = 'GET'
  readonly url: string
  readonly signal: AbortSignal | undefined
  constructor(url: string, { signal }: { readonly signal?: AbortSignal }) {
    this.url = url
    this.signal = signal
  }
}

beforeAll(() => void Object.assign(globalThis, { Request }))
const screensOf = (at: string) => createMemoryRouter([{ path: '*', element: null }], { initialEntries: [at] })

afterEach(() => {
  useJobStore.setState({ jobId: null })
  forgetPlaces()
})

test('a screen that is left again before it was drawn is remembered as its station’s', async () => {
  useJobStore.setState({ jobId: 'a' })
  const router = screensOf('/jobs/a/walk-around')
  const end = keepPlaces(router)
  // Both presses come in one breath: nothing is drawn between them.
  await Promise.all([router.navigate('/jobs/a/fuel/lines'), router.navigate('/jobs/a/power')])
  expect(placesOf('a')).toMatchObject({ last: 'power', tabs: { fuel: 'lines', power: '' } })
  end()
  await router.navigate('/jobs/a/fuel')
  expect(placesOf('a').last).toBe('power')
})

test('an address that stood before its job had come is remembered once it has; one of no open job is not', async () => {
  const router = screensOf('/jobs/a/fuel/order')
  const end = keepPlaces(router)
  expect(placesOf('a').last).toBeNull()
  useJobStore.setState({ jobId: 'a' })
  expect(placesOf('a').last).toBe('fuel/order')
  await router.navigate('/jobs/b/power')
  await router.navigate('/jobs')
  await router.navigate('/jobs/a')
  expect(placesOf('b').last).toBeNull()
  expect(placesOf('a').last).toBe('fuel/order')
  end()
})
