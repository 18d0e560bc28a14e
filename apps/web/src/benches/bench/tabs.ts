import { worstState, type StationTab, type StationValue, type Subject, type VerdictState } from '@lochmoor/core'

interface Judged {
  readonly id: string
  readonly subject?: Subject
  readonly state: VerdictState
}

/** Verdicts that belong to a tab of a station, by its address; one that judges nothing of its own shows them all. */
export const verdictsOfTab = <V extends Judged>(
  station: StationValue,
  path: string,
  verdicts: readonly V[],
): readonly V[] => {
  const judges = station.tabs.find((t) => t.path === path)?.judges ?? null
  return judges === null ? verdicts : verdicts.filter((v) => judges.includes(v.subject?.kind ?? v.id))
}

/** The tabs of a station with the worst that is judged on each. */
export const tabsWithStates = (
  station: StationValue,
  verdicts: readonly Judged[],
): (StationTab & { readonly state: VerdictState | null })[] =>
  station.tabs.map((tab) => {
    const own = verdictsOfTab(station, tab.path, verdicts)
    return { ...tab, state: own.length === 0 ? null : worstState(own.map((v) => v.state)) }
  })
