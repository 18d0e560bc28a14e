/** A box on a drawing, in its units. */
export interface Box {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
}

/** Middle of a label on a drawing, and the baseline a third of its size below it. */
export type LabelPlace = readonly [x: number, y: number]

export interface Label {
  readonly id: string
  readonly text: string
  readonly size: number
  /** Middles where it may stand, the best first. */
  readonly places: readonly LabelPlace[]
  /** Half of what stands round it, as a ring; the letters alone without it. */
  readonly ring?: number
}

/** Width of a letter, and height of a line, in sizes of the letter: figures and capitals of the program's own letters. */
const WIDE = 0.62
const HIGH = 0.95

export const widthOfText = (text: string, size: number): number => text.length * size * WIDE

export const overlaps = (a: Box, b: Box): boolean => a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1

const boxAt = ({ ring, size, text }: Label, [x, y]: LabelPlace): Box => {
  const [w, h] = ring === undefined ? [widthOfText(text, size) / 2 + 1, (HIGH * size) / 2] : [ring, ring]
  return { x0: x - w, y0: y - h, x1: x + w, y1: y + h }
}

/**
 * A place for each label where it lies on no other and on nothing that is taken, in the order in which they are given; null
 * where none of its places is free: left out, it hides nothing.
 */
export const clearLabels = (
  labels: readonly Label[],
  taken: readonly Box[] = [],
): ReadonlyMap<string, LabelPlace | null> => {
  const all: Box[] = [...taken]
  return new Map(
    labels.map((label) => {
      const place = label.places.find((p) => !all.some((b) => overlaps(b, boxAt(label, p)))) ?? null
      if (place) all.push(boxAt(label, place))
      return [label.id, place]
    }),
  )
}

/** Ticks of an axis, without those whose words would run into the ones before. @param at middle of each, px */
export const clearTicks = <T>(
  ticks: readonly T[],
  at: (tick: T) => number,
  says: (tick: T) => string,
  size: number,
): readonly T[] => {
  let end = -Infinity
  return ticks.filter((t) => {
    const half = widthOfText(says(t), size) / 2
    if (at(t) - half < end) return false
    end = at(t) + half + size / 2
    return true
  })
}
