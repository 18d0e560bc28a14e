import { screen, within } from '@testing-library/react'
import type { JobDocument } from '@lochmoor/core'
import { openBench } from './openBench.tsx'
import { FuelBench } from '../benches/fuel/FuelBench.tsx'
import { useCatalogue } from '../store/catalogueStore.ts'
import { initialJobState, useJobStore } from '../store/jobStore.ts'
import { catalogue as smallCatalogue } from './jobs.ts'

/** Opens a sheet of the fuel station without a server. */
export const openSheet = (sheet: string, job: JobDocument, catalogue = smallCatalogue): void => {
  useCatalogue.setState({ catalogue })
  useJobStore.setState({ ...initialJobState, jobId: 'test', document: job }, true)
  openBench(<FuelBench />, 'fuel', sheet)
}

export const jobNow = (): JobDocument => useJobStore.getState().document!
export const headline = (): HTMLElement => screen.getByRole('status', { name: 'Assessment in brief' })
export const part = (name: string) => within(screen.getByRole('region', { name }))
