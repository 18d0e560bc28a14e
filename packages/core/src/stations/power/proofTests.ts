import { DROP_LIMITS, NODE, type ConditionId } from '../../power/index.ts'
import { fig, say, type Sentence } from '../../verdict/index.ts'
import { drainA } from './chargingOfJob.ts'
import { loadAt } from './deviceVolts.ts'
import type { PowerCase } from './powerCase.ts'

/** A test on the car that proves a part of the design, with what is computed for it. */
export interface ProofTest {
  readonly id: string
  /** Drawing that it belongs to; null: straps, charging and rest. */
  readonly diagram: 'constant' | 'keyed' | 'pump' | 'fan' | 'stop' | null
  readonly what: string
  readonly does: Sentence
  readonly passes: Sentence
}

const volts = (c: PowerCase, condition: ConditionId, device: string) =>
  loadAt(c.solved, condition, device)?.voltageV ?? 0
const node = (c: PowerCase, condition: ConditionId, id: string) => c.solved.at[condition].nodesV[id] ?? 0

/** What proves the design on the car, in the order of doing it: nothing runs first, the engine last. */
export const proofTestsOf = (c: PowerCase): ProofTest[] => {
  const { design, fan, inertiaSwitch, old, ecu } = c.supply
  const v = (si: number, decimals = 1) => fig(si, 'voltage', decimals)
  const test = (id: string, diagram: ProofTest['diagram'], what: string, does: Sentence, passes: Sentence): ProofTest => ({ id, diagram, what, does, passes }) // prettier-ignore
  const dropOf = (role: 'pumpFeed' | 'fanFeed') => c.wireChecks.find((w) => w.role === role)?.dropV ?? 0
  const CRANKING = say`Ignition and injectors unplugged, out of gear, nobody near the fan; crank for five seconds.`
  return [
    test('drain', null, 'Current with the key off', say`Meter in the earth lead, doors shut, after half an hour.`, say`About ${fig(drainA(c), 'current', 2)}.`), // prettier-ignore
    test('fuses', null, 'Each fuse feeds its own', say`Key on. Pull each new fuse in turn.`, say`Only what the plan names goes dead.`), // prettier-ignore
    test('keyed-off', 'keyed', 'Keyed input with the key off', say`Meter from the ECU’s keyed pin to its earth pin, key off.`, say`Below 0.1 V; computed ${v(volts(c, 'key-off', 'keyed'), 2)}.`), // prettier-ignore
    test('ecu-crank', 'constant', 'ECU supply while cranking', say`${CRANKING} Meter across the ECU’s own supply pins.`, say`At least ${v(ecu.leastV)} throughout; computed ${v(volts(c, 'crank-warm', 'ecu'))} warm, ${v(volts(c, 'crank-cold', 'ecu'))} cold.`), // prettier-ignore
    test('keyed-crank', 'keyed', 'Keyed input in start', say`${CRANKING} Meter from the keyed pin to the earth pin, the terminals of the battery in the same start.`, say`At least ${v(ecu.leastV)}; computed ${v(volts(c, 'crank-warm', 'keyed'))} warm. A wire that is dead here is the wrong wire, not a weak battery.`), // prettier-ignore
    test('earth-block', null, 'Battery negative to engine block', say`${CRANKING} Meter from the terminal itself to clean metal on the block.`, say`At most 0.2 V; computed ${v(node(c, 'crank-warm', NODE.block), 2)} warm, ${v(node(c, 'crank-cold', NODE.block), 2)} cold.`), // prettier-ignore
    test('earth-body', null, 'Engine block to body', say`${CRANKING} Meter from block to body.`, say`At most 0.2 V; computed ${v(Math.abs(node(c, 'crank-warm', NODE.block) - node(c, 'crank-warm', NODE.bodyFront)), 2)}.`), // prettier-ignore
    test('pump-drop', 'pump', 'Pump supply', say`Pump running. Meter from battery positive to pump positive, then pump negative to battery negative; add both.`, say`At most ${v(DROP_LIMITS.pumpFeed.limitV)}; computed ${v(dropOf('pumpFeed'), 2)} in its wires.`), // prettier-ignore
    ...(inertiaSwitch ? [test('inertia', 'pump', 'Inertia switch', say`Pump running; knock the switch before you mount it.`, say`The pump stops at once, and stays off until the button is pressed.`)] : []), // prettier-ignore
    test('stall', 'pump', 'Pump stops with the engine', design.pumpCut === 'ecu' && design.relays === 'separate' ? say`Engine idling; unplug the crank sensor.` : say`Engine idling; stall it in gear, key left on.`, say`The pump stops within two seconds.`), // prettier-ignore
    test('key-stop', 'stop', 'Key stops the engine', say`Engine at 2500 rpm, lights and fan on; key off.`, say`The engine stops at once; the keyed pin falls below 0.1 V.`), // prettier-ignore
    ...(old.killSwitch === 'none' ? [] : [test('kill', 'stop', 'Kill switch stops the engine', say`Engine at 2500 rpm; open the kill switch. A generator left on an open battery can spike: the switch must cut its field too.`, say`Engine and pump stop at once. What stays live is labelled.`)]), // prettier-ignore
    ...(fan === 'none' ? [] : [test('fan', 'fan', 'Fan starts without pulling the ECU down', say`Idle, lights on; switch the fan by the ECU’s output test. Fastest reading of a meter across the ECU’s supply pins.`, say`Never below ${v(volts(c, 'fan-inrush', 'ecu') - 0.3)}; computed ${v(volts(c, 'fan-inrush', 'ecu'))} as it starts.`)]), // prettier-ignore
    test('sensor-earth', 'constant', 'Sensor earth apart', say`ECU’s connector off, key off. Ohms from each sensor’s return pin to the block and to the body.`, say`Open: above 100 kΩ. Then, connector on, idle with lights on: millivolts between sensor earth and ECU earth, near zero.`), // prettier-ignore
    test('charging', null, 'Charging at idle', say`Warm idle, everything on. Meter on the battery’s terminals.`, say`Computed ${v(volts(c, 'night-rain', 'ecu'))} at the ECU, ${v(node(c, 'night-rain', NODE.post))} at the terminals; below 12.7 V the battery is giving.`), // prettier-ignore
  ]
} // prettier-ignore
