import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { create, type Font } from 'fontkit'
import { letters } from './letters.ts'
import { plainFont } from './plainFont.ts'

const file = createRequire(import.meta.url).resolve('@fontsource/public-sans/files/public-sans-latin-400-normal.woff')
const packed = create(readFileSync(file)) as Font

describe('letters of papers', () => {
  it('are those of the packed file: every width, every outline, every name', () => {
    const plain = create(plainFont(readFileSync(file))) as Font
    expect([plain.postscriptName, plain.unitsPerEm, plain.numGlyphs]).toEqual([packed.postscriptName, packed.unitsPerEm, packed.numGlyphs]) // prettier-ignore
    for (let id = 0; id < plain.numGlyphs; id++) {
      const [a, b] = [plain.getGlyph(id), packed.getGlyph(id)]
      const outline = b.path.toSVG()
      expect([id, a.path.toSVG()]).toEqual([id, outline])
      // Of a letter without an outline the packed file cannot tell the width.
      if (outline !== '') expect([id, a.advanceWidth]).toEqual([id, b.advanceWidth])
    }
  })
  it('stand where the packed file puts them, also the second time, whatever was made of the first', () => {
    for (const text of ['Way', 'AVATAR', 'first figure 11.7', 'ä–ö', '']) {
      const { advanceWidth, glyphs, positions } = packed.layout(text)
      for (let i = 0; i < 3; i++) {
        const run = letters(400).layout(text)
        expect(run.glyphs.map((g) => g.id)).toEqual(glyphs.map((g) => g.id))
        expect(run.positions).toEqual(positions.map((p) => ({ ...p })))
        expect(run.advanceWidth).toBe(advanceWidth)
        // As the maker of PDF does: it scales them where they stand.
        for (const p of run.positions) (p as { xAdvance: number }).xAdvance *= 0.5
        run.glyphs.pop()
      }
    }
  })
  it('of another format are refused', () => {
    expect(() => plainFont(Buffer.from('wOF2 and more than that, as long as a head is, at the least'))).toThrow(
      'WOFF 1.0',
    )
    expect(() => plainFont(Buffer.alloc(3))).toThrow('WOFF 1.0')
  })
})
