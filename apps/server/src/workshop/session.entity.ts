import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm'
import { GuestLinkEntity } from './guestLink.entity.ts'
import { PersonEntity } from './person.entity.ts'

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

  @ManyToOne(() => PersonEntity)
  @JoinColumn({ name: 'person_id' })
  person: Relation<PersonEntity> | null

  @ManyToOne(() => GuestLinkEntity)
  @JoinColumn({ name: 'guest_link_id' })
  guestLink: Relation<GuestLinkEntity> | null
}
