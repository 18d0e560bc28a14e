import { Health } from '@lochmoor/contract'
import { Controller, Get, Res } from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import type { Response } from 'express'
import { DataSource } from 'typeorm'
import { answersWithin, healthOf } from '../http/databasePatience.ts'
import { Answers } from '../http/answers.decorator.ts'
import { Open } from '../workshop/caller.ts'

const PATIENCE_MS = 1500

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Open()
  @Answers({ 200: Health, 503: Health })
  async health(@Res({ passthrough: true }) response: Response): Promise<Health> {
    const up = await answersWithin(() => this.database.query('select 1'), PATIENCE_MS)
    // Whoever has started this server knows it by its mark.
    response.setHeader('x-lochmoor-mark', process.env['LOCHMOOR_MARK'] ?? '')
    response.status(up ? 200 : 503)
    return healthOf(up)
  }
}
