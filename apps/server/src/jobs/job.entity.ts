import type { WorkState } from '@lochmoor/core'
import { Column, Entity, JoinColumn, ManyToOne, OneToMany, PrimaryColumn, type Relation } from 'typeorm'
import type { JudgedJob } from './judgeWorker.ts'

@Entity('job')
export class JobEntity {
  @PrimaryColumn({ type: 'char', length: 36 })
  id: string

  @Column({ name: 'workshop_id', type: 'char', length: 36 })
  workshopId: string

  /** Copies of fields of the document, for the board; written in the same transaction as the section. */
  @Column({ type: 'varchar', length: 80 })
  title: string

  @Column({ type: 'smallint', unsigned: true, nullable: true })
  year: number | null

  @Column({ type: 'varchar', length: 20 })
  state: WorkState

  @Column({ name: 'state_since', type: 'datetime', precision: 6 })
  stateSince: Date

  @Column({ name: 'person_id', type: 'char', length: 36, nullable: true })
  personId: string | null

  @Column({ name: 'archived_at', type: 'datetime', precision: 6, nullable: true })
  archivedAt: Date | null

  /** What was computed last for the board, or null where the document has changed since. Never the truth. */
  @Column({ type: 'json', nullable: true })
  readiness: JudgedJob | null

  /** Version of the program that computed it. */
  @Column({ name: 'judged_by', type: 'varchar', length: 40, nullable: true })
  judgedBy: string | null

  @Column({ name: 'created_at', type: 'datetime', precision: 6 })
  createdAt: Date

  @Column({ name: 'updated_at', type: 'datetime', precision: 6 })
  updatedAt: Date

  @OneToMany(() => JobSectionEntity, (s) => s.job)
  sections: Relation<JobSectionEntity>[]
}

@Entity('job_section')
export class JobSectionEntity {
  @PrimaryColumn({ name: 'job_id', type: 'char', length: 36 })
  jobId: string

  @PrimaryColumn({ type: 'varchar', length: 32 })
  section: string

  @Column({ type: 'int', unsigned: true })
  version: number

  @Column({ name: 'schema_version', type: 'smallint', unsigned: true })
  schemaVersion: number

  @Column({ type: 'json' })
  value: unknown

  @Column({ name: 'updated_at', type: 'datetime', precision: 6 })
  updatedAt: Date

  @ManyToOne(() => JobEntity, (j) => j.sections)
  @JoinColumn({ name: 'job_id' })
  job: Relation<JobEntity>
}

/** Every version a section ever had. Only ever added to. */
@Entity('job_section_history')
export class SectionHistoryEntity {
  @PrimaryColumn({ name: 'job_id', type: 'char', length: 36 })
  jobId: string

  @PrimaryColumn({ type: 'varchar', length: 32 })
  section: string

  @PrimaryColumn({ type: 'int', unsigned: true })
  version: number

  @Column({ name: 'schema_version', type: 'smallint', unsigned: true })
  schemaVersion: number

  @Column({ type: 'json' })
  value: unknown

  @Column({ type: 'datetime', precision: 6 })
  at: Date

  @Column({ type: 'varchar', length: 80 })
  who: string

  /** Who brought it in from a file; then `who` is a name in that file and nobody of this workshop. */
  @Column({ name: 'imported_by', type: 'varchar', length: 80, nullable: true })
  importedBy: string | null
}
