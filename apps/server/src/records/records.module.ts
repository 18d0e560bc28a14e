import { Module } from '@nestjs/common'
import { JobsModule } from '../jobs/jobs.module.ts'
import { PhotosRepository } from './photos.repository.ts'
import { RecordsController } from './records.controller.ts'
import { RecordsRepository } from './records.repository.ts'
import { RecordsService } from './records.service.ts'

@Module({
  imports: [JobsModule],
  controllers: [RecordsController],
  providers: [RecordsService, RecordsRepository, PhotosRepository],
  exports: [RecordsRepository, PhotosRepository],
})
export class RecordsModule {}
