import { assumptionsOf, isUntouched } from '../job/index.ts'
import { assessWalkAround, type WalkAroundAssessment } from '../walk-around/index.ts'
import { station } from './station.ts'

const VERDICT = { fit: 'ok', watch: 'caution', repair: 'stop', 'not-tested': 'unknown' } as const

/** What is measured first, then what is tested; nothing where the engine is known. */
const actionOf = ({ fitness, state, stillToMeasure }: WalkAroundAssessment): string | null => {
  if (state !== 'not-tested') return null
  const [missing] = stillToMeasure
  if (missing?.need === 3) return `Measure: ${missing.label}`
  const untested = fitness.find((f) => f.state === 'not-tested')
  return untested ? `Test: ${untested.test.title}` : null
}

export const WALK_AROUND_STATION = station({
  id: 'walkAround',
  path: 'walk-around',
  key: 'w',
  title: 'Walk-around',
  short: 'Walk',
  inSentence: 'walk-around',
  phase: 'survey',
  sections: ['walkAround', 'vehicle'],
  tabs: [{ path: '', title: 'Walk-around', judges: null }],
  // Engine figures that the walk-around gathers stand outside its own section.
  untouched: (job, empty) => {
    const { layout, cylinders, displacementM3 } = job.vehicle
    return isUntouched('walkAround', job, empty) && layout === null && cylinders === null && displacementM3 === null
  },
  caseOf: (job) => ({ assessment: assessWalkAround(job), assumptions: assumptionsOf(job) }),
  state: ({ assessment }) => VERDICT[assessment.state],
  verdicts: ({ assessment }) =>
    assessment.fitness.map(({ test, state, reason }) => ({
      id: test.id,
      kind: test.id,
      title: test.title,
      state: VERDICT[state],
      reason,
    })),
  assumptions: ({ assumptions }) => assumptions.filter((a) => a.field.startsWith('walkAround.')),
  action: ({ assessment }) => actionOf(assessment),
  parts: null,
})
