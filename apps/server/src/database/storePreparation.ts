import { JOB_SCHEMA_VERSION } from '@lochmoor/contract'
import { Injectable } from '@nestjs/common'
import { DataSource } from 'typeorm'
import { CatalogueRepository } from '../catalogue/catalogue.repository.ts'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { DemoStore } from '../demo/demoStore.ts'
import { VERSION } from '../version.ts'
import { DocumentUpgrade } from './documentUpgrade.ts'

const LOCK = 'lochmoor-prepare'
/** Another server that really prepares may take long on a busy machine; one that died has let go of the lock. */
const LOCK_WAIT_S = 600

/** The data were written by a later version of Lochmoor. */
export class NewerStore extends Error {
  constructor(version: string, documentVersion: number) {
    super(
      `these data were written by a newer Lochmoor (version ${version}, documents of version ${documentVersion}); this is ${VERSION} (documents of version ${JOB_SCHEMA_VERSION}). Start the newer one, or restore a backup made by this one. Nothing was changed.`,
    )
  }
}

/** Brings the store up to this version before the first request. Safe with several servers starting at once. */
@Injectable()
export class StorePreparation {
  constructor(
    private readonly database: DataSource,
    private readonly catalogue: CatalogueRepository,
    private readonly documents: DocumentUpgrade,
    private readonly demoStore: DemoStore,
  ) {}

  async prepare({ demo }: { demo: boolean }): Promise<void> {
    const holder = this.database.createQueryRunner()
    try {
      const [row] = (await holder.query('select get_lock(?, ?) as held', [LOCK, LOCK_WAIT_S])) as { held: unknown }[]
      if (Number(row?.held) !== 1) throw new Error('another server has been preparing the store for over ten minutes')
      await this.refuseNewer()
      await this.database.runMigrations({ transaction: 'none' })
      await this.catalogue.storeStock(STOCK_CATALOGUE)
      await this.documents.run()
      if (demo) await this.demoStore.fill()
      await this.database.query(
        'insert into written_by (version, document_version, at) values (?, ?, now(6)) on duplicate key update document_version = values(document_version), at = values(at)',
        [VERSION, JOB_SCHEMA_VERSION],
      )
    } finally {
      await holder.query('select release_lock(?)', [LOCK])
      await holder.release()
    }
  }

  /** What a newer version has written this one would read wrongly, and write back wrongly. */
  private async refuseNewer(): Promise<void> {
    const has = async (table: string) =>
      Number(
        await this.one(`select count(*) as n from information_schema.tables
        where table_schema = database() and table_name = '${table}'`),
      ) > 0
    const known = new Set(this.database.migrations.map((m) => m.name ?? m.constructor.name))
    const applied = (await has('migrations'))
      ? await this.database.query<{ name: string }[]>('select name from migrations')
      : []
    const written = (await has('job_section'))
      ? Number(await this.one('select coalesce(max(schema_version), 0) as n from job_section'))
      : 0
    if (applied.every((m) => known.has(m.name)) && written <= JOB_SCHEMA_VERSION) return
    const [by] = (await has('written_by'))
      ? await this.database.query<{ version: string }[]>('select version from written_by order by at desc limit 1')
      : []
    throw new NewerStore(by?.version ?? 'unknown', Math.max(written, JOB_SCHEMA_VERSION))
  }

  private async one(sql: string): Promise<unknown> {
    const [row] = await this.database.query<{ n: unknown }[]>(sql)
    return row?.n
  }
}
