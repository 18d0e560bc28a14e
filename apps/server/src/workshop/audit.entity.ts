import { Column, Entity, PrimaryGeneratedColumn } from 'typeorm'

/** One line of the audit trail: sign-ins, failed ones, and changes of people and roles. Only ever added to. */
@Entity('audit')
export class AuditEntity {
  @PrimaryGeneratedColumn({ type: 'bigint', unsigned: true })
  id: string

  @Column({ name: 'workshop_id', type: 'char', length: 36, nullable: true })
  workshopId: string | null

  @Column({ type: 'varchar', length: 40 })
  event: string

  /** E-mail address of who did or tried it. */
  @Column({ type: 'varchar', length: 190 })
  who: string

  @Column({ type: 'varchar', length: 200 })
  about: string

  @Column({ type: 'varchar', length: 64 })
  address: string

  @Column({ type: 'datetime', precision: 6 })
  at: Date
}
