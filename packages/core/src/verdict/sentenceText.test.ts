import { fig, figureText, say, sentenceText } from './index.ts'

const plain = (text: string) => text.replaceAll('\u2009', ' ')

describe('sentences as text', () => {
  it.each([
    ['in the first unit where none is chosen', {}, 'rail at 300 kPa, 58 % to spare'],
    ['in the reader’s units', { pressure: 'psi' }, 'rail at 43.5 psi, 58 % to spare'],
    ['an unknown unit falls back to the first', { pressure: 'furlong' }, 'rail at 300 kPa, 58 % to spare'],
  ] as const)('%s', (_n, units, text) =>
    expect(plain(sentenceText(say`rail at ${fig(300e3, 'pressure')}, ${fig(0.58, 'share')} to spare`, units))).toBe(
      text,
    ),
  )
  it('decimals asked for are kept, and a sentence within a sentence is one', () => {
    expect(plain(figureText(fig(1234.5678, 'pressure', 3), {}))).toBe('1.235 kPa')
    const inner = say`about ${fig(12, 'voltage')}`
    expect(plain(sentenceText(say`${inner} at the pump`, {}))).toBe('about 12.0 V at the pump')
  })
})
