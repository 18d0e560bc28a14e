import { JOB } from '../job/index.ts'
import { leavesOf } from '../shape/index.ts'
import { howAt } from './index.ts'

describe('how a figure is measured', () => {
  it.each(leavesOf(JOB).flatMap(([path, leaf]) => (leaf.is === 'figure' ? [path] : [])))('%s', (path) => {
    const how = howAt(path.replaceAll('*', 'a'))
    // Figures of the tests are told with their test.
    if (path.startsWith('walkAround.tests.')) return
    expect([path, (how ?? '').length > 15]).toEqual([path, true])
  })
  it('nothing is told where there is no figure', () => {
    expect(howAt('fuel.pump')).toBeNull()
    expect(howAt('nowhere')).toBeNull()
  })
})
