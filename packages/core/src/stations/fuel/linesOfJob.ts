import type { FuelDesign } from './fuelDesign.ts'
import { cutList, type CutListError, type HoseOrder } from '../../fuel/lines/cutList.ts'
import { OPEN_PA, type LineLoad } from '../../fuel/lines/hoseFitness.ts'
import { piecesOfDesign, type HosePiece } from '../../fuel/lines/legs.ts'
import { shutOffAt, type ShutOff } from '../../fuel/shutOff.ts'
import { LINE_NAMES, type LineName } from '../../sections/index.ts'
import { wholeLineM } from './lineOfDesign.ts'
import type { Result } from '../../verdict/index.ts'

/** The lines this design has: a return only where it returns, a suction line only before an in-line pump. */
export const linesInUse = (design: FuelDesign): LineName[] => [
  'feed',
  ...(design.loop === 'return' ? (['return'] as const) : []),
  ...(design.fuel.pump?.mount === 'in-line' ? (['suction'] as const) : []),
  'vent',
]

/** What the chosen pump can reach with its outlet closed at the highest charging voltage; null while none is chosen. */
export const reachOf = (design: FuelDesign): ShutOff | null =>
  design.fuel.pump && shutOffAt(design.fuel.pump, design.figure('fuel.highV'))

/** Suction and vent stand open to the tank; the rest sees what the pump can reach. Null while no pump is chosen. */
export const loadOf = (design: FuelDesign, line: LineName): LineLoad | null => {
  const ethanolShare = design.figure('fuel.ethanolShare')
  if (line === 'suction' || line === 'vent') return { line, mostPa: OPEN_PA, ethanolShare }
  const reach = reachOf(design)
  return reach && { line, mostPa: reach.mostPa, ethanolShare }
}

/** A single line has no return, so nothing is asked of it. */
export const carriesPressure = (design: FuelDesign, line: LineName): boolean =>
  line === 'feed' || (line === 'return' && design.loop === 'return')

/** Every hose and tube of a line that is described leg by leg; those without a hose chosen are left out. */
export const piecesOfLine = (design: FuelDesign, line: LineName): HosePiece[] =>
  piecesOfDesign(line, design.fuel[line], design.figure('fuel.tank.lowerM'), wholeLineM(design, line))

/** Every hose and tube of the design to cut, by kind, packed on the lengths it is sold in. */
export const cutListOf = (design: FuelDesign): Result<HoseOrder[], CutListError[]> => {
  const used = linesInUse(design)
  return cutList(LINE_NAMES.filter((l) => used.includes(l)).flatMap((l) => piecesOfLine(design, l)))
}
