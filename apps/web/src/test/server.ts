import { SECTION_NAMES, type SectionName } from '@lochmoor/contract'
import { withValueAt, type JobDocument, type LogRecord } from '@lochmoor/core'
import { reply } from './session.ts'

interface Stored {
  version: number
  value: unknown
}

/** A server of one job in the test's own memory, with versions, stale answers, and a line that can be cut. */
export class FakeServer {
  readonly sections = {} as Record<SectionName, Stored>
  readonly records: (LogRecord & { readonly by: string })[] = []
  /** Sections that were taken, with who sent them and what stood there before. */
  readonly writes: { section: SectionName; by: string; value: unknown; base: unknown }[] = []
  /** What came in, in order. */
  readonly log: string[] = []
  down = false
  /** Takes the next write but loses its answer. */
  loseNextAnswer = false
  /** Ends before it has written what comes next, as when it is killed and started again. */
  diesBeforeWriting = false
  /** Refuses every section with this sentence. */
  refuseSection: string | null = null
  /** Takes nothing for now, and says so by this code. */
  notNow: string | null = null
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

  /** As somebody else would measure it, who enters it in the book as well. */
  measureElsewhere(path: string, si: number): void {
    const [section, ...rest] = path.split('.') as [SectionName, ...string[]]
    this.changeElsewhere(section, (v) => withValueAt<unknown>(v, rest.join('.'), si))
    const at = new Date().toISOString()
    const words = { quantity: path, family: null, text: '', place: '', condition: '', instrument: '' }
    const body = { kind: 'measurement' as const, si, field: path, ...words }
    this.records.push({ id: crypto.randomUUID(), at, storedAt: at, who: 'U', importedBy: null, by: 'elsewhere', body, corrects: null, withdraws: false }) // prettier-ignore
  }

  private answer(url: string, { method = 'GET', body, headers }: RequestInit): Promise<Response> {
    if (this.down) return Promise.reject(new TypeError('away'))
    const savedAt = '2026-01-02T10:00:00.000Z'
    const by = new Headers(headers).get('x-lochmoor-csrf') ?? ''
    if (this.diesBeforeWriting && method !== 'GET') {
      this.diesBeforeWriting = false
      return Promise.reject(new TypeError('the connection was reset'))
    }
    if (this.notNow && method !== 'GET') return reply(403, { code: this.notNow, message: 'Not now.' })
    const section = /\/sections\/(\w+)$/.exec(url)?.[1] as SectionName | undefined
    if (method === 'PUT' && section) {
      const { baseVersion, value } = JSON.parse(body as string) as { baseVersion: number; value: unknown }
      const stored = this.sections[section]
      this.log.push(`${section} on ${baseVersion}`)
      if (this.refuseSection) return reply(400, { code: 'refused', message: this.refuseSection })
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
      const record = JSON.parse(body as string) as LogRecord
      this.log.push(`${record.withdraws ? 'withdrawal' : 'record'} ${record.body.kind}`)
      if (this.refuseRecord) return reply(409, { code: 'idTaken', message: this.refuseRecord })
      // As the server does: the same entry again is the same entry.
      if (!this.records.some((r) => r.id === record.id))
        this.records.push({ ...record, who: 'T', importedBy: null, storedAt: savedAt, by })
      if (this.loseNextAnswer) {
        this.loseNextAnswer = false
        return Promise.reject(new TypeError('lost'))
      }
      return reply(201, { ...record, who: 'T', importedBy: null, storedAt: savedAt })
    }
    const asked = new URL(url, 'http://here')
    if (method === 'GET' && asked.pathname.endsWith('/records')) {
      const field = asked.searchParams.get('field')
      const records = this.records.filter(({ body: b }) => b.kind === 'measurement' && b.field === field).reverse()
      return reply(200, { records: records.map(({ by: _by, ...r }) => r), total: records.length, next: null })
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
