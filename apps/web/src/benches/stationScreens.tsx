import { STATION_HEADS, type Station } from '@lochmoor/core'
import type { ReactNode } from 'react'
import { later } from '../shell/later.tsx'
import { benchOf } from './stationBenches.ts'

/** The screen of each station, as the routes show it. */
export const STATION_SCREENS = Object.fromEntries(
  STATION_HEADS.map((head): [Station, ReactNode] => [head.id, later(async () => ({ default: await benchOf(head) }))]),
) as Readonly<Record<Station, ReactNode>>
