import { CIRCUITS_OF_ROLE, carSupplyOf, injectorDrivers, loomSizeOf } from '../../figures/index.ts'
import { metricSizeFor, readPinout, type Pinout } from '../../harness/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { WIRE_SIZES } from '../../parts/index.ts'
import type { Insulation } from '../../power/index.ts'
import type { Architecture, Signal, WireClass, WireRole } from '../../sections/index.ts'
import { hasFan, injectorsOfJob } from './devicesOfJob.ts'

export const ECU = 'ecu'

/** One wire between two pins, or between a pin and the splice of its net. */
export interface Circuit {
  readonly id: string
  readonly name: string
  /** Ids of devices, `ecu`, or `splice:` and the net. */
  readonly from: string
  readonly to: string
  /** Pin of the ECU's connector; null where it does not end there or the ECU has no such pin. */
  readonly ecuPin: string | null
  /** What the ECU's pin must be for; null where it does not end there. */
  readonly ecuDoes: string | null
  readonly kind: WireClass
  readonly currentA: number
  readonly size: string
  /** Whether nobody has decided its size. */
  readonly sizeAssumed: boolean
  readonly insulation: Insulation
  /** Wire of the power station that it is, or is part of. */
  readonly role: WireRole | null
  readonly flexible: boolean
  readonly shielded: boolean
  /** Circuits that are twisted with it have the same word. */
  readonly pair: string | null
  readonly net: string | null
  readonly colour: string
}

export interface Circuits {
  readonly list: readonly Circuit[]
  readonly pinout: Pinout
  /** Nets of more than two pins, by their ids. */
  readonly nets: readonly { readonly id: string; readonly name: string }[]
}

const spliceOf = (net: string): string => `splice:${net}`
export const netOfEnd = (end: string): string | null => (end.startsWith('splice:') ? end.slice(7) : null)

/** Colours by function: a table of our own, after the commonest habits of the trade. */
const COLOURS: Readonly<Record<WireClass, string>> = {
  ignition: 'white',
  charging: 'red and white',
  motor: 'purple',
  drive: 'blue',
  supply: 'red',
  digital: 'grey',
  sensor: 'green',
  'pick-up': 'yellow',
  oxygen: 'orange',
}

/** Sizes that nothing but handling decides: trade practice. */
const LIGHT: Readonly<Record<WireClass, string>> = {
  ignition: 'mm2-1',
  charging: 'mm2-1',
  motor: 'mm2-1.5',
  drive: 'mm2-0.75',
  supply: 'mm2-1',
  digital: 'mm2-0.5',
  sensor: 'mm2-0.5',
  'pick-up': 'mm2-0.5',
  oxygen: 'mm2-0.5',
}

const roleOf = (id: string): WireRole | null =>
  (Object.entries(CIRCUITS_OF_ROLE).find(([, ids]) => ids.includes(id))?.[0] as WireRole | undefined) ?? null

/** The wire list as the decisions of the job want it, pin by pin where the ECU's pins are known. */
export const circuitsOfJob = (job: JobDocument): Circuits => {
  const a = job.system.chosen
  const pinout = readPinout(job.system.controller?.pinout ?? null)
  if (a === null) return { list: [], pinout, nets: [] }
  const list: Circuit[] = []
  const nets: { id: string; name: string }[] = []
  const supply = carSupplyOf(job)
  const { design } = job.power

  const add = (
    id: string,
    name: string,
    from: string,
    to: string,
    kind: WireClass,
    currentA: number,
    more: Partial<Circuit> & { readonly colour?: string } = {},
  ): void => {
    const role = roleOf(id)
    const asPower = role === null ? null : supply.wires[role]
    const decided = role === null ? null : (loomSizeOf(job, role) ?? job.power.wires[role].size)
    const sized =
      asPower === null
        ? LIGHT[kind]
        : (WIRE_SIZES.find((s) => s.words === asPower.sizeWords)?.id ?? metricSizeFor(asPower.sectionM2))
    const ecuDoes = more.ecuDoes ?? null
    list.push({
      id,
      name,
      from,
      to,
      kind,
      currentA,
      size: sized,
      sizeAssumed: role !== null && decided === null,
      insulation: asPower?.insulation ?? 'xlpe',
      role,
      flexible: false,
      shielded: false,
      pair: null,
      net: netOfEnd(from) ?? netOfEnd(to),
      ...more,
      colour:
        job.harness.design.colours === 'one-colour'
          ? 'black, labelled'
          : job.harness.design.colours === 'as-the-car'
            ? 'as on the car'
            : (more.colour ?? COLOURS[kind]),
      ecuDoes,
      ecuPin: ecuDoes === null ? null : (pinout.pins.find((p) => p.does === ecuDoes)?.pin ?? null),
    })
  }
  /** A net: two pins are joined by one wire, more by a splice. Each pin: device, what an ECU pin is for. */
  const join = (
    id: string,
    name: string,
    pins: readonly { readonly at: string; readonly does?: string }[],
    kind: WireClass,
    currentA: number,
    more: Partial<Circuit> = {},
  ): void => {
    const does = (p: { readonly does?: string }) => (p.does === undefined ? {} : { ecuDoes: p.does })
    const [one, other, ...others] = pins
    if (!one || !other) return
    if (others.length === 0) {
      add(id, name, one.at, other.at, kind, currentA, { ...more, ...does(one), ...does(other) })
      return
    }
    nets.push({ id, name })
    const share = currentA / (pins.length - 1)
    pins.forEach((p, n) =>
      add(`${id}-${p.at}`, `${name}, ${n === 0 ? 'to its splice' : p.at.replaceAll('-', ' ')}`, p.at, spliceOf(id), kind, n === 0 ? currentA : share, {
        ...more,
        ...does(p),
      }),
    ) // prettier-ignore
  }

  const ecuA = supply.loads.ecuW / 13
  const injectors = injectorsOfJob(job, a)
  const injectorA = 12 / supply.loads.injectorOhm
  add('ecu-feed', 'ECU feed', 'battery', ECU, 'supply', ecuA + injectors * injectorA * 0.5, {
    ecuDoes: 'battery-feed',
  })
  const earthAt = { battery: 'battery', block: 'engine-earth', head: 'engine-earth', body: 'body-earth' } as const
  add('ecu-earth', 'ECU earth', ECU, earthAt[design.ecuEarth], 'supply', ecuA + injectors * injectorA * 0.5, {
    ecuDoes: 'power-earth',
    colour: 'black',
  })
  if (design.keyedFeed === 'relay') {
    add('keyed-trigger', 'Keyed relay, trigger', 'key-switch', 'relay-box', 'supply', 0.2, { size: 'mm2-0.75' })
    add('keyed-feed', 'Keyed feed', 'relay-box', ECU, 'supply', 1, { ecuDoes: 'keyed-feed', colour: 'red and white' })
  } else {
    add('keyed-feed', 'Keyed feed', 'key-switch', ECU, 'supply', 1, { ecuDoes: 'keyed-feed', colour: 'red and white' })
  }
  const pumpA = supply.loads.pumpA
  add('pump-supply', 'Pump feed to its relay', 'battery', 'relay-box', 'motor', pumpA)
  add('pump-feed', 'Pump feed', 'relay-box', 'fuel-pump', 'motor', pumpA)
  add('pump-return', 'Pump earth', 'fuel-pump', design.pumpEarth === 'battery' ? 'battery' : 'pump-earth', 'motor', pumpA, { colour: 'black' }) // prettier-ignore
  if (job.fuel.safety.inertiaSwitch === true) {
    add('pump-trigger-ecu', 'Pump relay, trigger to the inertia switch', ECU, 'inertia-switch', 'digital', 0.2, { ecuDoes: 'pump-relay' }) // prettier-ignore
    add('pump-trigger', 'Pump relay, trigger', 'inertia-switch', 'relay-box', 'digital', 0.2)
  } else {
    add('pump-trigger', 'Pump relay, trigger', ECU, 'relay-box', 'digital', 0.2, { ecuDoes: 'pump-relay' })
  }
  if (hasFan(job)) {
    const { fanA } = supply.loads
    add('fan-supply', 'Fan feed to its relay', 'battery', 'relay-box', 'motor', fanA)
    add('fan-feed', 'Fan feed', 'relay-box', 'cooling-fan', 'motor', fanA)
    add('fan-return', 'Fan earth', 'cooling-fan', 'fan-earth', 'motor', fanA, { colour: 'black' })
    add('fan-trigger', 'Fan relay, trigger', ECU, 'relay-box', 'digital', 0.2, { ecuDoes: 'fan-relay' })
  }
  addIgnition(job, a, add)
  const all = Array.from({ length: injectors }, (_, n) => n + 1)
  for (const [i, own] of injectorDrivers(job, a).entries()) {
    const driver = i + 1
    const name = own.length === 1 ? `Injector ${own[0]}, drive` : `Injector drive ${driver}`
    join(
      `injector-drive-${driver}`,
      name,
      [{ at: ECU, does: `injector-${driver}` }, ...own.map((n) => ({ at: `injector-${n}` }))],
      'drive',
      own.length * injectorA,
    )
  }
  join(
    'injector-supply',
    'Injector supply',
    [{ at: 'relay-box' }, ...all.map((n) => ({ at: `injector-${n}` }))],
    'drive',
    injectors * injectorA * 0.5,
    { colour: 'red and blue' },
  )
  add('coolant-signal', 'Coolant sensor, signal', 'coolant-sensor', ECU, 'sensor', 0.01, { ecuDoes: 'coolant' })
  add('air-signal', 'Intake air sensor, signal', 'air-sensor', ECU, 'sensor', 0.01, { ecuDoes: 'air' })
  add('manifold-signal', 'Manifold pressure, signal', 'manifold-sensor', ECU, 'sensor', 0.01, { ecuDoes: 'manifold' })
  add('throttle-signal', 'Throttle sensor, signal', 'throttle-sensor', ECU, 'sensor', 0.01, { ecuDoes: 'throttle' })
  join('sensor-supply', 'Sensor supply, 5 V', [{ at: ECU, does: 'sensor-supply' }, { at: 'manifold-sensor' }, { at: 'throttle-sensor' }], 'sensor', 0.05) // prettier-ignore
  // A return that was wired elsewhere is judged at the power station; the loom is made with it at the ECU.
  join('sensor-earth', 'Sensor earth', [{ at: ECU, does: 'sensor-earth' }, { at: 'coolant-sensor' }, { at: 'air-sensor' }, { at: 'manifold-sensor' }, { at: 'throttle-sensor' }], 'sensor', 0.05, { colour: 'green and black' }) // prettier-ignore
  if (job.system.controller?.idleValve !== false)
    for (const n of [1, 2, 3, 4])
      add(`idle-coil-${n}`, `Idle valve, wire ${n}`, ECU, 'idle-valve', 'drive', 0.4, { ecuDoes: `idle-${n}` })
  const sides = a.oxygenSensors === 2 ? ['a', 'b'] : ['a']
  for (const side of sides) {
    const at = `oxygen-sensor-${side}`
    const called = a.oxygenSensors === 2 ? `Oxygen sensor ${side.toUpperCase()}` : 'Oxygen sensor'
    const pair = `oxygen-${side}`
    add(`oxygen-${side}-signal`, `${called}, signal`, at, ECU, 'oxygen', 0.01, { ecuDoes: `oxygen-${side}`, shielded: true, pair }) // prettier-ignore
    add(`oxygen-${side}-return`, `${called}, return`, at, ECU, 'oxygen', 0.01, { ecuDoes: `oxygen-${side}-return`, shielded: true, pair }) // prettier-ignore
    add(`oxygen-${side}-heater-drive`, `${called}, heater drive`, at, ECU, 'drive', supply.loads.heaterW / 13, { ecuDoes: `heater-${side}` }) // prettier-ignore
  }
  join('heater-supply', 'Heater supply', [{ at: 'relay-box' }, ...sides.map((side) => ({ at: `oxygen-sensor-${side}` }))], 'supply', (sides.length * supply.loads.heaterW) / 13) // prettier-ignore
  addCabin(job, a, add)
  const { circuits } = job.harness
  for (const own of circuits)
    add(own.id, own.name, own.from, own.to, own.kind, own.currentA ?? 0.5, {
      ...(own.size !== null && { size: own.size }),
      flexible: own.flexible === true,
    })
  return { list, pinout, nets }
}

type Add = (
  id: string,
  name: string,
  from: string,
  to: string,
  kind: WireClass,
  currentA: number,
  more?: Partial<Circuit>,
) => void

const addIgnition = (job: JobDocument, a: Architecture, add: Add): void => {
  const cylinders = job.vehicle.cylinders ?? 4
  const coils = a.timing === 'none' ? 0 : a.timing === 'crank-trigger' ? Math.ceil(cylinders / 2) : 1
  for (let n = 1; n <= coils; n++)
    add(`coil-drive-${n}`, coils === 1 ? 'Coil drive' : `Coil drive ${n}`, ECU, 'ignition-coil', 'ignition', 4, {
      ecuDoes: `coil-${n}`,
    })
  if (coils > 0 && job.power.design.coilFeed === 'relay')
    add('coil-supply', 'Coil supply', 'relay-box', 'ignition-coil', 'ignition', 5, { colour: 'red' })
  if (a.trigger === 'coil')
    add('coil-speed', 'Engine speed from the coil', 'ignition-coil', ECU, 'ignition', 0.1, { ecuDoes: 'crank' })
  const pickUp = (at: string, word: string, name: string): void => {
    const pair = `${word}-pick-up`
    add(`${word}-signal`, `${name}, signal`, at, ECU, 'pick-up', 0.01, { ecuDoes: word, shielded: true, pair })
    add(`${word}-return`, `${name}, return`, at, ECU, 'pick-up', 0.01, { ecuDoes: `${word}-return`, shielded: true, pair }) // prettier-ignore
  }
  if (a.trigger === 'distributor') pickUp('distributor', 'crank', 'Distributor pick-up')
  if (a.trigger === 'crank-wheel' || a.trigger === 'crank-and-cam') pickUp('crank-sensor', 'crank', 'Crank sensor')
  if (a.trigger === 'crank-and-cam') pickUp('cam-sensor', 'cam', 'Cam sensor')
}

const addCabin = (job: JobDocument, a: Architecture, add: Add): void => {
  if (a.timing === 'crank-trigger') add('tachometer-signal', 'Tachometer', ECU, 'tachometer', 'digital', 0.05, { ecuDoes: 'tachometer' }) // prettier-ignore
  add('warning-lamp-drive', 'Warning lamp', ECU, 'warning-lamp', 'digital', 0.2, { ecuDoes: 'lamp' })
  add('warning-lamp-supply', 'Warning lamp, supply', 'key-switch', 'warning-lamp', 'supply', 0.2, { size: 'mm2-0.5' })
  const { design } = job.harness
  const bus = (at: string, name: string): void => {
    const pair = `${at}-bus`
    add(`${at}-bus-high`, `${name}, bus high`, at, ECU, 'digital', 0.05, { ecuDoes: 'bus-high', pair })
    add(`${at}-bus-low`, `${name}, bus low`, at, ECU, 'digital', 0.05, { ecuDoes: 'bus-low', pair })
  }
  if (design.displayFitted === true) bus('display-unit', 'Display')
  if (design.tuningCable === true) bus('tuning-plug', 'Tuning cable')
  if (design.roadSpeed !== null && design.roadSpeed !== 'none')
    add('road-speed-signal', 'Road speed', 'road-speed', ECU, 'digital', 0.05, { ecuDoes: 'road-speed' })
  const wanted = (signal: Signal): boolean => job.system.signals.includes(signal)
  if (wanted('brake')) add('brake-signal', 'Brake switch', 'brake-switch', ECU, 'digital', 0.02, { ecuDoes: 'brake' })
  if (wanted('cooling-request'))
    add('cooling-signal', 'Cooling request', 'cooling-switch', ECU, 'digital', 0.02, { ecuDoes: 'cooling-request' })
  if (wanted('knock')) {
    const pair = 'knock-sensor-pair'
    add('knock-signal', 'Knock sensor, signal', 'knock-sensor', ECU, 'pick-up', 0.01, { ecuDoes: 'knock', shielded: true, pair }) // prettier-ignore
    add('knock-return', 'Knock sensor, return', 'knock-sensor', ECU, 'pick-up', 0.01, { ecuDoes: 'knock-return', shielded: true, pair }) // prettier-ignore
  }
  if (wanted('oil-pressure'))
    add('oil-signal', 'Oil pressure, signal', 'oil-sender', ECU, 'sensor', 0.01, { ecuDoes: 'oil-pressure' })
  if (wanted('ambient-pressure'))
    add('ambient-signal', 'Ambient pressure, signal', 'ambient-sensor', ECU, 'sensor', 0.01, { ecuDoes: 'ambient-pressure' }) // prettier-ignore
  if (wanted('second-fan'))
    add('second-fan-trigger', 'Second fan relay, trigger', ECU, 'relay-box', 'digital', 0.2, { ecuDoes: 'fan-relay-2' })
  if (wanted('speedometer'))
    add('speedometer-signal', 'Speedometer', ECU, 'speedometer', 'digital', 0.05, { ecuDoes: 'speedometer' })
  if (
    job.system.gearboxControl === true &&
    job.walkAround.gearbox.lockUp === true &&
    job.walkAround.gearbox.electronic !== true
  )
    add('lock-up-drive', 'Converter lock-up', ECU, 'gearbox-plug', 'drive', 1, { ecuDoes: 'lock-up' })
  else if (job.system.gearboxControl === true)
    for (const n of [1, 2, 3, 4])
      add(`gearbox-drive-${n}`, `Gearbox solenoid ${n}`, ECU, 'gearbox-plug', 'drive', 1, { ecuDoes: `shift-${n}` })
}
