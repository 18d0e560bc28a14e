/** A name as it stands within a sentence: "the starter cable", "the ECU feed". */
export const midSentence = (name: string): string =>
  /^[A-Z][^A-Z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name
