import { Column, Entity, PrimaryColumn } from 'typeorm'

@Entity('workshop')
export class WorkshopEntity {
  @PrimaryColumn({ type: 'char', length: 36 })
  id: string

  @Column({ type: 'varchar', length: 120 })
  name: string
}
