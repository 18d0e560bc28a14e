import type { Point } from '../../harness/index.ts'
import type { BoardBranch, LoomBoard } from './boardOfLoom.ts'
import { within } from './wireEnds.ts'

/** A thing that is drawn on a board, mm from its upper left corner, y downwards. */
export type BoardMark =
  | { readonly kind: 'line'; readonly what: 'branch' | 'face' | 'lead'; readonly id: string; readonly points: readonly (readonly [x: number, y: number])[]; readonly widthMm: number } // prettier-ignore
  | { readonly kind: 'circle'; readonly what: 'node' | 'splice' | 'cut' | 'plug'; readonly x: number; readonly y: number; readonly r: number } // prettier-ignore
  | { readonly kind: 'text'; readonly what: 'length' | 'end' | 'face' | 'splice' | 'cut'; readonly x: number; readonly y: number; readonly size: number; readonly text: string; readonly anchor: 'start' | 'middle' | 'end' } // prettier-ignore

export interface BoardDrawing {
  readonly marks: readonly BoardMark[]
  readonly widthMm: number
  readonly heightMm: number
}

export interface BoardOptions {
  /** Height of letters, mm. */
  readonly textMm: number
  readonly lengthText: (lengthM: number) => string
  /** What covers a branch: its sleeve, and whether one against heat goes over that. Nothing if not given. */
  readonly sleeveText?: (sleeveM: number) => string
  /** Whether the faces of the connectors are drawn beneath the loom. */
  readonly faces: boolean
  /** Small: plugs by their keys alone, lengths only where there is room, splices without names. */
  readonly brief?: boolean
}

const MARGIN_MM = 12
/** Side of a cavity in the face of a connector by the height of letters, and what lies between faces, mm. */
const CAVITY = 2.4
const GAP_MM = 12
const MOST_COLUMNS = 12
/** Faces lie close together: about two sheets of paper wide, mm. */
const FACES_ROOM_MM = 530
const mm = (m: number): number => m * 1e3

/** The point halfway along a line, and the direction there. */
const middleOf = (points: readonly Point[]): { readonly at: Point; readonly nx: number; readonly ny: number } => {
  const steps = points.slice(1).map((p, n) => Math.hypot(p.x - points[n]!.x, p.y - points[n]!.y))
  // On the longest straight of it: a bend is no place for a figure.
  const k = steps.indexOf(Math.max(...steps))
  const [a, b] = [points[k]!, points[k + 1]!]
  const long = steps[k] || 1
  return {
    at: { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 },
    nx: -(b.y - a.y) / long,
    ny: (b.x - a.x) / long,
  }
}

/**
 * A board as it is drawn at true scale: branches with their lengths, plugs by key letters, splices, marks where a loop is
 * opened, and the faces of the connectors with cavity and wire beneath.
 */
export const boardMarks = (board: LoomBoard, options: BoardOptions): BoardDrawing => {
  const { brief = false, faces, lengthText, sleeveText, textMm } = options
  const marks: BoardMark[] = []
  const words: Box[] = []
  /** Words where they are clear of others, further out if need be; lengths that find no room are left out where it is small. */
  const say = (mark: Omit<TextMark, 'kind'>, dx = 0, dy = 0, mayDrop = false): void => {
    const steps = dx === 0 && dy === 0 ? [0] : [0, 1.3, 2.6, 3.9, 5.2]
    const tries = steps.map((k): TextMark => ({ kind: 'text', ...mark, x: mark.x + dx * k * textMm, y: mark.y + dy * k * textMm })) // prettier-ignore
    const clear = tries.find((m) => !words.some((w) => overlap(w, boxOf(m))))
    const said = clear ?? (mayDrop ? null : tries[tries.length - 1]!)
    if (!said) return
    words.push(boxOf(said))
    marks.push(said)
    // A word that had to move is led to its place.
    if (said !== tries[0]) marks.push({ kind: 'line', what: 'face', id: said.text, points: [[mark.x, mark.y - 0.35 * textMm], [said.x - dx * 0.4 * textMm, said.y - 0.35 * textMm]], widthMm: 0.1 }) // prettier-ignore
  }
  const at = (p: Point): [number, number] => [MARGIN_MM + mm(p.x), MARGIN_MM + mm(p.y)]
  const laid = new Map(board.flat.branches.map((b) => [b.id, b.points]))
  const branchText = (b: BoardBranch): string =>
    [lengthText(b.lengthM), ...(sleeveText && b.sleeveM !== null ? [sleeveText(b.sleeveM)] : []), ...(sleeveText && b.heatSleeve ? ['heat sleeve'] : [])].join(', ') // prettier-ignore
  const lengths: Omit<TextMark, 'kind'>[] = []
  for (const b of board.branches) {
    const points = laid.get(b.id)!
    marks.push({ kind: 'line', what: b.corridor === null ? 'lead' : 'branch', id: b.id, points: points.map(at), widthMm: Math.max(0.4, Math.min(2, mm(b.coveredM) / 6)) }) // prettier-ignore
    if (b.lengthM < 0.03 || (brief && mm(b.lengthM) < 7 * textMm)) continue
    const m = middleOf(points)
    const [x, y] = at(m.at)
    const off = 0.7 * textMm
    lengths.push({ what: 'length', x: x + m.nx * off * 1.6, y: y + m.ny * off + 0.35 * textMm, size: textMm, text: branchText(b), anchor: 'middle' }) // prettier-ignore
  }
  for (const [node, p] of board.flat.nodes) {
    const [x, y] = at(p)
    if (!node.includes('#') && !node.startsWith('end ')) marks.push({ kind: 'circle', what: 'node', x, y, r: 1.2 })
  }
  for (const { mark, node } of board.cuts) {
    const free = board.flat.nodes.get(`${node}#${mark}`)!
    for (const p of [free, board.flat.nodes.get(node)]) {
      if (!p) continue
      const [x, y] = at(p)
      marks.push({ kind: 'circle', what: 'cut', x, y, r: textMm })
      say({ what: 'cut', x: x + 1.3 * textMm, y: y - 0.6 * textMm, size: textMm, text: brief ? mark : `joins ${mark}`, anchor: 'start' }) // prettier-ignore
    }
  }
  for (const { node, spot } of board.splices) {
    const p = board.flat.nodes.get(node)
    if (!p) continue
    const [x, y] = at(p)
    marks.push({ kind: 'circle', what: 'splice', x, y, r: 0.9 * textMm })
    say({ what: 'splice', x, y: y + 2 * textMm, size: textMm, text: brief ? 'S' : `splice ${within(spot.name)}`, anchor: 'middle' }) // prettier-ignore
  }
  board.ends.forEach((e, n) => {
    const p = board.flat.nodes.get(e.node)
    if (!p) return
    const own = board.branches.find((b) => b.to === e.node)!
    const points = laid.get(own.id)!
    const before = points[points.length - 2]!
    const long = Math.hypot(p.x - before.x, p.y - before.y) || 1
    const [dx, dy] = [(p.x - before.x) / long, (p.y - before.y) / long]
    const [x, y] = at(p)
    marks.push({ kind: 'circle', what: 'plug', x, y, r: 0.8 * textMm })
    const text = brief ? keyOf(n) : `${keyOf(n)} ${e.name}`
    const anchor = dx < -0.4 ? 'end' : dx > 0.4 ? 'start' : 'middle'
    say({ what: 'end', x: x + dx * 1.4 * textMm, y: y + dy * 1.8 * textMm + 0.35 * textMm, size: textMm, text, anchor }, dx, dy) // prettier-ignore
  })
  for (const l of lengths) say(l, 0, 0, brief)
  const loom = withinMargins(marks, MARGIN_MM + textMm)
  if (!faces) return loom
  const drawn = drawFaces(board, loom.heightMm, FACES_ROOM_MM, textMm)
  return {
    marks: [...loom.marks, ...drawn.marks],
    widthMm: Math.max(loom.widthMm, drawn.widthMm),
    heightMm: drawn.heightMm,
  }
}

/** How wide a letter is for its height, about. */
const LETTER = 0.56
type TextMark = Extract<BoardMark, { kind: 'text' }>
type Box = readonly [x0: number, y0: number, x1: number, y1: number]
const boxOf = (m: TextMark): Box => {
  const long = LETTER * m.size * m.text.length
  const x0 = m.x - (m.anchor === 'end' ? long : m.anchor === 'middle' ? long / 2 : 0)
  return [x0, m.y - m.size, x0 + long, m.y + 0.3 * m.size]
}
const overlap = (a: Box, b: Box): boolean => a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3]

/** Moved so that lines and words lie within the margin. */
const withinMargins = (marks: readonly BoardMark[], marginMm: number): BoardDrawing => {
  const spans = marks.map((m): Box => {
    if (m.kind === 'circle') return [m.x - m.r, m.y - m.r, m.x + m.r, m.y + m.r]
    if (m.kind === 'line') {
      const [xs, ys] = [m.points.map((p) => p[0]), m.points.map((p) => p[1])]
      return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)]
    }
    return boxOf(m)
  })
  const [x0, y0] = [Math.min(...spans.map((s) => s[0])), Math.min(...spans.map((s) => s[1]))]
  const [dx, dy] = [marginMm - x0, marginMm - y0]
  return {
    marks: marks.map((m) =>
      m.kind === 'line'
        ? { ...m, points: m.points.map(([x, y]) => [x + dx, y + dy] as const) }
        : { ...m, x: m.x + dx, y: m.y + dy },
    ),
    widthMm: Math.max(...spans.map((s) => s[2])) - x0 + 2 * marginMm,
    heightMm: Math.max(...spans.map((s) => s[3])) - y0 + 2 * marginMm,
  }
}

/** Plugs are called P1, P2, …: the letter keeps them from being read as wires. */
export const keyOf = (n: number): string => `P${n + 1}`

/** Faces of the connectors, seen from the wires' side: cavity above, wire beneath. Ends of one wire have none. */
const drawFaces = (board: LoomBoard, fromMm: number, roomMm: number, textMm: number): BoardDrawing => {
  const marks: BoardMark[] = []
  const side = CAVITY * textMm
  let [x, y, deepest, widest] = [MARGIN_MM, fromMm, 0, 0]
  const text = (at: readonly [number, number], words: string, size: number, anchor: 'start' | 'middle'): void => {
    marks.push({ kind: 'text', what: 'face', x: at[0], y: at[1], size, text: words, anchor })
  }
  board.ends.forEach((e, n) => {
    const columns = Math.min(MOST_COLUMNS, e.pins.length)
    const rows = Math.ceil(e.pins.length / MOST_COLUMNS)
    const title = `${keyOf(n)} ${e.name}${e.pins.some((p) => !p.known) ? ' (counted)' : ''}`
    const width = Math.max(columns * side, 0.55 * textMm * title.length)
    if (x + width > roomMm && x > MARGIN_MM) {
      x = MARGIN_MM
      y += deepest + GAP_MM
      deepest = 0
    }
    text([x, y + textMm], title, textMm, 'start')
    const top = y + 1.6 * textMm
    e.pins.forEach((p, k) => {
      const [cx, cy] = [x + (k % MOST_COLUMNS) * side, top + Math.floor(k / MOST_COLUMNS) * side]
      const corners = [[cx, cy], [cx + side, cy], [cx + side, cy + side], [cx, cy + side], [cx, cy]] as const // prettier-ignore
      marks.push({ kind: 'line', what: 'face', id: `${keyOf(n)} ${k}`, points: corners, widthMm: 0.2 })
      text([cx + side / 2, cy + 0.4 * side], p.cavity ?? '', 0.7 * textMm, 'middle')
      text([cx + side / 2, cy + 0.85 * side], `w${p.wire}`, 0.7 * textMm, 'middle')
    })
    deepest = Math.max(deepest, 1.6 * textMm + rows * side)
    x += width + GAP_MM
    widest = Math.max(widest, x)
  })
  return { marks, widthMm: widest + MARGIN_MM, heightMm: y + deepest + MARGIN_MM }
}

const r3 = (x: number): string => String(Math.round(x * 1000) / 1000)
const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')

/** Boards one beneath the other as a drawing in millimetres. */
export const boardSvg = (drawings: readonly BoardDrawing[], title: string): string => {
  const widthMm = Math.max(10, ...drawings.map((d) => d.widthMm))
  let y = 0
  const parts = drawings.map((d) => {
    const shift = y
    y += d.heightMm
    const body = d.marks.map((m) => {
      switch (m.kind) {
        case 'line':
          return `<polyline class="${m.what}" data-id="${escaped(m.id)}" points="${m.points.map((p) => p.map(r3).join(',')).join(' ')}" fill="none" stroke="#000" stroke-width="${r3(m.widthMm)}"/>`
        case 'circle':
          return `<circle class="${m.what}" cx="${r3(m.x)}" cy="${r3(m.y)}" r="${r3(m.r)}" fill="${m.what === 'node' ? '#000' : 'none'}" stroke="#000" stroke-width="0.3"/>`
        case 'text':
          return `<text class="${m.what}" x="${r3(m.x)}" y="${r3(m.y)}" font-size="${r3(m.size)}" font-family="sans-serif" text-anchor="${m.anchor}">${escaped(m.text)}</text>`
      }
    })
    return `<g transform="translate(0 ${r3(shift)})">\n${body.join('\n')}\n</g>`
  })
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${r3(widthMm)}mm" height="${r3(Math.max(10, y))}mm" viewBox="0 0 ${r3(widthMm)} ${r3(Math.max(10, y))}"><title>${escaped(title)}</title>\n${parts.join('\n')}\n</svg>\n`
}

/** What a drawing takes paper for, m: its branches and faces, and where its words begin. */
export const boardLines = (d: BoardDrawing): readonly (readonly Point[])[] =>
  d.marks.flatMap((m) => {
    if (m.kind === 'line') return [m.points.map(([x, y]) => ({ x: x / 1e3, y: y / 1e3 }))]
    const p = { x: m.x / 1e3, y: m.y / 1e3 }
    return m.kind === 'text' ? [[p, p]] : []
  })
