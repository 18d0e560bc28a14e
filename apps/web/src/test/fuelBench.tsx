import { render, screen, within } from '@testing-library/react'
import type { JobDocument } from '@lochmoor/core'
import { MemoryRouter, Route, Routes } from 'react-router'
import { doFuelTask, type FuelReply, type FuelTask } from '../benches/fuel/background/fuelWork.ts'
import { FuelBench } from '../benches/fuel/FuelBench.tsx'
import { useCatalogue } from '../store/catalogueStore.ts'
import { initialJobState, useJobStore } from '../store/jobStore.ts'
import { catalogue as smallCatalogue } from './jobs.ts'

/** Opens a sheet of the fuel station without a server. */
export const openSheet = (sheet: string, job: JobDocument, catalogue = smallCatalogue): void => {
  useCatalogue.setState({ catalogue })
  useJobStore.setState({ ...initialJobState, jobId: 'test', document: job }, true)
  render(
    <MemoryRouter initialEntries={[`/jobs/test/fuel/${sheet}`]}>
      <Routes>
        <Route path="jobs/:jobId">
          <Route path="fuel/:sheet?" element={<FuelBench />} />
        </Route>
      </Routes>
    </MemoryRouter>,
  )
}

export const jobNow = (): JobDocument => useJobStore.getState().document!
export const headline = (): HTMLElement => screen.getByRole('status', { name: 'Judgement in short' })
export const part = (name: string) => within(screen.getByRole('region', { name }))

/** A worker that does its task in this thread, after the page had a turn; what was ended never answers. */
export class WorkerHere {
  static started = 0
  static ended = 0
  onmessage: ((e: { data: FuelReply }) => void) | null = null
  onerror: unknown = null
  private alive = true
  constructor() {
    WorkerHere.started++
  }
  postMessage(task: FuelTask): void {
    setTimeout(() => {
      if (!this.alive) return
      const answer = doFuelTask(task, (share) => this.onmessage?.({ data: { kind: 'progress', share } }))
      this.onmessage?.({ data: { kind: 'done', answer, tookMs: 12 } })
    })
  }
  terminate(): void {
    if (this.alive) WorkerHere.ended++
    this.alive = false
  }
}
