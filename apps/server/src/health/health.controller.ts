import { Health } from '@lochmoor/contract'
import { Controller, Get, Res } from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import type { Response } from 'express'
import { DataSource } from 'typeorm'
import { Answers } from '../http/answers.decorator.ts'
import { VERSION } from '../version.ts'
import { Open } from '../workshop/caller.ts'

const PATIENCE_MS = 2000

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Open()
  @Answers({ 200: Health, 503: Health })
  async health(@Res({ passthrough: true }) response: Response): Promise<Health> {
    const up = await this.databaseAnswers()
    response.status(up ? 200 : 503)
    return {
      status: up ? 'up' : 'down',
      database: up ? 'up' : 'down',
      version: VERSION,
      uptimeS: Math.round(process.uptime()),
    }
  }

  private async databaseAnswers(): Promise<boolean> {
    const late = new Promise<false>((resolve) => setTimeout(resolve, PATIENCE_MS, false).unref())
    const asked = this.database.query('select 1').then(
      () => true,
      () => false,
    )
    return Promise.race([asked, late])
  }
}
