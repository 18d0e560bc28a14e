// @ts-check
import mysql from 'mysql2/promise'

/**
 * A very busy workshop in a store with the demo: many jobs made of the demo's, entries in their logs, one job whose
 * sections were written many times and whose log is thick. Everything is made in the store itself.
 * @param {string} url
 * @param {{ jobs: number, records: number, thickLog: number, versions: number, judged: boolean }} size
 */
export const seedStore = async (url, { jobs, judged, records, thickLog, versions }) => {
  const c = await mysql.createConnection(url)
  const [[{ n }]] = /** @type {any} */ (await c.query('select count(*) n from job'))
  await c.query(
    'create temporary table made (id char(36) character set ascii primary key, source char(36) character set ascii, n int)',
  )
  await c.query(
    `insert into made select uuid(), j.id, s.seq from job j join seq_1_to_${Math.ceil(jobs / n)} s limit ${jobs}`,
  )
  await c.query(`insert into job (id, workshop_id, title, year, state, state_since, person_id, created_at, updated_at, readiness, judged_by)
    select m.id, j.workshop_id, concat(j.title, ' ', m.n), j.year,
      elt(1 + m.n % 7, 'asked', 'surveyed', 'designed', 'parts-ordered', 'in-build', 'started', 'handed-over'),
      now() - interval (m.n % 400) day, j.person_id, now(), now() - interval (m.n * 7 % 100000) minute,
      ${judged ? 'j.readiness, j.judged_by' : 'null, null'}
    from made m join job j on j.id = m.source`)
  await c.query(`insert into job_section (job_id, section, version, schema_version, value, updated_at)
    select m.id, s.section, 1, s.schema_version, s.value, now() from made m join job_section s on s.job_id = m.source`)
  const book = async (/** @type {string} */ from, /** @type {string} */ sequence) =>
    c.query(`insert into record (id, workshop_id, job_id, kind, at, who, field, body, search)
      select uuid(), j.workshop_id, j.id, if(q.seq % 3, 'measurement', 'note'), now(), 'Tobin Raithe',
        if(q.seq % 3, 'walkAround.tests.restingV', null),
        if(q.seq % 3,
          json_object('kind', 'measurement', 'quantity', 'At rest', 'si', 12.4, 'family', 'voltage', 'text', '12.4 V',
            'field', 'walkAround.tests.restingV', 'place', '', 'condition', '', 'instrument', ''),
          json_object('kind', 'note', 'text', concat('seen under the car, entry ', q.seq))),
        concat('tobin raithe seen under the car, entry ', q.seq)
      from ${from} j join ${sequence} q`)
  const [[thick]] = /** @type {any} */ (await c.query('select id from made order by id limit 1'))
  if (records > jobs)
    await book('(select j.* from job j join made m on m.id = j.id)', `seq_1_to_${Math.floor(records / jobs)}`)
  await book(`(select * from job where id = '${thick.id}')`, `seq_1_to_${thickLog}`)
  await c.query(
    `insert into job_section_history (job_id, section, version, schema_version, value, at, who)
     select s.job_id, s.section, q.seq, s.schema_version, s.value, now() - interval (${versions} - q.seq) second, 'Tobin Raithe'
     from job_section s join seq_1_to_${Math.max(1, Math.ceil(versions / 7))} q where s.job_id = ?`,
    [thick.id],
  )
  await c.query('update job_section set version = ? where job_id = ?', [Math.max(1, Math.ceil(versions / 7)), thick.id])
  // What the server keeps of a log beside its entries, and that the board has changed.
  await c.query('set session group_concat_max_len = 16777216')
  await c.query(
    `insert into record_words (job_id, lot, words)
     select job_id, seq div 64, group_concat(search order by seq separator '\\n') from record r
     where not exists (select 1 from record_words w where w.job_id = r.job_id) group by job_id, seq div 64`,
  )
  await c.query('insert into board_turn select id, uuid() from workshop on duplicate key update turn = uuid()')
  await c.query('analyze table job, job_section, job_section_history, record')
  await c.end()
  return /** @type {string} */ (thick.id)
}
