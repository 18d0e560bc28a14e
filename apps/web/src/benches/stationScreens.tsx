import { STATION_LIST, type Station } from '@lochmoor/core'
import type { ComponentType, ReactNode } from 'react'
import { later } from '../shell/later.tsx'
import { WalkAroundBench } from './walk-around/WalkAroundBench.tsx'

/** A bench with a screen for each of its tabs, by their addresses. */
type StationBench = ComponentType & { readonly screens: object }

/** The bench of each station. The one a job opens on comes with the page, the others are fetched right after it. */
export const STATION_BENCHES: Readonly<Record<Station, () => Promise<StationBench>>> = {
  walkAround: () => Promise.resolve(WalkAroundBench),
  system: () => import('./system/SystemBench.tsx').then((m) => m.SystemBench),
  fuel: () => import('./fuel/FuelBench.tsx').then((m) => m.FuelBench),
  exhaust: () => import('./exhaust/ExhaustBench.tsx').then((m) => m.ExhaustBench),
  power: () => import('./power/PowerBench.tsx').then((m) => m.PowerBench),
  harness: () => import('./harness/HarnessBench.tsx').then((m) => m.HarnessBench),
}

/** The screen of each station, as the routes show it. */
export const STATION_SCREENS = Object.fromEntries(
  STATION_LIST.map(({ id }): [Station, ReactNode] => [
    id,
    id === 'walkAround' ? (
      <WalkAroundBench />
    ) : (
      later(() => STATION_BENCHES[id]().then((bench) => ({ default: bench })))
    ),
  ]),
) as Readonly<Record<Station, ReactNode>>
