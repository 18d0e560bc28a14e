import { Global, Module } from '@nestjs/common'
import { WorkPools } from './workPools.ts'

/** What is done beside the thread that answers. */
@Global()
@Module({ providers: [WorkPools], exports: [WorkPools] })
export class ThreadsModule {}
