import { randomUUID } from 'node:crypto'
import { emptyJob } from '@lochmoor/core'
import { pino } from 'pino'
import { DataSource } from 'typeorm'
import { createServer } from '../createServer.ts'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { documentOf } from '../jobs/documentOf.ts'
import { JobsRepository } from '../jobs/jobs.repository.ts'
import { RecordsRepository } from '../records/records.repository.ts'
import { asVersion4 } from '../test/oldDocuments.ts'
import { StorePreparation } from './storePreparation.ts'
import { testServer } from '../test/testServer.ts'

describe('preparing the store', () => {
  it('keeps what is there when it starts a second time, and two servers may start at once', async () => {
    const first = await testServer()
    const database = first.app.get(DataSource)
    await database.query("update job set title = 'Renamed' where title = 'Aldmoor Curlew GT'")
    const again = await Promise.all(
      [1, 2].map(() =>
        createServer({ databaseUrl: first.databaseUrl, webFolder: null, demo: true, log: pino({ level: 'silent' }) }),
      ),
    )
    const titles = await database.query<{ title: string }[]>('select title from job order by title')
    expect(titles.map((t) => t.title)).toEqual([
      'Aldmoor Turnstone saloon',
      'Aldmoor Whimbrel estate',
      'Brindle Carrier van',
      'Hesket Warden saloon',
      'Marrick Heron estate',
      'Renamed',
      'Thornkeld Plover tourer',
      'Tolland Linnet roadster',
    ])
    await Promise.all(again.map((a) => a.close()))
    await first.close()
  })

  it('undoes its migrations cleanly', async () => {
    const server = await testServer({ demo: false })
    const database = server.app.get(DataSource)
    for (const _ of database.migrations) await database.undoLastMigration({ transaction: 'none' })
    const left = await database.query<Record<string, string>[]>('show tables')
    expect(left.flatMap((r) => Object.values(r))).toEqual(['migrations'])
    await server.close()
  })

  it('a migration that was broken off anywhere is taken up again: each statement may be said twice, and all of them', async () => {
    const server = await testServer({ demo: false })
    const database = server.app.get(DataSource)
    const schema = async () =>
      database.query<object[]>(`select table_name, column_name, column_type, is_nullable, column_default
        from information_schema.columns where table_schema = database() order by 1, 2`)
    const indexes = async () =>
      database.query<object[]>(`select table_name, index_name, seq_in_index, column_name, non_unique
        from information_schema.statistics where table_schema = database() order by 1, 2, 3`)
    const wanted = [await schema(), await indexes()]
    for (const _ of database.migrations) await database.undoLastMigration({ transaction: 'none' })
    const runner = database.createQueryRunner()
    let said = 0
    const twice = { query: async (sql: string) => (said++, await runner.query(sql), await runner.query(sql)) }
    for (const migration of database.migrations) {
      await migration.up(twice as never)
      await migration.up(runner)
    }
    await runner.release()
    expect(said).toBeGreaterThan(25)
    expect([await schema(), await indexes()]).toEqual(wanted)
    await server.close()
  })

  it('gives the items of stored lists their ids, and entries of the book follow where it is certain', async () => {
    const server = await testServer({ demo: false })
    const database = server.app.get(DataSource)
    const [workshop, id] = [randomUUID(), randomUUID()]
    const old = asVersion4(DEMO_JOBS[3]!.document)
    await database.query('insert into workshop (id, name) values (?, ?)', [workshop, 'Old shop'])
    await server.app.get(JobsRepository).create(workshop, { id, document: DEMO_JOBS[3]!.document, who: 'Una Brock' })
    for (const table of ['job_section', 'job_section_history'])
      for (const [section, value] of Object.entries(old))
        await database.query(`update ${table} set value = ?, schema_version = 4 where job_id = ? and section = ?`, [
          JSON.stringify(value),
          id,
          section,
        ])
    const enter = (field: string) =>
      server.app.get(RecordsRepository).add(workshop, id, [
        {
          id: randomUUID(),
          at: new Date(Date.now() + 1000).toISOString(),
          storedAt: null,
          importedBy: null,
          who: 'Una Brock',
          body: {
            kind: 'measurement',
            quantity: 'q',
            si: 1,
            family: 'distance',
            text: '1 m',
            field,
            place: '',
            condition: '',
            instrument: '',
          },
          corrects: null,
          withdraws: false,
        },
      ])
    for (const field of ['fuel.feed.legs.1.lengthM', 'exhaust.banks.0.pieces.9.lengthM', 'fuel.lowV'])
      await enter(field)
    const again = await createServer({
      databaseUrl: server.databaseUrl,
      webFolder: null,
      demo: false,
      log: pino({ level: 'silent' }),
    })
    const stored = await again.get(JobsRepository).find(workshop, id)
    expect(documentOf(id, stored!.sections).fuel.feed.legs.map((l) => l.id)).toEqual([
      'feed-leg-0',
      'feed-leg-1',
      'feed-leg-2',
    ])
    const book = await again.get(RecordsRepository).all(workshop, id)
    const fields = book.map((r) => (r.body.kind === 'measurement' ? r.body.field : null))
    expect(fields.sort()).toEqual([
      'exhaust.banks.0.pieces.9.lengthM',
      'fuel.feed.legs.feed-leg-1.lengthM',
      'fuel.lowV',
    ])
    const [row] = await database.query<{ n: number }[]>('select count(*) n from record where field = ?', [
      'fuel.feed.legs.feed-leg-1.lengthM',
    ])
    expect(Number(row!.n)).toBe(1)
    await again.close()
    await server.close()
  })

  it('refuses data of a newer version by its name, and changes nothing', async () => {
    const server = await testServer({ demo: false })
    const database = server.app.get(DataSource)
    const store = server.app.get(StorePreparation)
    await database.query("insert into migrations (timestamp, name) values (9999999999999, 'Later9999999999999')")
    await database.query(
      "insert into written_by (version, document_version, at) values ('9.9.9', 42, now(6) + interval 1 day)",
    )
    await expect(store.prepare({ demo: true })).rejects.toThrow(
      /written by a newer Lochmoor \(version 9\.9\.9.*Nothing was changed/,
    )
    await database.query('delete from migrations where timestamp = 9999999999999')
    const [workshop, job] = [randomUUID(), randomUUID()]
    await database.query('insert into workshop (id, name) values (?, ?)', [workshop, 'Shop'])
    await database.query('insert into job (id, workshop_id, title) values (?, ?, ?)', [job, workshop, 'Van'])
    await database.query("insert into job_section (job_id, section, version, schema_version, value) values (?, 'fuel', 1, 99, '{}')", [job]) // prettier-ignore
    await expect(store.prepare({ demo: false })).rejects.toThrow(/documents of version 99/)
    expect(Number((await database.query('select count(*) as n from person'))[0].n)).toBe(0)
    await database.query('delete from job')
    await store.prepare({ demo: false })
    await server.close()
  })

  it('brings a store of the first version up to date: tables, documents, history', async () => {
    const server = await testServer({ demo: false })
    const database = server.app.get(DataSource)
    for (const _ of database.migrations.slice(1)) await database.undoLastMigration({ transaction: 'none' })
    const [workshop, job] = [randomUUID(), randomUUID()]
    const { vehicle, fuel } = emptyJob('Old van')
    const old = {
      vehicle: { ...vehicle, layout: 'vee' },
      fuel: { ...fuel, systemType: 'return', injectionPlace: 'port', lowV: 11.8 },
    }
    await database.query('insert into workshop (id, name) values (?, ?)', [workshop, 'Old shop'])
    await database.query('insert into job (id, workshop_id, title) values (?, ?, ?)', [job, workshop, 'Old van'])
    for (const [section, value] of Object.entries(old))
      await database.query(
        'insert into job_section (job_id, section, version, schema_version, value) values (?, ?, 7, 1, ?)',
        [job, section, JSON.stringify(value)],
      )
    const again = await createServer({
      databaseUrl: server.databaseUrl,
      webFolder: null,
      demo: false,
      log: pino({ level: 'silent' }),
    })
    const stored = await again.get(JobsRepository).find(workshop, job)
    const document = documentOf(job, stored!.sections)
    expect(document.fuel).toEqual(old.fuel)
    expect(document.walkAround).toEqual(emptyJob('').walkAround)
    expect(stored!.sections.find((s) => s.section === 'fuel')!.version).toBe(7)
    const history: { section: string; version: number }[] = []
    for await (const text of again.get(JobsRepository).historyTexts(workshop, job)) history.push(JSON.parse(text))
    expect(history.map((h) => `${h.section} ${h.version}`).sort()).toEqual([
      'engineTop 1',
      'exhaust 1',
      'facts 1',
      'fuel 7',
      'harness 1',
      'orders 1',
      'power 1',
      'system 1',
      'vehicle 7',
      'walkAround 1',
      'work 1',
    ])
    await again.close()
    await server.close()
  })
})
