import { emptyJob, type JobDocument } from '../../../job/index.ts'
import type { ControllerPart } from '../../../parts/index.ts'
import type { Architecture, HarnessCorridor, HarnessSection, PlanId } from '../../../sections/index.ts'
import { LoomFinder, type Proposal } from '../loomFinder.ts'
import { withPlan } from '../planChosen.ts'

export const CHOSEN: Architecture = {
  injection: 'port',
  build: 'from-parts',
  firing: 'sequential',
  timing: 'crank-trigger',
  trigger: 'crank-wheel',
  oxygenSensors: 1,
  fuelLoop: 'return',
  pumpPlace: 'in-tank',
}

/** A four-cylinder car with its plan laid out and its ECU's case sealed. */
export const plannedJob = (plan: PlanId = 'unitary', chosen: Partial<Architecture> = {}): JobDocument => {
  const job = emptyJob('Cragdale Pipit')
  const harness = withPlan(job.harness, plan)
  return {
    ...job,
    vehicle: { ...job.vehicle, cylinders: 4, displacementM3: 1.8e-3 },
    system: { ...job.system, chosen: { ...CHOSEN, ...chosen } },
    harness: { ...harness, unit: { ...harness.unit, sealed: true } },
  }
}

export const withHarness = (job: JobDocument, change: Partial<HarnessSection>): JobDocument => ({
  ...job,
  harness: { ...job.harness, ...change },
})

export const withCorridor = (job: JobDocument, id: string, change: Partial<HarnessCorridor>): JobDocument =>
  withHarness(job, { corridors: job.harness.corridors.map((c) => (c.id === id ? { ...c, ...change } : c)) })

/** The loom that is offered for a place of the ECU. */
export const offered = (job: JobDocument, place: string | null = null, steps = 60): Proposal => {
  const finder = new LoomFinder(job, place)
  finder.improve(steps)
  return finder.proposals()[0]!
}

export const accepted = (job: JobDocument, place: string | null = null): JobDocument =>
  withHarness(job, { loom: offered(job, place).loom })

export const controller = (pinout: string | null): ControllerPart => ({
  id: 'c',
  name: 'Bank E1',
  priceClass: 3,
  injectorDrivers: 4,
  ignitionOutputs: 2,
  switchedOutputs: 4,
  idleValve: true,
  tachOutput: true,
  triggerInputs: 2,
  analogueInputs: 6,
  oxygenSensors: 1,
  sequential: true,
  gearbox: false,
  leastV: null,
  rideThroughS: null,
  pinout,
  digitalInputs: null,
  knockInput: null,
  connectors: null,
  revision: null,
  pumpSwitch: null,
  marketSwitch: null,
})
