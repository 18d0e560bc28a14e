import { emptyJob, type Catalogue } from '@lochmoor/core'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { StationsRail } from '../src/jobs/StationsRail.tsx'
import { ownDataIsThere } from '../src/shell/arrived.ts'
import { initialJobState, useJobStore } from '../src/store/jobStore.ts'
import { useCatalogue } from '../src/store/catalogueStore.ts'
import { useSession } from '../src/store/sessionStore.ts'
import './rail.css'

/** The rail alone, over a job of which a car is known. */
useJobStore.setState({ ...initialJobState, jobId: 'job', document: emptyJob('A car') }, true)
useCatalogue.setState({ catalogue: new Proxy({}, { get: () => [] }) as Catalogue })
useSession.setState({ session: { state: 'signed-in' } as never })
document.documentElement.dataset['theme'] = matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'
ownDataIsThere()
createRoot(document.getElementById('root')!).render(
  <BrowserRouter>
    <StationsRail />
  </BrowserRouter>,
)
