import type { Station } from '@lochmoor/core'
import type { ComponentType } from 'react'

/** A bench with a screen for each of its tabs, by their addresses. */
type StationBench = ComponentType & { readonly screens: object }
interface Loaded {
  /** Part of the station's address. */
  readonly path: string
  readonly load: () => Promise<StationBench>
}

/** The bench of each station, fetched when it is opened, or ahead of that. */
export const STATION_BENCHES: Readonly<Record<Station, Loaded>> = {
  walkAround: {
    path: 'walk-around',
    load: () => import('./walk-around/WalkAroundBench.tsx').then((m) => m.WalkAroundBench),
  },
  system: { path: 'system', load: () => import('./system/SystemBench.tsx').then((m) => m.SystemBench) },
  fuel: { path: 'fuel', load: () => import('./fuel/FuelBench.tsx').then((m) => m.FuelBench) },
  exhaust: { path: 'exhaust', load: () => import('./exhaust/ExhaustBench.tsx').then((m) => m.ExhaustBench) },
  power: { path: 'power', load: () => import('./power/PowerBench.tsx').then((m) => m.PowerBench) },
  harness: { path: 'harness', load: () => import('./harness/HarnessBench.tsx').then((m) => m.HarnessBench) },
}
