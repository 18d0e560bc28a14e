import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm'
import { GuestLinkEntity } from './guestLink.entity.ts'
import { PersonEntity } from './person.entity.ts'
import { WorkshopEntity } from './workshop.entity.ts'

/** A signed-in person, or a guest who followed a link. Only the hash of its token is stored. */
@Entity('session')
export class SessionEntity {
  @PrimaryColumn({ name: 'token_hash', type: 'char', length: 64 })
  tokenHash: string

  @Column({ name: 'workshop_id', type: 'char', length: 36 })
  workshopId: string

  @Column({ name: 'person_id', type: 'char', length: 36, nullable: true })
  personId: string | null

  @Column({ name: 'guest_link_id', type: 'char', length: 36, nullable: true })
  guestLinkId: string | null

  @Column({ name: 'expires_at', type: 'datetime', precision: 6 })
  expiresAt: Date

  /** When it was last used, to within a minute. */
  @Column({ name: 'seen_at', type: 'datetime', precision: 6 })
  seenAt: Date

  /** The password was right, the second factor is still to come. */
  @Column({ type: 'boolean' })
  halfway: boolean

  /** What a passkey was asked to sign last. */
  @Column({ type: 'varchar', length: 100, nullable: true })
  challenge: string | null

  @ManyToOne(() => WorkshopEntity)
  @JoinColumn({ name: 'workshop_id' })
  workshop: Relation<WorkshopEntity>

  @ManyToOne(() => PersonEntity)
  @JoinColumn({ name: 'person_id' })
  person: Relation<PersonEntity> | null

  @ManyToOne(() => GuestLinkEntity)
  @JoinColumn({ name: 'guest_link_id' })
  guestLink: Relation<GuestLinkEntity> | null
}
