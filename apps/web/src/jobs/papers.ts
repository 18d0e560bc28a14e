/** What belongs to the whole job, after the stations, with the single key that leads to it. */
export const PAPERS = [
  { path: 'parts', title: 'Parts', key: 'o', guests: false },
  { path: 'log', title: 'Job log', key: 'l', guests: true },
  { path: 'history', title: 'History', key: 'h', guests: false },
] as const
