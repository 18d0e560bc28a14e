import { WIRE_SIZE_IDS } from '../parts/index.ts'
import {
  always,
  figure,
  group,
  listOf,
  maybe,
  name,
  newItem,
  seen,
  setOf,
  text,
  whole,
  word,
  type ItemOf,
  type ValueOf,
} from '../shape/index.ts'

/** Plans of corridors by body, as data of the core. */
export const PLAN_IDS = ['separate-chassis', 'unitary', 'van', 'rear-engine'] as const
export type PlanId = (typeof PLAN_IDS)[number]

/** Classes of circuits, dirtiest first. */
export const WIRE_CLASSES = [
  'ignition',
  'charging',
  'motor',
  'drive',
  'supply',
  'digital',
  'sensor',
  'pick-up',
  'oxygen',
] as const
export type WireClass = (typeof WIRE_CLASSES)[number]

const [firstSize, ...sizes] = WIRE_SIZE_IDS
const size = word<string>(firstSize!, ...sizes)

/** Where corridors meet: from the front bumper back, and from the middle to the left. */
const PLACE = group({
  name: name(60),
  fromFrontM: figure('distance', -1, 12, 'm'),
  fromMiddleM: figure('distance', -2, 2, 'm'),
})
export type HarnessPlace = ItemOf<typeof PLACE>
export const emptyPlace = (id: string, called: string): HarnessPlace => newItem(PLACE, id, { name: called })

/** A corridor that wires can take, as measured. Null: not measured; the plan's estimate stands in. */
const CORRIDOR = group({
  name: name(80),
  /** Ids of places. */
  from: text(60),
  to: text(60),
  lengthM: figure('distance', 0.01, 20, 'm'),
  /** The hottest that a wire gets there, by kind, or by thermometer. */
  heat: word('cabin', 'bay', 'hot', 'exhaust'),
  hottestK: figure('temperature', 253.15, 573.15, 'K'),
  wet: seen,
  /** Something moves, rubs or turns. */
  moving: seen,
  /** Room for two bundles a hand apart. */
  apart: seen,
  /** The noisiest thing within a hand of it. */
  near: word('nothing', 'generator', 'motor', 'coil', 'plug-leads'),
  /** Largest round bundle that goes in. */
  roomM: figure('bore', 0.003, 0.2, 'm'),
  /** Between clip points. */
  clipM: figure('bore', 0.02, 2, 'm'),
  panel: word('none', 'grommet', 'bare-edge'),
  boreM: figure('bore', 0.003, 0.3, 'm'),
  /** Bundle that goes through it already. */
  takenM: figure('bore', 0, 0.2, 'm'),
})
export type HarnessCorridor = ItemOf<typeof CORRIDOR>
export const emptyCorridor = (id: string, called: string, from: string, to: string): HarnessCorridor =>
  newItem(CORRIDOR, id, { name: called, from, to })

/** Where a device sits and what its plug is; its id is that of the device. */
const DEVICE = group({
  /** What it is called, where it is one of this car only; empty for those that other stations decided. */
  name: text(60),
  /** Id of a place, or of a corridor that it sits along. */
  at: text(60),
  alongM: figure('distance', 0, 20, 'm'),
  /** From there to its pins. */
  leadM: figure('distance', 0, 5, 'm'),
  plugM: figure('bore', 0.003, 0.3, 'm'),
  ways: whole(1, 200),
  sealed: seen,
  /** Boot or wrap over its plug, where that is not sealed. */
  booted: seen,
  /** It moves against the body. */
  moves: seen,
  plugKg: figure('mass', 0, 5, 'kg'),
  /** A display, lamp or switch against the place it shall go to: its longest side, and the room there. */
  longestM: figure('bore', 0.005, 0.6, 'm'),
  placeRoomM: figure('bore', 0.005, 2, 'm'),
  /** Pins that were moved within an old plug, from and to. */
  movedPins: text(200),
  /** Another device that its plug would fit, by id. */
  alsoFits: text(60),
})
export type HarnessDevice = ItemOf<typeof DEVICE>
export const emptyDevice = (id: string): HarnessDevice => newItem(DEVICE, id, {})

/** A circuit of this car only. */
const OWN_CIRCUIT = group({
  name: name(80),
  /** Ids of devices. */
  from: text(60),
  to: text(60),
  kind: always(WIRE_CLASSES, 'sensor'),
  currentA: figure('current', 0, 200, 'A'),
  size,
  flexible: seen,
})
export type OwnCircuit = ItemOf<typeof OWN_CIRCUIT>
export const emptyOwnCircuit = (id: string, called: string): OwnCircuit => newItem(OWN_CIRCUIT, id, { name: called })

/** A lead of a kit harness, by the device that it ends at. */
const KIT_LEAD = group({
  device: text(60),
  /** From the ECU's connector to its plug. */
  reachM: figure('distance', 0.05, 20, 'm'),
  /** It may be cut and lengthened; leads with a calibration or a shield must not be. */
  extend: always(['may', 'must-not']),
  /** Not used on this car. */
  unused: seen,
  /** What it waits for, and where its end is stowed. */
  waitsFor: text(120),
  capped: seen,
})
export type KitLead = ItemOf<typeof KIT_LEAD>
export const emptyKitLead = (id: string, device: string): KitLead => newItem(KIT_LEAD, id, { device })

/** A place that the ECU may have. */
const CANDIDATE = group({
  name: name(60),
  /** Id of a place. */
  at: text(60),
  hottestK: figure('temperature', 253.15, 573.15, 'K'),
  wet: seen,
  /** Bracket, access for service. */
  workS: figure('work', 0, 360_000, 's'),
  /** Free box there. */
  roomLengthM: figure('bore', 0.02, 2, 'm'),
  roomWidthM: figure('bore', 0.02, 2, 'm'),
  roomDepthM: figure('bore', 0.01, 2, 'm'),
})
export type HarnessCandidate = ItemOf<typeof CANDIDATE>
export const emptyCandidate = (id: string, called: string, at: string): HarnessCandidate =>
  newItem(CANDIDATE, id, { name: called, at })

/** What somebody wants or forbids of one wire. */
const STRETCH = group({
  /** Id of a circuit and of a corridor. */
  circuit: text(80),
  corridor: text(60),
  rule: always(['keep-out', 'through']),
})
export type HarnessStretch = ItemOf<typeof STRETCH>
export const emptyStretch = (
  id: string,
  circuit: string,
  corridor: string,
  rule: HarnessStretch['rule'],
): HarnessStretch => newItem(STRETCH, id, { circuit, corridor, rule })

/** Where a wire runs beside what disturbs it, outside the corridors: measured where both lie. */
const CROSSING = group({
  /** Id of the circuit that picks up. */
  circuit: text(80),
  from: always(WIRE_CLASSES),
  lengthM: figure('distance', 0.01, 10, 'm'),
  /** Nearest; and at the other end, if the two draw apart. */
  spacingM: figure('bore', 0.001, 1, 'm'),
  endSpacingM: figure('bore', 0.001, 1, 'm'),
  angleDeg: figure('angle', 0, 90, 'degrees'),
})
export type HarnessCrossing = ItemOf<typeof CROSSING>
export const emptyCrossing = (id: string, circuit: string): HarnessCrossing => newItem(CROSSING, id, { circuit })

/** In which cavity of its plug a wire ends, where somebody has looked. */
const PLUG_PIN = group({ circuit: text(80), device: text(60), pin: text(12) })
export type PlugPin = ItemOf<typeof PLUG_PIN>
export const emptyPlugPin = (id: string, circuit: string, device: string): PlugPin =>
  newItem(PLUG_PIN, id, { circuit, device })

/** A wire of the old ignition, choke or fuel system, and what becomes of it. */
const OLD_WIRE = group({
  name: name(80),
  fate: word('removed', 'kept', 'capped'),
  /** What is written on its tag. */
  tag: text(60),
  /** Its test was done. */
  proved: seen,
})
export type OldWire = ItemOf<typeof OLD_WIRE>
export const emptyOldWire = (id: string, called: string): OldWire => newItem(OLD_WIRE, id, { name: called })

/** A wire of an accepted loom; its id is that of the circuit. */
const LOOM_WIRE = group({
  /** Ids of corridors, from its first end on. */
  way: setOf(text(60), 80),
  /** With leads and slack. */
  lengthM: figure('distance', 0, 120, 'm'),
  size,
  /** Hottest corridor on its way, and wires of its fullest bundle that carry current with it. */
  hottestK: figure('temperature', 253.15, 573.15, 'K'),
  loadedWires: whole(1, 60),
})
export type LoomWire = ItemOf<typeof LOOM_WIRE>
export const loomWire = (id: string, wire: Omit<LoomWire, 'id'>): LoomWire => newItem(LOOM_WIRE, id, wire)

/** Where wires of one net are joined. */
const LOOM_SPLICE = group({ at: text(60) })
export type LoomSplice = ItemOf<typeof LOOM_SPLICE>
export const loomSplice = (id: string, at: string): LoomSplice => newItem(LOOM_SPLICE, id, { at })

/** A loom that somebody has accepted: a decision, judged as it stands. */
const LOOM = group({
  /** Id of the candidate that holds the ECU. */
  place: text(60),
  wires: listOf(LOOM_WIRE, 300, 'wire'),
  splices: listOf(LOOM_SPLICE, 40, 'splice'),
})
export type Loom = ValueOf<typeof LOOM>

/** The car as a plan of corridors, what is joined to what, and the loom that was accepted. */
export const HARNESS = group({
  plan: word(...PLAN_IDS),
  places: listOf(PLACE, 80, 'place'),
  corridors: listOf(CORRIDOR, 120, 'corridor'),
  devices: listOf(DEVICE, 80, 'device'),
  circuits: listOf(OWN_CIRCUIT, 60, 'circuit'),
  kitLeads: listOf(KIT_LEAD, 80, 'lead'),
  candidates: listOf(CANDIDATE, 12, 'place'),
  stretches: listOf(STRETCH, 60, 'stretch'),
  unit: group({
    limitK: figure('temperature', 313.15, 423.15, 'K'),
    sealed: seen,
    lengthM: figure('bore', 0.02, 0.6, 'm'),
    widthM: figure('bore', 0.02, 0.6, 'm'),
    depthM: figure('bore', 0.01, 0.3, 'm'),
    /** In front of its plug, for plug and bend. */
    plugRoomM: figure('bore', 0, 0.5, 'm'),
    /** Between its fixing holes. */
    holesLengthM: figure('bore', 0.01, 0.6, 'm'),
    holesWidthM: figure('bore', 0, 0.6, 'm'),
  }),
  design: group({
    /** Which classes must never share a corridor. */
    separation: always(['clean-from-dirty', 'by-exposure']),
    colours: always(['by-function', 'one-colour', 'as-the-car']),
    /** From a kit with fixed leads, or made for the car. */
    build: always(['own-loom', 'kit']),
    /** Where the loom leaves the engine it is tied first. */
    tiedAtBack: seen,
    /** A cable for tuning, led out once. */
    tuningCable: seen,
    displayFitted: seen,
    roadSpeed: word('none', 'sensor', 'adapter'),
    pulsesPerRev: whole(1, 100),
  }),
  crossings: listOf(CROSSING, 60, 'run'),
  pins: listOf(PLUG_PIN, 200, 'pin'),
  oldWires: listOf(OLD_WIRE, 60, 'wire'),
  noise: group({
    /** Where the shields are earthed. */
    shieldEarth: word('ecu-end', 'device-end', 'both-ends', 'none'),
    pickUpPolarity: word('right', 'reversed'),
    /** Amplitude of the pick-up while cranking, and the smallest that the ECU triggers on. */
    pickUpCrankV: figure('voltage', 0, 200, 'V'),
    pickUpNeedsV: figure('voltage', 0.01, 20, 'V'),
  }),
  cut: group({
    /** Length of wire that is bought at once, of each size and colour. */
    spoolM: figure('distance', 1, 500, 'm'),
    covering: word('tape', 'braid', 'conduit', 'none'),
  }),
  board: group({ widthM: figure('distance', 0.5, 10, 'm') }),
  /** What was read on the bench. */
  proof: group({
    /** Clip positions whose readings are done, by pin. */
    done: setOf(text(140), 400),
    /** Readings of those that were not as they must be. */
    off: setOf(text(300), 400),
    /** Readings that were asked for after, each with what it did. */
    asked: setOf(text(900), 200),
  }),
  loom: maybe(LOOM),
})
export type HarnessSection = ValueOf<typeof HARNESS>
