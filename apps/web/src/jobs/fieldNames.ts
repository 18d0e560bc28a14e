import { describeFigure, FITNESS_TESTS, WALK_GROUPS, type Family, type WalkEntry } from '@lochmoor/core'

const ENTRIES: readonly WalkEntry[] = [
  ...WALK_GROUPS.flatMap((g) => g.entries),
  ...FITNESS_TESTS.flatMap((t) => t.entries),
]
const BY_PATH = new Map(ENTRIES.map((e) => [e.path as string, e]))

/** Figures of other sections, by the suffix of their unit. */
const FAMILY_BY_SUFFIX: readonly (readonly [RegExp, Family])[] = [
  [/Pa$/, 'pressure'],
  [/Rpm$/, 'engineSpeed'],
  [/W$/, 'power'],
  [/K$/, 'temperature'],
  [/Share$/, 'share'],
  [/[a-z]V$/, 'voltage'],
  [/measuredBoreM$/, 'bore'],
  [/^exhaust\..*M$/, 'bore'],
  [/Deg$/, 'angle'],
  [/Lambda$/, 'lambda'],
  [/M$/, 'distance'],
  [/M3$/, 'displacement'],
]

const LIST_WORDS: Readonly<Record<string, string>> = {
  pieces: 'piece',
  common: 'common pipe, piece',
  obstacles: 'obstacle',
}

/** What people call a field of the document. */
export const fieldName = (path: string): string => {
  const entry = BY_PATH.get(path)
  const known = entry ?? describeFigure(path)
  if (known) return known.label
  const last = path.split('.').at(-1) ?? path
  const words = last.replace(/(M3|Pa|Rpm|Deg|W|K|V|M)$/, '').replace(/([A-Z])/g, ' $1')
  const where = path
    .split('.')
    .slice(1, -1)
    .join(' ')
    .replace(/^banks (\d+)/, (_, n: string) => (n === '0' ? 'bank A' : 'bank B'))
    .replace(/(pieces|common|obstacles) (\d+)/, (_, list: string, n: string) => `${LIST_WORDS[list]} ${Number(n) + 1}`)
  return `${where ? `${where}: ` : ''}${words.toLowerCase()}`
}

export const familyOf = (path: string): Family | null => {
  const entry = BY_PATH.get(path)
  if (entry && 'family' in entry) return entry.family
  const figure = describeFigure(path)
  if (figure) return figure.family
  return FAMILY_BY_SUFFIX.find(([suffix]) => suffix.test(path))?.[1] ?? null
}

export const entryOf = (path: string): WalkEntry | undefined => BY_PATH.get(path)
