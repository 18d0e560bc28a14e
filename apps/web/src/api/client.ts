import { CatalogueSchema, JobList, JobResponse, Refusal, SectionSaved, type SectionName } from '@lochmoor/contract'
import { err, ok, type Catalogue, type JobDocument, type Result } from '@lochmoor/core'
import type { z } from 'zod'

/** Why a call did not succeed. `away`: server or database out of reach, try again later; else it said no. */
export type ApiError =
  | { readonly kind: 'away'; readonly message: string }
  | { readonly kind: 'refused'; readonly status: number; readonly refusal: Refusal }

const AWAY_STATUS = new Set([500, 502, 503, 504])

const call = async <T>(
  schema: z.ZodType<T>,
  method: string,
  path: string,
  body?: unknown,
): Promise<Result<T, ApiError>> => {
  let response: Response
  try {
    response = await fetch(`/api${path}`, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? null : JSON.stringify(body),
    })
  } catch {
    return err({ kind: 'away', message: 'The server does not answer.' })
  }
  const text = await response.text()
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    return err({ kind: 'away', message: `The server answered ${response.status} without an explanation.` })
  }
  if (response.ok) {
    const parsed = schema.safeParse(json)
    if (parsed.success) return ok(parsed.data)
    return err({ kind: 'away', message: 'The server answers in another version than this page: load the page again.' })
  }
  const refusal = Refusal.safeParse(json)
  const said: Refusal = refusal.success
    ? refusal.data
    : { code: 'unknown', message: `The server answered ${response.status}.` }
  return err(
    AWAY_STATUS.has(response.status)
      ? { kind: 'away', message: said.message }
      : { kind: 'refused', status: response.status, refusal: said },
  )
}

export const fetchJobs = () => call(JobList, 'GET', '/jobs')
export const createJob = (title: string) => call(JobResponse, 'POST', '/jobs', { title })
export const fetchJob = (id: string) => call(JobResponse, 'GET', `/jobs/${id}`)
export const fetchCatalogue = (): Promise<Result<Catalogue, ApiError>> => call(CatalogueSchema, 'GET', '/catalogue')
export const writeSection = <S extends SectionName>(
  jobId: string,
  section: S,
  baseVersion: number,
  value: JobDocument[S],
) => call(SectionSaved, 'PUT', `/jobs/${jobId}/sections/${section}`, { baseVersion, value })

export const explainApiError = (e: ApiError): string => (e.kind === 'away' ? e.message : e.refusal.message)
