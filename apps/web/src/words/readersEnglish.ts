import { inEnglish, inUnits, ownWords, type English, type JobDocument, type UnitChoice } from '@lochmoor/core'

let english: English = 'british'
let units: UnitChoice = {}
let ofJob: readonly string[] = []
let ofParts: readonly string[] = []
const said = new Map<string, string>()

const inReadersWords = (text: string): string => {
  let words = said.get(text)
  if (words === undefined) {
    const own = [...ofJob, ...ofParts]
    said.set(text, (words = inUnits(inEnglish(text, english, own), units, own)))
  }
  return words
}

/** The English and the units in which every text is shown from now on; what is shown already has to be made anew. */
export const readIn = (chosen: English, chosenUnits: UnitChoice): void => {
  if (chosen !== english || chosenUnits !== units) said.clear()
  english = chosen
  units = chosenUnits
}
const same = (a: readonly string[], b: readonly string[]) => a.length === b.length && a.every((w, i) => w === b[i])
/** What a person has written in the open job stays as it is in every English. */
export const keepWordsOf = (job: JobDocument | null): void => {
  const words = job ? ownWords(job) : []
  if (same(words, ofJob)) return
  ofJob = words
  said.clear()
}
/** Names of parts stay as their makers and the workshop gave them. */
export const keepNames = (names: readonly string[]): void => {
  if (same(names, ofParts)) return
  ofParts = names
  said.clear()
}

/** What makes a text of the program one that its reader says; null where it is that already. */
export const readersEnglish = (): ((text: string) => string) | null =>
  english === 'british' && Object.keys(units).length === 0 ? null : inReadersWords
/** The same for a text that meets the screen outside an element: the name of the page, an alert. */
export const inReadersEnglish = (text: string): string => readersEnglish()?.(text) ?? text
