import type { FilterPart, HosePart, PumpPart, RegulatorPart } from '../../parts/index.ts'
import type { Known } from '../../quantity/known.ts'
import type { FeedSinking } from '../feedSinking.ts'
import type { ShutOff } from '../shutOff.ts'
import type { CombinationCase, CombinationFailure } from './combinationCase.ts'

const WANTED_RESERVE = 0.15
/** As the judgement of the station wants it. Rule of thumb of this house. */
const WANTED_HEADROOM = 0.1

/** The first reason against a combination; null where it passes. */
export const failureOf = (
  c: CombinationCase,
  s: {
    stalls: boolean
    reach: ShutOff
    pump: PumpPart
    feed: HosePart
    back: HosePart | null
    filter: FilterPart
    regulator: RegulatorPart
    reserve: number
    lifted: boolean
    sinking: FeedSinking['state']
    headroom: number
  },
): CombinationFailure | null => {
  if (s.stalls) return 'pump stalls at a voltage'
  if (s.regulator.sits === 'module' && s.pump.mount !== 'module') return 'regulator is made for a module'
  if (s.regulator.type !== c.loop || s.regulator.leastPa > c.setPressurePa || s.regulator.mostPa < c.setPressurePa)
    return 'regulator cannot be set to it'
  if (c.loop === 'return' && c.referenced && !s.regulator.referencePort) return 'regulator has no reference port'
  if (s.feed.mostEthanolShare < c.ethanolShare || (s.back !== null && s.back.mostEthanolShare < c.ethanolShare))
    return 'hose is not rated for the fuel'
  const { mostPa } = s.reach
  if (mostPa === null) return 'shut-off pressure of the pump not known'
  const weak = (part: { readonly mostPressurePa: Known } | null) =>
    part !== null && part.mostPressurePa !== null && part.mostPressurePa < mostPa
  if (weak(s.feed) || weak(s.back)) return 'hose is not rated for the pressure'
  if (weak(s.filter)) return 'filter is not rated for the pressure'
  if (weak(s.regulator)) return 'regulator is not rated for the pressure'
  if (s.reserve < 0) return 'pressure not maintained'
  if (s.lifted) return 'rail pressure above set'
  if (s.sinking === 'stop') return 'feed drops too much of the pressure'
  if (s.reserve < WANTED_RESERVE) return 'reserve below 15 %'
  if (s.headroom < WANTED_HEADROOM) return 'less than 10 % return-line margin'
  if (s.sinking === 'caution') return 'feed drops more than 4 % of the pressure'
  return null
}
