import { emptyJob } from '@lochmoor/core'
import { JOB_SCHEMA_VERSION, JobDocumentSchema, SECTION_NAMES, SectionNameSchema } from './jobDocument.ts'
import { JOB_MIGRATIONS, migrateSections } from './migrations.ts'

const { vehicle, fuel, ...later } = emptyJob('Fellside pickup')
/** As version 1 stored it: layout and kind of system were never open. */
const version1 = {
  vehicle: { ...vehicle, layout: 'vee' },
  fuel: { ...fuel, systemType: 'single-line', injectionPlace: 'port', lowV: 11.8 },
}

const fixtures: Record<string, { before: object; after: object }> = {
  '1-to-2: walk-around, system and work': { before: version1, after: { ...version1, ...later } },
}

describe('migrations of the stored document', () => {
  it.each(JOB_MIGRATIONS.map((m) => [m.id, m] as const))('%s has a fixture and passes it', (id, migration) => {
    const { before, after } = fixtures[id]! // no fixture: red
    expect(migration.up(before as Record<string, unknown>)).toEqual(after)
  })
  it('there is one from every version to the next', () =>
    expect(JOB_MIGRATIONS.map((m) => m.from)).toEqual(Array.from({ length: JOB_SCHEMA_VERSION - 1 }, (_, i) => i + 1)))
  it('what comes out is a document of this version', () =>
    expect(JobDocumentSchema.safeParse(migrateSections(version1, 1)).error).toBeUndefined())
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
