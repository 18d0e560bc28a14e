import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { create, type Font, type GlyphPosition, type GlyphRun } from 'fontkit'
import { plainFont } from './plainFont.ts'

const require = createRequire(import.meta.url)

/** Words whose letters are kept placed: papers say the same words again and again. */
const MOST_WORDS = 20_000

const copied = (run: Pick<GlyphRun, 'glyphs'>, positions: readonly GlyphPosition[]) => {
  // Whoever draws it scales the places where they stand.
  const own = positions.map((p) => ({ ...p }))
  return {
    glyphs: [...run.glyphs],
    positions: own,
    get advanceWidth() {
      return own.reduce((sum, p) => sum + p.xAdvance, 0)
    },
  }
}

/** A font whose words are laid out once, whichever paper says them. */
const withMemory = (font: Font): Font => {
  const words = new Map<string, { readonly run: GlyphRun; readonly positions: readonly GlyphPosition[] }>()
  const layOut = font.layout.bind(font)
  const layout = (text: string, features?: Parameters<Font['layout']>[1]) => {
    if (features) return layOut(text, features)
    let known = words.get(text)
    if (!known) {
      const run = layOut(text)
      if (words.size >= MOST_WORDS) words.clear()
      words.set(text, (known = { run, positions: run.positions.map((p) => ({ ...p })) }))
    }
    return copied(known.run, known.positions)
  }
  return Object.assign(font, { layout })
}

const kept = new Map<number, Font>()
/** The letters of papers: unpacked once for all papers of a thread. */
export const letters = (weight: 400 | 700): Font => {
  let font = kept.get(weight)
  if (!font) {
    const file = require.resolve(`@fontsource/public-sans/files/public-sans-latin-${weight}-normal.woff`)
    const made = create(plainFont(readFileSync(file)))
    if (!('layout' in made)) throw new Error(`${file} is a collection of fonts, not a font`)
    kept.set(weight, (font = withMemory(made)))
  }
  return font
}

/** The same for the maker of PDF, whose types know files only; it takes a font that is made. */
export const lettersOfPaper = (weight: 400 | 700): string => letters(weight) as unknown as string
