import { Module, type DynamicModule } from '@nestjs/common'
import { TypeOrmModule } from '@nestjs/typeorm'
import { CatalogueModule } from './catalogue/catalogue.module.ts'
import { databaseOptions } from './database/options.ts'
import { StoreModule } from './database/store.module.ts'
import { ExportsModule } from './exports/exports.module.ts'
import { HealthModule } from './health/health.module.ts'
import { JobsModule } from './jobs/jobs.module.ts'
import { RecordsModule } from './records/records.module.ts'
import { SheetsModule } from './sheets/sheets.module.ts'
import { ThreadsModule } from './threads/threads.module.ts'
import { WorkshopModule } from './workshop/workshop.module.ts'

@Module({})
export class AppModule {
  static on(databaseUrl: string, demo: boolean): DynamicModule {
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot({ ...databaseOptions(databaseUrl), retryAttempts: 20, retryDelay: 500 }),
        ThreadsModule,
        WorkshopModule.for(demo),
        JobsModule,
        RecordsModule,
        ExportsModule,
        SheetsModule,
        CatalogueModule,
        HealthModule,
        StoreModule,
      ],
    }
  }
}
