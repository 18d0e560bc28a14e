import { isDeepStrictEqual } from 'node:util'
import { partHeaders, partToCells, type PartKind, type PartUses } from '@lochmoor/contract'
import { err, ok, pumpSanity, type Part, type PumpPart, type Result } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import Papa from 'papaparse'
import { CatalogueRepository } from './catalogue.repository.ts'

export type PartError =
  | { readonly code: 'noSuchPart' }
  | { readonly code: 'partInUse'; readonly jobs: readonly string[] }
  | { readonly code: 'badPump'; readonly problems: readonly { readonly field: string; readonly says: string }[] }

/** Every object within a value that carries this id. */
const copiesIn = (value: unknown, id: string): object[] => {
  if (typeof value !== 'object' || value === null) return []
  const inside = Object.values(value).flatMap((v) => copiesIn(v, id))
  return (value as { id?: unknown }).id === id ? [value, ...inside] : inside
}

/** The workshop's own parts. Jobs keep copies, so a change here changes no job. */
@Injectable()
export class CatalogueService {
  constructor(private readonly parts: CatalogueRepository) {}

  async store(workshopId: string, kind: PartKind, parts: readonly Part[]): Promise<Result<number, PartError>> {
    if (kind === 'pumps') {
      const problems = (parts as PumpPart[]).flatMap((pump, i) =>
        pumpSanity(pump.tables)
          .filter((d) => d.severity === 'wrong')
          .map((d) => ({ field: parts.length > 1 ? `parts.${i}.${d.field}` : d.field, says: d.says })),
      )
      if (problems.length > 0) return err({ code: 'badPump', problems })
    }
    await this.parts.storeOwn(workshopId, kind, parts)
    return ok(parts.length)
  }

  /** A part in use cannot vanish: the jobs that hold it are named. */
  async remove(workshopId: string, kind: PartKind, partId: string): Promise<Result<true, PartError>> {
    const part = await this.parts.findOwn(workshopId, kind, partId)
    if (!part) return err({ code: 'noSuchPart' })
    const { jobs } = await this.usesOf(workshopId, part)
    if (jobs.length > 0) return err({ code: 'partInUse', jobs: jobs.map((j) => j.title) })
    await this.parts.removeOwn(workshopId, kind, partId)
    return ok(true)
  }

  async uses(workshopId: string, kind: PartKind, partId: string): Promise<Result<PartUses, PartError>> {
    const part = (await this.parts.list(workshopId, kind)).find((p) => p.id === partId)
    return part ? ok(await this.usesOf(workshopId, part)) : err({ code: 'noSuchPart' })
  }

  private async usesOf(workshopId: string, part: Part): Promise<PartUses> {
    const sections = await this.parts.sectionsWith(workshopId, part.id)
    const jobs = new Map<string, PartUses['jobs'][number]>()
    for (const { id, title, value } of sections) {
      const copies = copiesIn(typeof value === 'string' ? JSON.parse(value) : value, part.id)
      if (copies.length === 0) continue
      const differs = copies.some((c) => !isDeepStrictEqual({ ...c }, { ...part }))
      jobs.set(id, { id, title, differs: differs || (jobs.get(id)?.differs ?? false) })
    }
    return { jobs: [...jobs.values()] }
  }

  async csv(workshopId: string, kind: PartKind): Promise<string> {
    const parts = await this.parts.list(workshopId, kind)
    return Papa.unparse(
      { fields: partHeaders(kind), data: parts.map((p) => partToCells(kind, p)) },
      { newline: '\r\n', escapeFormulae: true },
    )
  }
}
