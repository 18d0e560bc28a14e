import type { HosePart } from '@lochmoor/core'
import { kPa, micron, mm } from './units.ts'

const hose = (
  id: string,
  name: string,
  kind: HosePart['kind'],
  boreMm: number,
  mostKPa: number,
  mostEthanolShare: number,
  priceClass: number,
): HosePart => ({
  id,
  name,
  priceClass,
  kind,
  boreM: mm(boreMm),
  roughnessM: micron(kind === 'rubber' ? 20 : 1.5),
  mostPressurePa: kPa(mostKPa),
  mostEthanolShare,
})

/** Invented makes on public sizes: tube outside diameter less two walls, or the dash size of the hose. */
export const HOSES: readonly HosePart[] = [
  hose('fleet-low-8', 'Fleet carburettor hose 8 mm', 'rubber', 8, 350, 0.1, 1),
  hose('fleet-inj-6', 'Fleet injection hose 6 mm', 'rubber', 6, 1000, 0.15, 2),
  hose('fleet-inj-8', 'Fleet injection hose 8 mm', 'rubber', 8, 1000, 0.15, 2),
  hose('fleet-inj-10', 'Fleet injection hose 10 mm', 'rubber', 10, 1000, 0.15, 2),
  hose('wath-lined-4', 'Wath lined hose dash 4', 'lined-hose', 5.0, 2000, 1, 3),
  hose('wath-lined-6', 'Wath lined hose dash 6', 'lined-hose', 8.0, 1800, 1, 4),
  hose('wath-lined-8', 'Wath lined hose dash 8', 'lined-hose', 10.3, 1600, 1, 4),
  hose('tube-1-4', 'Steel tube 1/4 in', 'hard-tube', 4.93, 3000, 1, 1),
  hose('tube-5-16', 'Steel tube 5/16 in', 'hard-tube', 6.52, 3000, 1, 2),
  hose('tube-3-8', 'Steel tube 3/8 in', 'hard-tube', 8.1, 3000, 1, 2),
]
