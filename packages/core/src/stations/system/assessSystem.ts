import { figureOf, fuelLoopOf, injectionPlaceOf, type FigureField } from '../../figures/index.ts'
import { type JobDocument } from '../../job/index.ts'
import type { Catalogue } from '../../parts/index.ts'
import { fig, plain, say, worstFirst, worstState, type Figure, type Verdict } from '../../verdict/index.ts'
import type { StationAssessment } from '../station.ts'
import { architectureId } from './architectures.ts'
import { candidatesFor, type Candidate } from './candidates.ts'
import { judgeAsDelivered, judgeMarketSwitch, judgePumpSwitch, judgeTuning } from './ecuAsDelivered.ts'
import { leftOutFor, type LeftOut } from './leftOut.ts'
import { stagesOf, type Stage } from './stages.ts'

/** A figure or word further down the work that the choice sets while nothing else is known. */
export interface Downstream {
  readonly label: string
  readonly figure: Figure | null
  readonly text?: string
  /** Whether it still stands as a default; false where the fuel station decided otherwise. */
  readonly isDefault: boolean
}

export type ChoiceState = 'open' | 'chosen' | 'doubtful'

export interface SystemAssessment extends StationAssessment {
  readonly candidates: readonly Candidate[]
  /** The candidate that was chosen, judged on the job as it now stands. */
  readonly chosen: Candidate | null
  readonly compared: readonly Candidate[]
  readonly downstream: readonly Downstream[]
  readonly leftOut: readonly LeftOut[]
  readonly choice: ChoiceState
  /** Run first, extras later; empty where nothing is left for later. */
  readonly stages: readonly Stage[]
}

const PLACE_WORDS = {
  'above-plate': 'above the throttle plate',
  'below-plate': 'below the throttle plate',
  port: 'in the ports',
} as const

const downstreamOf = (job: JobDocument): Downstream[] => {
  const figure = (label: string, field: FigureField, family: Figure['family'], known: unknown): Downstream => ({
    label,
    figure: fig(figureOf(job, field), family),
    isDefault: known === null,
  })
  const { fuel } = job
  return [
    {
      label: 'Fuel enters',
      figure: null,
      text: PLACE_WORDS[injectionPlaceOf(job)],
      isDefault: fuel.injectionPlace === null,
    },
    {
      label: 'Lines',
      figure: null,
      text: fuelLoopOf(job) === 'return' ? 'feed and return' : 'returnless',
      isDefault: fuel.systemType === null,
    },
    figure('Set pressure', 'fuel.setPressurePa', 'pressure', fuel.setPressurePa),
    figure('Injectors', 'fuel.injectorCount', 'count', fuel.injectorCount),
    figure('Openings per engine cycle', 'fuel.openingsPerCycle', 'count', fuel.openingsPerCycle),
    {
      ...figure('Power to size for', 'vehicle.powerW', 'power', job.vehicle.powerW ?? job.system.powerLaterW),
      figure: fig(Math.max(figureOf(job, 'vehicle.powerW'), job.system.powerLaterW ?? 0), 'power'),
    },
  ]
}

const STATES = { open: 'unknown', chosen: 'ok', doubtful: 'stop' } as const
const ACTIONS = {
  open: 'Choose the system',
  chosen: null,
  doubtful: 'Choose the system again: the car has changed since',
} as const

/** What now speaks against the chosen system, one verdict each. */
const verdictsOf = (chosen: Candidate | null): Verdict[] =>
  (chosen?.objections ?? []).map((objection, i) => ({
    ...plain,
    id: `objection-${i}`,
    title: 'The chosen system no longer suits',
    state: 'stop',
    reason: say`${objection}`,
    source: 'trade practice',
  }))

/** Each stage works by itself, or the verdict says why not. */
const verdictsOfStages = (stages: readonly Stage[]): Verdict[] =>
  stages.map((stage, i) => ({
    ...plain,
    id: `stage-${i + 1}`,
    title: stage.objections.length > 0 ? `${stage.title} does not work` : `${stage.title} works by itself`,
    state: stage.objections.length > 0 ? 'stop' : 'ok',
    reason:
      stage.objections.length > 0
        ? say`${stage.objections.join(' ')}`
        : stage.without.length > 0
          ? say`Without ${stage.without.join('; ')}.`
          : say`Everything that was chosen, on the same ECU.`,
    source: 'the system checked as it is after that stage',
  }))

/** The choice of system: a pure function of the document and the controllers of the catalogue. */
export const assessSystem = (job: JobDocument, catalogue: Pick<Catalogue, 'controllers'>): SystemAssessment => {
  const candidates = candidatesFor(job, catalogue.controllers)
  const { chosen: architecture, compared } = job.system
  const chosenId = architecture && architectureId(architecture)
  const chosen = candidates.find((c) => c.id === chosenId) ?? null
  const choice: ChoiceState = !chosen ? 'open' : chosen.objections.length > 0 ? 'doubtful' : 'chosen'
  const stages = stagesOf(job)
  const judged = [
    ...verdictsOf(chosen),
    ...verdictsOfStages(stages),
    ...[judgePumpSwitch(job), judgeMarketSwitch(job), judgeAsDelivered(job), judgeTuning(job)].filter(
      (v) => v !== null,
    ),
  ]
  return {
    candidates,
    chosen,
    compared: compared.flatMap((id) => candidates.find((c) => c.id === id) ?? []),
    downstream: architecture ? downstreamOf(job) : [],
    leftOut: architecture ? leftOutFor(job, architecture) : [],
    choice,
    stages,
    state: worstState([STATES[choice], ...judged.map((v) => v.state)]),
    verdicts: worstFirst(judged),
    assumptions: [],
    action: ACTIONS[choice] ?? (judged.some((v) => v.state === 'stop') ? 'Fix failed checks: system' : null),
  }
}
