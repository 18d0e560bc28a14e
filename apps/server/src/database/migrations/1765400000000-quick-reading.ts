import type { MigrationInterface, QueryRunner } from 'typeorm'

const ID = 'char(36) character set ascii'

/** What makes reading quick: the mark of a workshop's board, history in the order it is paged in, words of the job log in lots. */
export class QuickReading1765400000000 implements MigrationInterface {
  name = 'QuickReading1765400000000'

  async up(q: QueryRunner): Promise<void> {
    await q.query(`create table if not exists board_turn (
      workshop_id ${ID} not null primary key,
      turn ${ID} not null,
      constraint board_turn_of_workshop foreign key (workshop_id) references workshop (id)
    ) engine=InnoDB`)
    await q.query(`alter table job_section_history
      add index if not exists history_by_change (job_id, at, version, section),
      drop index if exists history_by_time`)
    await q.query(`create table if not exists record_words (
      job_id ${ID} not null,
      lot bigint unsigned not null,
      words mediumblob not null,
      primary key (job_id, lot),
      constraint record_words_of_job foreign key (job_id) references job (id) on delete cascade
    ) engine=InnoDB`)
    await q.query('set session group_concat_max_len = 16777216')
    await q.query('delete from record_words')
    await q.query(`insert into record_words (job_id, lot, words)
      select job_id, seq div 64, group_concat(search order by seq separator '\n') from record group by job_id, seq div 64`)
    // Shapes of what was computed for the board have changed with it.
    await q.query('update job set readiness = null, judged_by = null')
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('drop table record_words')
    await q.query(
      'alter table job_section_history add index history_by_time (job_id, at), drop index history_by_change',
    )
    await q.query('drop table board_turn')
  }
}
