import type * as Judging from './judgeInSlices.ts'

/** All stations at once: fetched when what the open page itself shows is there, or when somebody types. */
export const allStations = (): Promise<typeof Judging> => import('./judgeInSlices.ts')
