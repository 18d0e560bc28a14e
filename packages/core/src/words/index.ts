export { counted, pluralOf } from './counted.ts'
export { ENGLISHES, englishOf, inEnglish, type English } from './inEnglish.ts'
export { withArticle } from './withArticle.ts'
export { answersTo, meaningsOf } from './synonyms.ts'
