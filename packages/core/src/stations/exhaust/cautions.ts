import { earthedOff } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'

/** A caution with the place of the work it belongs to. Plain words; local rules come first. */
export interface ExhaustCaution {
  readonly where: 'under-car' | 'drilling' | 'welding' | 'running' | 'emissions' | 'sensor'
  readonly says: string
}

/** Every caution of the station, as it reads on this car. */
export const exhaustCautions = (job: JobDocument): ExhaustCaution[] => [
  {
    where: 'under-car',
    says: 'The car stands level on stands, never on the jack alone; the exhaust is cold. Gauge the steering from lock to lock and the linkage over its whole travel.',
  },
  {
    where: 'drilling',
    says: 'Glasses and gloves. Pilot first, step up, deburr; every chip out of the pipe: a turbine or a catalyst does not forgive one.',
  },
  {
    where: 'welding',
    says: `Battery disconnected, controller unplugged, sensor out, a plug in the boss. ${earthedOff(job)} Fire watch and extinguisher; zinc and aluminium coatings ground off, the room ventilated. Who has not learned it has it welded.`,
  },
  {
    where: 'running',
    says: 'Exhaust gas outdoors or extracted: it kills without a smell. Mind fan, belt, hot pipe and ignition voltage.',
  },
  {
    where: 'emissions',
    says: 'Catalyst and air pump stay where the law wants them: ask before anything is removed or shut off.',
  },
  {
    where: 'sensor',
    says: 'Type set in the controller first, then plug in. Tip not touched or greased, cap on until it is fitted; anti-seize on the thread only, and only if it comes dry. Never in running exhaust without power.',
  },
]

export const exhaustCautionsAt = (job: JobDocument, ...where: ExhaustCaution['where'][]): ExhaustCaution[] =>
  exhaustCautions(job).filter((c) => where.includes(c.where))
