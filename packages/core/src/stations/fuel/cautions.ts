import { pumpInTank } from '../../figures/index.ts'
import { type JobDocument } from '../../job/index.ts'

/** A caution with the place of the work it belongs to. Plain words; local rules come first. */
export interface FuelCaution {
  readonly where: 'fuel-opened' | 'tank' | 'lines' | 'pressure' | 'pump' | 'under-car' | 'vapour' | 'old-line'
  readonly says: string
}

const CAUTIONS: readonly FuelCaution[] = [
  {
    where: 'fuel-opened',
    says: 'Cold engine, pressure released, no flame, heater or hot lamp, doors open, a class B extinguisher within reach, a spill tray, eye protection. Never leave fuel in open pans.',
  },
  {
    where: 'tank',
    says: 'Drained is not gas-free. A hole saw, drill or file in a tank makes sparks: only after the tank is cleaned and inerted or filled with water, and the gas measures below a tenth of the lower explosive limit; otherwise leave it to a specialist. Never weld, solder or grind on or near a tank that has held fuel.',
  },
  {
    where: 'pressure',
    says: 'Pressure stays in the line after key-off: release it before undoing anything. A jet from a pin-hole goes through skin: go to hospital at once.',
  },
  {
    where: 'lines',
    says: 'Only hose and ends rated for this fuel and this pressure. Leak test before the first start, after it, and after the first heat cycle.',
  },
  {
    where: 'pump',
    says: 'The pump must stop when the engine stops: relay driven by the ECU, an inertia or roll-over switch, a fuse at the battery end.',
  },
  { where: 'under-car', says: 'Car level on axle stands, never on the jack alone; exhaust cold.' },
  {
    where: 'vapour',
    says: 'Fuel vapour is heavier than air and runs along the floor to the nearest flame. A charcoal canister stays where the law requires it.',
  },
  {
    where: 'old-line',
    says: 'Pressure test an old line with water, never with air: a tube that bursts under air flies apart.',
  },
]

/** Cautions of one place. */
export const cautionsAt = (...where: FuelCaution['where'][]): FuelCaution[] =>
  CAUTIONS.filter((c) => where.includes(c.where))

/** All that go with the work of this design. */
export const fuelCautions = (job: JobDocument): FuelCaution[] =>
  CAUTIONS.filter((c) =>
    c.where === 'tank' ? pumpInTank(job) : c.where === 'old-line' ? job.fuel.oldLine.keeps !== null : true,
  )
