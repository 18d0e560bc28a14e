import { Module } from '@nestjs/common'
import { WorkshopService } from './workshop.service.ts'

@Module({ providers: [WorkshopService], exports: [WorkshopService] })
export class WorkshopModule {}
