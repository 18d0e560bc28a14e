import { earthedOff } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'

/** What can hurt somebody at this work; local rules and licensed trades come first. */
export const engineTopCautions = (job: JobDocument): readonly string[] => [
  `Engine cold. Battery off before anything comes off. ${earthedOff(job)} Release the fuel pressure before a line is opened; catch what runs out, extinguisher at hand, no flame, no sparks.`,
  'Coolant is poison to animals and slippery: drain it into a clean pan, never open a hot system.',
  'Every chip, nut and rag out of the ports: cover them while the manifold is open. What falls in wrecks a valve or a piston.',
  'Clay and fingers clear of the fan; somebody at the bonnet while it is closed on the clay. An inlet manifold of iron is heavy: lift it with two.',
  'A throttle that does not close by itself from every position is not driven, not even round the yard. Two springs, each strong enough alone.',
  'A gearbox cable on a wrong lever burns clutches: prove the pressure by the gearbox’s manual, or have a specialist do it.',
]
