import { emptyJob, JOB, SECTION_NAMES } from '../job/index.ts'
import { leavesOf, valueAt } from '../shape/index.ts'
import { entriesOf } from './entriesOf.ts'
import { at, BASE } from './test/surveyed.ts'

const isThere = (path: string): boolean => valueAt(BASE, path) !== undefined
const rowOf = (entries: Readonly<Record<string, unknown>>, path: string) =>
  entriesOf(at(BASE, entries), {}).find((e) => e.path === path)

describe('everything entered', () => {
  it('is nothing but the title for an empty job', () =>
    expect(entriesOf(emptyJob('Linnet'), {}).map((e) => [e.path, e.text])).toEqual([['vehicle.title', 'Linnet']]))
  it.each([
    ['system.signals', ['knock', 'brake'], /knock.*brake/i, null],
    ['fuel.secondEthanolShare', 0.85, /85\s?%/, 0.85],
    ['exhaust.flanged', true, /^yes$/i, null],
    ['exhaust.lead', 'whole', /^as delivered$/, null],
    ['walkAround.baseline.idleVacuumPa', 61e3, /61/, 61e3],
    ['walkAround.means.drillM', 0.013, /13/, 0.013],
    ['system.compared', ['throttle-body-high|kit', 'port|kit'], /^2 entries$/, null],
    ['vehicle.cylinders', 6, /^6$/, 6],
  ] as const)('%s as it is said, and in SI where it is a figure', (path, value, text, si) => {
    const row = rowOf({ [path]: value }, path)!
    expect(row.text).toMatch(text)
    expect(row.si).toBe(si)
    expect(row.label).not.toBe('')
    expect(row.label).not.toContain(path)
  })
  it('a sensor on the top line, right at the merge, stands there: what an item begins with is an entry', () => {
    const spots = [{ run: 'a', alongM: 0, clockDeg: 0 }]
    expect([rowOf({ 'exhaust.spots': spots }, 'exhaust.spots.a.alongM')?.si, rowOf({ 'exhaust.spots': spots }, 'exhaust.spots.a.clockDeg')?.si]).toEqual([0, 0]) // prettier-ignore
  })
  it('leads to what stands in the document, each once', () => {
    // The pieces of this pipe share one id.
    const rows = entriesOf(BASE, {}).filter((r) => !r.path.includes('piece-0'))
    expect(new Set(rows.map((r) => r.path)).size).toBe(rows.length)
    for (const r of rows) expect(valueAt(BASE, r.path)).not.toBeUndefined()
    for (const r of rows) if (r.si !== null) expect(valueAt(BASE, r.path)).toBe(r.si)
  })
  it('has every section but those of the owner, of orders and of people', () => {
    for (const section of SECTION_NAMES) {
      const [path, leaf] = leavesOf(JOB.fields[section], section).find(
        ([p, l]) => !p.includes('*') && (l.is === 'figure' || l.is === 'flag' || l.is === 'text') && isThere(p),
      )!
      const value = leaf.is === 'figure' ? leaf.range.max : leaf.is === 'flag' ? true : 'Secret'
      const listed = rowOf({ [path]: value }, path) !== undefined
      expect([section, listed]).toEqual([section, !['work', 'facts', 'orders'].includes(section)])
    }
  })
})
