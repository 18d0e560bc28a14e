import { earthedOff } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'

/** What can hurt somebody at this work. Local rules and licensed trades come first. */
export const powerCautions = (job: JobDocument): string[] => [
  `${earthedOff(job)} Rings and watches off: a tool across a battery welds itself.`,
  'A battery gives off hydrogen on charge and holds acid: glasses, gloves, ventilation, no sparks near it.',
  'Never disconnect the battery with the engine running: an old alternator can jump to 80 to 100 V and destroy ECU and diodes.',
  'A jump start from a 24 V vehicle, or with the leads crossed, destroys the ECU. Helper battery last to the block, away from the battery.',
  'Fuse every positive wire within a hand of where it starts; the fuse protects the wire. A battery inside the car needs a sealed box, vented outside.',
  'Crank with the ignition off and the injectors unplugged, out of gear, nobody near fan and belt.',
]
