import type { MigrationInterface, QueryRunner } from 'typeorm'

/**
 * Workshops, their jobs in versioned sections, and the catalogue of parts. Every statement of a migration may be said again:
 * the database cannot take back a table, so one that was broken off begins anew.
 */
export class Foundation1764000000000 implements MigrationInterface {
  name = 'Foundation1764000000000'

  async up(q: QueryRunner): Promise<void> {
    await q.query(`create table if not exists workshop (
      id char(36) character set ascii not null primary key,
      name varchar(120) not null,
      created_at datetime(6) not null default current_timestamp(6)
    ) engine=InnoDB`)
    await q.query(`create table if not exists job (
      id char(36) character set ascii not null primary key,
      workshop_id char(36) character set ascii not null,
      title varchar(80) not null,
      year smallint unsigned null,
      created_at datetime(6) not null default current_timestamp(6),
      updated_at datetime(6) not null default current_timestamp(6),
      index job_by_workshop (workshop_id, updated_at),
      constraint job_in_workshop foreign key (workshop_id) references workshop (id)
    ) engine=InnoDB`)
    await q.query(`create table if not exists job_section (
      job_id char(36) character set ascii not null,
      section varchar(32) character set ascii not null,
      version int unsigned not null,
      schema_version smallint unsigned not null,
      value json not null,
      updated_at datetime(6) not null default current_timestamp(6),
      primary key (job_id, section),
      constraint section_of_job foreign key (job_id) references job (id) on delete cascade
    ) engine=InnoDB`)
    await q.query(`create table if not exists part (
      id varchar(64) character set ascii not null primary key,
      workshop_id char(36) character set ascii null,
      kind varchar(16) character set ascii not null,
      name varchar(120) not null,
      position int unsigned not null,
      data json not null,
      index part_by_kind (workshop_id, kind, position),
      constraint part_in_workshop foreign key (workshop_id) references workshop (id)
    ) engine=InnoDB`)
  }

  async down(q: QueryRunner): Promise<void> {
    for (const table of ['part', 'job_section', 'job', 'workshop']) await q.query(`drop table ${table}`)
  }
}
