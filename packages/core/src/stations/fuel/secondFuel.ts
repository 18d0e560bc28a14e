import type { JobDocument } from '../../job/index.ts'
import { fig, isWorse, plain, say, worstFirst } from '../../verdict/index.ts'
import { judgeAll } from './judgeAll.ts'
import { fuelCase, type FuelVerdict } from './solvedPoint.ts'

const TITLES = {
  stop: 'Fails on the second fuel',
  caution: 'Marginal on the second fuel',
  unknown: 'Not known for the second fuel',
  ok: 'Sized for both fuels',
} as const

/** From so much more ethanol on, something has to be changed with the fuel. Rule of thumb. */
const ALIKE_SHARE = 0.05

/**
 * Two fuels that are driven in turn: the whole station judged once more with the other in the tank. Whatever is worse
 * with it than with the first counts.
 * @param first what is judged with the first fuel
 */
export const judgeSecondFuel = (job: JobDocument, first: readonly FuelVerdict[]): FuelVerdict | null => {
  const { secondEthanolShare, ethanolShare, changedByHand } = job.fuel
  if (secondEthanolShare === null || !job.fuel.pump) return null
  const other = judgeAll(fuelCase({ ...job, fuel: { ...job.fuel, ethanolShare: secondEthanolShare } }))
  const worse = worstFirst(
    other.filter((v) => {
      const was = first.find((f) => f.id === v.id)
      return v.state !== 'ok' && (was === undefined || isWorse(v.state, was.state))
    }),
  )
  const [worst, ...more] = worse
  const base = {
    ...plain,
    id: 'second-fuel',
    figureName: 'ethanol in the second fuel',
    figure: fig(secondEthanolShare, 'share'),
    source: 'every check made with each fuel',
  }
  if (worst)
    return {
      ...base,
      title: TITLES[worst.state],
      state: worst.state,
      next: worst.next ?? say`Size it for the fuel that asks for more`,
      reason: say`With the second fuel: ${worst.title}${more.length > 0 ? `, and ${more.length} more` : ''}. ${worst.reason}`,
    }
  const apart = ethanolShare === null || Math.abs(secondEthanolShare - ethanolShare) > ALIKE_SHARE
  const unsaid = apart && changedByHand.trim() === ''
  return {
    ...base,
    title: unsaid ? 'What is changed for the second fuel' : 'Sized for both fuels',
    state: unsaid ? 'unknown' : 'ok',
    next: say`Enter what is changed by hand: map, switch, label at the filler`,
    reason: unsaid
      ? say`Pump, lines and injectors do for both. The mixture does not follow by itself: somebody has to change something, and know it.`
      : say`Nothing is worse with it than with the first.${changedByHand.trim() === '' ? '' : ` Changed by hand: ${changedByHand.trim()}`}`,
  }
}
