import { figureOf, foundAt, fuelLoopOf, injectionPlaceOf, pumpInTank, type FigureField } from '../../figures/index.ts'
import { engineOfJob } from '../../moments/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { FuelLoop, FuelSection, InjectionPlace, VehicleSection, WalkAroundSection } from '../../sections/index.ts'

/** What the fuel station computes with: its own section, what other stations found or decided, and every figure. */
export interface FuelDesign {
  readonly fuel: FuelSection
  /** The car's tank and old lines, as the walk-around found them. */
  readonly tank: WalkAroundSection['tank']
  readonly oldLines: WalkAroundSection['lines']
  readonly loop: FuelLoop
  readonly place: InjectionPlace
  readonly inTank: boolean
  readonly aspiration: VehicleSection['aspiration']
  readonly powerBasis: VehicleSection['powerBasis']
  readonly powerLaterW: number | null
  /** Vacuum ports of the engine top are shared out, the regulator among them: its hose is measured and bought there. */
  readonly referenceAtEngineTop: boolean
  /** Whether pump and lines are sized for the power wanted later. */
  sizedForLater(): boolean
  /** Entered, found elsewhere or assumed. SI. */
  figure(field: FigureField): number
  /** Whether nobody has measured it. */
  isAssumed(field: FigureField): boolean
}

/** Without a port that is measured nothing is shared out, and the engine top orders no hose. */
const isSharedOut = ({ ports, consumers }: JobDocument['engineTop']['vacuum']): boolean =>
  consumers.some((c) => c.use === 'regulator') && ports.some((p) => p.boreM !== null && p.kind !== null)

const designs = new WeakMap<JobDocument, FuelDesign>()

/** The fuel design of a job, the same object for the same document. */
export const designOf = (job: JobDocument): FuelDesign => {
  let design = designs.get(job)
  if (!design) {
    design = {
      fuel: job.fuel,
      tank: job.walkAround.tank,
      oldLines: job.walkAround.lines,
      loop: fuelLoopOf(job),
      place: injectionPlaceOf(job),
      inTank: pumpInTank(job),
      aspiration: job.vehicle.aspiration,
      powerBasis: job.vehicle.powerBasis,
      powerLaterW: job.system.powerLaterW,
      referenceAtEngineTop: isSharedOut(job.engineTop.vacuum),
      sizedForLater: () => engineOfJob(job).laterKgS !== null,
      figure: (field) => figureOf(job, field),
      isAssumed: (field) => foundAt(job, field).kind === 'assumed',
    }
    designs.set(job, design)
  }
  return design
}
