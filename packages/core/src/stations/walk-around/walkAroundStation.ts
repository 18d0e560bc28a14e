import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { assessWalkAround } from './assessWalkAround.ts'
import { cautionsOf, testsFor } from './fitness/index.ts'

export const WALK_AROUND_STATION = station({
  id: 'walkAround',
  path: 'walk-around',
  key: 'w',
  title: 'Walk-around',
  short: 'Walk',
  inSentence: 'walk-around',
  phase: 'survey',
  sections: ['walkAround', 'vehicle'],
  reads: ['walkAround', 'vehicle'],
  stock: [],
  tabs: [
    { path: '', title: 'The car', judges: null },
    { path: 'tests', title: 'Tests', judges: null },
  ],
  // Engine figures that the walk-around gathers stand outside its own section.
  workings: [],
  cautions: (job) => [...new Set(testsFor(job).flatMap((t) => cautionsOf(t, job)))],
  untouched: (job, empty) => {
    const { layout, cylinders, displacementM3 } = job.vehicle
    return isUntouched('walkAround', job, empty) && layout === null && cylinders === null && displacementM3 === null
  },
  assess: assessWalkAround,
  ladders: () => [],
  parts: null,
})
