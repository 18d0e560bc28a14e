import type { Assumption } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { describePath } from '../../meaning/index.ts'
import { USUAL_BITS, USUAL_CRANKING_RPM, USUAL_SUPPLY_V } from './sensorsOfJob.ts'
import { USUAL_NEEDS } from './vacuumOfJob.ts'

const WHY = 'rule of thumb'

/** What is taken of consumers of vacuum, of the crank signal and of thermistors until somebody enters it. */
export const placeAssumptions = (job: JobDocument): Assumption[] => {
  const { sensors, vacuum } = job.engineTop
  const of = (field: string, si: number, family: Assumption['family']): Assumption => ({
    field,
    label: describePath(field, job).label,
    si,
    family,
    why: WHY,
  })
  const { wheel } = sensors
  return [
    ...vacuum.consumers.flatMap((c) => {
      const { boreM, mostLengthM } = USUAL_NEEDS[c.use]
      const at = `engineTop.vacuum.consumers.${c.id}`
      return [
        ...(c.boreM === null ? [of(`${at}.boreM`, boreM, 'bore')] : []),
        ...(c.mostLengthM === null && mostLengthM !== null ? [of(`${at}.mostLengthM`, mostLengthM, 'bore')] : []),
      ]
    }),
    ...(wheel.pickUp === 'variable-reluctance' && wheel.signalV !== null && job.walkAround.tests.crankingRpm === null
      ? [of('walkAround.tests.crankingRpm', USUAL_CRANKING_RPM, 'engineSpeed')]
      : []),
    ...sensors.thermistors.flatMap((t) => {
      if (t.biasOhm === null) return []
      const at = `engineTop.sensors.thermistors.${t.id}`
      return [
        ...(t.supplyV === null ? [of(`${at}.supplyV`, USUAL_SUPPLY_V, 'voltage')] : []),
        ...(t.bits === null ? [of(`${at}.bits`, USUAL_BITS, 'count')] : []),
      ]
    }),
  ]
}
