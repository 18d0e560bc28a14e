import { explainFiringOrderError, firingOfTexts, parseFiringOrder } from './firingOrder.ts'

describe('firing order', () => {
  it.each([
    ['1-3-4-2', 4, [1, 3, 4, 2]],
    ['1342', 4, [1, 3, 4, 2]],
    ['1 5 3 6 2 4', 6, [1, 5, 3, 6, 2, 4]],
    ['1,8,4,3,6,5,7,2', 8, [1, 8, 4, 3, 6, 5, 7, 2]],
    ['1-12-5-8-3-10-6-7-2-11-4-9', 12, [1, 12, 5, 8, 3, 10, 6, 7, 2, 11, 4, 9]],
    ['1–2–3', null, [1, 2, 3]],
  ])('%s for %s cylinders', (text, cylinders, order) =>
    expect(parseFiringOrder(text, cylinders)).toEqual({ ok: true, value: order }),
  )
  it.each([
    ['1-3-4', 4, /3 cylinders are named; the engine has 4/],
    ['1-3-3-2', 4, /Cylinder 4 is missing/],
    ['front to back', 4, /not a firing order/],
    ['', 4, /not a firing order/],
    ['1-0-2-3', 4, /not a firing order/],
  ])('refuses %j', (text, cylinders, said) => {
    const read = parseFiringOrder(text, cylinders)
    expect(read.ok ? '' : explainFiringOrderError(read.error)).toMatch(said)
  })
  it.each([
    {
      order: [1, 3, 4, 2],
      pairs: [
        [1, 4],
        [3, 2],
      ],
    },
    {
      order: [1, 5, 3, 6, 2, 4],
      pairs: [
        [1, 6],
        [5, 2],
        [3, 4],
      ],
    },
    {
      order: [1, 8, 4, 3, 6, 5, 7, 2],
      pairs: [
        [1, 6],
        [8, 5],
        [4, 7],
        [3, 2],
      ],
    },
    { order: [1, 2, 4, 5, 3], pairs: null },
    { order: [1, 2], pairs: [[1, 2]] },
  ])('companions of $order', ({ order, pairs }) =>
    expect(firingOfTexts(order.join('-'), null, null)!.companions).toEqual(pairs),
  )
  it('uneven intervals, or texts that cannot be read', () => {
    expect(firingOfTexts('1-6-5-4-3-2', '90-150-90-150-90-150', 6)!.companions).toBeNull()
    expect(firingOfTexts('1-3-4-2', '90-150', 4)).toBeNull()
    expect(firingOfTexts('1-3-4-4', null, 4)).toBeNull()
    expect(firingOfTexts(Array.from({ length: 18 }, (_, i) => i + 1).join('-'), null, null)).toBeNull()
  })
})
