import { Module } from '@nestjs/common'
import { WorkshopModule } from '../workshop/workshop.module.ts'
import { CatalogueController } from './catalogue.controller.ts'
import { CatalogueRepository } from './catalogue.repository.ts'

@Module({
  imports: [WorkshopModule],
  controllers: [CatalogueController],
  providers: [CatalogueRepository],
  exports: [CatalogueRepository],
})
export class CatalogueModule {}
