/** A name as it stands inside a sentence: small, but for abbreviations. */
export const midSentence = (name: string): string =>
  /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name
