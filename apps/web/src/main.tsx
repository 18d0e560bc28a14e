import { beginAhead } from './api/ahead.ts'
import { headAt } from '@lochmoor/core'
import { benchOf } from './benches/stationBenches.ts'
import './look/look.css'

/*
 * The first of the page's scripts, as small as can be: all that the address asks for is under way before the program that
 * shows it has come.
 */
const [, jobId, place] = /^\/jobs\/([0-9a-f-]{36})(?:\/([^/]+))?/.exec(location.pathname) ?? []
beginAhead(jobId ?? null)
const wanted: Promise<unknown>[] = [import('./app.tsx')]
if (jobId !== undefined) {
  wanted.push(import('./jobs/JobFrame.tsx'))
  const station = headAt(place ?? '')
  if (station) wanted.push(benchOf(station))
}
Promise.all(wanted).catch((e: unknown) => {
  // What was fetched ahead is fetched again where it is needed, and missed there; without the program nothing is shown.
  console.warn('a part of the page has not come', e)
})
