import { STATION_LIST } from '@lochmoor/core'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { createBrowserRouter, Navigate } from 'react-router'
import { RouterProvider } from 'react-router/dom'
import { GuestPage } from './account/GuestPage.tsx'
import { InvitationPage } from './account/InvitationPage.tsx'
import { SessionGate } from './account/SessionGate.tsx'
import { STATION_SCREENS } from './benches/stationScreens.tsx'
import { JobFrame } from './jobs/JobFrame.tsx'
import { JobsPage } from './jobs/JobsPage.tsx'
import { LastPlace } from './jobs/LastPlace.tsx'
import './look/look.css'
import { keepOpenJob } from './store/along.ts'
import { askBeforeLosing } from './store/commands.ts'
import { fetchTheRest, later } from './shell/later.tsx'
import { NotFound, Unexpected } from './shell/Misses.tsx'
import { Shell } from './shell/Shell.tsx'
import { UpdateNotice } from './shell/UpdateNotice.tsx'
import { InReadersEnglish } from './words/InReadersEnglish.tsx'

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Unexpected />,
    children: [
      { path: 'invitation/:token', element: <InvitationPage /> },
      { path: 'guest/:token', element: <GuestPage /> },
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
            element: <JobFrame />,
            children: [
              { index: true, element: <LastPlace /> },
              ...STATION_LIST.map((s) => ({
                path: s.tabs.length > 1 ? `${s.path}/:sheet?` : s.path,
                element: STATION_SCREENS[s.id],
              })),
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
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <InReadersEnglish>
      <RouterProvider router={router} />
      <UpdateNotice />
    </InReadersEnglish>
  </StrictMode>,
)
fetchTheRest()
