import { Module } from '@nestjs/common'
import { CatalogueModule } from '../catalogue/catalogue.module.ts'
import { JobsModule } from '../jobs/jobs.module.ts'
import { WorkshopModule } from '../workshop/workshop.module.ts'
import { StorePreparation } from './storePreparation.ts'

@Module({
  imports: [JobsModule, CatalogueModule, WorkshopModule],
  providers: [StorePreparation],
  exports: [StorePreparation],
})
export class StoreModule {}
