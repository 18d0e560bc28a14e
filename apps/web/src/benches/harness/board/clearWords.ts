import type { BoardMark } from '@lochmoor/core'
import { clearLabels, widthOfText, type Box, type Label, type LabelPlace } from '../../bench/clearLabels.ts'

type TextMark = Extract<BoardMark, { kind: 'text' }>

/** What is said first where there is not room for all: where a wire ends, then where a loop is opened, splices, lengths. */
const ORDER: readonly TextMark['what'][] = ['end', 'cut', 'splice', 'length', 'face']
/** Baseline below the middle of a letter, in its size. */
const BASELINE = 0.35

/** Words of a board that lie on no other and on no ring, each with its middle; and how many found no room. */
export const clearWords = (
  marks: readonly BoardMark[],
): { readonly placed: readonly TextMark[]; readonly leftOut: number } => {
  const rings = marks.flatMap((m): Box[] => (m.kind === 'circle' && m.what !== 'node' ? [{ x0: m.x - 0.6 * m.r, x1: m.x + 0.6 * m.r, y0: m.y - 0.6 * m.r, y1: m.y + 0.6 * m.r }] : [])) // prettier-ignore
  const words = marks
    .filter((m): m is TextMark => m.kind === 'text')
    .sort((a, b) => ORDER.indexOf(a.what) - ORDER.indexOf(b.what))
  const labels = words.map((m, n): Label => {
    const half = widthOfText(m.text, m.size) / 2
    const x = m.anchor === 'middle' ? m.x : m.anchor === 'start' ? m.x + half : m.x - half
    const y = m.y - BASELINE * m.size
    const steps = [0, 1, -1, 2, -2].flatMap((up) => [0, 1, -1].map((aside): LabelPlace => [x + 1.1 * aside * half, y + 0.8 * up * m.size])) // prettier-ignore
    return { id: String(n), text: m.text, size: m.size, places: steps }
  })
  const places = clearLabels(labels, rings)
  const placed = words.flatMap((m, n): TextMark[] => {
    const at = places.get(String(n))
    return at ? [{ ...m, x: at[0], y: at[1] + BASELINE * m.size, anchor: 'middle' }] : []
  })
  return { placed, leftOut: words.length - placed.length }
}
