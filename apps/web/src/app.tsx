import { STATION_HEADS } from '@lochmoor/core'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { createBrowserRouter, Navigate } from 'react-router'
import { RouterProvider } from 'react-router/dom'
import { SessionGate } from './account/SessionGate.tsx'
import { STATION_SCREENS } from './benches/stationScreens.tsx'
import { JobsPage } from './jobs/JobsPage.tsx'
import { keepPlaces } from './jobs/keepPlaces.ts'
import { LastPlace } from './jobs/LastPlace.tsx'
import { keepOpenJob } from './store/along.ts'
import { askBeforeLosing } from './store/askBeforeLosing.ts'
import { noteHeldPresses } from './store/heldPress.ts'
import { ownDataIsThere } from './shell/arrived.ts'
import { fetchTheRest, later } from './shell/later.tsx'
import { NotFound, Unexpected } from './shell/Misses.tsx'
import { Shell } from './shell/Shell.tsx'
import { KeptProgram } from './shell/KeptProgram.tsx'
import { InReadersEnglish } from './words/InReadersEnglish.tsx'

/** So long after the program has come a page is taken to have what it shows. */
const ARRIVED_AT_LATEST_MS = 10_000

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Unexpected />,
    children: [
      {
        path: 'invitation/:token',
        element: later(() => import('./account/InvitationPage.tsx').then((m) => ({ default: m.InvitationPage }))),
      },
      {
        path: 'guest/:token',
        element: later(() => import('./account/GuestPage.tsx').then((m) => ({ default: m.GuestPage }))),
      },
      {
        element: <SessionGate />,
        children: [
          { index: true, element: <Navigate to="/jobs" replace /> },
          { path: 'jobs', element: <JobsPage /> },
          {
            path: 'account',
            element: later(() => import('./account/AccountPage.tsx').then((m) => ({ default: m.AccountPage }))),
          },
          {
            path: 'workshop',
            element: later(() => import('./workshop/WorkshopPage.tsx').then((m) => ({ default: m.WorkshopPage }))),
          },
          {
            path: 'catalogue/:kind?',
            element: later(() => import('./catalogue/CataloguePage.tsx').then((m) => ({ default: m.CataloguePage }))),
          },
          {
            path: 'jobs/:jobId',
            element: later(() => import('./jobs/JobFrame.tsx').then((m) => ({ default: m.JobFrame }))),
            children: [
              { index: true, element: <LastPlace /> },
              ...STATION_HEADS.map((s) => ({
                path: s.tabs.length > 1 ? `${s.path}/:sheet?` : s.path,
                element: STATION_SCREENS[s.id],
              })),
              {
                path: 'parts',
                element: later(() => import('./records/PurchasesPage.tsx').then((m) => ({ default: m.PurchasesPage }))),
              },
              {
                path: 'summary',
                element: later(() => import('./jobs/GuestSummary.tsx').then((m) => ({ default: m.GuestSummary }))),
              },
              {
                path: 'log',
                element: later(() => import('./records/LogBookPage.tsx').then((m) => ({ default: m.LogBookPage }))),
              },
              {
                path: 'history',
                element: later(() => import('./history/HistoryPage.tsx').then((m) => ({ default: m.HistoryPage }))),
              },
            ],
          },
        ],
      },
      { path: '*', element: <NotFound /> },
    ],
  },
])

askBeforeLosing()
keepOpenJob()
keepPlaces(router)
noteHeldPresses()
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <InReadersEnglish>
      <RouterProvider router={router} />
      <KeptProgram />
    </InReadersEnglish>
  </StrictMode>,
)
fetchTheRest()
// Pages that wait for little of their own.
setTimeout(ownDataIsThere, ARRIVED_AT_LATEST_MS)
