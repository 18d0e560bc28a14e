import { render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { MemoryRouter, Route, Routes } from 'react-router'

/** Opens a sheet of a station's bench at its address, without a server. */
export const openBench = (bench: ReactNode, station: string, sheet = ''): void => {
  render(
    <MemoryRouter initialEntries={[`/jobs/test/${station}/${sheet}`]}>
      <Routes>
        <Route path="jobs/:jobId">
          <Route path={`${station}/:sheet?`} element={bench} />
        </Route>
      </Routes>
    </MemoryRouter>,
  )
}
