import { createHash } from 'node:crypto'
import { JOB, SECTION_NAMES, type GroupNode } from '@lochmoor/core/job-shape'
import { JOB_SCHEMA_VERSION } from './jobDocument.ts'
import { JOB_MIGRATIONS } from './migrations.ts'
import { shapeText } from './shapeText.ts'
import { SHAPE_LOCK } from './test/versions.ts'

const hashOf = (shape: GroupNode) => createHash('sha256').update(shapeText(shape)).digest('hex').slice(0, 16)
const NOW = Object.fromEntries(SECTION_NAMES.map((s) => [s, hashOf(JOB.fields[s])]))
const { vehicle } = JOB.fields
const year = vehicle.fields.year
const changed = (fields: object): GroupNode => ({ is: 'group', fields: { ...vehicle.fields, ...fields } })

describe('the shape of stored jobs', () => {
  it('is the one of this version: a changed shape takes a new version, a migration with its fixture, and a new lock', () =>
    expect({ version: JOB_SCHEMA_VERSION, ...NOW }).toEqual({
      version: JOB_SCHEMA_VERSION,
      ...SHAPE_LOCK[JOB_SCHEMA_VERSION],
    }))
  it('the lock stands for the newest version, which has its migration', () => {
    expect(Math.max(...Object.keys(SHAPE_LOCK).map(Number))).toBe(JOB_SCHEMA_VERSION)
    expect(JOB_MIGRATIONS.at(-1)!.from).toBe(JOB_SCHEMA_VERSION - 1)
  })
  it.each<[string, object]>([
    ['a field more', { colour: year }],
    ['a field less', { year: undefined }],
    ['a wider range', { year: { ...year, range: { ...year.range, max: 2200 } } }],
    ['a fraction where whole numbers were', { year: { ...year, whole: false } }],
    ['a word more', { layout: { ...vehicle.fields.layout, words: ['inline', 'vee', 'flat', 'radial'] } }],
    ['a field that may no longer be empty', { year: { ...year, empty: 1970 } }],
    ['a longer name', { title: { ...vehicle.fields.title, most: 90 } }],
  ])('%s is seen', (_what, fields) => {
    const planted = changed(Object.fromEntries(Object.entries(fields).filter(([, v]) => v !== undefined)))
    const shape: GroupNode =
      'year' in fields && fields.year === undefined
        ? { is: 'group', fields: Object.fromEntries(Object.entries(vehicle.fields).filter(([k]) => k !== 'year')) }
        : planted
    expect(hashOf(shape)).not.toBe(NOW['vehicle'])
  })
  it('another name of a unit is no change', () =>
    expect(hashOf(changed({ year: { ...year, range: { ...year.range, unit: 'years AD' } } }))).toBe(NOW['vehicle']))
  it('the order in which fields are written is no change', () =>
    expect(hashOf({ is: 'group', fields: Object.fromEntries(Object.entries(vehicle.fields).reverse()) })).toBe(
      NOW['vehicle'],
    ))
})
