import fc from 'fast-check'
import { JOB, leavesOf, SECTION_NAMES, type Leaf } from '@lochmoor/core/job-shape'
import { valueAt, withValueAt, type JobDocument } from '@lochmoor/core'
import { arbValue } from '../../../core/src/shape/test/arbitraries.ts'
import { SECTION_SCHEMAS } from './jobDocument.ts'

const arbJob = arbValue(JOB) as fc.Arbitrary<JobDocument>
const runs = { seed: 5, numRuns: 60 }
/** A value of which no leaf of this kind may be. */
const wrongFor = (leaf: Leaf): unknown => (leaf.is === 'text' ? 7 : leaf.is === 'set' ? {} : ['wrong'])
const problems = (job: JobDocument) =>
  SECTION_NAMES.flatMap((s) => {
    const read = SECTION_SCHEMAS[s].safeParse(job[s])
    return read.success ? [] : read.error.issues.map((i) => [s, ...i.path].join('.'))
  })
/** A path of the shape at the first item of every list and the first seat, or null where there is none. */
const concrete = (job: JobDocument, path: string): string | null => {
  const keys: string[] = []
  for (const key of path.split('.')) {
    if (key !== '*') keys.push(key)
    else {
      const list = valueAt(job, keys.join('.')) as readonly { id?: string }[] | undefined
      // A group that is not there has no list.
      if (list === undefined || list.length === 0) return null
      keys.push(list[0]!.id ?? (keys.at(-1)!.match(/banks|spots/) ? 'a' : '0'))
    }
  }
  const at = keys.join('.')
  return valueAt(job, at) === undefined ? null : at
}

describe('the schema follows from the shape', () => {
  it('lets in whatever the shape describes, and gives it back as it was', () =>
    fc.assert(
      fc.property(arbJob, (job) => {
        for (const s of SECTION_NAMES) expect(SECTION_SCHEMAS[s].parse(job[s])).toEqual(job[s])
      }),
      runs,
    ))
  it('refuses a wrong value at every leaf, by its place and by nothing else', () => {
    const seen = new Set<string>()
    fc.assert(
      fc.property(arbJob, (job) => {
        for (const [path, leaf] of leavesOf(JOB)) {
          const at = seen.has(path) ? null : concrete(job, path)
          if (at === null) continue
          seen.add(path)
          const found = problems(withValueAt(job, at, wrongFor(leaf)))
          expect([path, found.length]).toEqual([path, 1])
          expect(found[0]!.replace(/\.\d+/g, '')).toContain(path.replace(/\.\*/g, '').split('.').slice(0, 2).join('.'))
        }
      }),
      runs,
    )
    expect(seen.size).toBe(leavesOf(JOB).length)
  })
  it('refuses a field too many and a field too few, in every group', () =>
    fc.assert(
      fc.property(arbJob, fc.constantFrom(...SECTION_NAMES), fc.nat(), (job, s, n) => {
        const section = job[s] as Record<string, unknown>
        expect(SECTION_SCHEMAS[s].safeParse({ ...section, colour: 'red' }).success).toBe(false)
        const keys = Object.keys(section)
        const { [keys[n % keys.length]!]: _left, ...rest } = section
        expect(SECTION_SCHEMAS[s].safeParse(rest).success).toBe(false)
      }),
      runs,
    ))
})
