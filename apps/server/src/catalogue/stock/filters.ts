import type { FilterPart } from '@lochmoor/core'
import { kPa, litresPerHour, micron } from './units.ts'

const filter = (
  id: string,
  name: string,
  use: FilterPart['use'],
  fineMicron: number,
  dropKPa: number,
  atLH: number,
  linearShare: number,
  priceClass: number,
  holdsGram: number,
): FilterPart => ({
  id,
  name,
  priceClass,
  use,
  finenessM: micron(fineMicron),
  flowM3S: litresPerHour(atLH),
  dropPa: kPa(dropKPa),
  linearShare,
  dueFactor: use === 'fine' ? 3 : 2,
  capacityKg: holdsGram / 1e3,
  mount: name.includes('sock') ? 'sock' : 'in-line',
  directional: use === 'fine' || name.includes('in-line'),
  mostPressurePa: use === 'fine' ? kPa(1200) : null,
})

/** Invented filters; the clean drop at one flow. */
export const FILTERS: readonly FilterPart[] = [
  filter('kell-sock-70', 'Kell tank sock 70 micron', 'strainer', 70, 0.8, 150, 0.9, 1, 4),
  filter('kell-s100', 'Kell in-line strainer 100 micron', 'strainer', 100, 1.2, 200, 0.7, 2, 3),
  filter('kell-s40', 'Kell in-line strainer 40 micron', 'strainer', 40, 2.4, 200, 0.8, 2, 5),
  filter('kell-f10-small', 'Kell canister 10 micron, small', 'fine', 10, 14, 150, 0.85, 1, 8),
  filter('kell-f10', 'Kell canister 10 micron', 'fine', 10, 7, 200, 0.85, 2, 18),
  filter('kell-f10-large', 'Kell canister 10 micron, large', 'fine', 10, 4, 250, 0.85, 3, 35),
  filter('kell-f100', 'Kell sintered element 100 micron', 'fine', 100, 2, 200, 0.6, 1, 6),
]
