import { AMERICAN, type WordPair } from './american.ts'

export const ENGLISHES = ['british', 'american'] as const
export type English = (typeof ENGLISHES)[number]

/** American for a browser or a person whose language is American English; British for every other. */
export const englishOf = (language: string | undefined): English =>
  /^en-us\b/i.test(language ?? '') ? 'american' : 'british'

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

const patternOf = ({ british, notAfter, notBefore }: WordPair): string =>
  `${notAfter ? `(?<!${escaped(notAfter)})` : ''}\\b${escaped(british).replaceAll(' ', '\\s+')}\\b${notBefore ? `(?!${escaped(notBefore)})` : ''}`

// The longer first: "inlet manifold" before "manifold" would be.
const WORDS = new RegExp(
  [...AMERICAN]
    .sort((a, b) => b.british.length - a.british.length)
    .map((p) => `(?:${patternOf(p)})`)
    .join('|'),
  'gi',
)
const BY_WORD = new Map(AMERICAN.map((p) => [p.british, p.american]))

/** In the letters of what it stands for: "Bonnet" as "Hood", "BONNET" as "HOOD"; "HT leads" is no shouting. */
const inItsCase = (was: string, word: string): string => {
  if (was.length > 1 && was === was.toUpperCase()) return word.toUpperCase()
  return /^[A-Z]/.test(was) && !/^[A-Z]{2}/.test(was) ? word[0]!.toUpperCase() + word.slice(1) : word
}

const american = (text: string): string =>
  text.replace(WORDS, (was) => inItsCase(was, BY_WORD.get(was.toLowerCase().replace(/\s+/g, ' '))!))

/**
 * A text of the program in the English that its reader chose: texts are written in British, American is made by the
 * word map. What a person has written, such as the name of a car, is given as `own` and stays letter for letter.
 */
export const inEnglish = (text: string, english: English, own: readonly string[] = []): string => {
  if (english === 'british' || text === '') return text
  const kept = own.filter((name) => name !== '' && american(name) !== name && text.includes(name))
  if (kept.length === 0) return american(text)
  const names = new RegExp(
    `(${kept
      .sort((a, b) => b.length - a.length)
      .map(escaped)
      .join('|')})`,
  )
  return text
    .split(names)
    .map((part, i) => (i % 2 === 1 ? part : american(part)))
    .join('')
}
