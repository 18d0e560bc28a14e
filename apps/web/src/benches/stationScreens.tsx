import type { Station } from '@lochmoor/core'
import type { ReactNode } from 'react'
import { later } from '../shell/later.tsx'
import { WalkAroundBench } from './walk-around/WalkAroundBench.tsx'

/** The screen of each station. The first one a job opens on comes with the page, the others are fetched right after it. */
export const STATION_SCREENS: Readonly<Record<Station, ReactNode>> = {
  walkAround: <WalkAroundBench />,
  system: later(() => import('./system/SystemBench.tsx').then((m) => ({ default: m.SystemBench }))),
  fuel: later(() => import('./fuel/FuelBench.tsx').then((m) => ({ default: m.FuelBench }))),
  exhaust: later(() => import('./exhaust/ExhaustBench.tsx').then((m) => ({ default: m.ExhaustBench }))),
}
