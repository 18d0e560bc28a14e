import type { JobDocument } from '../../job/index.ts'
import type { PartLine } from '../../parts/index.ts'
import { fig, say } from '../../verdict/index.ts'

const WHY = {
  seized: 'seized: it may shear',
  rounded: 'rounded',
  stripped: 'thread stripped: a size up or an insert',
  missing: 'missing',
} as const

/** Spares for what will not survive coming out, or was not there. */
export const partsOfWalkAround = (job: JobDocument): PartLine[] => [
  ...job.walkAround.reach.fasteners.map((f): PartLine => ({
    id: `fastener-${f.id}`,
    what: 'fastener',
    name: f.name,
    quantity: fig(f.count ?? 1, 'count'),
    specification: say`as the old one, thread and length measured`,
    why: WHY[f.state],
    assumed: f.count === null,
  })),
  ...(job.walkAround.means.crimpTools === false
    ? [
        {
          id: 'crimp-tool',
          what: 'tool',
          name: 'Ratchet crimp tool',
          quantity: fig(1, 'count'),
          specification: say`with the die of the terminal family`,
          why: 'none there',
          assumed: false,
        },
      ]
    : []),
]
