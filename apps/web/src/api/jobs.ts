import {
  CatalogueSchema,
  Done,
  GuestLinkMade,
  GuestLinks,
  HistoryPage,
  Imported,
  JobBoard,
  JobResponse,
  LogRecordSchema,
  PhotoStored,
  RecordPage,
  SectionSaved,
  SectionVersion,
  type BoardQuery,
  type NewJob,
  type NewRecord,
  type SectionName,
} from '@lochmoor/contract'
import type { Catalogue, Result } from '@lochmoor/core'
import { call, callWithBlob, type ApiError } from './client.ts'

const queryText = (query: Readonly<Record<string, string | number | undefined>>): string => {
  const given = Object.entries(query).flatMap(([k, v]) => (v === undefined || v === '' ? [] : [[k, String(v)]]))
  return given.length === 0 ? '' : `?${new URLSearchParams(given).toString()}`
}

export const fetchBoard = (query: Partial<BoardQuery>) => call(JobBoard, 'GET', `/jobs${queryText(query)}`)
export const boardCsvPath = (query: Partial<BoardQuery>) => `/api/jobs/board.csv${queryText(query)}`
export const createJob = (job: NewJob) => call(JobResponse, 'POST', '/jobs', job)
export const importJob = (file: unknown) => call(Imported, 'POST', '/jobs/import', file)
export const fetchJob = (id: string) => call(JobResponse, 'GET', `/jobs/${id}`)
export const fetchCatalogue = (): Promise<Result<Catalogue, ApiError>> => call(CatalogueSchema, 'GET', '/catalogue')
export const writeSection = (jobId: string, section: SectionName, baseVersion: number, value: unknown) =>
  call(SectionSaved, 'PUT', `/jobs/${jobId}/sections/${section}`, { baseVersion, value })
export const archiveJob = (id: string) => call(Done, 'POST', `/jobs/${id}/archive`)
export const restoreJob = (id: string) => call(Done, 'POST', `/jobs/${id}/restore`)
export const deleteJob = (id: string) => call(Done, 'DELETE', `/jobs/${id}`)

export const fetchHistory = (id: string, section?: SectionName, before?: string) =>
  call(HistoryPage, 'GET', `/jobs/${id}/history${queryText({ section, before })}`)
export const fetchVersion = (id: string, section: SectionName, version: number) =>
  call(SectionVersion, 'GET', `/jobs/${id}/history/${section}/${version}`)

export const fetchRecords = (
  id: string,
  query: { kind?: string; search?: string; field?: string; before?: string; size?: number },
) => call(RecordPage, 'GET', `/jobs/${id}/records${queryText(query)}`)
export const sendRecord = (id: string, record: NewRecord) =>
  call(LogRecordSchema, 'POST', `/jobs/${id}/records`, record)
export const sendPhoto = (id: string, photoId: string, blob: Blob) =>
  callWithBlob(PhotoStored, `/jobs/${id}/photos/${photoId}`, blob)

export const fetchGuestLinks = (id: string) => call(GuestLinks, 'GET', `/jobs/${id}/guest-links`)
export const makeGuestLink = (id: string, days: number) =>
  call(GuestLinkMade, 'POST', `/jobs/${id}/guest-links`, { days })
export const endGuestLink = (id: string, linkId: string) => call(Done, 'DELETE', `/jobs/${id}/guest-links/${linkId}`)
