import { Injectable } from '@nestjs/common'
import { DataSource } from 'typeorm'
import { CatalogueRepository } from '../catalogue/catalogue.repository.ts'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { DemoStore } from '../demo/demoStore.ts'
import { DocumentUpgrade } from './documentUpgrade.ts'

const LOCK = 'lochmoor-prepare'
/** Another server that really prepares may take long on a busy machine; one that died has let go of the lock. */
const LOCK_WAIT_S = 600

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
      await this.database.runMigrations({ transaction: 'none' })
      await this.catalogue.storeStock(STOCK_CATALOGUE)
      await this.documents.run()
      if (demo) await this.demoStore.fill()
    } finally {
      await holder.query('select release_lock(?)', [LOCK])
      await holder.release()
    }
  }
}
