import { STATION_HEADS, type Station } from '@lochmoor/core'
import type { ReactNode } from 'react'
import { later } from '../shell/later.tsx'
import { STATION_BENCHES } from './stationBenches.ts'

/** The screen of each station, as the routes show it. */
export const STATION_SCREENS = Object.fromEntries(
  STATION_HEADS.map(({ id }): [Station, ReactNode] => [
    id,
    later(() => STATION_BENCHES[id].load().then((bench) => ({ default: bench }))),
  ]),
) as Readonly<Record<Station, ReactNode>>
