import { ok, type Catalogue, type Result } from '@lochmoor/core'
import { create } from 'zustand'
import type { ApiError } from '../api/client.ts'
import { fetchCatalogue } from '../api/jobs.ts'

/** The parts to choose from, fetched once. */
export const useCatalogue = create<{ readonly catalogue: Catalogue | null }>(() => ({ catalogue: null }))

export const loadCatalogue = async (): Promise<Result<null, ApiError>> => {
  if (useCatalogue.getState().catalogue) return ok(null)
  const fetched = await fetchCatalogue()
  if (!fetched.ok) return fetched
  useCatalogue.setState({ catalogue: fetched.value })
  return ok(null)
}
