import { Injectable } from '@nestjs/common'
import { DataSource } from 'typeorm'
import { CatalogueRepository } from '../catalogue/catalogue.repository.ts'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { DEMO_JOBS, DEMO_WORKSHOP } from '../demo/demoJobs.ts'
import { JobsRepository } from '../jobs/jobs.repository.ts'
import { WorkshopService } from '../workshop/workshop.service.ts'

const LOCK = 'lochmoor-prepare'
const LOCK_WAIT_S = 60

/** Brings the store up to this version before the first request. Safe with several servers starting at once. */
@Injectable()
export class StorePreparation {
  constructor(
    private readonly database: DataSource,
    private readonly catalogue: CatalogueRepository,
    private readonly jobs: JobsRepository,
    private readonly workshops: WorkshopService,
  ) {}

  async prepare({ demo }: { demo: boolean }): Promise<void> {
    const holder = this.database.createQueryRunner()
    try {
      const [row] = (await holder.query('select get_lock(?, ?) as held', [LOCK, LOCK_WAIT_S])) as { held: unknown }[]
      if (Number(row?.held) !== 1) throw new Error('another server has been preparing the store for over a minute')
      await this.database.runMigrations({ transaction: 'none' })
      await this.catalogue.storeStock(STOCK_CATALOGUE)
      const workshopId = demo
        ? await this.workshops.ensure(DEMO_WORKSHOP.id, DEMO_WORKSHOP.name)
        : await this.workshops.ensure()
      if (demo && (await this.jobs.list(workshopId)).length === 0)
        for (const { id, document } of DEMO_JOBS) await this.jobs.create(workshopId, document, id)
    } finally {
      await holder.query('select release_lock(?)', [LOCK])
      await holder.release()
    }
  }
}
