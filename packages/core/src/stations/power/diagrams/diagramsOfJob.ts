import { keyedFuseA } from '../../../power/index.ts'
import type { PowerCase } from '../powerCase.ts'
import { keyedFind } from '../keyedFinder.ts'
import type { Diagram, DiagramItem, DiagramPath } from './diagram.ts'

const fuse = (ratingA: number): DiagramItem => ({ kind: 'fuse', label: 'Fuse', note: `${ratingA} A` })
const contact = (relay: string, label: string): DiagramItem => ({ kind: 'contact', label, left: '30', right: '87', relay }) // prettier-ignore
const box = (label: string, left: string, right: string): DiagramItem => ({ kind: 'box', label, left, right })
const SWITCH = (label: string, left?: string, right?: string): DiagramItem => ({
  kind: 'switch',
  label,
  ...(left && { left }),
  ...(right && { right }),
})
const DIODE: DiagramItem = { kind: 'diode', label: 'Diode' }
const path = (from: string, items: readonly DiagramItem[], to: string): DiagramPath => ({ from, items, to })

const ECU_EARTH = { battery: 'battery −', block: 'engine block', head: 'cylinder head', body: 'body' } as const
const ECU_FEED = {
  battery: 'battery +',
  'starter-stud': 'starter stud',
  'kill-switch': 'kill switch',
  'old-main': 'old main feed',
  ignition: 'ignition',
} as const
const KEYED_DIRECT = {
  'run-and-start': 'old wire, run and start',
  'run-only': 'old wire, run only',
  'after-ballast': 'coil +, after the ballast',
} as const

/** Every feed, relay and stop of the design as a drawing with numbered terminals: made from the choices. */
export const diagramsOf = (c: PowerCase): Diagram[] => {
  const { design, fan, inertiaSwitch, old, wires } = c.supply
  const fused = (role: 'ecuFeed' | 'pumpFeed' | 'fanFeed'): DiagramItem[] =>
    wires[role].fuseA === null ? [] : [fuse(wires[role].fuseA)]
  const damped = { none: undefined, diode: 'diode across, its bar at 86', resistor: 'resistor across' }[design.damping]
  const coil = (relay: string, label: string): DiagramItem => ({
    kind: 'coil',
    label,
    left: '86',
    right: '85',
    relay,
    ...(damped && { note: damped }),
  })
  const keyed = design.keyedFeed === 'relay' ? 'keyed feed' : KEYED_DIRECT[design.keyedFeed]
  const inertia: DiagramItem[] = inertiaSwitch ? [SWITCH('Inertia switch')] : []
  const pumpEarth = { body: 'body, clean', battery: 'battery −', frame: 'old frame' }[design.pumpEarth]
  const pair = keyedFind(c.power.old.keyedWires).forRelay
  const found = pair && pair.run.id !== pair.start.id ? pair : null
  const shared = design.relays === 'shared'

  const constant: Diagram = {
    id: 'constant',
    title: 'ECU constant feed',
    says: 'Straight to the battery terminals, alone, fused within a hand of the battery; joined last of all.',
    paths: [
      path(ECU_FEED[design.ecuFeed], [...fused('ecuFeed'), ...(shared ? [contact('shared', 'ECU and pump relay')] : []), box('ECU', 'main +', 'earth')], ECU_EARTH[design.ecuEarth]), // prettier-ignore
      ...(shared ? [path(keyed, [...inertia, coil('shared', 'ECU and pump relay')], 'body')] : []),
    ],
  }
  const keyedFeed: Diagram = {
    id: 'keyed',
    title: 'ECU keyed feed',
    says:
      design.keyedFeed === 'relay'
        ? 'The coil from two old wires through diodes: live in run and in start. Schottky diodes, 1 A: they lose 0.3 V, not 0.7 V. A relay with a diode inside works one way round only: 86 to positive.'
        : 'One old wire. It must hold in run and in start: test it while cranking.',
    paths:
      design.keyedFeed === 'relay'
        ? [
            path(found ? `run: ${found.run.name}` : 'key, run', [DIODE], 'K'),
            path(found ? `start: ${found.start.name}` : 'key, start', [DIODE], 'K'),
            path('K', [coil('keyed', 'Keyed relay')], 'body'),
            path('battery +', [fuse(keyedFuseA(design)), contact('keyed', 'Keyed relay')], 'keyed feed'),
            path('keyed feed', [box('ECU', 'keyed', 'earth')], ECU_EARTH[design.ecuEarth]),
            ...(design.coilFeed === 'relay' ? [path('keyed feed', [box('Coils', '+', '−')], 'engine block')] : []),
          ]
        : [path(keyed, [box('ECU', 'keyed', 'earth')], ECU_EARTH[design.ecuEarth])],
  }
  const pumpMotor: DiagramItem = { kind: 'motor', label: 'Pump', left: '+', right: '−' }
  const pump: Diagram = {
    id: 'pump',
    title: shared ? 'Fuel pump, on the ECU’s relay' : 'Fuel pump',
    says:
      design.pumpCut === 'oil-pressure'
        ? 'Oil pressure holds the relay, the start wire bypasses it while cranking. A switch that fails stops the car in traffic: a warning lamp first.'
        : 'The ECU primes, runs the pump while the crank turns, and drops the relay when it stops.',
    paths: shared
      ? [path(ECU_FEED[design.ecuFeed], [...fused('ecuFeed'), contact('shared', 'ECU and pump relay'), pumpMotor], pumpEarth)] // prettier-ignore
      : [
          ...(design.pumpCut === 'oil-pressure'
            ? [
                path(keyed, [SWITCH('Oil-pressure switch')], 'P'),
                path('key, start', [DIODE], 'P'),
                path('P', [...inertia, coil('pump', 'Pump relay')], 'body'),
              ]
            : [path(keyed, [...inertia, coil('pump', 'Pump relay'), box('ECU', 'pump', 'earth')], ECU_EARTH[design.ecuEarth])]), // prettier-ignore
          path({ battery: 'battery +', 'starter-stud': 'starter stud', 'old-main': 'old main feed' }[design.pumpFeed], [...fused('pumpFeed'), contact('pump', 'Pump relay'), pumpMotor], pumpEarth), // prettier-ignore
        ],
  }
  const fanMotor: DiagramItem = { kind: 'motor', label: 'Fan', left: '+', right: '−' }
  const fanBy = (trigger: 'earth' | 'positive'): Diagram => ({
    id: `fan-${trigger}`,
    title: `Radiator fan, ECU switches to ${trigger}${trigger === design.fanTrigger ? '' : ' (the other way, for comparison)'}`,
    says:
      trigger === 'earth'
        ? 'Most ECUs: their output closes to earth, so 86 gets the ignition feed.'
        : 'An output that gives 12 V: 86 to the ECU, 85 to the body. Never on an output that switches to earth.',
    paths: [
      trigger === 'earth'
        ? path('ignition', [coil('fan', 'Fan relay'), box('ECU', 'fan', 'earth')], ECU_EARTH[design.ecuEarth])
        : path('battery +', [box('ECU', 'main +', 'fan'), coil('fan', 'Fan relay')], 'body'),
      path('battery +', [...fused('fanFeed'), contact('fan', 'Fan relay'), fanMotor], 'body'),
    ],
  })
  const oldFan: Diagram = {
    id: 'fan-old',
    title: 'Radiator fan, on the old switch',
    says: 'Its current goes through key and fuse box, and in the wind it feeds back into them.',
    paths: [path('ignition', [SWITCH('Fan switch'), fanMotor], 'body')],
  }
  const fans: Diagram[] =
    fan === 'relay'
      ? [fanBy(design.fanTrigger), fanBy(design.fanTrigger === 'earth' ? 'positive' : 'earth')]
      : fan === 'old-switch'
        ? [oldFan]
        : []
  const killsBattery = old.killSwitch === 'battery' || old.killSwitch === 'full'
  const killsKeyed = old.killSwitch === 'ignition' || old.killSwitch === 'full'
  const lamp: DiagramItem = { kind: 'lamp', label: 'Charging lamp' }
  const stop: Diagram = {
    id: 'stop',
    title: old.killSwitch === 'none' ? 'Starter and generator' : 'Starter, generator and kill switch',
    says:
      old.killSwitch === 'none'
        ? 'Key off must stop the engine, whatever the generator, its lamp or the fan feed back.'
        : 'It must stop the engine: battery, keyed feed and generator field together. Only the memory feed may stay, fused at the battery and labelled.',
    paths: [
      path('battery +', killsBattery ? [SWITCH('Kill switch', 'main', 'main')] : [], 'starter stud'),
      path('starter stud', killsKeyed ? [SWITCH('Kill switch, keyed', 'a', 'b'), SWITCH('Key', 'in', 'run')] : [SWITCH('Key', 'in', 'run')], 'ignition'), // prettier-ignore
      path('key, start', [box('Solenoid', '+', '−')], 'engine block'),
      ...(old.chargeLamp ? [path('ignition', [...(design.lampDiode === true ? [DIODE] : []), lamp], 'F')] : []),
      path(old.chargeLamp ? 'F' : 'regulator', [...(old.killSwitch === 'full' ? [SWITCH('Kill switch, field', 'c', 'd')] : []), box(c.supply.generator.kind === 'dynamo' ? 'Dynamo' : 'Alternator', 'field', 'case')], 'engine block'), // prettier-ignore
    ],
  }
  return [constant, keyedFeed, pump, ...fans, stop]
}
