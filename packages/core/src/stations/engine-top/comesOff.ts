import type { JobDocument } from '../../job/index.ts'

/** A part that comes off with the carburettor. */
export interface OffPart {
  readonly id: string
  readonly name: string
  /** What usually becomes of it. */
  readonly usually: string
  /** Leaves an open hose, line or lead that must say what it waits for. */
  readonly leavesOpen: boolean
  /** Leaves a hole that is closed by a blank or cover. */
  readonly leavesHole: boolean
}

interface Rule extends OffPart {
  readonly when: (job: JobDocument) => boolean
}

const rule = (
  id: string,
  name: string,
  usually: string,
  leaves: 'open' | 'hole' | 'nothing',
  when: Rule['when'] = () => true,
): Rule => ({ id, name, usually, leavesOpen: leaves === 'open', leavesHole: leaves === 'hole', when })

const RULES: readonly Rule[] = [
  rule('old-carburettor', 'Carburettor', 'stored with the car', 'nothing'),
  rule('old-carburettor-gasket', 'Carburettor gasket and heat insulator', 'scrapped: a used gasket leaks air', 'nothing'),
  rule('old-fuel-pipe', 'Fuel pipe to the carburettor', 'its end capped, tagged, proved dry', 'open'),
  rule('old-mechanical-pump', 'Mechanical fuel pump, if fitted', 'its hole blanked, its pushrod out', 'hole'),
  rule('old-choke', 'Choke cable or choke heater', 'cable out, bulkhead hole plugged; feed of an electric choke made safe', 'open'),
  rule('old-idle-solenoid', 'Idle cut-off solenoid’s lead, if fitted', 'insulated and tagged, or taken out', 'open'),
  rule('old-advance-hose', 'Vacuum advance hose', 'to a port of the new throttle body, by its kind', 'open', (j) => j.walkAround.ignition.advance === 'mechanical-and-vacuum'),
  rule('old-breather', 'Crankcase breather hose', 'to a port of the new throttle body', 'open'),
  rule('old-servo', 'Brake servo hose, if fitted', 'to the manifold, full vacuum', 'open'),
  rule('old-kickdown', 'Kickdown rod or cable', 'used again on the new lever, and set by the gearbox maker’s figures', 'nothing', (j) => ['rod', 'cable', 'throttle-valve-cable'].includes(j.walkAround.gearbox.kickdown ?? '')),
  rule('old-air-cleaner', 'Old air cleaner', 'stored with the car, or used again on another base', 'nothing'),
  rule('old-air-meter', 'Old air meter', 'stored; its place and its lead made good', 'open', (j) => j.engineTop.stack.airMeter === 'out'),
  rule('old-distributor', 'Distributor', 'its hole blanked; oil pump drive kept if it drove one', 'hole', (j) => j.system.chosen?.timing === 'crank-trigger' && j.engineTop.ignition.coils !== 'one'),
  rule('old-manifold', 'Inlet manifold', 'stored with the car', 'nothing', (j) => j.system.chosen?.build === 'other-manifold'),
] // prettier-ignore

/** What comes off, derived from the car as walked round and from the chosen system; nothing before one is chosen. */
export const comesOff = (job: JobDocument): OffPart[] =>
  job.system.chosen === null
    ? []
    : RULES.filter((r) => r.when(job)).map(({ id, name, usually, leavesOpen, leavesHole }) => ({
        id,
        name,
        usually,
        leavesOpen,
        leavesHole,
      }))
