import { STATION_WORDS, type Station } from '@lochmoor/core'

/** Where each station of a job is found, in the order of the work. */
export const STATION_PATHS: Readonly<Record<Station, string>> = {
  walkAround: 'walk-around',
  system: 'system',
  fuel: 'fuel',
  exhaust: 'exhaust',
}

/** What belongs to the whole job, after the stations. */
export const PAPERS = [
  { path: 'log', title: 'Log book', guests: true },
  { path: 'history', title: 'History', guests: false },
] as const

export const stationTitle = (station: Station): string => STATION_WORDS[station]
