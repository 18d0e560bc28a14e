import { randomUUID } from 'node:crypto'
import type { GuestLinkMade, GuestLinks } from '@lochmoor/contract'
import { counted, err, ok, type Result } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, MoreThan } from 'typeorm'
import { AuditService } from '../workshop/audit.service.ts'
import type { PersonCaller } from '../workshop/caller.ts'
import { GuestLinkEntity } from '../workshop/guestLink.entity.ts'
import { hashOfToken, newToken } from '../workshop/secrets.ts'
import { JobsRepository } from './jobs.repository.ts'
import type { JobError } from './jobs.service.ts'

const DAY_MS = 86_400_000

/** Links by which a guest reads one job. The link itself is told once and stored as a hash. */
@Injectable()
export class GuestLinksService {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsRepository,
    private readonly audit: AuditService,
  ) {}

  async list(workshopId: string, jobId: string): Promise<Result<GuestLinks, JobError>> {
    if (!(await this.jobs.exists(workshopId, jobId))) return err({ code: 'noSuchJob' })
    const rows = await this.database
      .getRepository(GuestLinkEntity)
      .find({ where: { workshopId, jobId, expiresAt: MoreThan(new Date()) }, order: { expiresAt: 'ASC' } })
    return ok(
      rows.map(({ id, createdAt, expiresAt, createdBy }) => ({
        id,
        createdAt: createdAt.toISOString(),
        expiresAt: expiresAt.toISOString(),
        createdBy,
      })),
    )
  }

  async make(
    caller: PersonCaller,
    jobId: string,
    days: number,
    address: string,
  ): Promise<Result<GuestLinkMade, JobError>> {
    const { workshopId, name, email, personId } = caller
    if (!(await this.jobs.exists(workshopId, jobId))) return err({ code: 'noSuchJob' })
    const [id, token, createdAt] = [randomUUID(), newToken(), new Date()]
    const expiresAt = new Date(createdAt.getTime() + days * DAY_MS)
    await this.database.getRepository(GuestLinkEntity).insert({
      id,
      workshopId,
      jobId,
      tokenHash: hashOfToken(token),
      createdBy: name,
      createdById: personId,
      createdAt,
      expiresAt,
    })
    await this.audit.note({
      workshopId,
      event: 'guest-link-made',
      who: email,
      about: `job ${jobId}, ${counted(days, 'day')}`,
      address,
    })
    return ok({ id, path: `/guest/${token}`, expiresAt: expiresAt.toISOString() })
  }

  /** Ends a link and the visits that came by it. */
  async end(caller: PersonCaller, jobId: string, linkId: string, address: string): Promise<Result<null, JobError>> {
    const { workshopId, email } = caller
    const { affected } = await this.database.getRepository(GuestLinkEntity).delete({ workshopId, jobId, id: linkId })
    if (affected !== 1) return err({ code: 'noSuchJob' })
    await this.audit.note({ workshopId, event: 'guest-link-ended', who: email, about: `job ${jobId}`, address })
    return ok(null)
  }
}
