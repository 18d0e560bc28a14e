import { emptyJob } from './jobDocument.ts'
import { isUntouched, valueAt, withValueAt } from './paths.ts'

const job = emptyJob('x')

describe('paths into a job', () => {
  it('reads and replaces a leaf and leaves the rest as it was', () => {
    const next = withValueAt(job, 'walkAround.battery.coldCrankA', 520)
    expect(valueAt(next, 'walkAround.battery.coldCrankA')).toBe(520)
    expect(next.fuel).toBe(job.fuel)
    expect(next.walkAround.tests).toBe(job.walkAround.tests)
    expect(job.walkAround.battery.coldCrankA).toBeNull()
  })
  it('reaches into a list without making it something else', () => {
    const listed = withValueAt(job, 'walkAround.tests.compressionPa', [1, 2, 3])
    const next = withValueAt(listed, 'walkAround.tests.compressionPa.1', 9)
    expect(next.walkAround.tests.compressionPa).toEqual([1, 9, 3])
  })
  it('refuses a path that leads nowhere', () => {
    expect(() => withValueAt(job, 'walkAround.battery.colour', 1)).toThrow(/nothing at colour/)
    expect(valueAt(job, 'walkAround.no.such')).toBeUndefined()
  })
  it('knows an untouched section', () => {
    expect(isUntouched('walkAround', emptyJob('other'), job)).toBe(true)
    expect(isUntouched('walkAround', withValueAt(job, 'walkAround.body.massKg', 900), job)).toBe(false)
  })
})
