import { headAt } from '@lochmoor/core'
import { create } from 'zustand'
import { persist } from 'zustand/middleware'
import { PAPERS } from '../jobs/papers.ts'

/** Where somebody was in a job, and what was unfolded there: kept in this browser, for tomorrow. */
export interface JobPlaces {
  /** Address within the job that was open last, as `fuel/order`. */
  readonly last: string | null
  /** The tab of each station that was open last, by the station's address. */
  readonly tabs: Readonly<Record<string, string>>
  /** Groups that were unfolded or folded by hand, by their names. */
  readonly unfolded: Readonly<Record<string, boolean>>
  /** How far each part of a screen was scrolled, px, by address and part. */
  readonly scrolled: Readonly<Record<string, number>>
}

const NOWHERE: JobPlaces = { last: null, tabs: {}, unfolded: {}, scrolled: {} }
/** So many jobs are remembered, the latest ones. */
const MOST_JOBS = 30

interface Places {
  /** The one that was changed last comes last. */
  readonly jobs: Readonly<Record<string, JobPlaces>>
}

export const usePlaces = create<Places>()(persist((): Places => ({ jobs: {} }), { name: 'lochmoor-places' }))

export const placesOf = (jobId: string | null): JobPlaces =>
  (jobId === null ? undefined : usePlaces.getState().jobs[jobId]) ?? NOWHERE

const change = (jobId: string, next: (places: JobPlaces) => JobPlaces): void => {
  const { [jobId]: own, ...others } = usePlaces.getState().jobs
  const kept = Object.entries(others).slice(-(MOST_JOBS - 1))
  usePlaces.setState({ jobs: { ...Object.fromEntries(kept), [jobId]: next(own ?? NOWHERE) } })
}

/** Remembers the open screen of a job. @param at its address within the job: a station with or without a tab, or a paper */
export const rememberPlace = (jobId: string, at: string): void => {
  const [station = '', tab = ''] = at.split('/')
  if (placesOf(jobId).last === at && placesOf(jobId).tabs[station] === tab) return
  change(jobId, (p) => ({ ...p, last: at, tabs: { ...p.tabs, [station]: tab } }))
}

/** Address of a station or paper within a job: on the tab that was open last, where there still is such a tab. */
export const lastTabOf = (jobId: string | null, place: string): string => {
  const tab = placesOf(jobId).tabs[place]
  return tab && headAt(place)?.tabs.some((t) => t.path === tab) ? `${place}/${tab}` : place
}

/** Where a job was left; null on its first visit, and where there is no such screen any more. */
export const lastPlaceOf = (jobId: string): string | null => {
  const place = placesOf(jobId).last?.split('/')[0] ?? ''
  return headAt(place) || PAPERS.some((p) => p.path === place) ? lastTabOf(jobId, place) : null
}

export const rememberUnfolded = (jobId: string, group: string, open: boolean): void =>
  change(jobId, (p) => ({ ...p, unfolded: { ...p.unfolded, [group]: open } }))

export const rememberScrolled = (jobId: string, part: string, px: number): void =>
  change(jobId, (p) => ({ ...p, scrolled: { ...p.scrolled, [part]: Math.round(px) } }))

/** Forgets it all: what somebody looked at is theirs. */
export const forgetPlaces = (): void => void usePlaces.setState({ jobs: {} })
