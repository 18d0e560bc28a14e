import { emptyJob, figureAt, FITNESS_TESTS, WALK_GROUPS, withValueAt } from '@lochmoor/core'
import { JobDocumentSchema } from './jobDocument.ts'

const ENTRIES = [...WALK_GROUPS.flatMap((g) => g.entries), ...FITNESS_TESTS.flatMap((t) => t.entries)]
const problem = (path: string, value: unknown) => {
  const parsed = JobDocumentSchema.safeParse(withValueAt(emptyJob('x'), path, value))
  return parsed.success ? null : parsed.error.issues[0]!.message
}

describe('what the walk-around may hold', () => {
  it.each(ENTRIES.filter((e) => e.kind === 'figure').map((e) => [e.path] as const))(
    '%s takes both ends of its range and nothing beyond',
    (path) => {
      const { min, max } = figureAt(path)!.range
      expect([problem(path, min), problem(path, max)]).toEqual([null, null])
      expect(problem(path, max + Math.max(1, Math.abs(max)))).toMatch(/^allowed: a (whole )?number/)
      expect(problem(path, min - Math.max(1, Math.abs(min)))).toMatch(/^allowed/)
    },
  )
  it.each(ENTRIES.flatMap((e) => (e.kind === 'choice' ? [[e.path, e.options] as const] : [])))(
    '%s takes each of its words and no other',
    (path, options) => {
      for (const [value] of options) expect(problem(path, value)).toBeNull()
      expect(problem(path, 'no such word')).toMatch(/^allowed: "/)
    },
  )
  it('a list of compressions has at most sixteen figures, each in range', () => {
    const path = 'walkAround.tests.compressionPa'
    expect(problem(path, Array(16).fill(9e5))).toBeNull()
    expect(problem(path, Array(17).fill(9e5))).toMatch(/at most 16/)
    expect(problem(path, [null, -1])).toMatch(/0 to 3000000 Pa/)
  })
})
