import { isUntouched } from '../../job/index.ts'
import { station } from '../station.ts'
import { WALK_AROUND_HEAD } from './head.ts'
import { assessWalkAround } from './assessWalkAround.ts'
import { partsOfWalkAround } from './partsOfWalkAround.ts'
import { cautionsOf, testsFor } from './fitness/index.ts'

export const WALK_AROUND_STATION = station({
  ...WALK_AROUND_HEAD,
  reads: [
    'walkAround',
    'vehicle',
    'engineTop.ignition.intervals',
    'system.uses',
    'system.welder',
    'power.old.killSwitch',
    'power.old.keyedWires',
    'facts',
    'work.state',
    'work.passed',
  ],
  stock: [],
  // Engine figures that the walk-around gathers stand outside its own section.
  workings: [],
  cautions: (job) => [...new Set(testsFor(job).flatMap((t) => cautionsOf(t, job)))],
  untouched: (job, empty) => {
    const { layout, cylinders, displacementM3 } = job.vehicle
    return isUntouched('walkAround', job, empty) && layout === null && cylinders === null && displacementM3 === null
  },
  assess: assessWalkAround,
  ladders: () => [],
  parts: partsOfWalkAround,
})
