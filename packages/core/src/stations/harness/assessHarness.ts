import type { JobDocument } from '../../job/index.ts'
import { judgeBoxes } from './judgeBoxes.ts'
import { judgeBench } from './judgeBench.ts'
import { judgeDrivers } from './judgeDrivers.ts'
import { judgeWiring } from './judgeWiring.ts'
import { worstState } from '../../verdict/index.ts'
import type { StationAssessment } from '../station.ts'
import { harnessCase, type HarnessCase, type HarnessVerdict } from './harnessCase.ts'
import { judgeCabin, judgeFixing, judgeHeld, judgeKitLeads, judgePlugs } from './judgeFixing.ts'
import { judgeCrossings, judgeEcuPlace, judgeFits, judgeHoles, judgeNoise, judgeRules } from './judgeLoom.ts'
import { judgeMeasured, judgePins, judgePlan } from './judgePlan.ts'

export interface HarnessAssessment extends StationAssessment {
  readonly c: HarnessCase
}

export const judgeHarness = (c: HarnessCase): HarnessVerdict[] =>
  [
    judgePlan(c),
    judgeMeasured(c),
    judgeBoxes(c),
    judgeFits(c),
    judgeHoles(c),
    ...judgeRules(c),
    ...judgeNoise(c),
    judgeEcuPlace(c),
    judgeFixing(c),
    judgeCrossings(c),
    judgePins(c),
    judgeDrivers(c),
    ...judgeHeld(c),
    ...judgePlugs(c),
    ...judgeCabin(c),
    ...judgeKitLeads(c),
    ...judgeWiring(c),
    ...judgeBench(c),
  ].filter((v) => v !== null)

const RANK = { stop: 0, caution: 1, unknown: 2, ok: 3 } as const

/** What to do where something is not known yet; of everything else its finding says it. */
const NEXT: Readonly<Record<string, string>> = {
  measured: 'Measure the corridors',
  proof: 'Prove the loom on the bench',
}

const actionOf = (
  c: HarnessCase,
  state: HarnessAssessment['state'],
  verdicts: readonly HarnessVerdict[],
): string | null => {
  if (state === 'ok') return null
  if (state === 'stop') return 'Fix failed checks: harness'
  if (c.plan.template === null) return 'Choose the plan of the car'
  if (c.accepted === null) return 'Accept a loom'
  const open = verdicts.find((v) => v.state === 'unknown')
  return state === 'unknown' && open ? (NEXT[open.id] ?? `Harness: ${open.title}`) : null
}

/** The harness station of a job: a pure function of the document. */
export const assessHarness = (job: JobDocument): HarnessAssessment => {
  const c = harnessCase(job)
  const verdicts = judgeHarness(c).sort((x, y) => RANK[x.state] - RANK[y.state])
  const state = worstState(verdicts.map((v) => v.state))
  return { c, verdicts, state, assumptions: c.assumptions, action: actionOf(c, state, verdicts) }
}
