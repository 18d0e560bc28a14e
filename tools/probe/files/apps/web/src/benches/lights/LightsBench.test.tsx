import 'fake-indexeddb/auto'
import { emptyJob } from '@lochmoor/core'
import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useCatalogue } from '../../store/catalogueStore.ts'
import { initialJobState, useJobStore } from '../../store/jobStore.ts'
import { stopSending } from '../../store/sending.ts'
import { catalogue } from '../../test/jobs.ts'
import { openBench } from '../../test/openBench.tsx'
import { sitHere } from '../../test/session.ts'
import { LightsBench } from './LightsBench.tsx'

beforeAll(() => {
  globalThis.fetch = () => Promise.reject(new TypeError('no server in this test'))
})
afterEach(stopSending)

it('a station of eight edited files is measured, judged and cured like any other', async () => {
  sitHere()
  useCatalogue.setState({ catalogue })
  useJobStore.setState({ ...initialJobState, jobId: 'test', document: emptyJob('Car') }, true)
  openBench(<LightsBench />, 'lights')
  await userEvent.type(screen.getByLabelText('Both headlamps'), '0.2')
  const headline = screen.getByRole('status', { name: 'Assessment in brief' })
  expect(headline.textContent).toContain('Headlamps on the old switch')
  await userEvent.click(await screen.findByRole('button', { name: 'Try: Headlamps on relays' }))
  expect(useJobStore.getState().document!.lights.relayed).toBe(true)
  expect(headline.textContent).toContain('Everything checked is OK')
})
