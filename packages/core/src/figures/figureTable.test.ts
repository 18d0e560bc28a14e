import { emptyJob } from '../job/index.ts'
import { assumed, computed, entered, type FigureRule } from './figureRule.ts'
import { FIGURE_ORDER, FIGURES } from './figures.ts'
import { figureTable, sortedFigures } from './figureTable.ts'

const rule = (uses: readonly string[]): FigureRule<number> => ({
  usedBy: ['fuel'],
  sources: [computed<number>('of others', uses, (_, given) => uses.reduce((sum, id) => sum + given.number(id), 1))],
})
const job = emptyJob('x')

describe('a table of figures', () => {
  it('puts every figure behind what it is made of', () => {
    expect(sortedFigures({ c: rule(['b', 'a']), b: rule(['a']), a: rule([]) })).toEqual(['a', 'b', 'c'])
    for (const [id, { sources }] of Object.entries(FIGURES))
      for (const use of sources.flatMap((s) => s.uses))
        expect([id, use, FIGURE_ORDER.indexOf(use) < FIGURE_ORDER.indexOf(id)]).toEqual([id, use, true])
  })
  it.each([
    ['of one', { a: rule(['a']) }, 'a -> a'],
    ['of two', { a: rule(['b']), b: rule(['a']) }, 'a -> b -> a'],
    ['of three, met from outside', { x: rule(['a']), a: rule(['b']), b: rule(['c']), c: rule(['a']) }, 'a -> b -> c -> a'], // prettier-ignore
  ])('refuses a circle %s, and names it', (_name, rules, circle) =>
    expect(() => figureTable(rules)).toThrow(new RegExp(`depends on itself: .*${circle}`)),
  )
  it('two ways to one figure are no circle', () =>
    expect(figureTable({ d: rule(['b', 'c']), b: rule(['a']), c: rule(['a']), a: rule([]) }).find(job, 'd').value).toBe(
      5,
    ))
  it('refuses a figure that is not there, and one that was not declared', () => {
    expect(() => figureTable({ a: rule(['nowhere']) })).toThrow(/nowhere/)
    const sly: FigureRule<number> = {
      usedBy: ['fuel'],
      sources: [computed<number>('of a figure it hides', [], (_, given) => given.number('a'))],
    }
    expect(() => figureTable({ sly, a: rule([]) }).find(job, 'sly')).toThrow(/has not declared/)
  })
  it('finds a figure once for a document, and the first source that answers wins', () => {
    let asked = 0
    const table = figureTable({
      f: {
        usedBy: ['fuel'],
        sources: [
          entered<number>('vehicle.cylinders'),
          computed<number>('counted', [], () => {
            asked++
            return null
          }),
          assumed<number>('usual', 4),
        ],
      },
    })
    expect([table.find(job, 'f'), table.find(job, 'f')].map((f) => [f.value, f.kind])).toEqual([
      [4, 'assumed'],
      [4, 'assumed'],
    ])
    expect(asked).toBe(1)
    const known = { ...job, vehicle: { ...job.vehicle, cylinders: 8 } }
    expect(table.find(known, 'f')).toMatchObject({ value: 8, kind: 'entered' })
    expect(asked).toBe(1)
  })
})
