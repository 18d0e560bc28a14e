import { answersTo, counted, englishOf, inEnglish, meaningsOf, pluralOf, withArticle } from './index.ts'

describe('American English', () => {
  it.each([
    ['Gap to the closed bonnet', 'Gap to the closed hood'],
    ['BONNET UP', 'HOOD UP'],
    ['Under the boot floor', 'Under the trunk floor'],
    ['A plug boot and the boot lid', 'A plug boot and the trunk lid'],
    ['HT leads, suppressed', 'plug wires, suppressed'],
    ['The earthed terminal (negative)', 'The grounded terminal (negative)'],
    ['Earth strap, engine to body', 'Ground strap, engine to body'],
    ['inlet\n manifold', 'intake manifold'],
    ['Carburettor off: petrol vapour', 'Carburetor off: gasoline vapor'],
    ['Ground clearance', 'Ground clearance'],
    ['Use the hose clip, not a clip', 'Use the hose clamp, not a clip'],
    ['Downdraught, side draught', 'Downdraft, side draft'],
    ['an earthenware gearboxing', 'an earthenware gearboxing'],
  ])('"%s" is "%s"', (british, american) => {
    expect(inEnglish(british, 'american')).toBe(american)
    expect(inEnglish(british, 'british')).toBe(british)
  })
  it('what a person has written stays letter for letter, inside a sentence too', () => {
    const own = ['Bonnet Special', 'the boot', 'unused']
    expect(inEnglish('Bonnet Special: seal the joint at “the boot”, bonnet shut', 'american', own)).toBe(
      'Bonnet Special: seal the joint at “the boot”, hood shut',
    )
  })
  it.each([
    ['en-US', 'american'],
    ['en-us', 'american'],
    ['en-GB', 'british'],
    ['en', 'british'],
    ['en-AU', 'british'],
    ['de-DE', 'british'],
    [undefined, 'british'],
  ])('a browser in %s reads %s', (language, english) => expect(englishOf(language)).toBe(english))
})

describe('numbers of things', () => {
  it.each([
    [0, '0 entries'],
    [1, '1 entry'],
    [2, '2 entries'],
    [1.5, '1.5 entries'],
    [21, '21 entries'],
  ])('%d', (n, words) => expect(counted(n, 'entry', 'entries')).toBe(words))
  it('regular nouns need one form', () =>
    expect([counted(1, 'risk'), counted(3, 'risk'), counted(3, 'entry'), counted(3, 'day')]).toEqual(['1 risk', '3 risks', '3 entries', '3 days'])) // prettier-ignore
  it('verbs agree', () =>
    expect([pluralOf(1, 'takes', 'take'), pluralOf(2, 'takes', 'take')]).toEqual(['takes', 'take']))
  it.each([
    ['pump', 'a pump'],
    ['injector', 'an injector'],
    ['ECU', 'an ECU'],
    ['oxygen sensor', 'an oxygen sensor'],
    ['hose or tube', 'a hose or tube'],
  ])('%s', (noun, words) => expect(withArticle(noun)).toBe(words))
})

describe('a search', () => {
  it.each([
    ['Bung, exhaust sensor', 'boss'],
    ['Earthed terminal, power', 'negative earth'],
    ['Earthed terminal, power', 'ground'],
    ['Cold idle', 'choke'],
    ['Prime at key-on', 'bleed'],
    ['ECU outputs', 'controller'],
    ['Inlet manifold', 'intake manifold'],
    ['Gap to the closed bonnet', 'hood gap'],
    ['Try a remedy Fit a return of Fleet injection hose 6 mm', 'return 6 fleet'],
  ])('"%s" answers to "%s"', (text, search) => expect(answersTo(text, search)).toBe(true))
  it.each([
    ['Bung, exhaust sensor', 'gearbox'],
    ['Cold idle', 'choke pump'],
    ['Set pressure', 'boss'],
  ])('"%s" does not answer to "%s"', (text, search) => expect(answersTo(text, search)).toBe(false))
  it('nothing searched for is answered by everything', () => expect(answersTo('Set pressure', '  ')).toBe(true))
  it('words that belong together are looked for together', () =>
    expect(meaningsOf('Negative earth pump').map(([said]) => said)).toEqual(['negative earth', 'pump']))
})
