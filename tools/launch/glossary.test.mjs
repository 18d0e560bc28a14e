import { inEnglish } from '../../packages/core/src/words/index.ts'
import { AMERICAN } from '../../packages/core/src/words/american.ts'
import { allTexts, sources } from '../words/texts.mjs'
import { BANNED } from './glossary.mjs'

/** Where the words of a search, of the American map and of workings stand as data. */
const DATA = /words\/(?:synonyms|american)\.ts$|catalogue\/stock\//
const TEXTS = allTexts().filter(({ file }) => !DATA.test(file))

/** @param {(typeof BANNED)[number]} rule @param {string} text */
const has = ({ bad, unless }, text) => bad.test(text) && !(unless?.test(text) ?? false)
/** @param {{ file: string, text: string }} one */
const where = ({ file, text }) => `${file}: ${text.slice(0, 160)}`

describe('the words of the program', () => {
  it('all of them are looked at: screens, server, calculators and pages', () => {
    expect(TEXTS.length).toBeGreaterThan(3000)
    for (const place of [
      'apps/web/',
      'apps/server/',
      'apps/cli/',
      'packages/core/',
      'packages/contract/',
      'docs/',
      'README',
    ])
      expect(TEXTS.some(({ file }) => file.startsWith(place))).toBe(true)
  })
  it.each(BANNED)('"$seen" is said as $use', (rule) => {
    expect(has(rule, rule.seen)).toBe(true)
    for (const right of rule.not ?? []) expect(has(rule, right)).toBe(false)
    expect(TEXTS.filter(({ text }) => has(rule, text)).map(where)).toEqual([])
  })
})

// Independent of the map: how words are spelt on either side, and the nouns that the trade has two of.
const BRITISH_SPELLING =
  /\b(?!(?:our|your|hour|four|pour|sour|tour|colour-mix)\b)\w*(?:[a-z]{2})our(?:s|ed|ing)?\b|\b\w+(?:lyse|tre|tres|ogue|ogues)\b|\b(?:aluminised|oxidised|polarised?|repolarise|recognised?|organised?)\b|\b(?:grey|tyres?|kerb|aluminium|draught|downdraught|analogue|metres?|litres?|carburettors?|carburetted|towards)\b/i
const BRITISH_SPELLING_NOT = /\b(?:four|hour|hours|your|our|pour|pours|sour|hours?)\b/i
const BRITISH_NOUNS =
  /\b(?:bonnet|earthed|earth|petrol|spanners?|inlet manifold|gearbox(?:es)?|bulkhead|sill|HT leads?|silencers?|hose clips?|axle stands?|rolling road|saloon|sump|dynamos?)\b|(?<!plug )\bboot\b|\bwings?\b/i

describe('American English', () => {
  it('has no word left that only British readers use', () => {
    const left = TEXTS.map(({ file, text }) => ({ file, text: inEnglish(text, 'american') })).filter(({ text }) => {
      const words = text.match(new RegExp(BRITISH_SPELLING.source, 'gi')) ?? []
      return BRITISH_NOUNS.test(text) || words.some((w) => !BRITISH_SPELLING_NOT.test(w))
    })
    expect(left.map(where)).toEqual([])
  })
  it('every word of the map stands in some text', () => {
    const all = TEXTS.map(({ text }) => text.toLowerCase()).join('\n')
    expect(AMERICAN.filter(({ british }) => !new RegExp(`\\b${british}\\b`).test(all)).map((p) => p.british)).toEqual(
      [],
    )
  })
  it('said twice is said once: no American word is a British one of the map', () => {
    for (const { file, text } of TEXTS) {
      const once = inEnglish(text, 'american')
      expect(`${file}: ${inEnglish(once, 'american')}`).toBe(`${file}: ${once}`)
    }
  })
})

// A number of things is counted by the plural rules, never by hand.
describe('plurals', () => {
  const BY_HAND =
    /(?:===?|!==?|>|<) ?[12] \? (?:['"]s?['"] : ['"]s?['"]|['"]is['"] : ['"]are|['"]([a-z ]+)['"] : ['"]\1s)/
  it.each(["risks.length === 1 ? 'risk' : 'risks'", "n > 1 ? 's' : ''", "open === 1 ? 'is' : 'are'"])(
    '%s is by hand',
    (text) => expect(BY_HAND.test(text)).toBe(true),
  )
  it('none is made so', () => {
    const found = sources().flatMap(({ file, source }) =>
      source.split('\n').flatMap((line, i) => (BY_HAND.test(line) ? [`${file}:${i + 1} ${line.trim()}`] : [])),
    )
    expect(found).toEqual([])
  })
})

it('no word is said twice over', () => {
  const twice = /\b([a-z]{3,}) \1\b/i
  expect(twice.test('Loop above the filler neck neck')).toBe(true)
  expect(TEXTS.filter(({ text }) => twice.test(text)).map(where)).toEqual([])
})
