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
    says: 'Car level on axle stands, never on the jack alone; exhaust cold. Check the steering from lock to lock and the linkage over its whole travel.',
  },
  {
    where: 'drilling',
    says: 'Glasses and gloves. Pilot first, step up, deburr; get every chip out of the pipe: one chip can wreck a turbo or a catalyst.',
  },
  {
    where: 'welding',
    says: `Battery disconnected, ECU unplugged, sensor out, a blanking plug in the bung. ${earthedOff(job)} Fire watch and extinguisher; grind off zinc and aluminium coatings, ventilate the room. If you are not trained to weld, have it welded.`,
  },
  {
    where: 'running',
    says: 'Run the engine outdoors or with extraction: exhaust gas kills without a smell. Keep clear of fan, belt, hot pipe and ignition voltage.',
  },
  {
    where: 'emissions',
    says: 'Catalyst and air pump stay where the law requires them: ask before you remove or shut off anything.',
  },
  {
    where: 'sensor',
    says: 'Set the sensor type in the ECU first, then plug in. Never touch or grease the tip, keep the cap on until it is fitted; anti-seize on the thread only, and only if it comes dry. Never leave it unpowered in a running exhaust.',
  },
]

export const exhaustCautionsAt = (job: JobDocument, ...where: ExhaustCaution['where'][]): ExhaustCaution[] =>
  exhaustCautions(job).filter((c) => where.includes(c.where))
