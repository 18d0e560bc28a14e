import { Column, Entity, PrimaryColumn } from 'typeorm'

/** A code that lets in once where the authenticator is lost. Only its hash is stored. */
@Entity('recovery_code')
export class RecoveryCodeEntity {
  @PrimaryColumn({ name: 'person_id', type: 'char', length: 36 })
  personId: string

  @PrimaryColumn({ name: 'code_hash', type: 'char', length: 64 })
  codeHash: string
}

/** A passkey of a person: what the browser or the key keeps the other half of. */
@Entity('passkey')
export class PasskeyEntity {
  @PrimaryColumn({ type: 'varchar', length: 400 })
  id: string

  @Column({ name: 'person_id', type: 'char', length: 36 })
  personId: string

  @Column({ name: 'public_key', type: 'blob' })
  publicKey: Buffer

  @Column({ type: 'bigint', unsigned: true })
  counter: string

  @Column({ type: 'varchar', length: 80 })
  name: string
}
