const RULES = new Intl.PluralRules('en')

/** The form for a number of things: "entry" for one, "entries" for none, two or one and a half. */
export const pluralOf = (count: number, one: string, many: string): string =>
  RULES.select(count) === 'one' ? one : many

/** A number with its thing: "1 entry", "3 entries". */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${pluralOf(count, one, many)}`
