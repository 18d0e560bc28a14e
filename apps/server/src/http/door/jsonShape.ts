/** How deep brackets may be nested: the job document needs eight. */
export const MOST_DEPTH = 40
/** How many values one request may hold: a section with every list full has some six thousand. */
export const MOST_VALUES = 50_000

const [QUOTE, BACKSLASH, OPEN_LIST, CLOSE_LIST, OPEN_GROUP, CLOSE_GROUP, COMMA] = [0x22, 0x5c, 0x5b, 0x5d, 0x7b, 0x7d, 0x2c] // prettier-ignore

/** Depth and number of values of a JSON text, counted as it comes, byte by byte, before anything is made of it. */
export class ShapeCounter {
  private depth = 0
  private values = 1
  private inText = false
  private escaped = false
  constructor(
    private readonly mostValues = MOST_VALUES,
    private readonly mostDepth = MOST_DEPTH,
  ) {}

  /** Takes the next bytes; a sentence once they are nested too deeply or hold too much, else null. */
  take(bytes: Uint8Array): string | null {
    for (const b of bytes) {
      if (this.inText) {
        if (this.escaped) this.escaped = false
        else if (b === BACKSLASH) this.escaped = true
        else if (b === QUOTE) this.inText = false
      } else if (b === QUOTE) this.inText = true
      else if (b === COMMA) this.values++
      else if (b === OPEN_LIST || b === OPEN_GROUP) {
        this.depth++
        this.values++
      } else if (b === CLOSE_LIST || b === CLOSE_GROUP) this.depth--
      if (this.depth > this.mostDepth)
        return `The JSON is nested more than ${this.mostDepth} deep; allowed: at most ${this.mostDepth}.`
      if (this.values > this.mostValues)
        return `The JSON holds more than ${this.mostValues} values; allowed: at most ${this.mostValues}.`
    }
    return null
  }
}

const MOST_PLACE = 200

/**
 * The first text of a parsed JSON value that no store and no paper could hold, as a sentence: half of a pair of
 * surrogates, or a key that names what every object inherits. Null where all is well.
 */
export const unsoundText = (value: unknown): string | null => {
  const waiting: { readonly at: string; readonly value: unknown }[] = [{ at: '', value }]
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    const { value: here } = next
    // Names are somebody's too, and may be as long as all that was sent.
    const at = next.at.slice(0, MOST_PLACE)
    if (typeof here === 'string' && !here.isWellFormed())
      return `${at || 'input'} is text with half a character (a lone surrogate); allowed: whole characters`
    if (typeof here !== 'object' || here === null) continue
    for (const [key, inner] of Object.entries(here)) {
      if (!key.isWellFormed() || key === '__proto__')
        return `${at || 'input'} is a group with a field named ${JSON.stringify(key.toWellFormed().slice(0, 40))}; allowed: names of fields`
      waiting.push({ at: at ? `${at}.${key}` : key, value: inner })
    }
  }
  return null
}
