import type { FuelDesign } from './fuelDesign.ts'
import type { Trace } from '../../verdict/index.ts'
import type { Line } from '../../fuel/circuitTypes.ts'
import { lineVolumeM3, prime, type PrimeAnswer } from '../../fuel/prime.ts'
import { pumpAtVoltage } from '../../fuel/pumpAtVoltage.ts'
import { lineOfDesign } from './lineOfDesign.ts'
import { sideBySide } from './circuitOfJob.ts'

/** A usual canister holds a fifth of a litre. Rule of thumb. */
const FILTER_M3 = 0.2e-3
/** Of a dead-ended rail that was never bled. Rule of thumb. */
const TRAPPED_SHARE = 0.5

const volumeOf = (line: Line | null): number =>
  line === null
    ? 0
    : [line, ...(line.then ?? [])].reduce((sum, piece) => sum + lineVolumeM3(piece.boreM, piece.lengthM), 0)

/** Key-on with the engine stopped, at the low voltage; null while pump or feed are not chosen. */
export const primeOf = (design: FuelDesign, trace?: Trace): PrimeAnswer | null => {
  const { pump, pumpCount, filter } = design.fuel
  const feed = lineOfDesign(design, 'feed')
  if (!pump || !feed) return null
  const at = pumpAtVoltage(pump.tables, design.figure('fuel.lowV'))
  if (!at.ok) return null
  const suction = pump.mount === 'in-line' ? lineOfDesign(design, 'suction') : null
  return prime(
    {
      curve: sideBySide(at.value.curve, pumpCount),
      lineM3: volumeOf(feed) + volumeOf(suction),
      filterM3: filter ? FILTER_M3 : 0,
      railM3: design.figure('fuel.railM3'),
      setPressurePa: design.figure('fuel.setPressurePa'),
      trappedShare: design.loop === 'single-line' ? TRAPPED_SHARE : 0,
      primeS: design.figure('fuel.primeS'),
    },
    trace,
  )
}
