import { STATION_LIST, STATIONS } from '@lochmoor/core'
import { ExhaustBench } from '../exhaust/ExhaustBench.tsx'
import { FuelBench } from '../fuel/FuelBench.tsx'
import { SystemBench } from '../system/SystemBench.tsx'
import { WalkAroundBench } from '../walk-around/WalkAroundBench.tsx'
import { STATION_SCREENS } from '../stationScreens.tsx'
import { tabsWithStates, verdictsOfTab } from './tabs.ts'

const BENCHES: Readonly<Record<string, { readonly screens: object }>> = {
  walkAround: WalkAroundBench,
  system: SystemBench,
  fuel: FuelBench,
  exhaust: ExhaustBench,
}
const fuel = STATION_LIST.find((s) => s.id === 'fuel')!
const exhaust = STATION_LIST.find((s) => s.id === 'exhaust')!

describe('screens of the stations', () => {
  it('every station has one, and every tab', () => {
    expect(Object.keys(STATION_SCREENS)).toEqual([...STATIONS])
    for (const s of STATION_LIST) expect(Object.keys(BENCHES[s.id]!.screens)).toEqual(s.tabs.map((t) => t.path))
  })
})

describe('what a tab shows', () => {
  const verdict = (id: string, state: 'ok' | 'stop', subject?: { kind: string; sensor: number }) => ({
    id,
    state,
    ...(subject && { subject }),
  })
  it('the first shows all, the others their own kinds', () => {
    const all = [verdict('duty', 'stop'), verdict('hoses', 'ok')]
    expect(verdictsOfTab(fuel, '', all)).toEqual(all)
    expect(verdictsOfTab(fuel, 'lines', all)).toEqual([all[1]])
    expect(
      tabsWithStates(fuel, all)
        .map((t) => [t.path, t.state])
        .slice(0, 3),
    ).toEqual([
      ['', 'stop'],
      ['choose', null],
      ['injectors', 'stop'],
    ])
  })
  it('a kind is told by its subject, never by the letters of an id', () => {
    const b = verdict('gas-b', 'stop', { kind: 'gas', sensor: 1 })
    expect(verdictsOfTab(exhaust, 'heat', [b, verdict('gas-a', 'ok')])).toEqual([b])
  })
})
