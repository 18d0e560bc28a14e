import type { HosePart } from '@lochmoor/core'
import { kPa, micron, mm } from './units.ts'

interface Sizes {
  readonly dash: number
  readonly outsideMm: number
  readonly bendMm: number
  readonly soldM: number
}

const hose = (
  id: string,
  name: string,
  kind: HosePart['kind'],
  boreMm: number,
  mostKPa: number,
  mostEthanolShare: number,
  priceClass: number,
  { dash, outsideMm, bendMm, soldM }: Sizes,
  more: Partial<HosePart> = {},
): HosePart => ({
  id,
  name,
  priceClass,
  kind,
  boreM: mm(boreMm),
  roughnessM: micron(kind === 'rubber' ? 20 : 1.5),
  mostPressurePa: kPa(mostKPa),
  mostEthanolShare,
  dash,
  outsideM: mm(outsideMm),
  leastBendRadiusM: mm(bendMm),
  stockM: soldM,
  immersible: kind === 'hard-tube',
  conductive: kind === 'rubber' ? null : true,
  ...more,
})

const size = (dash: number, outsideMm: number, bendMm: number, soldM: number): Sizes => ({
  dash,
  outsideMm,
  bendMm,
  soldM,
})

/** Invented makes on public sizes: tube outside diameter less two walls, or the dash size of the hose. */
export const HOSES: readonly HosePart[] = [
  hose('fleet-low-8', 'Fleet carburettor hose 8 mm', 'rubber', 8, 350, 0.1, 1, size(5, 14, 80, 5)),
  hose('fleet-inj-6', 'Fleet injection hose 6 mm', 'rubber', 6, 1000, 0.15, 2, size(4, 13, 65, 5)),
  hose('fleet-inj-8', 'Fleet injection hose 8 mm', 'rubber', 8, 1000, 0.15, 2, size(5, 15, 75, 5)),
  hose('fleet-inj-10', 'Fleet injection hose 10 mm', 'rubber', 10, 1000, 0.15, 2, size(6, 17.5, 90, 5)),
  hose('fleet-dip-8', 'Fleet hose to lie in fuel 8 mm', 'rubber', 8, 1000, 0.3, 4, size(5, 14, 60, 1), {
    immersible: true,
  }),
  hose('wath-lined-4', 'Wath lined hose dash 4', 'lined-hose', 5.0, 2000, 1, 3, size(4, 9, 50, 6)),
  hose('wath-lined-6', 'Wath lined hose dash 6', 'lined-hose', 8.0, 1800, 1, 4, size(6, 13, 75, 6)),
  hose('wath-lined-8', 'Wath lined hose dash 8', 'lined-hose', 10.3, 1600, 1, 4, size(8, 16, 100, 6)),
  hose('tube-1-4', 'Steel tube 1/4 in', 'hard-tube', 4.93, 3000, 1, 1, size(4, 6.35, 19, 7.5)),
  hose('tube-5-16', 'Steel tube 5/16 in', 'hard-tube', 6.52, 3000, 1, 2, size(5, 7.94, 24, 7.5)),
  hose('tube-3-8', 'Steel tube 3/8 in', 'hard-tube', 8.1, 3000, 1, 2, size(6, 9.53, 29, 7.5)),
]
