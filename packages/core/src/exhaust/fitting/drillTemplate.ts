import { DATUM_WORDS, type Datum } from '../pipe/datum.ts'

export interface TemplateCase {
  /** Of the pipe, outside. */
  readonly outsideM: number
  /** Hole centre from the datum, along the pipe, >= 0. */
  readonly fromDatumM: number
  /** From what it is taken: the merge's downstream edge, a turbine's outlet, where the banks join, or the ports. */
  readonly datum: Datum
  /** Looking against the flow: 0 top line, 90 right, 270 left. */
  readonly clockDeg: number
  readonly holeM: number
  /** Through the middle first. */
  readonly pilotM?: number
}

/** Everything in millimetres on paper; x around the pipe, y along it, downstream downwards. */
export type TemplateMark =
  | { readonly kind: 'rect'; readonly x: number; readonly y: number; readonly w: number; readonly h: number }
  | {
      readonly kind: 'line'
      readonly x1: number
      readonly y1: number
      readonly x2: number
      readonly y2: number
      readonly dashed?: boolean
      readonly what: 'top' | 'edge' | 'centre' | 'tick' | 'flow' | 'ruler' | 'side'
    }
  | {
      readonly kind: 'circle'
      readonly cx: number
      readonly cy: number
      readonly r: number
      readonly what: 'hole' | 'pilot'
    }
  | {
      readonly kind: 'text'
      readonly x: number
      readonly y: number
      readonly size: number
      readonly text: string
      readonly middle?: boolean
      /** Belongs to the ruler. */
      readonly ruler?: true
    }

export interface DrillTemplate {
  readonly stripLengthMm: number
  readonly stripHeightMm: number
  /** Of the hole on the strip, from its left end, which lies on the underside of the pipe. */
  readonly holeXMm: number
  readonly holeYMm: number
  /** The strip's upper edge lies so far from the datum: 0, or at a line drawn beforehand. */
  readonly edgeFromDatumMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly marks: readonly TemplateMark[]
}

/** Figures to drill by: millimetres for everybody, with the thin space of figures that are exact. */
const MM = '\u2009mm'
const RULER_MM = 100
const AFTER_HOLE_MM = 30
/** Further from the datum the strip begins at a line of its own. */
const LONGEST_FROM_EDGE_MM = 110
const DATUM_BEFORE_HOLE_MM = 50
/** Clock angle at the left end of the strip: the ends meet on the underside. */
const SEAM_DEG = 180

/** Place around the strip of a clock angle: the top line is its middle; the right side lies to the right. */
export const stripXMm = (outsideM: number, clockDeg: number): number => {
  const turn = (((clockDeg - SEAM_DEG) % 360) + 360) % 360
  return (Math.PI * outsideM * 1000 * turn) / 360
}

/**
 * Strip that wraps the pipe, true to scale: its length is pi D. Laid round with its printed side out and its arrow
 * downstream, its middle line on the pipe's top line and its upper edge at the datum, the cross is the hole's centre.
 * outsideM > 0, fromDatumM >= 0.
 */
export const drillTemplate = (c: TemplateCase): DrillTemplate => {
  const length = Math.PI * c.outsideM * 1000
  const fromDatum = c.fromDatumM * 1000
  const datum = DATUM_WORDS[c.datum]
  const edge = fromDatum > LONGEST_FROM_EDGE_MM ? Math.max(0, fromDatum - DATUM_BEFORE_HOLE_MM) : 0
  const holeY = fromDatum - edge
  const height = holeY + AFTER_HOLE_MM
  const holeX = stripXMm(c.outsideM, c.clockDeg)
  const hole = c.holeM * 1000
  const pilot = (c.pilotM ?? 0.003) * 1000
  const rulerY = height + 20
  const ticks = Array.from({ length: 11 }, (_, i) => i * 10)
  const clock = (deg: number, text: string): TemplateMark[] => {
    const x = stripXMm(c.outsideM, deg)
    return [
      { kind: 'line', x1: x, y1: 0, x2: x, y2: height, dashed: true, what: 'side' },
      { kind: 'text', x: x + 1.2, y: height - 2, size: 2.6, text },
    ]
  }
  const line = (
    what: Extract<TemplateMark, { kind: 'line' }>['what'],
    x1: number,
    y1: number,
    x2: number,
    y2: number,
  ): TemplateMark => ({ kind: 'line', x1, y1, x2, y2, what })
  const flowX = holeX > length / 2 ? length * 0.14 : length * 0.86
  const marks: TemplateMark[] = [
    { kind: 'rect', x: 0, y: 0, w: length, h: height },
    line('top', length / 2, 0, length / 2, height),
    { kind: 'text', x: length / 2 + 1.2, y: height - 2, size: 2.6, text: 'top line' },
    ...clock(90, '90° right'),
    ...clock(270, '90° left'),
    line('edge', 0, 0, length, 0),
    {
      kind: 'text',
      x: 0,
      y: -1.6,
      size: 3,
      text:
        edge === 0 ? `this edge at ${datum}` : `this edge ${edge.toFixed(0)}${MM} after ${datum}: draw that line first`,
    },
    line('centre', holeX - hole / 2 - 4, holeY, holeX + hole / 2 + 4, holeY),
    line('centre', holeX, holeY - hole / 2 - 4, holeX, holeY + hole / 2 + 4),
    { kind: 'circle', cx: holeX, cy: holeY, r: hole / 2, what: 'hole' },
    { kind: 'circle', cx: holeX, cy: holeY, r: pilot / 2, what: 'pilot' },
    // The arrow of the flow: down the strip.
    line('flow', flowX, height * 0.3, flowX, height * 0.7),
    line('flow', flowX - 2, height * 0.7 - 4, flowX, height * 0.7),
    line('flow', flowX + 2, height * 0.7 - 4, flowX, height * 0.7),
    { kind: 'text', x: flowX + 2.5, y: height * 0.5, size: 3, text: 'flow' },
    {
      kind: 'text',
      x: 0,
      y: height + 6,
      size: 3.2,
      text: `Strip ${length.toFixed(1)}${MM} long for a pipe of ${(c.outsideM * 1000).toFixed(1)}${MM}. Hole ${hole.toFixed(1)}${MM}, pilot ${pilot.toFixed(1)}${MM}.`,
    },
    {
      kind: 'text',
      x: 0,
      y: height + 10.5,
      size: 3.2,
      text: `Centre ${fromDatum.toFixed(0)}${MM} after ${datum}, ${String(Math.round(c.clockDeg))}° clock position, looking against the flow from the tail.`,
    },
    line('ruler', 0, rulerY, RULER_MM, rulerY),
    ...ticks.map((x) => line('tick', x, rulerY, x, rulerY - (x % 50 === 0 ? 4 : 2.5))),
    {
      kind: 'text',
      x: RULER_MM + 3,
      y: rulerY,
      size: 3.2,
      text: `100${MM}: check before using the strip`,
      ruler: true,
    },
  ]
  return {
    stripLengthMm: length,
    stripHeightMm: height,
    holeXMm: holeX,
    holeYMm: holeY,
    edgeFromDatumMm: edge,
    widthMm: Math.max(length, 190),
    heightMm: rulerY + 3,
    marks,
  }
}

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')
const r3 = (x: number): string => (Math.round(x * 1000) / 1000).toString()

/** The same as SVG in millimetres, with what speaks against drilling by it printed above the strip. */
export const templateSvg = (t: DrillTemplate, title: string, warnings: readonly string[] = []): string => {
  const body = t.marks.map((m) => {
    switch (m.kind) {
      case 'rect':
        return `<rect id="strip" x="${r3(m.x)}" y="${r3(m.y)}" width="${r3(m.w)}" height="${r3(m.h)}" fill="none" stroke="#000" stroke-width="0.25"/>`
      case 'line':
        return `<line class="${m.what}" x1="${r3(m.x1)}" y1="${r3(m.y1)}" x2="${r3(m.x2)}" y2="${r3(m.y2)}" stroke="#000" stroke-width="${m.what === 'top' ? 0.35 : 0.2}"${m.dashed ? ' stroke-dasharray="2 1.5"' : ''}/>`
      case 'circle':
        return `<circle class="${m.what}" cx="${r3(m.cx)}" cy="${r3(m.cy)}" r="${r3(m.r)}" fill="none" stroke="#000" stroke-width="0.2"/>`
      case 'text':
        return `<text x="${r3(m.x)}" y="${r3(m.y)}" font-size="${r3(m.size)}" font-family="sans-serif">${escaped(m.text)}</text>`
    }
  })
  const pad = 5
  const lineMm = 5
  const top = pad + warnings.length * lineMm
  const warned = warnings.map(
    (text, i) =>
      `<text class="warning" x="0" y="${r3(-top + pad + i * lineMm)}" font-size="3.6" font-weight="bold" font-family="sans-serif">${escaped(text)}</text>`,
  )
  const w = t.widthMm + 2 * pad
  const h = t.heightMm + pad + top
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${r3(w)}mm" height="${r3(h)}mm" viewBox="${-pad} ${r3(-top)} ${r3(w)} ${r3(h)}"><title>${escaped(title)}</title>\n${[...warned, ...body].join('\n')}\n</svg>\n`
}
