import type { JobDocument } from '../job/index.ts'
import type { PartLine } from '../parts/index.ts'
import type { Station } from '../sections/index.ts'
import { STATION_LIST } from '../stations/index.ts'
import { sentenceText, type Figure } from '../verdict/index.ts'

/** A line of the whole job: alike parts of several stations are one. */
export interface MergedPart {
  readonly id: string
  readonly line: PartLine
  readonly stations: readonly Station[]
}

const sum = (a: Figure, b: Figure): Figure => ({ ...a, si: a.si + b.si })

/** What must be bought for the whole job: parts with the same name and specification are one line, their quantities together. */
export const partsOfJob = (job: JobDocument): MergedPart[] => {
  const merged = new Map<string, MergedPart>()
  for (const station of STATION_LIST)
    for (const line of station.parts?.(job) ?? []) {
      const key = [line.name, line.quantity.family, sentenceText(line.specification, {})].join('\n')
      const before = merged.get(key)
      merged.set(
        key,
        before === undefined
          ? { id: `${station.id}-${line.id}`, line, stations: [station.id] }
          : {
              ...before,
              line: {
                ...before.line,
                quantity: sum(before.line.quantity, line.quantity),
                assumed: before.line.assumed || line.assumed,
              },
              stations: before.stations.includes(station.id) ? before.stations : [...before.stations, station.id],
            },
      )
    }
  return [...merged.values()]
}
