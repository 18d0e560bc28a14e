import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { createBrowserRouter, Navigate } from 'react-router'
import { RouterProvider } from 'react-router/dom'
import { FuelBench } from './benches/fuel/FuelBench.tsx'
import { JobFrame } from './jobs/JobFrame.tsx'
import { JobsPage } from './jobs/JobsPage.tsx'
import './look/look.css'
import { NotFound, Unexpected } from './shell/Misses.tsx'
import { Shell } from './shell/Shell.tsx'

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Unexpected />,
    children: [
      { index: true, element: <Navigate to="/jobs" replace /> },
      { path: 'jobs', element: <JobsPage /> },
      {
        path: 'jobs/:jobId',
        element: <JobFrame />,
        children: [
          { index: true, element: <Navigate to="fuel" replace /> },
          { path: 'fuel', element: <FuelBench /> },
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
