import { emptyJob } from '@lochmoor/core'
import { JOB_SCHEMA_VERSION, JobDocumentSchema, SECTION_NAMES, SectionNameSchema } from './jobDocument.ts'
import { JOB_MIGRATIONS, migrateSections } from './migrations.ts'
import { FIXTURES, version1, version4, version5 } from './test/versions.ts'

describe('migrations of the stored document', () => {
  it.each(JOB_MIGRATIONS.map((m) => [m.id, m] as const))('%s has a fixture and passes it', (id, migration) => {
    const { before, after } = FIXTURES[id]! // no fixture: red
    expect(migration.up(before as Record<string, unknown>)).toEqual(after)
  })
  it('there is one from every version to the next', () =>
    expect(JOB_MIGRATIONS.map((m) => m.from)).toEqual(Array.from({ length: JOB_SCHEMA_VERSION - 1 }, (_, i) => i + 1)))
  it('what comes out is a document of this version', () =>
    expect(JobDocumentSchema.safeParse(migrateSections(version1, 1)).error).toBeUndefined())
  it('ids of items are the same whoever migrates, whatever else is there, and a second time', () => {
    const sections = { fuel: version4.fuel, exhaust: version4.exhaust }
    const once = migrateSections(sections, 4)
    expect(once).toMatchObject({ fuel: { feed: { legs: version5.fuel.feed.legs } }, exhaust: version5.exhaust })
    expect(migrateSections({ fuel: version4.fuel }, 4)).toMatchObject({ fuel: once.fuel })
    expect(migrateSections(once, 4)).toEqual(once)
  })
  it('a document of this version is left alone', () => {
    const now = emptyJob('x') as unknown as Record<string, unknown>
    expect(migrateSections(now, JOB_SCHEMA_VERSION)).toBe(now)
  })
  it('the empty job is a document of this version, and every section has its name', () => {
    expect(JobDocumentSchema.safeParse(emptyJob('x')).error).toBeUndefined()
    expect(SectionNameSchema.options).toEqual(SECTION_NAMES)
    expect(Object.keys(emptyJob('x')).sort()).toEqual([...SECTION_NAMES].sort())
  })
})
