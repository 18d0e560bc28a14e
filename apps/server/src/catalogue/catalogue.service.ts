import { isDeepStrictEqual } from 'node:util'
import {
  PART_KINDS,
  partHeaders,
  partToCells,
  type PartKind,
  type PartUses,
  type SectionName,
} from '@lochmoor/contract'
import { err, ok, PARTS_HELD, pumpSanity, type Part, type PumpPart, type Result } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import Papa from 'papaparse'
import { FORMULA } from '../http/csv.ts'
import { CatalogueRepository } from './catalogue.repository.ts'

export type PartError =
  | { readonly code: 'noSuchPart' }
  | { readonly code: 'partInUse'; readonly jobs: readonly string[] }
  | { readonly code: 'badPump'; readonly problems: readonly { readonly field: string; readonly says: string }[] }

/** What stands at a path of the shape; "*" is every item of a list. */
const at = (value: unknown, [key, ...rest]: readonly string[]): unknown[] => {
  if (key === undefined) return [value]
  if (typeof value !== 'object' || value === null) return []
  const next = key === '*' ? Object.values(value) : [(value as Record<string, unknown>)[key]]
  return next.flatMap((v) => at(v, rest))
}

/** The copies of a part that a section holds, wherever parts of its kind can stand. */
const copiesIn = (section: SectionName, value: unknown, kind: PartKind, id: string): object[] =>
  PARTS_HELD.filter((held) => held.kind === kind && held.section === section)
    .flatMap((held) => at(value, held.path.split('.').slice(1)))
    .filter((v): v is { id: string } => typeof v === 'object' && v !== null && (v as { id?: unknown }).id === id)

/** The workshop's own parts. Jobs keep copies, so a change here changes no job. */
@Injectable()
export class CatalogueService {
  constructor(private readonly parts: CatalogueRepository) {}

  async store(workshopId: string, kind: PartKind, parts: readonly Part[]): Promise<Result<number, PartError>> {
    if (kind === 'pumps') {
      const problems = (parts as PumpPart[]).flatMap((pump, i) =>
        pumpSanity(pump)
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
    const { jobs } = await this.usesOf(workshopId, kind, part)
    if (jobs.length > 0) return err({ code: 'partInUse', jobs: jobs.map((j) => j.title) })
    await this.parts.removeOwn(workshopId, kind, partId)
    return ok(true)
  }

  async uses(workshopId: string, kind: PartKind, partId: string): Promise<Result<PartUses, PartError>> {
    const part = (await this.parts.list(workshopId, kind)).find((p) => p.id === partId)
    return part ? ok(await this.usesOf(workshopId, kind, part)) : err({ code: 'noSuchPart' })
  }

  private async usesOf(workshopId: string, kind: PartKind, part: Part): Promise<PartUses> {
    const sections = await this.parts.sectionsWith(workshopId, part.id)
    const jobs = new Map<string, PartUses['jobs'][number]>()
    for (const { id, title, section, value } of sections) {
      const copies = copiesIn(section, typeof value === 'string' ? JSON.parse(value) : value, kind, part.id)
      if (copies.length === 0) continue
      const differs = copies.some((c) => !isDeepStrictEqual({ ...c }, { ...part }))
      jobs.set(id, { id, title, differs: differs || (jobs.get(id)?.differs ?? false) })
    }
    return { jobs: [...jobs.values()] }
  }

  /**
   * What a guest of a job may know of the catalogue: the parts that ship with Lochmoor, which belong to nobody and are
   * judged with, and of the workshop's own those that stand in the job.
   */
  async ofJob(workshopId: string, jobId: string): Promise<Record<PartKind, readonly Part[]>> {
    const [sections, stock] = await Promise.all([this.parts.sectionsOf(workshopId, jobId), this.parts.stock()])
    const held = (kind: PartKind) =>
      PARTS_HELD.filter((h) => h.kind === kind).flatMap((h) => {
        const [section, ...path] = h.path.split('.')
        return sections.filter((s) => s.section === section).flatMap((s) => at(s.value, path))
      })
    const own = (kind: PartKind) => {
      const shipped = new Set(stock[kind].map((p) => p.id))
      const real = held(kind).filter((p): p is Part => typeof p === 'object' && p !== null && 'id' in p)
      return [...new Map(real.filter((p) => !shipped.has(p.id)).map((p) => [p.id, p])).values()]
    }
    const lists = PART_KINDS.map((kind) => [kind, [...stock[kind], ...own(kind)]])
    return Object.fromEntries(lists) as Record<PartKind, readonly Part[]>
  }

  async csv(workshopId: string, kind: PartKind): Promise<string> {
    const parts = await this.parts.list(workshopId, kind)
    return Papa.unparse(
      { fields: partHeaders(kind), data: parts.map((p) => partToCells(kind, p)) },
      { newline: '\r\n', escapeFormulae: FORMULA },
    )
  }
}
