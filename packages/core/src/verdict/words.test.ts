import { fig } from './verdict.ts'
import { marginWords } from './words.ts'

const pa = (si: number) => fig(si, 'pressure')

describe('what a margin is called', () => {
  it.each([
    ['past a maximum', pa(120), pa(100), pa(-20), 'over by'],
    ['below a minimum', pa(80), pa(100), pa(-20), 'short by'],
    ['inside a maximum', pa(80), pa(100), pa(20), 'margin'],
    ['above a minimum', pa(120), pa(100), pa(20), 'margin'],
    ['just at the limit', pa(100), pa(100), pa(0), 'margin'],
    ['below nought', pa(-5), pa(0), pa(-5), 'short by'],
  ])('%s', (_what, figure, limit, margin, words) => expect(marginWords({ figure, limit, margin })).toBe(words))
  it('two figures that are only compared differ', () =>
    expect(marginWords({ figure: pa(1), limit: pa(2), margin: pa(-1), marginIs: 'apart' })).toBe('differ by'))
})
