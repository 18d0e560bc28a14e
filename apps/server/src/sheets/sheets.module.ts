import { Module } from '@nestjs/common'
import { CatalogueModule } from '../catalogue/catalogue.module.ts'
import { JobsModule } from '../jobs/jobs.module.ts'
import { SheetsController } from './sheets.controller.ts'
import { SheetsService } from './sheets.service.ts'

@Module({ imports: [JobsModule, CatalogueModule], controllers: [SheetsController], providers: [SheetsService] })
export class SheetsModule {}
