import { Module } from '@nestjs/common'
import { CatalogueController } from './catalogue.controller.ts'
import { CatalogueRepository } from './catalogue.repository.ts'

@Module({
  controllers: [CatalogueController],
  providers: [CatalogueRepository],
  exports: [CatalogueRepository],
})
export class CatalogueModule {}
