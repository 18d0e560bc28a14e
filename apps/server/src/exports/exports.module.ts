import { Module } from '@nestjs/common'
import { JobsModule } from '../jobs/jobs.module.ts'
import { RecordsModule } from '../records/records.module.ts'
import { ExportsController } from './exports.controller.ts'
import { ExportsService } from './exports.service.ts'

@Module({ imports: [JobsModule, RecordsModule], controllers: [ExportsController], providers: [ExportsService] })
export class ExportsModule {}
