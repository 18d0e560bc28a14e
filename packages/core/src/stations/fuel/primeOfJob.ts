import { figureOf, fuelLoopOf } from '../../figures/index.ts'
import { type JobDocument } from '../../job/index.ts'
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
export const primeOf = (job: JobDocument, trace?: Trace): PrimeAnswer | null => {
  const { pump, pumpCount, filter } = job.fuel
  const feed = lineOfDesign(job, 'feed')
  if (!pump || !feed) return null
  const at = pumpAtVoltage(pump.tables, figureOf(job, 'fuel.lowV'))
  if (!at.ok) return null
  const suction = pump.mount === 'in-line' ? lineOfDesign(job, 'suction') : null
  return prime(
    {
      curve: sideBySide(at.value.curve, pumpCount),
      lineM3: volumeOf(feed) + volumeOf(suction),
      filterM3: filter ? FILTER_M3 : 0,
      railM3: figureOf(job, 'fuel.railM3'),
      setPressurePa: figureOf(job, 'fuel.setPressurePa'),
      trappedShare: fuelLoopOf(job) === 'single-line' ? TRAPPED_SHARE : 0,
      primeS: figureOf(job, 'fuel.primeS'),
    },
    trace,
  )
}
