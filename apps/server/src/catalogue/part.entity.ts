import { Column, Entity, PrimaryColumn } from 'typeorm'

/** A part of the catalogue: shipped with Lochmoor where `workshopId` is null, else a workshop's own. */
@Entity('part')
export class PartEntity {
  @PrimaryColumn({ type: 'varchar', length: 64 })
  id: string

  @Column({ name: 'workshop_id', type: 'char', length: 36, nullable: true })
  workshopId: string | null

  @Column({ type: 'varchar', length: 16 })
  kind: string

  @Column({ type: 'varchar', length: 120 })
  name: string

  /** Order within its kind. */
  @Column({ type: 'int', unsigned: true })
  position: number

  @Column({ type: 'json' })
  data: unknown
}
