import fc from 'fast-check'
import { clearLabels, clearTicks, overlaps, widthOfText, type Label } from './clearLabels.ts'

const arbLabels = fc.array(
  fc.record({ text: fc.constantFrom('1', '22', 'P24'), x: fc.integer({ min: 0, max: 120 }), y: fc.integer({ min: 0, max: 60 }) }),
  { maxLength: 25 },
) // prettier-ignore

describe('labels of a drawing', () => {
  it('lie on no other, at one of their places or nowhere; the first always has its own', () =>
    fc.assert(
      fc.property(arbLabels, (list) => {
        const labels = list.map((l, n): Label => ({ id: String(n), text: l.text, size: 10, places: [[l.x, l.y], [l.x + 14, l.y], [l.x, l.y - 12]] })) // prettier-ignore
        const placed = clearLabels(labels)
        const boxes = labels.flatMap((l) => {
          const at = placed.get(l.id)
          if (!at) return []
          expect(l.places).toContainEqual(at)
          const w = widthOfText(l.text, l.size) / 2
          return [{ x0: at[0] - w, x1: at[0] + w, y0: at[1] - 4.5, y1: at[1] + 4.5 }]
        })
        boxes.forEach((a, i) => boxes.slice(i + 1).forEach((b) => expect(overlaps(a, b)).toBe(false)))
        if (labels[0]) expect(placed.get('0')).toEqual(labels[0].places[0])
      }),
      { seed: 22, numRuns: 200 },
    ))

  it('one with no free place is left out', () => {
    const label = (id: string): Label => ({ id, text: '12', size: 10, places: [[50, 50]] })
    expect([...clearLabels([label('a'), label('b')]).values()]).toEqual([[50, 50], null])
    expect(clearLabels([label('a')], [{ x0: 40, x1: 60, y0: 40, y1: 60 }]).get('a')).toBe(null)
  })

  it('ticks too close for their words lose words, never the first', () => {
    const at = (t: number) => t
    const says = (t: number) => `${t} A`
    expect(clearTicks([0, 20, 40, 60, 80, 100], at, says, 10)).toEqual([0, 40, 80])
    expect(clearTicks([0, 100, 200], at, says, 10)).toEqual([0, 100, 200])
  })
})
