import { ok, type Catalogue, type Result } from '@lochmoor/core'
import { create } from 'zustand'
import type { ApiError } from '../api/client.ts'
import { catalogueAlong } from './fetchAlong.ts'

/** The parts to choose from, fetched once. */
export const useCatalogue = create<{ readonly catalogue: Catalogue | null }>(() => ({ catalogue: null }))

/** Fetches the parts anew, after one of the workshop's own has changed. */
export const reloadCatalogue = async (): Promise<Result<null, ApiError>> => {
  const fetched = await catalogueAlong()
  if (!fetched.ok) return fetched
  useCatalogue.setState({ catalogue: fetched.value })
  return ok(null)
}

export const loadCatalogue = (): Promise<Result<null, ApiError>> =>
  useCatalogue.getState().catalogue ? Promise.resolve(ok(null)) : reloadCatalogue()
