import { CatalogueSchema, Colleagues, JobBoard, JobResponse, RecordPage, type BoardQuery } from '@lochmoor/contract'
import { fetchBoard, fetchCatalogue, fetchJob, fetchRecords } from '../api/jobs.ts'
import { fetchColleagues } from '../api/people.ts'
import { along } from './along.ts'

/** What is asked for that can be had without a connection too: the job, its log, the board, the parts, the people. */
export const jobAlong = (id: string) => along(JobResponse, `/jobs/${id}`, fetchJob(id))
export const boardAlong = (query: Partial<BoardQuery>) =>
  along(JobBoard, `/jobs?${JSON.stringify(query)}`, fetchBoard(query))
export const catalogueAlong = () => along(CatalogueSchema, '/catalogue', fetchCatalogue())
export const colleaguesAlong = () => along(Colleagues, '/people/colleagues', fetchColleagues())
export const recordsAlong = (id: string, query: Parameters<typeof fetchRecords>[1]) =>
  along(RecordPage, `/jobs/${id}/records?${JSON.stringify(query)}`, fetchRecords(id, query))
