import type { JobDocument } from './jobDocument.ts'

type Tree = Readonly<Record<string, unknown>>

/** The value at a dotted path, e.g. "walkAround.battery.coldCrankA"; undefined where the path leads nowhere. */
export const valueAt = (root: unknown, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((at, key) => (typeof at === 'object' && at !== null ? (at as Tree)[key] : undefined), root)

/** A copy with the value at a dotted path replaced. The path must exist: a wrong one is a fault of ours. */
export const withValueAt = <T>(root: T, path: string, value: unknown): T => {
  const [key, ...rest] = path.split('.')
  if (typeof root !== 'object' || root === null || !key || !(key in root)) throw new Error(`nothing at ${path}`)
  const tree = root as unknown as Tree
  const next = rest.length === 0 ? value : withValueAt(tree[key], rest.join('.'), value)
  if (Array.isArray(root)) return root.map((v: unknown, i) => (String(i) === key ? next : v)) as T
  return { ...root, [key]: next }
}

/** Whether a section is as it was made: nothing entered. */
export const isUntouched = <S extends keyof JobDocument>(section: S, job: JobDocument, empty: JobDocument): boolean =>
  JSON.stringify(job[section]) === JSON.stringify(empty[section])
