import { Column, Entity, PrimaryColumn } from 'typeorm'

/** A link by which somebody without an account reads one job until it expires. */
@Entity('guest_link')
export class GuestLinkEntity {
  @PrimaryColumn({ type: 'char', length: 36 })
  id: string

  @Column({ name: 'workshop_id', type: 'char', length: 36 })
  workshopId: string

  @Column({ name: 'job_id', type: 'char', length: 36 })
  jobId: string

  @Column({ name: 'token_hash', type: 'char', length: 64 })
  tokenHash: string

  @Column({ name: 'created_by', type: 'varchar', length: 80 })
  createdBy: string

  @Column({ name: 'created_by_id', type: 'char', length: 36, nullable: true })
  createdById: string | null

  @Column({ name: 'created_at', type: 'datetime', precision: 6 })
  createdAt: Date

  @Column({ name: 'expires_at', type: 'datetime', precision: 6 })
  expiresAt: Date
}
