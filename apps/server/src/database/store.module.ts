import { Module } from '@nestjs/common'
import { CatalogueModule } from '../catalogue/catalogue.module.ts'
import { DemoStore } from '../demo/demoStore.ts'
import { JobsModule } from '../jobs/jobs.module.ts'
import { RecordsModule } from '../records/records.module.ts'
import { DocumentUpgrade } from './documentUpgrade.ts'
import { StorePreparation } from './storePreparation.ts'

@Module({
  imports: [JobsModule, RecordsModule, CatalogueModule],
  providers: [StorePreparation, DocumentUpgrade, DemoStore],
  exports: [StorePreparation],
})
export class StoreModule {}
