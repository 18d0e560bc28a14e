import type { RecordBody, RecordKind } from '@lochmoor/core'
import { Column, Entity, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'

/** One entry of a job's log book. Only ever added to. */
@Entity('record')
export class RecordEntity {
  @PrimaryGeneratedColumn({ type: 'bigint', unsigned: true })
  seq: string

  @Column({ type: 'char', length: 36 })
  id: string

  @Column({ name: 'workshop_id', type: 'char', length: 36 })
  workshopId: string

  @Column({ name: 'job_id', type: 'char', length: 36 })
  jobId: string

  @Column({ type: 'varchar', length: 16 })
  kind: RecordKind

  @Column({ type: 'datetime', precision: 3 })
  at: Date

  @Column({ name: 'stored_at', type: 'datetime', precision: 6 })
  storedAt: Date

  @Column({ type: 'varchar', length: 80 })
  who: string

  /** Who brought it in from a file; then `who` is a name in that file and nobody of this workshop. */
  @Column({ name: 'imported_by', type: 'varchar', length: 80, nullable: true })
  importedBy: string | null

  @Column({ type: 'varchar', length: 120, nullable: true })
  field: string | null

  @Column({ type: 'char', length: 36, nullable: true })
  corrects: string | null

  @Column({ type: 'boolean' })
  withdraws: boolean

  @Column({ type: 'json' })
  body: RecordBody

  /** All words of the entry, for searching. */
  @Column({ type: 'text' })
  search: string
}

/** A photograph, re-encoded: no camera data, no place. */
@Entity('photo')
export class PhotoEntity {
  @PrimaryColumn({ type: 'char', length: 36 })
  id: string

  @Column({ name: 'workshop_id', type: 'char', length: 36 })
  workshopId: string

  @Column({ name: 'job_id', type: 'char', length: 36 })
  jobId: string

  @Column({ type: 'int', unsigned: true })
  width: number

  @Column({ type: 'int', unsigned: true })
  height: number

  @Column({ type: 'longblob', select: false })
  image: Buffer

  @Column({ type: 'mediumblob', select: false })
  thumb: Buffer
}
