import { Module } from '@nestjs/common'
import { CatalogueModule } from '../catalogue/catalogue.module.ts'
import { BoardIndex } from './boardIndex.ts'
import { BoardRepository } from './board.repository.ts'
import { BoardService } from './board.service.ts'
import { GuestLinksController } from './guestLinks.controller.ts'
import { GuestLinksService } from './guestLinks.service.ts'
import { JobsController } from './jobs.controller.ts'
import { JobsRepository } from './jobs.repository.ts'
import { JobsService } from './jobs.service.ts'

@Module({
  imports: [CatalogueModule],
  controllers: [JobsController, GuestLinksController],
  providers: [JobsService, JobsRepository, BoardService, BoardRepository, BoardIndex, GuestLinksService],
  exports: [JobsRepository],
})
export class JobsModule {}
