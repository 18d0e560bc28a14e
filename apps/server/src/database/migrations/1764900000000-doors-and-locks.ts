import type { MigrationInterface, QueryRunner } from 'typeorm'

const ID = 'char(36) character set ascii'
const HASH = 'char(64) character set ascii'

/**
 * Sessions that end when nobody is there, second factors, guesses that are counted before they are tried, links that go
 * with who made them, and who brought an entry in from a file.
 */
export class DoorsAndLocks1764900000000 implements MigrationInterface {
  name = 'DoorsAndLocks1764900000000'

  async up(q: QueryRunner): Promise<void> {
    await q.query(`create table if not exists written_by (
      version varchar(40) character set ascii not null primary key,
      document_version smallint unsigned not null,
      at datetime(6) not null
    ) engine=InnoDB`)
    await q.query(
      'alter table session add column if not exists seen_at datetime(6) not null default current_timestamp(6)',
    )
    await q.query(
      'alter table session add column if not exists halfway tinyint(1) not null default 0, add column if not exists challenge varchar(100) character set ascii null',
    )
    await q.query(`alter table workshop
      add column if not exists idle_hours smallint unsigned not null default 12,
      add column if not exists second_factor tinyint(1) not null default 0`)
    await q.query(`alter table person
      add column if not exists totp_secret varchar(80) character set ascii null,
      add column if not exists totp_step bigint unsigned null`)
    await q.query(`create table if not exists recovery_code (
      person_id ${ID} not null,
      code_hash ${HASH} not null,
      primary key (person_id, code_hash),
      constraint recovery_code_of_person foreign key (person_id) references person (id) on delete cascade
    ) engine=InnoDB`)
    await q.query(`create table if not exists passkey (
      id varchar(400) character set ascii collate ascii_bin not null primary key,
      person_id ${ID} not null,
      public_key blob not null,
      counter bigint unsigned not null,
      name varchar(80) not null,
      created_at datetime(6) not null default current_timestamp(6),
      index passkey_by_person (person_id),
      constraint passkey_of_person foreign key (person_id) references person (id) on delete cascade
    ) engine=InnoDB`)
    await q.query(`create table if not exists attempt (
      id ${HASH} not null primary key,
      failures int unsigned not null,
      last_at datetime(6) not null,
      free_at datetime(6) not null,
      ticket ${ID} not null,
      index attempt_by_time (last_at)
    ) engine=InnoDB`)
    await q.query(
      `alter table guest_link add column if not exists created_by_id ${ID} null, add index if not exists guest_link_by_maker (created_by_id)`,
    )
    await q.query(`update guest_link g set g.created_by_id = (
      select min(p.id) from person p where p.workshop_id = g.workshop_id and p.name = g.created_by
      having count(*) = 1)`)
    await q.query('alter table invitation add index if not exists invitation_by_email (workshop_id, email)')
    await q.query('alter table record add column if not exists imported_by varchar(80) null')
    await q.query('alter table job_section_history add column if not exists imported_by varchar(80) null')
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('alter table job_section_history drop imported_by')
    await q.query('alter table record drop imported_by')
    await q.query(
      'alter table invitation add index invitation_of_workshop (workshop_id), drop index invitation_by_email',
    )
    await q.query('alter table guest_link drop index guest_link_by_maker, drop created_by_id')
    for (const table of ['attempt', 'passkey', 'recovery_code', 'written_by']) await q.query(`drop table ${table}`)
    await q.query('alter table person drop totp_secret, drop totp_step')
    await q.query('alter table workshop drop idle_hours, drop second_factor')
    await q.query('alter table session drop challenge, drop halfway, drop seen_at')
  }
}
