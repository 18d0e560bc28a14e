import type { MigrationInterface, QueryRunner } from 'typeorm'

const ID = 'char(36) character set ascii'
const HASH = 'char(64) character set ascii'

/** People and sessions, the work state of jobs, the history of sections, log book and photographs. */
export class PeopleAndRecords1764300000000 implements MigrationInterface {
  name = 'PeopleAndRecords1764300000000'

  async up(q: QueryRunner): Promise<void> {
    await q.query(`create table if not exists person (
      id ${ID} not null primary key,
      workshop_id ${ID} not null,
      email varchar(190) not null,
      name varchar(80) not null,
      role varchar(16) character set ascii not null,
      active tinyint(1) not null default 1,
      password_hash varchar(255) character set ascii not null,
      preferences json not null,
      created_at datetime(6) not null default current_timestamp(6),
      unique index person_by_email (email),
      index person_by_workshop (workshop_id, name),
      constraint person_in_workshop foreign key (workshop_id) references workshop (id)
    ) engine=InnoDB`)
    await q.query(`create table if not exists guest_link (
      id ${ID} not null primary key,
      workshop_id ${ID} not null,
      job_id ${ID} not null,
      token_hash ${HASH} not null,
      created_by varchar(80) not null,
      created_at datetime(6) not null default current_timestamp(6),
      expires_at datetime(6) not null,
      unique index guest_link_by_token (token_hash),
      index guest_link_by_job (job_id),
      constraint guest_link_of_job foreign key (job_id) references job (id) on delete cascade
    ) engine=InnoDB`)
    await q.query(`create table if not exists session (
      token_hash ${HASH} not null primary key,
      workshop_id ${ID} not null,
      person_id ${ID} null,
      guest_link_id ${ID} null,
      created_at datetime(6) not null default current_timestamp(6),
      expires_at datetime(6) not null,
      index session_by_person (person_id),
      constraint session_of_person foreign key (person_id) references person (id) on delete cascade,
      constraint session_of_guest foreign key (guest_link_id) references guest_link (id) on delete cascade
    ) engine=InnoDB`)
    await q.query(`create table if not exists invitation (
      id ${ID} not null primary key,
      workshop_id ${ID} not null,
      email varchar(190) not null,
      role varchar(16) character set ascii not null,
      token_hash ${HASH} not null,
      created_at datetime(6) not null default current_timestamp(6),
      expires_at datetime(6) not null,
      used_at datetime(6) null,
      unique index invitation_by_token (token_hash),
      constraint invitation_of_workshop foreign key (workshop_id) references workshop (id)
    ) engine=InnoDB`)
    await q.query(`create table if not exists letter (
      id bigint unsigned not null auto_increment primary key,
      workshop_id ${ID} not null,
      recipient varchar(190) not null,
      subject varchar(200) not null,
      body text not null,
      link varchar(300) not null,
      at datetime(6) not null default current_timestamp(6),
      index letter_by_workshop (workshop_id, id)
    ) engine=InnoDB`)
    await q.query(`create table if not exists audit (
      id bigint unsigned not null auto_increment primary key,
      workshop_id ${ID} null,
      event varchar(40) character set ascii not null,
      who varchar(190) not null,
      about varchar(200) not null,
      address varchar(64) not null,
      at datetime(6) not null default current_timestamp(6),
      index audit_by_workshop (workshop_id, id),
      index audit_by_who (event, who, at),
      index audit_by_address (event, address, at)
    ) engine=InnoDB`)

    await q.query(`alter table job
      add column if not exists state varchar(20) character set ascii not null default 'asked',
      add column if not exists state_since datetime(6) not null default current_timestamp(6),
      add column if not exists person_id ${ID} null,
      add column if not exists archived_at datetime(6) null,
      add column if not exists readiness json null,
      add column if not exists judged_by varchar(40) character set ascii null,
      add column if not exists title_words varchar(80) character set utf8mb4 collate utf8mb4_bin as (lower(title)) stored,
      drop index if exists job_by_workshop,
      add index if not exists job_by_change (workshop_id, archived_at, updated_at, id),
      add index if not exists job_by_state (workshop_id, archived_at, state, updated_at),
      add index if not exists job_by_days (workshop_id, archived_at, state_since, id),
      add index if not exists job_by_title (workshop_id, archived_at, title, id),
      add index if not exists job_by_words (workshop_id, archived_at, title_words, state, updated_at, id)`)
    await q.query(`create table if not exists job_section_history (
      job_id ${ID} not null,
      section varchar(32) character set ascii not null,
      version int unsigned not null,
      schema_version smallint unsigned not null,
      value json not null,
      at datetime(6) not null,
      who varchar(80) not null,
      primary key (job_id, section, version),
      index history_by_time (job_id, at),
      constraint history_of_job foreign key (job_id) references job (id) on delete cascade
    ) engine=InnoDB`)
    await q.query(`insert ignore into job_section_history (job_id, section, version, schema_version, value, at, who)
      select job_id, section, version, schema_version, value, updated_at, 'before there were accounts' from job_section`)

    await q.query(`create table if not exists record (
      seq bigint unsigned not null auto_increment primary key,
      id ${ID} not null,
      workshop_id ${ID} not null,
      job_id ${ID} not null,
      kind varchar(16) character set ascii not null,
      at datetime(3) not null,
      stored_at datetime(6) not null default current_timestamp(6),
      who varchar(80) not null,
      field varchar(120) character set ascii null,
      corrects ${ID} null,
      withdraws tinyint(1) not null default 0,
      body json not null,
      search text character set utf8mb4 collate utf8mb4_bin not null,
      unique index record_by_id (id),
      index record_by_job (job_id, seq),
      index record_by_kind (job_id, kind, seq),
      index record_by_field (job_id, field, seq),
      constraint record_of_job foreign key (job_id) references job (id) on delete cascade
    ) engine=InnoDB`)
    await q.query(`create table if not exists photo (
      id ${ID} not null primary key,
      workshop_id ${ID} not null,
      job_id ${ID} not null,
      width int unsigned not null,
      height int unsigned not null,
      image longblob not null,
      thumb mediumblob not null,
      created_at datetime(6) not null default current_timestamp(6),
      index photo_by_job (job_id),
      constraint photo_of_job foreign key (job_id) references job (id) on delete cascade
    ) engine=InnoDB`)
  }

  async down(q: QueryRunner): Promise<void> {
    for (const table of [
      'photo',
      'record',
      'job_section_history',
      'audit',
      'letter',
      'invitation',
      'session',
      'guest_link',
    ])
      await q.query(`drop table ${table}`)
    await q.query(`alter table job
      drop index job_by_change, drop index job_by_state, drop index job_by_days, drop index job_by_title, drop index job_by_words,
      drop title_words,
      drop state, drop state_since, drop person_id, drop archived_at, drop readiness, drop judged_by,
      add index job_by_workshop (workshop_id, updated_at)`)
    await q.query('drop table person')
  }
}
