import { JOB, SECTION_NAMES, type JobDocument, type SectionName } from '../job/index.ts'
import { describePath } from '../meaning/index.ts'
import { isLeaf, type Leaf, type Node } from '../shape/index.ts'
import { fig, figureText, type UnitChoice } from '../verdict/index.ts'
import { counted } from '../words/index.ts'

/** One thing that somebody entered or chose. */
export interface Entry {
  readonly section: SectionName
  readonly path: string
  readonly label: string
  readonly text: string
  /** What a person wrote, or what a part is called: never put into other words. */
  readonly own: boolean
  /** Of a figure, in SI. */
  readonly si: number | null
}

const OF_OTHERS: ReadonlySet<SectionName> = new Set(['work', 'facts', 'orders'])
/** Without what belongs to the people, the owner and the orders. */
const ENTERED = SECTION_NAMES.filter((s) => !OF_OTHERS.has(s))

type Known = readonly [path: string, leaf: Leaf, value: unknown]

const isEmpty = (value: unknown): boolean => value === '' || (Array.isArray(value) && value.length === 0)

/**
 * Every leaf that says something, by its path.
 * @param made whether somebody made what it is part of: an item, a seat, a choice. There what it began with is said too, such
 * as a sensor on the top line; elsewhere it only says what an empty job says
 */
const knownIn = (node: Node, value: unknown, path: string, made = false): Known[] => {
  if (value === null || value === undefined) return []
  if (isLeaf(node)) return isEmpty(value) || (!made && value === node.empty) ? [] : [[path, node, value]]
  switch (node.is) {
    case 'group':
      return Object.entries(node.fields).flatMap(([key, field]) =>
        knownIn(field, (value as Readonly<Record<string, unknown>>)[key], `${path}.${key}`, made),
      )
    case 'maybe':
      return knownIn(node.of, value, path, true)
    case 'list':
      return (value as readonly { readonly id: string }[]).flatMap((item) => knownIn(node.item, item, `${path}.${item.id}`, true)) // prettier-ignore
    case 'seats':
      return (value as readonly unknown[]).flatMap((seat, i) =>
        knownIn(node.seat, seat, `${path}.${node.names[i]!}`, true),
      )
    default:
      return []
  }
}

const textOf = (leaf: Leaf, value: unknown, path: string, job: JobDocument, units: UnitChoice): string => {
  const { words } = describePath(path, job)
  const word = (v: unknown): string => words?.[String(v)] ?? String(v)
  switch (leaf.is) {
    case 'figure':
      return leaf.whole ? String(value) : figureText(fig(value as number, leaf.family), units)
    case 'flag':
      return words?.[String(value)] ?? (value === true ? 'yes' : 'no')
    case 'part':
      return (value as { readonly name: string }).name
    case 'set':
      // Texts in a set are the program's own keys: how many there are is all that a reader can use.
      return words === null && (leaf.of as Leaf).is === 'text'
        ? counted((value as readonly unknown[]).length, 'entry')
        : (value as readonly unknown[]).map(word).join(', ')
    default:
      return word(value)
  }
}

/** Everything that was entered and chosen for the car, in the order of the work: what stands at no place is left out. */
export const entriesOf = (job: JobDocument, units: UnitChoice): Entry[] =>
  ENTERED.flatMap((section) =>
    knownIn(JOB.fields[section], job[section], section).map(([path, leaf, value]): Entry => ({
      section,
      path,
      label: describePath(path, job).label,
      text: textOf(leaf, value, path, job, units),
      own: leaf.is === 'text' || leaf.is === 'part',
      si: leaf.is === 'figure' ? (value as number) : null,
    })),
  )
