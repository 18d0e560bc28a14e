import type { OldWire } from '../../sections/index.ts'
import { say, type Sentence } from '../../verdict/index.ts'
import type { HarnessCase } from './harnessCase.ts'

/** A wire that this car's old ignition, choke or fuel system is likely to have, and what usually becomes of it. */
export interface LikelyWire {
  readonly name: string
  readonly usually: NonNullable<OldWire['fate']>
  readonly why: string
}

/** What to look for, by what the walk-around found. Trade practice; what is on the car decides. */
export const likelyOldWires = (c: HarnessCase): readonly LikelyWire[] => {
  const { coilResistor, kind } = c.ignition
  const coilGoes = c.trigger === 'crank-wheel' || c.trigger === 'crank-and-cam'
  return [
    { name: 'Coil feed from the key switch', usually: coilGoes ? 'capped' : 'kept', why: 'live in on and in start it feeds a relay; behind a resistor it does not' },
    ...(coilResistor === true ? [{ name: 'Resistor or resistance wire of the coil', usually: 'removed', why: 'it leaves 6 to 9 V in run' } as const] : []),
    ...(coilResistor === true ? [{ name: 'Bypass of the resistor from the starter', usually: 'capped', why: 'live in start only' } as const] : []),
    ...(kind === 'points' || kind === null ? [{ name: 'Coil to points and condenser', usually: coilGoes ? 'removed' : 'kept', why: 'without points nothing switches it' } as const] : []),
    ...(kind === 'breakerless' || kind === 'external-box' ? [{ name: 'Feed of the old ignition box', usually: coilGoes ? 'removed' : 'kept', why: 'it goes with its box' } as const] : []),
    { name: 'Feed of the electric choke', usually: 'kept', why: 'live in run and start it makes a good keyed feed' },
    { name: 'Idle cut-off valve of the carburettor', usually: 'capped', why: 'its valve goes with the carburettor' },
    { name: 'Feed of an old electric fuel pump', usually: 'removed', why: 'a wire without relay and inertia switch must not feed the new pump' },
    { name: 'Tachometer to the coil', usually: coilGoes ? 'capped' : 'kept', why: 'an ECU with a tachometer output takes its place' },
  ] // prettier-ignore
}

/** The test that proves what became of a wire. */
export const oldWireTest = (w: OldWire): Sentence => {
  switch (w.fate) {
    case 'removed':
      return say`Key on, then in start: everything else still works. Ohms from its old terminal to every fuse: open.`
    case 'kept':
      return say`Meter on it to the battery’s negative: battery volts with the key on and in start, none with the key off.`
    case 'capped':
      return say`Cap on, tag on, key on: pull at the cap, and meter from it to the body: no volts outside the cap. Its fuse is out where it has one of its own.`
    case null:
      return say`Find out first what it feeds: meter on it with the key off, on and in start.`
  }
}
