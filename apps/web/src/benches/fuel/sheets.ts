import { worstState, type FuelVerdict, type VerdictState } from '@lochmoor/core'

/** The sheets of the fuel station, in the order of the work. */
export const SHEETS = [
  { path: '', title: 'Pressure', judges: null },
  {
    path: 'choose',
    title: 'Choose parts',
    judges: ['held', 'not-lifted', 'by-pass', 'regulator', 'circuit', 'filter', 'strainer'],
  },
  { path: 'injectors', title: 'Injectors', judges: ['duty', 'idle-pulse', 'injector-pressure', 'reference'] },
  { path: 'loop', title: 'Return or single', judges: ['not-lifted', 'feed-loss', 'by-pass', 'old-line'] },
  { path: 'suction', title: 'Suction and heat', judges: ['suction', 'hot-soak', 'tank-heat', 'prime'] },
  { path: 'lines', title: 'Lines', judges: ['hoses', 'legs', 'old-line'] },
  {
    path: 'tank',
    title: 'Tank',
    judges: ['module-above', 'module-below', 'starvation', 'vent', 'sender', 'tank-lining'],
  },
  { path: 'order', title: 'Order', judges: ['safety'] },
] as const satisfies readonly { path: string; title: string; judges: readonly string[] | null }[]
export type SheetPath = (typeof SHEETS)[number]['path']

/** Verdicts that belong to a sheet; the first one shows them all. */
export const verdictsOf = (path: SheetPath, verdicts: readonly FuelVerdict[]): readonly FuelVerdict[] => {
  const { judges } = SHEETS.find((s) => s.path === path)!
  return judges === null ? verdicts : verdicts.filter((v) => (judges as readonly string[]).includes(v.id))
}

export const stateOfSheet = (path: SheetPath, verdicts: readonly FuelVerdict[]): VerdictState | null => {
  const own = verdictsOf(path, verdicts)
  return own.length === 0 ? null : worstState(own.map((v) => v.state))
}
