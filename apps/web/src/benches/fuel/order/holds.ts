import { headOf, type OpenPoints, type OrderItem } from '@lochmoor/core'

/** What should be cleared before money is spent: repairs, whatever fails anywhere, what this order lacks or cannot judge. */
export const holdsOf = ({ repairs, verdicts }: OpenPoints, items: readonly OrderItem[]): string[] => [
  ...repairs.map((r) => `repair first: ${r.step}`),
  ...verdicts
    .filter(({ station, verdict: v }) => v.state === 'stop' || (station === 'fuel' && v.state === 'unknown'))
    .map(({ verdict }) => verdict.title),
  ...items.filter((i) => i.state === 'stop').map((i) => `missing: ${i.what.toLowerCase()}`),
]

/** Everything that stood open, as the log book keeps it. */
export const stoodOpen = ({ repairs, verdicts, notBegun }: OpenPoints, items: readonly OrderItem[]): string[] => [
  ...repairs.map((r) => `repair first: ${r.step}`),
  ...verdicts.map(({ station, verdict }) => `${headOf(station).title.toLowerCase()}: ${verdict.title}`),
  ...items.filter((i) => i.state === 'stop').map((i) => `missing: ${i.what.toLowerCase()}`),
  ...notBegun.map((id) => `${headOf(id).title.toLowerCase()}: not started`),
]

/** As many points as an entry of the log book holds; what is left over is counted, not dropped in silence. */
export const listWithin = (points: readonly string[], most: number): string => {
  const whole = points.join('; ')
  if (whole.length <= most) return whole
  let list = ''
  for (const [i, point] of points.entries()) {
    const next = i === 0 ? point : `${list}; ${point}`
    const left = points.length - i - 1
    const tail = left > 0 ? `; and ${left} more` : ''
    if (next.length + tail.length > most) return `${list}; and ${points.length - i} more`
    list = next
  }
  return list
}
