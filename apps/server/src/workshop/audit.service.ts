import type { AuditTrail } from '@lochmoor/contract'
import { Injectable } from '@nestjs/common'
import { DataSource, MoreThan } from 'typeorm'
import { AuditEntity } from './audit.entity.ts'

export type AuditEvent =
  | 'first-owner'
  | 'signed-in'
  | 'sign-in-failed'
  | 'signed-out'
  | 'signed-out-everywhere'
  | 'password-changed'
  | 'invited'
  | 'invitation-accepted'
  | 'role-changed'
  | 'deactivated'
  | 'activated'
  | 'guest-link-made'
  | 'guest-link-ended'
  | 'guest-opened'
  | 'job-deleted'

export interface AuditLine {
  readonly workshopId: string | null
  readonly event: AuditEvent
  readonly who: string
  readonly about?: string
  readonly address: string
}

const MOST_SHOWN = 300

@Injectable()
export class AuditService {
  constructor(private readonly database: DataSource) {}

  async note({ workshopId, event, who, about = '', address }: AuditLine): Promise<void> {
    await this.database
      .getRepository(AuditEntity)
      .insert({ workshopId, event, who, about: about.slice(0, 200), address, at: new Date() })
  }

  /** Failed sign-ins since a time, by address of the account and by address of the machine. */
  async failuresSince(since: Date, who: string, address: string): Promise<{ byWho: number; byAddress: number }> {
    const repository = this.database.getRepository(AuditEntity)
    const event = 'sign-in-failed'
    const [byWho, byAddress] = await Promise.all([
      repository.countBy({ event, who, at: MoreThan(since) }),
      repository.countBy({ event, address, at: MoreThan(since) }),
    ])
    return { byWho, byAddress }
  }

  async trail(workshopId: string): Promise<AuditTrail> {
    const rows = await this.database
      .getRepository(AuditEntity)
      .find({ where: { workshopId }, order: { id: 'DESC' }, take: MOST_SHOWN })
    return rows.map((r) => ({
      id: r.id,
      at: r.at.toISOString(),
      event: r.event,
      who: r.who,
      about: r.about,
      address: r.address,
    }))
  }
}
