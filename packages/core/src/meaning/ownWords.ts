import { JOB, type JobDocument } from '../job/jobDocument.ts'
import type { Node } from '../shape/index.ts'

/** Names that the program itself gives to the pieces of an exhaust; whoever keeps them has written nothing. */
const GIVEN_NAMES = new Set(['Silencer', 'Tail pipe', 'Open end', 'Down pipe', 'Catalyst', 'Pipe to the tail'])

const textsOf = (node: Node, value: unknown): string[] => {
  if (value === null || value === undefined) return []
  switch (node.is) {
    case 'text':
      return [value as string]
    case 'part':
      return [(value as { name: string }).name]
    case 'group':
      return Object.entries(node.fields).flatMap(([key, field]) =>
        textsOf(field, (value as Record<string, unknown>)[key]),
      )
    case 'maybe':
      return textsOf(node.of, value)
    case 'list':
      return (value as unknown[]).flatMap((item) => textsOf(node.item, item))
    case 'seats':
      return Object.values(value).flatMap((seat) => textsOf(node.seat, seat))
    default:
      return []
  }
}

/**
 * What a person has written in a job, and the names of its parts: the name of the car, of pieces, legs and obstacles,
 * reasons. Whoever puts the texts of the program into another English leaves these letter for letter.
 */
export const ownWords = (job: JobDocument): string[] => [
  ...new Set(textsOf(JOB, job).filter((text) => text !== '' && !GIVEN_NAMES.has(text))),
]
