import {
  formatFigure,
  formatQuantity,
  pumpFlowAt,
  type FilterPart,
  type FittingPart,
  type HosePart,
  type InjectorPart,
  type PumpPart,
  type RegulatorPart,
} from '@lochmoor/core'
import { useUnit } from '../../../store/preferences.ts'

const LISTED_PA = { low: 100e3, high: 300e3 }

/** The figures by which a part is chosen, in the reader's units. */
export const useDescribe = () => {
  const pressure = useUnit('pressure')
  const flow = useUnit('volumeFlow')
  const bore = useUnit('bore')
  const p = (pa: number) => formatQuantity(pa, pressure, 0)
  return {
    pump: (pump: PumpPart): string => {
      const sheet = pump.tables.at(-1)!
      const at = pumpFlowAt(sheet.points, LISTED_PA.high) > 0 ? LISTED_PA.high : LISTED_PA.low
      return `${pump.mount}, ${formatQuantity(pumpFlowAt(sheet.points, at), flow, 0)} at ${p(at)}`
    },
    regulator: (r: RegulatorPart): string =>
      r.leastPa === r.mostPa ? p(r.leastPa) : `${formatFigure(r.leastPa, pressure, 0)} to ${p(r.mostPa)}`,
    injector: (i: InjectorPart): string => `${formatQuantity(i.ratedFlowM3S, flow)} at ${p(i.ratedPressurePa)}`,
    filter: (f: FilterPart): string =>
      `${Math.round(f.finenessM * 1e6)} micron, ${p(f.dropPa)} at ${formatQuantity(f.flowM3S, flow, 0)}`,
    fitting: (f: FittingPart): string => `dash ${f.dash}, ${f.angleDeg}°, ${f.thread}`,
    hose: (h: HosePart): string => `bore ${formatQuantity(h.boreM, bore)}, up to ${p(h.mostPressurePa)}`,
  }
}
