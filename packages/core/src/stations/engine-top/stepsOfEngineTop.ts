import { fig, say, type Sentence } from '../../verdict/index.ts'
import type { EngineTopCase } from './engineTopCase.ts'

export interface EngineTopStep {
  readonly id: string
  /** Part of the address of the tab that it belongs to. */
  readonly tab: string
  readonly says: Sentence
}

const step = (id: string, tab: string, says: Sentence): EngineTopStep => ({ id, tab, says })

/** What is done at the car, in its order: only what this car asks for. */
export const stepsOfEngineTop = (c: EngineTopCase): EngineTopStep[] => {
  if (!c.begun) return []
  const open = c.off.filter((p) => p.leavesOpen)
  const tapped = c.sensors.holes.filter((h) => h.tapped !== null)
  const drilled = c.vacuum.hoses.filter((h) => h.by === 'drilled')
  const { hasRotor, wires, rotor } = c.ignition
  const timing = c.system?.timing
  const wheel = c.system?.trigger === 'crank-wheel' || c.system?.trigger === 'crank-and-cam'
  const wet = c.bolts.some((b) => b.group.part === 'manifold' || b.group.opensInto === 'coolant') || tapped.some((h) => h.hole.use === 'coolant') || c.sensors.entry.coolant.placeId !== null
  const coolant = c.sensors.entry.coolant.places.find((p) => p.id === c.sensors.entry.coolant.placeId)
  return [
    step('cold', '', say`Engine cold, battery off, fuel pressure released.`),
    ...(wet ? [step('drain', 'bolts', say`Drain the coolant into a clean pan.`)] : []),
    ...(open.length > 0 ? [step('tags', '', say`Take off ${fig(c.off.length, 'count')} old parts; tag ${fig(open.length, 'count')} open ends with what they wait for.`)] : []),
    ...drilled.map((h) => step(`drill-${h.consumer.id}`, 'vacuum', say`Drill and tap a port of ${fig(h.consumer.boreM, 'bore', 1)} for ${h.consumer.entry.name.toLowerCase()}, manifold off the engine.`)),
    ...tapped.map((h) => step(`tap-${h.hole.id}`, 'sensors', say`${h.hole.name}: drill ${fig(h.tapped!.drillM, 'bore', 2)}, tap ${h.thread!.name}, thread ${fig(h.tapped!.threadM, 'bore', 0)} deep; grease on the tap, rag below, flush.`)),
    ...(c.bolts.length > 0 ? [step('bolts', 'bolts', say`Manifold and throttle body down: three passes by the tightening card.`)] : []),
    ...(c.top.throttle.links.length > 0 ? [step('linkage', 'throttle', say`Linkage on, a helper’s foot on the pedal: plate fully open, pedal stop first.`)] : []),
    ...c.vacuum.hoses.filter((h) => h.port !== null).map((h) => step(`hose-${h.consumer.id}`, 'vacuum', say`${h.consumer.entry.name}: hose of ${fig(h.consumer.boreM, 'bore', 1)} to ${c.vacuum.nameOf(h.port!.id)}${h.by === 'tee' ? ', by a tee' : ''}.`)),
    ...(c.vacuum.capped.length > 0 ? [step('caps', 'vacuum', say`Cap ${c.vacuum.capped.map((p) => c.vacuum.nameOf(p.id)).join(', ')}, each with a clip.`)] : []),
    ...(coolant ? [step('coolant', 'sensors', say`Coolant sensor into “${coolant.name}”; the gauge keeps its own sender.`)] : []),
    ...(c.sensors.entry.airPlace !== null ? [step('air', 'sensors', say`Intake air sensor, its tip in the air stream.`)] : []),
    ...(wheel ? [step('wheel', 'sensors', say`Number one at top dead centre by a piston stop; count to the tooth under the sensor; gap at four places.`)] : []),
    ...(timing === 'locked-distributor' ? [step('lock', 'ignition', say`Weights locked, vacuum can off or plugged; shaft without play.`)] : []),
    ...(hasRotor && rotor ? [step('rotor', 'ignition', say`Rotor at the terminal of number one over the whole advance: proved through a cap with a window.`)] : []),
    ...(timing !== undefined && timing !== 'none' ? [step('driver', 'ignition', say`Coil and output matched by both sheets before the key is turned.`)] : []),
    ...(wires.length > 0 ? [step('wires', 'ignition', say`Trace ${fig(wires.length, 'count')} wires by the continuity sheet, before anything is joined.`)] : []),
    ...(wet ? [step('fill', 'bolts', say`Fill the coolant, run warm with the heater on, bleed.`)] : []),
    step('start', 'ignition', say`Base timing by the light belongs to the first start.`),
  ]
} // prettier-ignore
