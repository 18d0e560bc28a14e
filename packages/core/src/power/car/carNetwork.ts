import type { WireRole } from '../../sections/index.ts'
import { batteryState } from '../battery/batteryModel.ts'
import type {
  ContactPart,
  DiodePart,
  FusePart,
  LoadPart,
  NetworkCase,
  RelayPart,
  SourcePart,
  WirePart,
} from '../network/index.ts'
import { starterLoad } from '../starter/crankTrace.ts'
import { fuseOhm, JOINT_OHM } from '../wire/jointsAndFuses.ts'
import type { CarSupply } from './carSupply.ts'

/** Nodes by what an electrician calls them. */
export const NODE = {
  post: 'battery +',
  earth: 'battery −',
  killed: 'after kill switch',
  stud: 'starter stud',
  block: 'engine block',
  head: 'cylinder head',
  bodyFront: 'body, front',
  bodyRear: 'body, rear',
  main: 'old main feed',
  ignition: 'ignition',
  accessory: 'accessory',
  start: 'start wire',
  coil: 'coil +',
  ecu: 'ECU +',
  ecuEarth: 'ECU earth',
  keyedSource: 'keyed feed, source',
  keyed: 'ECU keyed input',
  pump: 'pump +',
  pumpEarth: 'pump −',
  fan: 'fan +',
  fanEarth: 'fan −',
  field: 'generator field',
} as const

/** Devices that are judged, in the order they are told. */
export const DEVICES = [
  'ecu',
  'keyed',
  'pump',
  'injectors',
  'ignition',
  'heater',
  'fan',
  'headlamps',
  'side-lamps',
  'blower',
  'wipers',
  'gauges',
  'starter',
  'solenoid',
] as const
export type DeviceId = (typeof DEVICES)[number]

/** One line of the drawing: from a feed to a device to an earth, or from bus to bus. */
export interface CircuitRow {
  readonly id: string
  /** Parts from the left bus on, in the order current meets them; the device; parts to the right bus. */
  readonly from: string
  readonly left: readonly string[]
  readonly device: string | null
  readonly right: readonly string[]
  readonly to: string
}

export interface CarNetwork {
  readonly network: NetworkCase
  readonly rows: readonly CircuitRow[]
}

/** Accidental ways from engine to body: cables, bearings, exhaust. Typical, and no earth to rely on. */
export const ACCIDENTAL_OHM = 0.3
/** Body shell from end to end; its joints are what matters. Typical. */
const SHELL_OHM = 0.001
/** Of a series ammeter, and of one contact of key and connector. Typical. */
const AMMETER_OHM = 0.004
const KEY_OHM = 0.01
const KILL_OHM = 0.0015
const FUSIBLE_LINK_OHM = 0.004
/** A ballast resistor or resistance wire. Typical. */
export const BALLAST_OHM = 1.5
/** Of a generator's field winding. Typical. */
const FIELD_OHM = 4
const SILICON = { forwardV: 0.7, resistanceOhm: 0.05 } as const
const INJECTOR_DUTY = { idle: 0.05, full: 0.8 } as const
export const dutyOf = (at: keyof typeof INJECTOR_DUTY): number => INJECTOR_DUTY[at]
/** Inrush of fans and pumps over their running current. Typical. */
const FAN_STALLS = 4
const PUMP_STALLS = 3
/** Volts at which a device of 12 V is rated, engine running. */
const RATED_V = 13

/** Fuse of the keyed relay's contact, A: ECU input, relay coils and heater, and the ignition coils where they hang on it. */
export const keyedFuseA = ({ coilFeed }: Pick<CarSupply['design'], 'coilFeed'>): number =>
  coilFeed === 'relay' ? 15 : 10

/** The network of a car, made from what was found and chosen; every device of it is in it. */
export const carNetwork = (s: CarSupply): CarNetwork => {
  const wires: WirePart[] = []
  const contacts: ContactPart[] = []
  const fuses: FusePart[] = []
  const loads: LoadPart[] = []
  const relays: RelayPart[] = []
  const diodes: DiodePart[] = []
  const rows: CircuitRow[] = []
  const { design } = s

  const contact = (id: string, from: string, to: string, resistanceOhm: number, closed = true): string => {
    contacts.push({ id, from, to, resistanceOhm, closed })
    return id
  }
  /** A wire with its fuse at its beginning; one that is not fitted is open. */
  const wire = (role: WireRole, from: string, to: string): string[] => {
    const w = s.wires[role]
    if (!w.fitted) return [contact(role, from, to, 1e-3, false)]
    const fused = w.fuseA !== null
    const start = fused ? `${role} fuse out` : from
    if (w.fuseA !== null)
      fuses.push({ id: `${role}-fuse`, from, to: start, ratingA: w.fuseA, resistanceOhm: fuseOhm(w.fuseA) })
    wires.push(
      w.measuredOhm !== null
        ? { id: role, from: start, to, resistanceOhm: w.measuredOhm }
        : {
            id: role,
            from: start,
            to,
            lengthM: w.lengthM,
            ohmPerM: w.ohmPerM,
            temperatureK: w.temperatureK,
            contactOhm: w.jointOhm,
          },
    )
    return fused ? [`${role}-fuse`, role] : [role]
  }
  const relay = (id: string, coilPos: string, coilNeg: string, common: string, make: string): string => {
    const { pullInV, dropOutV, coilOhm, coilK } = s.relay
    relays.push({ id, coilPos, coilNeg, coilOhm, coilTemperatureK: coilK, pullInV, dropOutV, common, make, contactOhm: 0.003 }) // prettier-ignore
    return id
  }
  const row = (id: string, from: string, left: string[], device: string | null, right: string[], to: string): void => {
    rows.push({ id, from, left, device, right, to })
  }

  // The heavy side.
  const { killSwitch } = s.old
  const killsBattery = killSwitch === 'battery' || killSwitch === 'full'
  const killsKeyed = killSwitch === 'ignition' || killSwitch === 'full'
  const afterKill = killsBattery ? NODE.killed : NODE.post
  if (killsBattery)
    row('kill', NODE.post, [contact('kill-switch', NODE.post, NODE.killed, KILL_OHM)], null, [], NODE.killed)
  row('starterCable', afterKill, wire('starterCable', afterKill, NODE.stud), null, [], NODE.stud)
  const { ratedV, stallA, runA, speed, kind } = starterLoad(s.starter)
  loads.push({ id: 'starter', kind, pos: NODE.stud, neg: NODE.block, ratedV, stallA, runA, speed, on: false })
  row('starter', NODE.stud, [], 'starter', [], NODE.block)
  const batteryAtRear = s.batteryPlace !== 'bay'
  row('batteryEarth', NODE.block, wire('batteryEarth', NODE.block, NODE.earth), null, [], NODE.earth)
  row('engineStrap', NODE.block, wire('engineStrap', NODE.block, NODE.bodyFront), null, [], NODE.bodyFront)
  const strapped = batteryAtRear ? NODE.bodyRear : NODE.bodyFront
  row('bodyStrap', strapped, wire('bodyStrap', strapped, NODE.earth), null, [], NODE.earth)
  contact('shell', NODE.bodyFront, NODE.bodyRear, SHELL_OHM)
  contact('accidental', NODE.block, NODE.bodyFront, ACCIDENTAL_OHM)
  contact('head-joint', NODE.block, NODE.head, JOINT_OHM.good)

  // The old feed: link, bulkhead connector, ammeter, key.
  const joints = JOINT_OHM[s.old.joints]
  const oldWay: string[] = []
  let at: string = NODE.stud
  const along = (id: string, ohm: number, to: string): void => {
    oldWay.push(contact(id, at, to, ohm))
    at = to
  }
  if (s.old.fusibleLink) along('fusible-link', FUSIBLE_LINK_OHM, 'after fusible link')
  if (s.old.bulkheadConnector) along('bulkhead-connector', joints, 'behind the bulkhead')
  const ammeterIn = s.old.ammeter ? 'ammeter, battery side' : NODE.main
  oldWay.push(...wire('oldFeed', at, ammeterIn))
  if (s.old.ammeter) {
    at = ammeterIn
    along('ammeter', AMMETER_OHM + joints, NODE.main)
  }
  row('oldFeed', NODE.stud, oldWay, null, [], NODE.main)

  // Charging.
  const joins = { 'starter-stud': NODE.stud, 'old-main': NODE.main, battery: NODE.post }[s.generator.joins]
  const generatorOut = 'generator +'
  row('generator', joins, [...wire('chargeCable', generatorOut, joins)].reverse(), 'generator', [], NODE.block)

  if (s.old.chargeLamp) {
    const lead = s.design.lampDiode === true ? 'lamp lead' : NODE.ignition
    if (s.design.lampDiode === true) diodes.push({ id: 'lamp-diode', anode: NODE.ignition, cathode: lead, ...SILICON })
    loads.push({ id: 'charge-lamp', kind: 'lamp', pos: lead, neg: NODE.field, ratedV: 12, ratedW: 2.2 })
    // Standing, the field earths the lamp; turning, the generator feeds it.
    loads.push({ id: 'field', kind: 'resistance', pos: NODE.field, neg: NODE.block, ohm: FIELD_OHM, on: false })
    contact('field-fed', generatorOut, NODE.field, 0.05, false)
  }

  // Key.
  const keyIn = killsKeyed ? 'key, behind the kill switch' : NODE.main
  const keyLeft = killsKeyed ? [contact('kill-keyed', NODE.main, keyIn, KILL_OHM)] : []
  row('key-run', NODE.main, [...keyLeft, contact('key-run', keyIn, NODE.ignition, KEY_OHM + joints, false)], null, [], NODE.ignition) // prettier-ignore
  row('key-acc', NODE.main, [...keyLeft, contact('key-acc', keyIn, NODE.accessory, KEY_OHM + joints, false)], null, [], NODE.accessory) // prettier-ignore
  contact('key-start', keyIn, NODE.start, KEY_OHM + joints, false)
  loads.push({ id: 'solenoid', kind: 'resistance', pos: NODE.start, neg: NODE.block, ohm: 1, leastV: 6, on: false })
  row('solenoid', NODE.main, [...keyLeft, 'key-start'], 'solenoid', [], NODE.block)

  // Ignition.
  const coilIn = s.old.ballast ? 'ballast, key side' : NODE.coil
  const keyedSource = {
    relay: NODE.keyedSource,
    'run-and-start': NODE.ignition,
    'run-only': NODE.accessory,
    'after-ballast': NODE.coil,
  }[design.keyedFeed]
  // A keyed feed that is taken from the coil cannot feed it.
  const coilFrom = design.coilFeed === 'relay' && keyedSource !== NODE.coil ? keyedSource : NODE.ignition
  const coilWire = wire('ignitionFeed', coilFrom, coilIn)
  if (s.old.ballast) coilWire.push(contact('ballast', coilIn, NODE.coil, BALLAST_OHM))
  loads.push({ id: 'ignition', kind: 'resistance', pos: NODE.coil, neg: NODE.block, ohm: RATED_V / s.loads.ignitionA - (s.old.ballast ? BALLAST_OHM : 0) > 0.4 ? RATED_V / s.loads.ignitionA - (s.old.ballast ? BALLAST_OHM : 0) : 0.4, on: false, leastV: s.old.ballast ? 5 : 7, mostV: 16 }) // prettier-ignore
  row('ignition', coilFrom, coilWire, 'ignition', [], NODE.block)

  // ECU.
  const ecuSource = {
    battery: NODE.post,
    'starter-stud': NODE.stud,
    'kill-switch': killsBattery ? NODE.killed : keyIn,
    'old-main': NODE.main,
    ignition: NODE.ignition,
  }[design.ecuFeed]
  const shared = design.relays === 'shared'
  const ecuEarthAt = {
    battery: NODE.earth,
    block: NODE.block,
    head: NODE.head,
    body: NODE.bodyFront,
  }[design.ecuEarth]
  const sharedOut = 'shared relay, out'
  /** Feed of the coil that runs the pump, through whatever must be able to cut it. */
  const coilFeed = (from: string, coil: string): string => {
    if (!s.inertiaSwitch) return from
    contact('inertia-switch', from, coil, 0.02)
    return coil
  }
  const ecuLeft = shared
    ? [...wire('ecuFeed', ecuSource, 'shared relay, in'), relay('shared-relay', coilFeed(keyedSource, 'shared relay, coil'), NODE.bodyFront, 'shared relay, in', sharedOut)] // prettier-ignore
    : wire('ecuFeed', ecuSource, NODE.ecu)
  const ecuPlus = shared ? sharedOut : NODE.ecu
  const ecuRight = wire('ecuEarth', NODE.ecuEarth, ecuEarthAt)
  loads.push({ id: 'ecu', kind: 'power', pos: ecuPlus, neg: NODE.ecuEarth, powerW: s.loads.ecuW, leastV: s.ecu.leastV, mostV: 16, on: false }) // prettier-ignore
  row('ecu', ecuSource, ecuLeft, 'ecu', ecuRight, ecuEarthAt)
  loads.push({ id: 'injectors', kind: 'resistance', pos: ecuPlus, neg: NODE.ecuEarth, ohm: s.loads.injectorOhm / s.loads.injectorCount, duty: dutyOf('idle'), on: false, leastV: s.ecu.leastV, mostV: 16 }) // prettier-ignore
  row('injectors', ecuSource, ecuLeft, 'injectors', ecuRight, ecuEarthAt)
  loads.push({ id: 'memory', kind: 'current', pos: ecuPlus, neg: NODE.ecuEarth, currentA: s.loads.restA })

  // Keyed feed.
  const keyedLeft: string[] = []
  if (design.keyedFeed === 'relay') {
    fuses.push({ id: 'keyed-relay-fuse', from: NODE.post, to: 'keyed relay, in', ratingA: keyedFuseA(design), resistanceOhm: fuseOhm(keyedFuseA(design)) }) // prettier-ignore
    diodes.push(
      { id: 'diode-run', anode: NODE.ignition, cathode: 'keyed relay, coil', forwardV: 0.35, resistanceOhm: 0.1 },
      { id: 'diode-start', anode: NODE.start, cathode: 'keyed relay, coil', forwardV: 0.35, resistanceOhm: 0.1 },
    )
    keyedLeft.push('keyed-relay-fuse', relay('keyed-relay', 'keyed relay, coil', NODE.bodyFront, 'keyed relay, in', NODE.keyedSource)) // prettier-ignore
  }
  keyedLeft.push(...wire('keyedFeed', keyedSource, NODE.keyed))
  loads.push({ id: 'keyed', kind: 'resistance', pos: NODE.keyed, neg: NODE.ecuEarth, ohm: 60, leastV: s.ecu.leastV, mostV: 16 }) // prettier-ignore
  row('keyed', design.keyedFeed === 'relay' ? NODE.post : keyedSource, keyedLeft, 'keyed', ecuRight, ecuEarthAt)

  // Pump.
  const pumpSource = { battery: NODE.post, 'starter-stud': NODE.stud, 'old-main': NODE.main }[design.pumpFeed]
  const pumpRight = wire(
    'pumpEarth',
    NODE.pumpEarth,
    { body: NODE.bodyRear, battery: NODE.earth, frame: NODE.bodyRear }[design.pumpEarth],
  )
  const pumpEarthAt = design.pumpEarth === 'battery' ? NODE.earth : NODE.bodyRear
  let pumpLeft: string[]
  if (shared) pumpLeft = ['shared-relay', ...wire('pumpFeed', sharedOut, NODE.pump)]
  else {
    pumpLeft = [...wire('pumpFeed', pumpSource, 'pump relay, in')]
    if (design.pumpCut === 'oil-pressure') {
      const pressed = 'oil-pressure switch, out'
      contact('oil-switch', keyedSource, pressed, 0.02, false)
      diodes.push({ id: 'diode-bypass', anode: NODE.start, cathode: pressed, ...SILICON })
      pumpLeft.push(relay('pump-relay', coilFeed(pressed, 'pump relay, coil'), NODE.bodyFront, 'pump relay, in', NODE.pump)) // prettier-ignore
    } else {
      pumpLeft.push(relay('pump-relay', coilFeed(keyedSource, 'pump relay, coil'), 'pump relay, driver', 'pump relay, in', NODE.pump)) // prettier-ignore
      contact('ecu-drives-pump', 'pump relay, driver', NODE.ecuEarth, 0.1, false)
    }
  }
  loads.push({ id: 'pump', kind: 'motor', pos: NODE.pump, neg: NODE.pumpEarth, ratedV: 13.5, stallA: PUMP_STALLS * s.loads.pumpA, runA: s.loads.pumpA, mostV: 16 }) // prettier-ignore
  row('pump', shared ? ecuSource : pumpSource, pumpLeft, 'pump', pumpRight, pumpEarthAt)

  // Oxygen sensor heater and gauges.
  const behindPump = shared ? sharedOut : NODE.pump
  const heaterFrom = { keyed: keyedSource, 'pump-relay': behindPump, constant: NODE.post }[design.heaterFeed]
  loads.push({ id: 'heater', kind: 'resistance', pos: heaterFrom, neg: NODE.ecuEarth, ohm: RATED_V ** 2 / s.loads.heaterW, mostV: 16 }) // prettier-ignore
  row('heater', heaterFrom, [], 'heater', ecuRight, ecuEarthAt)
  const gaugesFrom = design.gaugesFeed === 'pump-relay' ? behindPump : NODE.ignition
  loads.push({ id: 'gauges', kind: 'resistance', pos: gaugesFrom, neg: NODE.bodyFront, ohm: s.loads.gaugesA > 0 ? RATED_V / s.loads.gaugesA : 1e6, mostV: 16 }) // prettier-ignore
  row('gauges', gaugesFrom, [], 'gauges', [], NODE.bodyFront)

  // Fan.
  if (s.fan !== 'none') {
    const toEarth = design.fanTrigger === 'earth'
    const fanCoil = toEarth
      ? ([NODE.ignition, 'fan relay, driver'] as const)
      : (['fan relay, driver', NODE.bodyFront] as const)
    const left =
      s.fan === 'relay'
        ? [...wire('fanFeed', NODE.post, 'fan relay, in'), relay('fan-relay', fanCoil[0], fanCoil[1], 'fan relay, in', NODE.fan)]
        : [...wire('fanFeed', NODE.ignition, 'fan switch'), contact('fan-switch', 'fan switch', NODE.fan, 0.02 + joints, false)] // prettier-ignore
    if (s.fan === 'relay') contact('ecu-drives-fan', 'fan relay, driver', toEarth ? NODE.ecuEarth : ecuPlus, 0.1, false)
    loads.push({ id: 'fan', kind: 'motor', pos: NODE.fan, neg: NODE.fanEarth, ratedV: RATED_V, stallA: FAN_STALLS * s.loads.fanA, runA: s.loads.fanA, torque: 'quadratic', mostV: 16 }) // prettier-ignore
    row('fan', s.fan === 'relay' ? NODE.post : NODE.ignition, left, 'fan', wire('fanEarth', NODE.fanEarth, NODE.bodyFront), NODE.bodyFront) // prettier-ignore
  }

  // Lights and comfort, on the old wiring.
  const box = wire('lightsFeed', NODE.main, 'fuse box')
  contact('light-switch', 'fuse box', 'lamps', KEY_OHM + joints, false)
  const lamp = (id: string, ratedW: number): void => {
    if (ratedW <= 0) return
    loads.push({ id, kind: 'lamp', pos: 'lamps', neg: NODE.bodyFront, ratedV: RATED_V, ratedW, mostV: 15, leastV: 10.5, on: false }) // prettier-ignore
    row(id, NODE.main, [...box, 'light-switch'], id, [], NODE.bodyFront)
  }
  lamp('headlamps', s.loads.headlampsW)
  lamp('side-lamps', s.loads.sideLampsW)
  const motor = (id: string, runA: number, torque: 'constant' | 'quadratic', stalls: number): void => {
    if (runA <= 0) return
    loads.push({ id, kind: 'motor', pos: NODE.accessory, neg: NODE.bodyFront, ratedV: RATED_V, stallA: stalls * runA, runA, torque, mostV: 16, on: false }) // prettier-ignore
    row(id, NODE.accessory, [], id, [], NODE.bodyFront)
  }
  motor('blower', s.loads.blowerA, 'quadratic', 4)
  motor('wipers', s.loads.wipersA, 'constant', 4)

  const { openCircuitV, resistanceOhm, chargeOhm } = batteryState(s.battery)
  const sources: SourcePart[] = [
    { id: 'battery', kind: 'battery', pos: NODE.post, neg: NODE.earth, openCircuitV, resistanceOhm, chargeOhm },
    {
      id: 'generator',
      kind: 'alternator',
      pos: generatorOut,
      neg: NODE.block,
      setV: s.generator.setV,
      setPerK: s.generator.setPerK,
      droopOhm: s.generator.droopOhm,
      limitA: s.generator.output,
      speedRpm: 0,
    },
  ]
  return { network: { reference: NODE.earth, wires, contacts, fuses, sources, loads, relays, diodes }, rows }
}
