import type { JobDocument } from '../../job/index.ts'
import { fig, plain, say, type Verdict } from '../../verdict/index.ts'
import type { StationAssessment } from '../station.ts'

/** More than this burns the contacts of an old switch. Rule of thumb. */
const SWITCH_BEARS_W = 120

const verdictOf = ({ headlampsW, relayed }: JobDocument['lights']): Verdict => {
  const over = headlampsW !== null && headlampsW > SWITCH_BEARS_W && relayed !== true
  return {
    ...plain,
    id: 'switch',
    title: 'Headlamps on the old switch',
    state: headlampsW === null ? 'unknown' : over ? 'caution' : 'ok',
    figureName: 'both headlamps',
    figure: headlampsW === null ? null : fig(headlampsW, 'power'),
    reason: over ? say`Put a relay between switch and lamps.` : say`The switch bears them.`,
    source: 'rule of thumb',
  }
}

export const assessLights = (job: JobDocument): StationAssessment => {
  const verdict = verdictOf(job.lights)
  return {
    state: verdict.state,
    verdicts: [verdict],
    assumptions: [],
    action: verdict.state === 'unknown' ? 'Read the bulbs of the headlamps' : null,
  }
}
