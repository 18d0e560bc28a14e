import { Column, Entity, PrimaryColumn } from 'typeorm'

@Entity('workshop')
export class WorkshopEntity {
  @PrimaryColumn({ type: 'char', length: 36 })
  id: string

  @Column({ type: 'varchar', length: 120 })
  name: string

  /** So long a session may rest before its person signs in again. */
  @Column({ name: 'idle_hours', type: 'smallint', unsigned: true, default: 12 })
  idleHours: number

  /** Whether everybody here needs a second factor. */
  @Column({ name: 'second_factor', type: 'boolean', default: false })
  secondFactor: boolean
}
