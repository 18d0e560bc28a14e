import { withValueAt } from '../../shape/index.ts'
import { assessPower, preparePower } from './assessPower.ts'
import type * as Counted from './test/countedWork.ts'
import { worked } from './test/countedWork.ts'
import { poweredJob } from './test/powered.ts'

/** Hoisted above every import: it finds the counter by itself. */
jest.mock('../../power/car/solveCar.ts', () =>
  jest
    .requireActual<typeof Counted>('./test/countedWork.ts')
    .counted(jest.requireActual('../../power/car/solveCar.ts'), 'solveCar'),
)
jest.mock('../../power/starter/crankTrace.ts', () =>
  jest
    .requireActual<typeof Counted>('./test/countedWork.ts')
    .counted(jest.requireActual('../../power/starter/crankTrace.ts'), 'crankTrace'),
)
jest.mock('../../power/stop/stopTable.ts', () =>
  jest
    .requireActual<typeof Counted>('./test/countedWork.ts')
    .counted(jest.requireActual('../../power/stop/stopTable.ts'), 'singleStops'),
)
jest.mock('../../power/charging/startsAtCharge.ts', () =>
  jest
    .requireActual<typeof Counted>('./test/countedWork.ts')
    .counted(jest.requireActual('../../power/charging/startsAtCharge.ts'), 'leastChargeToStart'),
)
jest.mock('./wireChecks.ts', () =>
  jest
    .requireActual<typeof Counted>('./test/countedWork.ts')
    .counted(jest.requireActual('./wireChecks.ts'), 'checkWires'),
)

const workedWhile = (act: () => void): string[] => {
  worked.length = 0
  act()
  return [...worked]
}
/** Cars nobody has assessed: each with a generator of its own. */
const carOf = (n: number, more: Readonly<Record<string, unknown>> = {}) =>
  Object.entries(more).reduce((job, [path, value]) => withValueAt(job, path, value), poweredJob({ 'walkAround.charging.ratedA': 70 + n / 97 })) // prettier-ignore

describe('what is worked out ahead of the assessment of power', () => {
  it.each([
    ['a sound car', {}],
    ['a car with mistakes that others follow from', { 'power.design.ecuFeed': 'starter-stud', 'power.design.ecuEarth': 'body' }],
    ['a car that starts badly', { 'walkAround.battery.coldCrankA': 250 }],
  ])('%s: nothing is left for the assessment itself, and each step is one thing', (_name, more) => {
    const n = 1 + Object.keys(more).length * 7
    const cold = workedWhile(() => void assessPower(carOf(n, more)))
    expect(cold.length).toBeGreaterThanOrEqual(5)
    const job = carOf(n + 0.5, more)
    const steps: string[][] = []
    const ahead = preparePower(job)
    for (let done = false; !done; ) steps.push(workedWhile(() => void (done = ahead.next().done === true)))
    expect(workedWhile(() => void assessPower(job))).toEqual([])
    expect(steps.flat().sort()).toEqual(cold.sort())
    for (const step of steps) expect(new Set(step.filter((s) => s !== 'solveCar')).size).toBeLessThan(2)
  }) // prettier-ignore
})
