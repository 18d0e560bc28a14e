import type { PersonRole } from '@lochmoor/contract'
import { Column, Entity, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'

@Entity('invitation')
export class InvitationEntity {
  @PrimaryColumn({ type: 'char', length: 36 })
  id: string

  @Column({ name: 'workshop_id', type: 'char', length: 36 })
  workshopId: string

  @Column({ type: 'varchar', length: 190 })
  email: string

  @Column({ type: 'varchar', length: 16 })
  role: PersonRole

  @Column({ name: 'token_hash', type: 'char', length: 64 })
  tokenHash: string

  @Column({ name: 'created_at', type: 'datetime', precision: 6 })
  createdAt: Date

  @Column({ name: 'expires_at', type: 'datetime', precision: 6 })
  expiresAt: Date

  @Column({ name: 'used_at', type: 'datetime', precision: 6, nullable: true })
  usedAt: Date | null
}

/** What the stand-in for a mail service would have sent. */
@Entity('letter')
export class LetterEntity {
  @PrimaryGeneratedColumn({ type: 'bigint', unsigned: true })
  id: string

  @Column({ name: 'workshop_id', type: 'char', length: 36 })
  workshopId: string

  @Column({ type: 'varchar', length: 190 })
  recipient: string

  @Column({ type: 'varchar', length: 200 })
  subject: string

  @Column({ type: 'text' })
  body: string

  @Column({ type: 'varchar', length: 300 })
  link: string

  @Column({ type: 'datetime', precision: 6 })
  at: Date
}
