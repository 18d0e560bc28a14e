import fc from 'fast-check'
import { emptyJob, type JobDocument } from '../../../job/index.ts'
import { withValueAt } from '../../../shape/index.ts'
import { WALK_GROUPS, type WalkEntry } from '../../../meaning/index.ts'
import { FITNESS_TESTS } from '../index.ts'

export const ENTRIES: readonly WalkEntry[] = [
  ...WALK_GROUPS.flatMap((g) => g.entries),
  ...FITNESS_TESTS.flatMap((t) => t.entries),
]

/** Plausible figures by the unit that ends a field's name. */
const figureFor = (path: string): fc.Arbitrary<number> => {
  if (/cylinders$/.test(path)) return fc.integer({ min: 1, max: 16 })
  if (/[yY]ear$/.test(path)) return fc.integer({ min: 1900, max: 2000 })
  if (/freeFuses$/.test(path)) return fc.integer({ min: 0, max: 10 })
  if (/Ratio$/.test(path)) return fc.double({ min: 0.5, max: 12, noNaN: true })
  if (/M3$/.test(path)) return fc.double({ min: 0.5e-3, max: 0.1, noNaN: true })
  if (/[a-z]Rpm$/.test(path) && !/cranking/.test(path)) return fc.double({ min: 600, max: 2500, noNaN: true })
  if (/Pa$/.test(path)) return fc.double({ min: 0, max: 95e3, noNaN: true })
  if (/V$/.test(path)) return fc.double({ min: 0, max: 16, noNaN: true })
  if (/S$/.test(path)) return fc.double({ min: 0, max: 1e9, noNaN: true })
  if (/Kg$/.test(path)) return fc.double({ min: 400, max: 3000, noNaN: true })
  if (/K$/.test(path)) return fc.double({ min: 330, max: 370, noNaN: true })
  if (/M$/.test(path)) return fc.double({ min: 0.001, max: 0.5, noNaN: true })
  return fc.double({ min: 0, max: 60, noNaN: true })
}

const valueFor = (entry: WalkEntry): fc.Arbitrary<unknown> => {
  switch (entry.kind) {
    case 'figure':
      return figureFor(entry.path)
    case 'choice':
      return fc.constantFrom(...entry.options.map(([v]) => v))
    case 'seen':
      return fc.boolean()
    case 'text':
      return fc.constantFrom('1-3-4-2', '1-5-3-6-2-4', 'nonsense', '')
    case 'list':
      return fc.array(fc.option(fc.double({ min: 0, max: 1, noNaN: true })), { maxLength: 8 })
    case 'set':
      return fc.uniqueArray(fc.constantFrom(...entry.options.map(([v]) => v)), { maxLength: entry.options.length })
    case 'fact':
      return fc.constantFrom('', 'M. Birkett')
    case 'rows':
      return fc.constant([])
  }
}

/** A car of which anything may be known or not. */
export const arbWalkedJob: fc.Arbitrary<JobDocument> = fc
  .tuple(...ENTRIES.map((e) => fc.option(valueFor(e))))
  .map((values) =>
    values.reduce<JobDocument>((job, value, i) => {
      const entry = ENTRIES[i]!
      const empty =
        entry.kind === 'list' || entry.kind === 'set' || entry.kind === 'rows'
          ? []
          : entry.kind === 'fact'
            ? ''
            : entry.path === 'vehicle.aspiration'
              ? 'natural'
              : null
      return withValueAt(job, entry.path, value ?? empty)
    }, emptyJob('random')),
  )
