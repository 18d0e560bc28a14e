import type { Known } from '../../../quantity/index.ts'
import { fig, say, type Figure, type Sentence } from '../../../verdict/index.ts'
import type { Finding } from './fitnessTypes.ts'

/** A figure that must not be above its limits, e.g. a drop. */
export const atMost = (
  value: Known,
  limits: { readonly fit: number; readonly watch: number },
  shown: (si: number) => Figure,
  says: Readonly<Record<Finding['state'], (figure: Figure) => Sentence>>,
  repair?: string,
): Finding | null => {
  if (value === null) return null
  const state = value <= limits.fit ? 'fit' : value <= limits.watch ? 'watch' : 'repair'
  const figure = shown(value)
  return { state, figure, reason: says[state](figure), ...(repair !== undefined && { repair }) }
}

/** A figure that must not be below its limits, e.g. a resting voltage. */
export const atLeast = (
  value: Known,
  limits: { readonly fit: number; readonly watch: number },
  shown: (si: number) => Figure,
  says: Readonly<Record<Finding['state'], (figure: Figure) => Sentence>>,
): Finding | null => {
  if (value === null) return null
  const state = value >= limits.fit ? 'fit' : value >= limits.watch ? 'watch' : 'repair'
  const figure = shown(value)
  return { state, figure, reason: says[state](figure) }
}

/** What one of a few words says. */
export const byWord = <W extends string>(
  word: W | null,
  says: Readonly<Record<W, readonly [Finding['state'], string]>>,
): Finding | null => (word === null ? null : { state: says[word][0], figure: null, reason: say`${says[word][1]}` })

export const volts = (si: number): Figure => fig(si, 'voltage', 2)
export const vacuum = (si: number): Figure => fig(si, 'vacuum', 0)
export const compression = (si: number): Figure => fig(si, 'compression')
