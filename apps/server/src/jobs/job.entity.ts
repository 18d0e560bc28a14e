import { Column, Entity, JoinColumn, ManyToOne, OneToMany, PrimaryColumn, type Relation } from 'typeorm'

@Entity('job')
export class JobEntity {
  @PrimaryColumn({ type: 'char', length: 36 })
  id: string

  @Column({ name: 'workshop_id', type: 'char', length: 36 })
  workshopId: string

  /** Copies of two fields of the vehicle section, for lists; written in the same transaction. */
  @Column({ type: 'varchar', length: 80 })
  title: string

  @Column({ type: 'smallint', unsigned: true, nullable: true })
  year: number | null

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
