/** One thing on a path, with the numbers of its terminals as the current meets them. */
export interface DiagramItem {
  readonly kind: 'fuse' | 'switch' | 'contact' | 'coil' | 'diode' | 'lamp' | 'motor' | 'box'
  readonly label: string
  readonly left?: string
  readonly right?: string
  /** Beneath it. */
  readonly note?: string
  /** Coil and contact of one relay have the same. */
  readonly relay?: string
}

/** From where current comes to where it goes; a node that other paths name too is written with a capital letter. */
export interface DiagramPath {
  readonly from: string
  readonly items: readonly DiagramItem[]
  readonly to: string
}

export interface Diagram {
  readonly id: string
  readonly title: string
  readonly says: string
  readonly paths: readonly DiagramPath[]
}

export interface PlacedItem extends DiagramItem {
  readonly x: number
}
export interface PlacedPath extends DiagramPath {
  readonly y: number
  readonly placed: readonly PlacedItem[]
}
export interface LaidDiagram {
  readonly width: number
  readonly height: number
  /** Where the paths begin and end. */
  readonly fromX: number
  readonly toX: number
  readonly paths: readonly PlacedPath[]
  /** Dashed lines between coil and contact of one relay. */
  readonly links: readonly { readonly relay: string; readonly x1: number; readonly y1: number; readonly x2: number; readonly y2: number }[] // prettier-ignore
}

const ROW = 66
/** On paper. */
export const PAPER_ROW = 50
const TOP = 34
/** Half the width of a symbol with its terminals. */
export const ITEM_HALF = 15

/** Places of a diagram: paths beneath each other, items evenly along them, each relay's parts joined by a dashed line. */
export const layOutDiagram = ({ paths }: Diagram, width: number, endRoom: number, row = ROW): LaidDiagram => {
  const [fromX, toX] = [endRoom, width - endRoom]
  const placed = paths.map((p, i): PlacedPath => {
    const step = (toX - fromX) / (p.items.length + 1)
    return { ...p, y: TOP + i * row, placed: p.items.map((item, k) => ({ ...item, x: fromX + step * (k + 1) })) }
  })
  const ends = placed.flatMap((p) => p.placed.flatMap((i) => (i.relay ? [{ relay: i.relay, x: i.x, y: p.y }] : [])))
  const links = ends.flatMap((a, i) => {
    const b = ends.slice(i + 1).find((e) => e.relay === a.relay)
    return b ? [{ relay: a.relay, x1: a.x, y1: a.y, x2: b.x, y2: b.y }] : []
  })
  return { width, height: TOP + placed.length * row - 12, fromX, toX, paths: placed, links }
}
