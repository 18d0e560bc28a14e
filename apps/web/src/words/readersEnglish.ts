import { inEnglish, ownWords, type English, type JobDocument } from '@lochmoor/core'

let english: English = 'british'
let own: readonly string[] = []
const said = new Map<string, string>()

const american = (text: string): string => {
  let words = said.get(text)
  if (words === undefined) said.set(text, (words = inEnglish(text, 'american', own)))
  return words
}

/** The English in which every text is shown from now on; what is shown already has to be made anew. */
export const readIn = (chosen: English): void => {
  english = chosen
}
/** What a person has written in the open job stays as it is in every English. */
export const keepWordsOf = (job: JobDocument | null): void => {
  const words = job ? ownWords(job) : []
  if (words.length === own.length && words.every((w, i) => w === own[i])) return
  own = words
  said.clear()
}

/** What makes a text of the program one that its reader says; null where it is that already. */
export const readersEnglish = (): ((text: string) => string) | null => (english === 'british' ? null : american)
/** The same for a text that meets the screen outside an element: the name of the page, an alert. */
export const inReadersEnglish = (text: string): string => readersEnglish()?.(text) ?? text
