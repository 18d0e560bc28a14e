import { worstState, type ExhaustVerdict, type VerdictState } from '@lochmoor/core'

/** The sheets of the exhaust sensor station, in the order of the work. */
export const SHEETS = [
  { path: '', title: 'Pipe', judges: null },
  { path: 'spots', title: 'Spots', judges: ['spot', 'obstacles', 'tail', 'gas', 'hexagon'] },
  { path: 'heat', title: 'Heat and delay', judges: ['gas', 'hexagon', 'tail', 'response', 'water'] },
  { path: 'reading', title: 'False readings', judges: ['leaks', 'steering', 'foreign-air', 'fuel'] },
  { path: 'banks', title: 'How many', judges: ['count', 'crossing', 'foreign-air'] },
  { path: 'fitting', title: 'Fitting', judges: ['way', 'bung', 'cable', 'sensor-type', 'spot'] },
  { path: 'order', title: 'Leaks and order', judges: ['leaks', 'ground'] },
] as const satisfies readonly { path: string; title: string; judges: readonly string[] | null }[]
export type SheetPath = (typeof SHEETS)[number]['path']

/** What a verdict is about, without the sensor it is for. */
const kindOf = (v: ExhaustVerdict): string => v.id.replace(/-[ab]$/, '')

/** Verdicts that belong to a sheet; the first one shows them all. */
export const verdictsOf = (path: SheetPath, verdicts: readonly ExhaustVerdict[]): readonly ExhaustVerdict[] => {
  const { judges } = SHEETS.find((s) => s.path === path)!
  return judges === null ? verdicts : verdicts.filter((v) => (judges as readonly string[]).includes(kindOf(v)))
}

export const stateOfSheet = (path: SheetPath, verdicts: readonly ExhaustVerdict[]): VerdictState | null => {
  const own = verdictsOf(path, verdicts)
  return own.length === 0 ? null : worstState(own.map((v) => v.state))
}
