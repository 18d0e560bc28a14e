import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { createBrowserRouter, Navigate } from 'react-router'
import { RouterProvider } from 'react-router/dom'
import { AccountPage } from './account/AccountPage.tsx'
import { GuestPage } from './account/GuestPage.tsx'
import { InvitationPage } from './account/InvitationPage.tsx'
import { SessionGate } from './account/SessionGate.tsx'
import { keepPreferences } from './api/people.ts'
import { FuelBench } from './benches/fuel/FuelBench.tsx'
import { SystemBench } from './benches/system/SystemBench.tsx'
import { WalkAroundBench } from './benches/walk-around/WalkAroundBench.tsx'
import { HistoryPage } from './history/HistoryPage.tsx'
import { JobFrame } from './jobs/JobFrame.tsx'
import { JobsPage } from './jobs/JobsPage.tsx'
import './look/look.css'
import { LogBookPage } from './records/LogBookPage.tsx'
import { NotFound, Unexpected } from './shell/Misses.tsx'
import { Shell } from './shell/Shell.tsx'
import { whenChosen } from './store/preferences.ts'
import { sessionNow } from './store/sessionStore.ts'
import { WorkshopPage } from './workshop/WorkshopPage.tsx'

whenChosen((preferences) => {
  // Kept in the browser as well, so a server that is away only means that other browsers learn of it later.
  if (sessionNow()?.state === 'signed-in') void keepPreferences({ ...preferences, units: { ...preferences.units } })
})

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
          { path: 'account', element: <AccountPage /> },
          { path: 'workshop', element: <WorkshopPage /> },
          {
            path: 'jobs/:jobId',
            element: <JobFrame />,
            children: [
              { index: true, element: <Navigate to="walk-around" replace /> },
              { path: 'walk-around', element: <WalkAroundBench /> },
              { path: 'system', element: <SystemBench /> },
              { path: 'fuel', element: <FuelBench /> },
              { path: 'log', element: <LogBookPage /> },
              { path: 'history', element: <HistoryPage /> },
            ],
          },
        ],
      },
      { path: '*', element: <NotFound /> },
    ],
  },
])

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <RouterProvider router={router} />
  </StrictMode>,
)
