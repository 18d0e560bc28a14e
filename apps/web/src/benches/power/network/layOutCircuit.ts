import { NODE, type CarNetwork, type CircuitRow } from '@lochmoor/core'

/** Buses from left to right: what feeds, then what earths. */
const FEEDS: readonly string[] = [
  NODE.post,
  NODE.killed,
  NODE.stud,
  NODE.main,
  NODE.ignition,
  NODE.accessory,
  NODE.coil,
  NODE.keyedSource,
  'shared relay, out',
  NODE.pump,
]
const EARTHS: readonly string[] = [NODE.head, NODE.block, NODE.bodyFront, NODE.bodyRear, NODE.earth]

export interface Bus {
  readonly node: string
  readonly x: number
  /** Rows between which it is drawn. */
  readonly fromRow: number
  readonly toRow: number
}
export interface LaidRow extends CircuitRow {
  readonly at: number
  readonly y: number
  readonly fromX: number
  readonly toX: number
}
export interface LaidCircuit {
  readonly buses: readonly Bus[]
  readonly rows: readonly LaidRow[]
  readonly deviceX: number
  readonly deviceWidth: number
  readonly width: number
  readonly height: number
  readonly firstEarthX: number
  readonly lastFeedX: number
}

export const ROW_HEIGHT = 44
export const TOP = 156
const BUS_GAP = 30
const SIDE = 22
export const DEVICE_WIDTH = 118

/** Feeds first, then the devices by what they hang on, the earths last, so that few lines cross. */
const ORDER = ['kill', 'starterCable', 'starter', 'generator', 'ecu', 'injectors', 'keyed', 'pump', 'heater', 'fan', 'oldFeed', 'key-run', 'key-acc', 'solenoid', 'ignition', 'gauges', 'headlamps', 'side-lamps', 'blower', 'wipers', 'batteryEarth', 'engineStrap', 'bodyStrap'] // prettier-ignore

/** Places of buses, wires and devices of a car's network; made from the network, drawn by nobody. */
export const layOutCircuit = ({ rows }: CarNetwork, width: number): LaidCircuit => {
  const sorted = [...rows].sort((a, b) => ORDER.indexOf(a.id) - ORDER.indexOf(b.id))
  const ends = new Set(sorted.flatMap((r) => [r.from, r.to]))
  const feeds = FEEDS.filter((n) => ends.has(n))
  const earths = EARTHS.filter((n) => ends.has(n))
  const xOf = new Map<string, number>()
  feeds.forEach((n, i) => xOf.set(n, SIDE + i * BUS_GAP))
  earths.forEach((n, i) => xOf.set(n, width - SIDE - (earths.length - 1 - i) * BUS_GAP))
  const lastFeedX = SIDE + (feeds.length - 1) * BUS_GAP
  const firstEarthX = width - SIDE - (earths.length - 1) * BUS_GAP
  const deviceX = lastFeedX + (firstEarthX - lastFeedX) * 0.56 - DEVICE_WIDTH / 2
  const laid = sorted.map((row, i): LaidRow => ({
    ...row,
    at: i,
    y: TOP + i * ROW_HEIGHT + ROW_HEIGHT / 2,
    fromX: xOf.get(row.from) ?? SIDE,
    toX: xOf.get(row.to) ?? width - SIDE,
  }))
  const buses = [...feeds, ...earths].map((node): Bus => {
    const used = laid.filter((r) => r.from === node || r.to === node).map((r) => r.at)
    return { node, x: xOf.get(node)!, fromRow: Math.min(...used), toRow: Math.max(...used) }
  })
  return {
    buses,
    rows: laid,
    deviceX,
    deviceWidth: DEVICE_WIDTH,
    width,
    height: TOP + laid.length * ROW_HEIGHT + 16,
    firstEarthX,
    lastFeedX,
  }
}
