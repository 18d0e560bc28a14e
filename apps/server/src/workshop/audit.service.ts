import type { AuditTrail } from '@lochmoor/contract'
import { Injectable } from '@nestjs/common'
import { DataSource } from 'typeorm'
import { AuditEntity } from './audit.entity.ts'

export type AuditEvent =
  | 'first-owner'
  | 'signed-in'
  | 'sign-in-failed'
  | 'signed-out'
  | 'signed-out-everywhere'
  | 'password-changed'
  | 'password-wrong'
  | 'second-factor-set'
  | 'second-factor-removed'
  | 'second-factor-reset'
  | 'second-factor-failed'
  | 'workshop-changed'
  | 'invitation-revoked'
  | 'invited'
  | 'invitation-accepted'
  | 'role-changed'
  | 'deactivated'
  | 'activated'
  | 'guest-link-made'
  | 'guest-link-ended'
  | 'guest-opened'
  | 'job-deleted'
  | 'job-imported'
  | 'job-exported'
  | 'job-archived'
  | 'job-restored'

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

  /** Whether an account was let in from a machine before. */
  hasSignedInFrom(who: string, address: string): Promise<boolean> {
    return this.database.getRepository(AuditEntity).existsBy({ event: 'signed-in', who, address })
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
