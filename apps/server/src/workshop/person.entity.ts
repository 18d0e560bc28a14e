import type { PersonRole, Preferences } from '@lochmoor/contract'
import { Column, Entity, PrimaryColumn } from 'typeorm'

@Entity('person')
export class PersonEntity {
  @PrimaryColumn({ type: 'char', length: 36 })
  id: string

  @Column({ name: 'workshop_id', type: 'char', length: 36 })
  workshopId: string

  @Column({ type: 'varchar', length: 190 })
  email: string

  @Column({ type: 'varchar', length: 80 })
  name: string

  @Column({ type: 'varchar', length: 16 })
  role: PersonRole

  @Column({ type: 'boolean' })
  active: boolean

  /** argon2id, with its own salt and parameters. */
  @Column({ name: 'password_hash', type: 'varchar', length: 255 })
  passwordHash: string

  /** Secret of the authenticator, base32; null without one. */
  @Column({ name: 'totp_secret', type: 'varchar', length: 80, nullable: true })
  totpSecret: string | null

  /** The last time step whose code was used: no code counts twice. */
  @Column({ name: 'totp_step', type: 'bigint', unsigned: true, nullable: true })
  totpStep: string | null

  @Column({ type: 'json' })
  preferences: Preferences
}
