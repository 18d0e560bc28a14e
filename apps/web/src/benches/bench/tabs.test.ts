import { STATION_LIST } from '@lochmoor/core'
import { benchOf } from '../stationBenches.ts'
import { tabsWithStates, verdictsOfTab } from './tabs.ts'

const fuel = STATION_LIST.find((s) => s.id === 'fuel')!
const exhaust = STATION_LIST.find((s) => s.id === 'exhaust')!

describe('screens of the stations', () => {
  it.each(STATION_LIST.map((s) => [s.id, s] as const))('%s has one for every tab', async (_id, station) => {
    const { screens } = await benchOf(station)
    expect(Object.keys(screens)).toEqual(station.tabs.map((t) => t.path))
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
