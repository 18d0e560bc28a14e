const RULES = new Intl.PluralRules('en')

/** The form for a number of things: "entry" for one, "entries" for none, two or one and a half. */
export const pluralOf = (count: number, one: string, many: string): string =>
  RULES.select(count) === 'one' ? one : many

const severalOf = (one: string): string => (/[^aeiou]y$/.test(one) ? `${one.slice(0, -1)}ies` : `${one}s`)

/** A number with its thing: "1 entry", "3 entries". */
export const counted = (count: number, one: string, many = severalOf(one)): string =>
  `${count} ${pluralOf(count, one, many)}`
