import type { PartLine } from '../../parts/index.ts'
import { wireSizeOf } from '../../parts/index.ts'
import type { CarWire } from '../../power/index.ts'
import type { WireRole } from '../../sections/index.ts'
import { fig, say, type Figure, type Sentence } from '../../verdict/index.ts'
import { fusePlanOf } from './fusePlan.ts'
import type { PowerCase } from './powerCase.ts'

const line = (id: string, what: string, name: string, quantity: Figure, specification: Sentence, why: string, assumed = false): PartLine => ({ id, what, name, quantity, specification, why, assumed }) // prettier-ignore
const count = (n: number): Figure => fig(n, 'count')

/** Wires that the conversion lays; the car's own stay. */
const LAID: readonly WireRole[] = ['ecuFeed', 'ecuEarth', 'keyedFeed', 'pumpFeed', 'pumpEarth', 'fanFeed', 'fanEarth']
/** Largest blade fuse, ISO 8820-3, from memory; larger ones are bolted in. */
const MOST_BLADE_A = 40
/** For each end and along the way. Rule of thumb. */
const END_M = 0.15
const SLACK = 1.05

const INSULATION_WORDS = { xlpe: 'thin-wall cross-linked, 125 °C', pvc: 'PVC, 85 °C' } as const

/** Wires that are bought here: those of the conversion that no loom has, the cables of a battery that moves. */
const boughtRoles = (c: PowerCase): WireRole[] => {
  const { supply, power, found } = c
  const there = (role: WireRole) => c.wireChecks.some((w) => w.role === role)
  const moves = power.battery.place !== null && power.battery.place !== found.battery.place
  return [
    ...LAID.filter((r) => there(r) && !c.inLoom.includes(r) && !(r === 'fanFeed' && supply.fan !== 'relay') && !(r === 'fanEarth' && supply.fan !== 'relay')), // prettier-ignore
    ...(moves ? (['starterCable', 'bodyStrap'] as const) : []),
  ]
}

const wireLines = (c: PowerCase): PartLine[] => {
  const groups = new Map<string, { wire: CarWire; roles: WireRole[]; lengthM: number; assumed: boolean }>()
  for (const role of boughtRoles(c)) {
    const wire = c.supply.wires[role]
    const key = `${wire.sizeWords} ${wire.insulation}`
    const own = groups.get(key) ?? { wire, roles: [], lengthM: 0, assumed: false }
    own.roles.push(role)
    own.lengthM += SLACK * wire.lengthM + 2 * END_M
    own.assumed ||= wire.assumed.includes('length') || wire.assumed.includes('size')
    groups.set(key, own)
  }
  return [...groups].map(
    ([key, { wire, roles, lengthM, assumed }]) =>
    line(`wire ${key}`, 'wire', `Wire ${wire.sizeWords}`, fig(lengthM, 'distance'), say`${INSULATION_WORDS[wire.insulation]}`, `${roles.map((r) => c.labels[r] ?? r).join(', ')}; 5 % and 0.15 m an end for slack`, assumed), // prettier-ignore
  )
}

/** Which wires are missing from the list, and why; null where none is. */
export const boughtWithLoom = (c: PowerCase): string | null =>
  c.inLoom.length === 0
    ? null
    : `Bought with the accepted loom, on the list of the harness: ${c.inLoom.map((r) => c.labels[r] ?? r).join(', ')}.`

/** What must be bought for the power station, from the design as it stands. */
export const partsOfPower = (c: PowerCase): PartLine[] => {
  if (c.refusedBy !== null || !c.gateKnown) return []
  const { design, fan, old, batteryPlace, wires } = c.supply
  const plan = fusePlanOf(c)
  const atBattery = plan.atBattery
  const relays = [
    ...(design.keyedFeed === 'relay' ? ['keyed feed'] : []),
    ...(design.relays === 'shared' ? ['ECU and pump'] : ['fuel pump']),
    ...(fan === 'relay' ? ['radiator fan'] : []),
  ]
  const mostA = Math.max(0, ...atBattery.filter((x) => x.id !== 'ecuFeed').map((x) => x.fuseA))
  const diodes = (design.keyedFeed === 'relay' ? 2 : 0) + (design.pumpCut === 'oil-pressure' ? 1 : 0) + (design.lampDiode === true ? 1 : 0) // prettier-ignore
  const rings = boughtRoles(c).filter((r) => wireSizeOf('mm2-4').sectionM2 <= c.supply.wires[r].sectionM2).length
  const missing = (['batteryEarth', 'engineStrap', 'bodyStrap'] as const).filter((r) => !wires[r].fitted && !(r === 'batteryEarth' && batteryPlace !== 'bay')) // prettier-ignore
  const damped = { none: null, diode: 'Diode across the relay coil', resistor: 'Resistor across the relay coil' }[design.damping] // prettier-ignore
  return [
    ...wireLines(c),
    ...atBattery.map((x) => line(`fuse ${x.id}`, 'fuse', `${x.fuseA > MOST_BLADE_A ? 'Bolt-in' : 'Blade'} fuse ${x.fuseA} A with sealed holder`, count(1), say`at the battery; ${fig(x.continuousA, 'current', 1)} continuous`, x.what, x.id !== 'keyed' && c.power.wires[x.id as WireRole].fuseA === null)), // prettier-ignore
    ...plan.box.flatMap(({ takes, position }) => takes ? [line(`fuse ${takes.id}`, 'fuse', `Fuse ${takes.fuseA} A`, count(1), say`old box, position ${position.name}`, takes.what)] : []), // prettier-ignore
    ...(plan.subPanelA === null || plan.box.length === 0 ? [] : [line('sub-panel', 'sub-panel', 'Fuse panel', count(1), say`${fig(plan.subPanel.length, 'count')} positions or more, its own feed fused at ${fig(plan.subPanelA, 'current')}`, plan.subPanel.map((x) => x.what).join(', '))]), // prettier-ignore
    ...(relays.length > 0 ? [line('relays', 'relays', 'Relay with socket', count(relays.length), say`12 V, make contact for ${fig(mostA, 'current')} or more, pull-in at most ${fig(c.supply.relay.pullInV, 'voltage', 1)}`, relays.join(', '))] : []), // prettier-ignore
    ...(relays.length > 0 && damped ? [line('damping', 'damping', damped, count(relays.length), design.damping === 'diode' ? say`1 A; bar at 86` : say`six times the coil’s resistance, 0.5 W`, 'one each relay')] : []), // prettier-ignore
    ...(diodes > 0 ? [line('diodes', 'diodes', 'Diode, 1 A', count(diodes), say`Schottky for the keyed relay; sleeved, not left hanging`, 'no feed back')] : []), // prettier-ignore
    ...missing.map((r) => line(`strap ${r}`, 'earth strap', c.labels[r] ?? r, count(1), say`at least 16 mm², bright metal at both ends`, 'missing as found')), // prettier-ignore
    ...(rings > 0 ? [line('rings', 'ring terminals', 'Ring terminal, crimped and sealed', count(2 * rings), say`for the wires of 4 mm² and more`, 'two a wire', true)] : []), // prettier-ignore
    ...(design.pumpCut === 'oil-pressure' ? [line('oil switch', 'oil-pressure switch', 'Oil-pressure switch, closing', count(1), say`and a warning lamp`, 'pump stops with the engine')] : []), // prettier-ignore
    ...(old.killSwitch === 'full' ? [line('kill switch', 'kill switch', 'Kill switch with two further contacts', count(1), say`battery, keyed feed, generator field`, 'stops the engine')] : []), // prettier-ignore
    ...(batteryPlace !== 'bay' && design.jumpPosts === true ? [line('jump posts', 'jump posts', 'Covered posts, positive and negative', count(1), say`at the engine`, 'battery away from it')] : []), // prettier-ignore
  ]
}
