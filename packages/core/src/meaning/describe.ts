import { JOB, type JobDocument } from '../job/index.ts'
import type { Family } from '../quantity/index.ts'
import { isLeaf, nodeAt, ORDER, valueAt, type Node } from '../shape/index.ts'
import { WALK_GROUPS } from './walkAround/groups.ts'
import { TEST_ENTRIES } from './walkAround/tests.ts'
import type { WalkEntry } from './walkAround/walkEntry.ts'
import { LABELS } from './tables.ts'

/** What a place of the document is called and holds. */
export interface Described {
  readonly label: string
  /** What a figure there measures; null where it is none. */
  readonly family: Family | null
  /** What its words are called; null where it holds none. */
  readonly words: Readonly<Record<string, string>> | null
}

type Tree = Readonly<Record<string, unknown>>
const ENTRIES: ReadonlyMap<string, WalkEntry> = new Map(
  [...WALK_GROUPS.flatMap((g) => g.entries), ...Object.values(TEST_ENTRIES).flat()].map((e) => [e.path, e]),
)
/** What the walk-around asks and other stations use goes by the name it has there. */
const OF_THE_WALK = /^(walkAround|vehicle)\./

/** The entry of the walk-around at a path, or of which it is one cylinder's figure. */
export const walkEntryAt = (path: string): WalkEntry | undefined =>
  ENTRIES.get(path) ?? ENTRIES.get(path.replace(/\.\d+$/, ''))

const wordsOfEntry = (entry: WalkEntry): Described['words'] =>
  entry.kind === 'choice' || entry.kind === 'set'
    ? Object.fromEntries(entry.options)
    : entry.kind === 'seen'
      ? { true: entry.yes ?? 'Yes', false: entry.no ?? 'No' }
      : null

const familyOf = (node: Node | null): Family | null => (node?.is === 'figure' ? node.family : null)

/** The names along a path, and what it ends in. */
/** What an id says where the program made it of words, as of a circuit; null of one that was drawn. */
const wordsOfId = (id: string): string | null =>
  /\d{2,}|[0-9a-f]{8}-/.test(id) && !/^[a-z]+-\d\d$/.test(id) ? null : id.replaceAll('-', ' ')

/** What an item without a name is called: by what it is, else by where it stands in its list. */
const namelessItem = (
  labels: Tree | undefined,
  item: Readonly<Record<string, unknown>>,
  all: readonly unknown[],
): string => {
  for (const field of ['kind', 'place']) {
    const words = (labels?.[field] as { readonly words?: Readonly<Record<string, string>> } | undefined)?.words
    const word = words?.[String(item[field])]
    if (word !== undefined) return word
  }
  return String(all.indexOf(item) + 1)
}

const walk = (
  path: string,
  job: JobDocument | null,
  then: string | null,
): { names: string[]; label: unknown; node: Node | null } => {
  const names: string[] = []
  const keys = path.split('.')
  let [label, node]: [unknown, Node | null] = [LABELS, JOB]
  keys.forEach((key, i) => {
    const list: Node | null = node?.is === 'maybe' ? node.of : node
    node = node && nodeAt(node, key)
    const own = label as Tree | undefined
    if (list?.is === 'list') {
      const at = keys.slice(0, i + 1).join('.')
      const item = job && (valueAt(job, at) as Readonly<Record<string, unknown>> | undefined)
      const called = item?.['name'] as string | undefined
      if (key === ORDER) {
        // "Feed line: order of the legs", not of one leg.
        const of = (names.pop() ?? '').replace(new RegExp(`(^|, )${list.one}$`, 'i'), '')
        if (of) names.push(of)
        label = `order of the ${list.one}s`
      } else {
        names.push(
          `“${then ?? (called || null) ?? (!('name' in list.item.fields) || called === '' ? wordsOfId(key) : null) ?? (job && item ? namelessItem(own?.['item'] as Tree | undefined, item, valueAt(job, keys.slice(0, i).join('.')) as readonly unknown[]) : null) ?? 'no longer there'}”`, // prettier-ignore
        )
        label = own?.['item']
      }
    } else if (list?.is === 'seats') {
      const seats = own?.[''] as readonly string[] | undefined
      names.push(seats?.[list.names.indexOf(key)] ?? key)
      label = own?.['seat']
    } else {
      label = own?.[key]
      const group = label as Tree | undefined
      if (typeof group === 'object' && typeof group[''] === 'string' && group[''] !== '') names.push(group[''])
    }
  })
  return { names, label, node }
}

/**
 * What people call a place of the document: "Feed line, leg “Tank to body”: length, seat to seat".
 * @param job names the items of lists; without it they are named as no longer there
 * @param then what the item on the way was called then, where it is known
 */
export const describePath = (path: string, job: JobDocument | null = null, then: string | null = null): Described => {
  const entry = OF_THE_WALK.test(path) ? walkEntryAt(path) : undefined
  if (entry) {
    const cylinder = /\.(\d+)$/.exec(path)?.[1]
    return {
      label: cylinder === undefined ? entry.label : `${entry.label}, cylinder ${Number(cylinder) + 1}`,
      family: 'family' in entry ? entry.family : null,
      words: wordsOfEntry(entry),
    }
  }
  const { names, label, node } = walk(path, job, then)
  const word = label as { label: string; words: Described['words'] } | undefined
  const own = typeof label === 'string' ? label : node && isLeaf(node) && word?.label ? word.label : null
  const where = names.reduce(
    (text, name) => (text === '' ? name : name.startsWith('“') ? `${text} ${name}` : `${text}, ${name}`),
    '',
  )
  return {
    label: own === null ? where || path : where === '' ? `${own[0]!.toUpperCase()}${own.slice(1)}` : `${where}: ${own}`,
    family: familyOf(node),
    words: node?.is === 'word' || node?.is === 'set' ? (word?.words ?? null) : null,
  }
}

/** Whether a path leads to an item of a list itself, not to something within it. */
export const isItemPath = (path: string): boolean => {
  const cut = path.lastIndexOf('.')
  return path.slice(cut + 1) !== ORDER && nodeAt(JOB, path.slice(0, cut))?.is === 'list'
}
