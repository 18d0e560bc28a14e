import { inEnglish } from './inEnglish.ts'

/**
 * What people of the trade also say, left, for what the program says, right: a search for the one finds the other.
 * One way only: whoever writes the program's own word means just that.
 */
const ALSO_SAID: readonly (readonly [said: string, ours: readonly string[]])[] = [
  ['boss', ['bung']],
  ['bosses', ['bung']],
  ['lambda', ['oxygen sensor', 'sensor']],
  ['o2', ['oxygen']],
  ['probe', ['sensor']],
  ['spot', ['position']],
  ['negative earth', ['earthed terminal', 'battery']],
  ['positive earth', ['earthed terminal', 'battery']],
  ['polarity', ['earthed terminal']],
  ['ground', ['earth']],
  ['choke', ['cold idle', 'throttle', 'carburettor']],
  ['bleed', ['prime', 'pressure', 'leak test']],
  ['air lock', ['prime', 'vapour']],
  ['vapour lock', ['boil', 'vapour', 'suction']],
  ['vapor lock', ['boil', 'vapour', 'suction']],
  ['controller', ['ecu']],
  ['computer', ['ecu']],
  ['carb', ['carburettor']],
  ['tbi', ['throttle body']],
  ['injection hose', ['hose']],
  ['pipe', ['line', 'tube', 'pipe']],
  ['clamp', ['clip', 'clamp']],
  ['headers', ['exhaust manifold', 'header']],
  ['merge', ['collector', 'merge']],
  ['cat', ['catalyst']],
  ['turbo', ['turbine', 'turbo']],
  ['blower', ['supercharged', 'boost']],
  ['supercharger', ['supercharged', 'boost']],
  ['dead head', ['shut-off', 'returnless']],
  ['dead-head', ['shut-off', 'returnless']],
  ['single line', ['returnless']],
  ['swirl', ['swirl pot']],
  ['surge tank', ['swirl pot']],
  ['sock', ['strainer']],
  ['hanger', ['module']],
  ['fuse box', ['fuse']],
  ['gear box', ['gearbox']],
  ['trans', ['gearbox']],
  ['log', ['job log']],
  ['diary', ['job log']],
  ['undo', ['undo', 'restore']],
  ['afr', ['lambda']],
  ['mixture', ['lambda', 'mixture']],
  ['duty', ['injector', 'duty']],
  ['e10', ['ethanol']],
  ['e85', ['ethanol']],
  ['alcohol', ['ethanol']],
]

const OURS = new Map(ALSO_SAID)

/** Each word of a search, lower case, with whatever else it may stand for, longest phrases first. */
export const meaningsOf = (search: string): readonly (readonly string[])[] => {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean)
  const meanings: string[][] = []
  for (let i = 0; i < words.length;) {
    const length = [3, 2].find((n) => i + n <= words.length && OURS.has(words.slice(i, i + n).join(' '))) ?? 1
    const phrase = words.slice(i, i + length).join(' ')
    meanings.push([phrase, ...(OURS.get(phrase) ?? [])])
    i += length
  }
  return meanings
}

/** Whether a text answers to a search: each of its words stands in it, in either English, by whatever name. */
export const answersTo = (text: string, search: string): boolean => {
  const british = text.toLowerCase()
  const both = `${british}\n${inEnglish(british, 'american')}`
  return meaningsOf(search).every((names) => names.some((name) => both.includes(name)))
}
