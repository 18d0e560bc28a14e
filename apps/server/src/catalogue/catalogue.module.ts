import { Module } from '@nestjs/common'
import { CatalogueController } from './catalogue.controller.ts'
import { CatalogueRepository } from './catalogue.repository.ts'
import { CatalogueService } from './catalogue.service.ts'

@Module({
  controllers: [CatalogueController],
  providers: [CatalogueRepository, CatalogueService],
  exports: [CatalogueRepository],
})
export class CatalogueModule {}
