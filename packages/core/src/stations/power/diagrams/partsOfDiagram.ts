import type { Diagram } from './diagram.ts'

const counted = (n: number, one: string, many: string): string[] => (n === 0 ? [] : n === 1 ? [one] : [`${n} ${many}`])

/** What must be there to build a drawing, in words: fuses by rating, relays once, diodes, what is put across the coils. */
export const partsOfDiagram = ({ paths }: Diagram): string[] => {
  const items = paths.flatMap((p) => p.items)
  const relays = new Set(items.filter((i) => i.kind === 'coil').map((i) => i.relay))
  const across = items.filter((i) => i.kind === 'coil' && i.note).map((i) => i.note!.split(' ')[0]!)
  return [
    ...items.filter((i) => i.kind === 'fuse').map((i) => `fuse of ${i.note} with holder`),
    ...counted(relays.size, 'relay with socket', 'relays with sockets'),
    ...counted(items.filter((i) => i.kind === 'diode').length, 'diode', 'diodes'),
    ...across.map((what) => `${what} across the coil`),
    ...items.filter((i) => i.kind === 'switch' && i.label !== 'Key').map((i) => i.label.toLowerCase()),
  ]
}
