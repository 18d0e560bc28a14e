/** A wire between two ends, each a pin ("plug:cavity") or a splice ("splice:name"). */
export interface NetWire {
  readonly id: string
  readonly from: string
  readonly to: string
}

/** Pins that the loom joins, and by which wires. */
export interface Net {
  /** By its first wire. */
  readonly id: string
  /** Ids of pins; the first is where the clip goes. */
  readonly pins: readonly string[]
  readonly wires: readonly string[]
}

/** What a loom joins, off the car: every plug free. */
export interface LoomNets {
  readonly wires: readonly NetWire[]
  readonly pins: readonly string[]
  readonly nets: readonly Net[]
  readonly netOfPin: ReadonlyMap<string, number>
  readonly netOfWire: ReadonlyMap<string, number>
}

export const isSplice = (end: string): boolean => end.startsWith('splice:')
export const plugOf = (pin: string): string => pin.slice(0, pin.lastIndexOf(':'))
export const cavityOf = (pin: string): string => pin.slice(pin.lastIndexOf(':') + 1)

/**
 * Nets of a wire list. The clip of each goes to the plug that the most wires end in (the ECU's): it moves least.
 */
export const loomNets = (wires: readonly NetWire[]): LoomNets => {
  const root = new Map<string, string>()
  const find = (end: string): string => {
    let at = end
    for (let up = root.get(at); up !== undefined && up !== at; up = root.get(at)) at = up
    root.set(end, at)
    return at
  }
  const ends = new Map<string, number>()
  for (const w of wires)
    for (const end of [w.from, w.to]) {
      root.set(find(w.from), find(w.to))
      if (!isSplice(end)) ends.set(plugOf(end), (ends.get(plugOf(end)) ?? 0) + 1)
    }
  const order = (a: string, b: string): number =>
    ends.get(plugOf(b))! - ends.get(plugOf(a))! || byCavity(plugOf(a), plugOf(b)) || byCavity(cavityOf(a), cavityOf(b))
  const byRoot = new Map<string, { pins: Set<string>; wires: string[] }>()
  for (const w of wires) {
    const key = find(w.from)
    const own = byRoot.get(key) ?? { pins: new Set<string>(), wires: [] }
    byRoot.set(key, own)
    own.wires.push(w.id)
    for (const end of [w.from, w.to]) if (!isSplice(end)) own.pins.add(end)
  }
  const nets = [...byRoot.values()]
    .map((n): Net => ({ id: n.wires[0]!, pins: [...n.pins].sort(order), wires: n.wires }))
    .filter((n) => n.pins.length > 0)
    .sort((x, y) => order(x.pins[0]!, y.pins[0]!))
  const pins = nets.flatMap((n) => n.pins)
  return {
    wires,
    pins,
    nets,
    netOfPin: new Map(nets.flatMap((n, i) => n.pins.map((p) => [p, i] as const))),
    netOfWire: new Map(nets.flatMap((n, i) => n.wires.map((w) => [w, i] as const))),
  }
}

/** Cavities in the order that they are counted in: 2 before 10, A10 before B1. */
export const byCavity = (a: string, b: string): number => {
  const [x, y] = [cell(a), cell(b)]
  if (x && y) return x.row < y.row ? -1 : x.row > y.row ? 1 : x.column - y.column
  return a < b ? -1 : a > b ? 1 : 0
}

/** Row and column of a cavity that is called "7" or "B12"; null where its name says neither. */
const cell = (cavity: string): { readonly row: string; readonly column: number } | null => {
  const [, row, column] = /^([A-Za-z]*)(\d+)$/.exec(cavity) ?? []
  return column === undefined ? null : { row: row!.toUpperCase(), column: Number(column) }
}

/**
 * Whether two pins of one plug lie side by side: next in their row, or one above the other or slantwise in the next.
 * Cavities whose names say nothing of their place count as neighbours.
 */
export const areNeighbours = (a: string, b: string): boolean => {
  if (plugOf(a) !== plugOf(b)) return false
  const [x, y] = [cell(cavityOf(a)), cell(cavityOf(b))]
  if (!x || !y) return true
  const rows = Math.abs((x.row.codePointAt(0) ?? 0) - (y.row.codePointAt(0) ?? 0))
  return rows <= 1 && Math.abs(x.column - y.column) <= 1
}
