import { Module } from '@nestjs/common'
import { WorkshopModule } from '../workshop/workshop.module.ts'
import { JobsController } from './jobs.controller.ts'
import { JobsRepository } from './jobs.repository.ts'
import { JobsService } from './jobs.service.ts'

@Module({
  imports: [WorkshopModule],
  controllers: [JobsController],
  providers: [JobsService, JobsRepository],
  exports: [JobsRepository],
})
export class JobsModule {}
