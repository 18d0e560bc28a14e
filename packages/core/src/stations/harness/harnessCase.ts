import { assumptionsOf, carSupplyOf, driversByFiring, injectorDrivers, type Assumption } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { describePath } from '../../meaning/index.ts'
import {
  WIRE_ROLES,
  type HarnessSection,
  type PowerSection,
  type Trigger,
  type WalkAroundSection,
  type WireRole,
} from '../../sections/index.ts'
import type { Verdict } from '../../verdict/index.ts'
import { acceptedLoom, type Accepted } from './acceptedLoom.ts'
import { circuitsOfJob, type Circuits } from './circuitsOfJob.ts'
import { planOfJob, type CarPlan } from './planOfJob.ts'

export type HarnessVerdict = Verdict

/** Everything the judges of the station look at: they never go back to the document. */
export interface HarnessCase {
  readonly harness: HarnessSection
  /** Whether a system is chosen: without one nobody knows what is joined. */
  readonly systemChosen: boolean
  readonly ecuName: string | null
  readonly pinsKnown: boolean
  readonly plan: CarPlan
  readonly circuits: Circuits
  readonly accepted: Accepted | null
  /** Where the sensors are returned to, as the power station has it. */
  readonly returns: PowerSection['sensors']
  readonly trigger: Trigger | null
  /** Whether injectors share drivers by the firing order, or by number while nobody can read it; null: neither. */
  readonly driversBy: 'read' | 'by-number' | null
  /** Injectors on each driver of the ECU. */
  readonly drivers: readonly (readonly number[])[]
  /** Whether the system asks the ECU for road speed. */
  readonly roadSpeedWanted: boolean
  readonly ignition: WalkAroundSection['ignition']
  /** Where the walk-around found room for the ECU, and the boxes that radiate. */
  readonly ecuPlace: WalkAroundSection['cabin']['controllerPlace']
  readonly boxPlace: WalkAroundSection['ignition']['boxPlace']
  readonly computerPlace: WalkAroundSection['gearbox']['computerPlace']
  /** Fuses of the wires that the power station knows, A. */
  readonly fuseA: Readonly<Partial<Record<WireRole, number | null>>>
  readonly assumptions: readonly Assumption[]
}

export const harnessCase = (job: JobDocument): HarnessCase => {
  const plan = planOfJob(job)
  const circuits = circuitsOfJob(job)
  const { wires } = carSupplyOf(job)
  const accepted = plan.template === null ? null : acceptedLoom(job, plan, circuits)
  return {
    harness: job.harness,
    systemChosen: job.system.chosen !== null,
    ecuName: job.system.controller?.name ?? null,
    pinsKnown: typeof job.system.controller?.pinout === 'string',
    plan,
    circuits,
    accepted,
    returns: job.power.sensors,
    trigger: job.system.chosen?.trigger ?? null,
    driversBy: driversByFiring(job),
    drivers: job.system.chosen ? injectorDrivers(job, job.system.chosen) : [],
    roadSpeedWanted: job.system.signals.includes('road-speed'),
    ignition: job.walkAround.ignition,
    ecuPlace: job.walkAround.cabin.controllerPlace,
    boxPlace: job.walkAround.ignition.boxPlace,
    computerPlace: job.walkAround.gearbox.computerPlace,
    fuseA: Object.fromEntries(WIRE_ROLES.map((role) => [role, wires[role].fuseA])),
    assumptions: [...assumptionsOf(job, 'harness'), ...lengthAssumptions(job, plan, accepted)],
  }
}

/** Lengths and bores that nobody has measured, of the corridors that the loom takes, or of all before there is one. */
const lengthAssumptions = (job: JobDocument, plan: CarPlan, accepted: Accepted | null): Assumption[] => {
  const used = accepted && new Set(accepted.route.bundles.map((b) => b.corridor.split('/')[0]))
  return plan.corridors.flatMap((c): Assumption[] => {
    if (used && !used.has(c.id)) return []
    const of = (name: 'lengthM' | 'boreM', family: 'distance' | 'bore'): Assumption[] => {
      const si = c[name]
      if (si === null || !c.assumed.includes(name)) return []
      const field = `harness.corridors.${c.id}.${name}`
      return [{ field, label: describePath(field, job).label, si, family, why: 'estimate of the plan' }]
    }
    return [...of('lengthM', 'distance'), ...of('boreM', 'bore')]
  })
}
