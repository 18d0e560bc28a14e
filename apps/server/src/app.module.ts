import { Module, type DynamicModule } from '@nestjs/common'
import { TypeOrmModule } from '@nestjs/typeorm'
import { CatalogueModule } from './catalogue/catalogue.module.ts'
import { databaseOptions } from './database/options.ts'
import { StoreModule } from './database/store.module.ts'
import { HealthModule } from './health/health.module.ts'
import { JobsModule } from './jobs/jobs.module.ts'
import { WorkshopModule } from './workshop/workshop.module.ts'

@Module({})
export class AppModule {
  static on(databaseUrl: string): DynamicModule {
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot({ ...databaseOptions(databaseUrl), retryAttempts: 20, retryDelay: 500 }),
        WorkshopModule,
        JobsModule,
        CatalogueModule,
        HealthModule,
        StoreModule,
      ],
    }
  }
}
