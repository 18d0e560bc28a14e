import { emptyJob, type JobDocument } from '../../job/index.ts'
import { valueAt, withValueAt } from '../../shape/index.ts'
import { UNITS } from '../../quantity/index.ts'
import { WALK_GROUPS } from '../../meaning/index.ts'
import { entriesFor, FITNESS_TESTS, isKnown, stillToMeasure } from './index.ts'

const job = emptyJob('x')
const entries = [...WALK_GROUPS.flatMap((g) => g.entries), ...FITNESS_TESTS.flatMap((t) => t.entries)]
const leaves = (value: unknown, path: string): string[] =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.entries(value).flatMap(([k, v]) => leaves(v, `${path}.${k}`))
    : [path]

describe('entries of the walk-around', () => {
  it('every leaf of the section has exactly one entry, and every entry a leaf', () => {
    const inSection = entries.map((e) => e.path as string).filter((p) => p.startsWith('walkAround.'))
    expect(new Set(inSection).size).toBe(inSection.length)
    expect([...inSection].sort()).toEqual(leaves(job.walkAround, 'walkAround').sort())
  })
  it('every entry of the car says how it is measured, every test how it is done', () => {
    for (const g of WALK_GROUPS)
      for (const e of g.entries) expect([e.path, (e.how ?? '').length > 10]).toEqual([e.path, true])
    for (const t of FITNESS_TESTS) expect(t.how.length).toBeGreaterThan(10)
  })
  it.each(entries.map((e) => [e.path, e] as const))('%s leads somewhere and has a family of units', (path, e) => {
    expect(valueAt(job, path)).not.toBeUndefined()
    if ('family' in e) expect(UNITS[e.family].length).toBeGreaterThan(0)
    if (e.kind === 'choice') expect(new Set(e.options.map(([v]) => v)).size).toBe(e.options.length)
  })
})

describe('still to measure', () => {
  const change = (j: JobDocument, path: string, value: unknown) => withValueAt(j, path, value)
  it('begins with what most waits for', () => {
    const needs = stillToMeasure(job).map((e) => e.need)
    expect(needs).toEqual([...needs].sort((a, b) => b - a))
    expect(needs[0]).toBe(3)
  })
  it('an entry leaves the list when it is known, also when the answer is no', () => {
    const next = change(job, 'walkAround.lines.returnLine', false)
    expect(stillToMeasure(job).some((e) => e.path === 'walkAround.lines.returnLine')).toBe(true)
    expect(stillToMeasure(next).some((e) => e.path === 'walkAround.lines.returnLine')).toBe(false)
    expect(
      isKnown(
        entries.find((e) => e.path === 'walkAround.lines.returnLine')!,
        next,
      ),
    ).toBe(true)
  })
  it('bore and stroke answer for the displacement, and it for them', () => {
    const paths = (j: JobDocument) => stillToMeasure(j).map((e) => e.path)
    const both = change(change(job, 'walkAround.engine.boreM', 0.09), 'walkAround.engine.strokeM', 0.08)
    expect(paths(both)).not.toContain('vehicle.displacementM3')
    expect(paths(change(job, 'vehicle.displacementM3', 3e-3))).not.toContain('walkAround.engine.boreM')
  })
  it('asks for a kickdown only on an automatic, for a return bore only where there is a return', () => {
    const asks = (j: JobDocument, path: string) => entriesFor(j).some((e) => e.path === path)
    expect(asks(job, 'walkAround.gearbox.kickdown')).toBe(false)
    expect(asks(change(job, 'walkAround.gearbox.kind', 'automatic'), 'walkAround.gearbox.kickdown')).toBe(true)
    expect(asks(change(job, 'walkAround.lines.returnLine', true), 'walkAround.lines.returnBoreM')).toBe(true)
  })
  it('an empty list is not known, one figure of it is', () => {
    const list = entries.find((e) => e.path === 'walkAround.tests.compressionPa')!
    expect(isKnown(list, job)).toBe(false)
    expect(isKnown(list, change(job, list.path, [null, null]))).toBe(false)
    expect(isKnown(list, change(job, list.path, [null, 9e5]))).toBe(true)
  })
})
