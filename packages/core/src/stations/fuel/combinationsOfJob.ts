import { designOf } from './fuelDesign.ts'
import { figureOf, fuelLoopOf } from '../../figures/index.ts'
import { type JobDocument } from '../../job/index.ts'
import type { CombinationCase, LinePath } from '../../fuel/choose/combinationCase.ts'
import { inOneHose } from '../../fuel/lines/withHose.ts'
import { dueFactorOf, lossOf } from './circuitOfJob.ts'
import type { CombinationChoice } from './choiceOfParts.ts'
import { FITTING_K, lengthOfLine, lineCounts, lineOfDesign } from './lineOfDesign.ts'
import { engineOfJob } from '../../moments/index.ts'

/**
 * The way of a line whatever hose it is made of. Another hose wants other ends, so ends count as not chosen yet: what
 * passes here passes after it was taken.
 */
const pathOf = (job: JobDocument, which: 'feed' | 'return'): LinePath => {
  const d = job.fuel[which]
  const { bend90, bend45, connector, entry, exit } = FITTING_K
  const hose = d.hose ?? d.legs.find((leg) => leg.hose !== null)?.hose ?? null
  const bare = { ...job, fuel: { ...job.fuel, [which]: { ...inOneHose(d), hose } } }
  const { bends90, bends45, connectors } = lineCounts(designOf(job), which)
  const line = d.legs.length > 0 ? lineOfDesign(designOf(bare), which) : null
  const minorK = line
    ? line.minorK + (line.then ?? []).reduce((sum, p) => sum + p.minorK, 0)
    : bends90 * bend90 + bends45 * bend45 + connectors * connector + entry + exit
  return { lengthM: lengthOfLine(designOf(job), which), riseM: figureOf(job, `fuel.${which}.riseM`), minorK }
}

/** The combinations of a job: its moments, paths and set pressure with the parts of a choice. */
export const combinationCaseOf = (job: JobDocument, choice: CombinationChoice): CombinationCase => {
  const engine = engineOfJob(job)
  const { strainer, sock, leftOut: _leftOut, notJudged: _notJudged, ...parts } = choice
  const filterFactor = dueFactorOf(job.fuel.filter)
  return {
    loop: fuelLoopOf(job),
    setPressurePa: figureOf(job, 'fuel.setPressurePa'),
    referenced: job.fuel.referenced,
    ethanolShare: figureOf(job, 'fuel.ethanolShare'),
    highV: figureOf(job, 'fuel.highV'),
    points: engine.points.map((p) => ({
      id: p.id,
      fluid: p.fuel,
      demandM3S: p.demandM3S,
      voltageV: p.voltageV,
      referencePa: p.referencePa,
      filterFactor: p.filterDue ? filterFactor : 1,
    })),
    cruiseId: 'cruise',
    idleId: 'idle',
    fullId: 'full',
    pumpCount: job.fuel.pumpCount,
    strainer: lossOf(strainer),
    sock: lossOf(sock),
    suction: lineOfDesign(designOf(job), 'suction'),
    feedPath: pathOf(job, 'feed'),
    returnPath: pathOf(job, 'return'),
    returnWarmerK: figureOf(job, 'fuel.tank.returnWarmerK'),
    ...parts,
  }
}
