import type { InjectorPart } from '@lochmoor/core'
import { ccPerMinute, kPa } from './units.ts'

const injector = (
  id: string,
  name: string,
  use: InjectorPart['use'],
  flowCcMin: number,
  atKPa: number,
  deadTimeMs: number,
  priceClass: number,
): InjectorPart => ({
  id,
  name,
  priceClass,
  use,
  ratedFlowM3S: ccPerMinute(flowCcMin),
  ratedPressurePa: kPa(atKPa),
  deadTimeS: deadTimeMs / 1e3,
  deadTimes: [
    { voltageV: 8, deadTimeS: (deadTimeMs + 1.1) / 1e3 },
    { voltageV: 10, deadTimeS: (deadTimeMs + 0.52) / 1e3 },
    { voltageV: 12, deadTimeS: (deadTimeMs + 0.18) / 1e3 },
    { voltageV: 13.5, deadTimeS: deadTimeMs / 1e3 },
    { voltageV: 15, deadTimeS: (deadTimeMs - 0.12) / 1e3 },
  ],
  leastEffectiveS: use === 'port' ? 0.7e-3 : 0.8e-3,
  mostPressurePa: kPa(atKPa === 100 ? 220 : 600),
})

/** Invented injectors; flow held open on n-heptane, dead time at 13.5 V and, as their sheets, against voltage. */
export const INJECTORS: readonly InjectorPart[] = [
  injector('skell-b280', 'Skell B280', 'throttle-body', 280, 100, 1.1, 2),
  injector('skell-b400', 'Skell B400', 'throttle-body', 400, 100, 1.2, 2),
  injector('skell-b560', 'Skell B560', 'throttle-body', 560, 100, 1.3, 3),
  injector('skell-c340', 'Skell C340', 'throttle-body', 340, 400, 0.9, 3),
  injector('skell-c480', 'Skell C480', 'throttle-body', 480, 400, 1.0, 3),
  injector('pirn-p160', 'Pirn P160', 'port', 160, 300, 0.8, 1),
  injector('pirn-p210', 'Pirn P210', 'port', 210, 300, 0.85, 1),
  injector('pirn-p270', 'Pirn P270', 'port', 270, 300, 0.9, 2),
  injector('pirn-p340', 'Pirn P340', 'port', 340, 300, 0.95, 2),
  injector('pirn-p440', 'Pirn P440', 'port', 440, 300, 1.0, 3),
  injector('pirn-p560', 'Pirn P560', 'port', 560, 300, 1.1, 3),
]
