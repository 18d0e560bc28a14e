import { SECTION_NAMES, type SectionName } from '@lochmoor/contract'
import type { JobDocument } from '@lochmoor/core'
import { reply } from './session.ts'

interface Stored {
  version: number
  value: unknown
}

/** A server of one job in the test's own memory, with versions, stale answers, and a line that can be cut. */
export class FakeServer {
  readonly sections = {} as Record<SectionName, Stored>
  readonly records: { id: string; body: { kind: string; text?: string }; by: string }[] = []
  /** Sections that were taken, with who sent them and what stood there before. */
  readonly writes: { section: SectionName; by: string; value: unknown; base: unknown }[] = []
  /** What came in, in order. */
  readonly log: string[] = []
  down = false
  /** Takes the next write but loses its answer. */
  loseNextAnswer = false
  /** Refuses the next record with this sentence. */
  refuseRecord: string | null = null

  constructor(
    readonly jobId: string,
    document: JobDocument,
  ) {
    for (const s of SECTION_NAMES) this.sections[s] = { version: 1, value: document[s] }
    globalThis.fetch = (url, init) => this.answer(url as string, init ?? {})
  }

  /** As somebody else would change it. */
  changeElsewhere(section: SectionName, change: (value: never) => unknown): void {
    const { version, value } = this.sections[section]
    this.sections[section] = { version: version + 1, value: change(value as never) }
  }

  private answer(url: string, { method = 'GET', body, headers }: RequestInit): Promise<Response> {
    if (this.down) return Promise.reject(new TypeError('away'))
    const savedAt = '2026-01-02T10:00:00.000Z'
    const by = new Headers(headers).get('x-lochmoor-csrf') ?? ''
    const section = /\/sections\/(\w+)$/.exec(url)?.[1] as SectionName | undefined
    if (method === 'PUT' && section) {
      const { baseVersion, value } = JSON.parse(body as string) as { baseVersion: number; value: unknown }
      const stored = this.sections[section]
      this.log.push(`${section} on ${baseVersion}`)
      if (stored.version !== baseVersion)
        return reply(409, {
          code: 'stale',
          message: 'stale',
          current: { version: stored.version, savedAt, value: stored.value },
        })
      this.writes.push({ section, by, value, base: stored.value })
      this.sections[section] = { version: baseVersion + 1, value }
      if (this.loseNextAnswer) {
        this.loseNextAnswer = false
        return Promise.reject(new TypeError('lost'))
      }
      return reply(200, { version: baseVersion + 1, savedAt })
    }
    if (method === 'POST' && url.endsWith('/records')) {
      const record = JSON.parse(body as string) as { id: string; body: { kind: string; text?: string } }
      this.log.push(`record ${record.body.kind}`)
      if (this.refuseRecord) return reply(409, { code: 'idTaken', message: this.refuseRecord })
      // As the server does: the same entry again is the same entry.
      if (!this.records.some((r) => r.id === record.id)) this.records.push({ ...record, by })
      if (this.loseNextAnswer) {
        this.loseNextAnswer = false
        return Promise.reject(new TypeError('lost'))
      }
      return reply(201, { ...record, who: 'T', storedAt: savedAt })
    }
    if (url.endsWith(`/jobs/${this.jobId}`))
      return reply(200, {
        id: this.jobId,
        archivedAt: null,
        stateSince: savedAt,
        sections: Object.fromEntries(Object.entries(this.sections).map(([s, v]) => [s, { ...v, savedAt }])),
      })
    return reply(404, { code: 'notFound', message: `nothing at ${method} ${url}` })
  }
}
