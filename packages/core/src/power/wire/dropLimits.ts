import type { WireRole } from '../../sections/index.ts'

/** Which wire the current of another comes back by, and what both together may drop, V. */
export interface DropLimit {
  readonly back: WireRole | null
  readonly limitV: number
  readonly limitIs: string
}
const CONTROL = { back: null, limitV: 0.5, limitIs: 'control leads 0.5 V: handbook practice, from memory' } as const
const FEED_AND_EARTH = 'feed and earth together: proposed, typical'
/** Limits by what hangs on the wire. */
export const DROP_LIMITS: Readonly<Record<WireRole, DropLimit>> = {
  starterCable: { back: 'batteryEarth', limitV: 1, limitIs: 'whole starter circuit 1 V: handbook practice, from memory' },
  batteryEarth: { back: 'starterCable', limitV: 1, limitIs: 'whole starter circuit 1 V: handbook practice, from memory' },
  engineStrap: { back: null, limitV: 0.2, limitIs: 'an earth leg 0.2 V: handbook practice, from memory' },
  bodyStrap: { back: null, limitV: 0.2, limitIs: 'an earth leg 0.2 V: handbook practice, from memory' },
  chargeCable: { back: null, limitV: 0.4, limitIs: 'charging cable 0.3 to 0.4 V: handbook practice, from memory' },
  oldFeed: CONTROL,
  lightsFeed: { back: null, limitV: 0.3, limitIs: 'lamps 0.1 to 0.3 V in the feed: handbook practice, from memory' },
  ignitionFeed: CONTROL,
  ecuFeed: { back: 'ecuEarth', limitV: 0.3, limitIs: FEED_AND_EARTH },
  ecuEarth: { back: 'ecuFeed', limitV: 0.3, limitIs: FEED_AND_EARTH },
  keyedFeed: CONTROL,
  pumpFeed: { back: 'pumpEarth', limitV: 0.6, limitIs: '5 % of 12 V, out and back: standards, from memory' },
  pumpEarth: { back: 'pumpFeed', limitV: 0.6, limitIs: '5 % of 12 V, out and back: standards, from memory' },
  fanFeed: { back: 'fanEarth', limitV: 0.5, limitIs: FEED_AND_EARTH },
  fanEarth: { back: 'fanFeed', limitV: 0.5, limitIs: FEED_AND_EARTH },
} // prettier-ignore
