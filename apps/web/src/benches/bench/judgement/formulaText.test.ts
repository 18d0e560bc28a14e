import { prettyFormula, withNumbers } from './formulaText.ts'

describe('formula text', () => {
  it.each([
    ['4 * Q / (pi * d^2)', '4 · Q / (π · d²)'],
    ['rho * 9.80665 * h', 'ρ · 9.80665 · h'],
    ['a * k_90 + sqrt(x)', 'a · k_90 + √(x)'],
  ])('%s is written %s', (formula, written) => expect(prettyFormula(formula)).toBe(written))

  it('puts the numbers in, negative ones in brackets', () => {
    const inputs = { rho: { value: 745, unit: '' }, h: { value: -0.4, unit: 'm' } }
    expect(
      withNumbers({ symbol: 'p', meaning: '', formula: 'rho * 9.80665 * h', inputs, result: 0, unit: '', source: '' }),
    ).toBe('745 · 9.80665 · (\u22120.4)')
  })
})
