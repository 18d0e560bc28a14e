import { randomUUID } from 'node:crypto'
import { emptyJob } from '@lochmoor/core'
import { pino } from 'pino'
import { DataSource } from 'typeorm'
import { createServer } from '../createServer.ts'
import { documentOf } from '../jobs/documentOf.ts'
import { JobsRepository } from '../jobs/jobs.repository.ts'
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
      'Brindle Carrier van',
      'Hesket Warden saloon',
      'Renamed',
      'Thornkeld Plover tourer',
    ])
    await Promise.all(again.map((a) => a.close()))
    await first.close()
  })

  it('undoes its migrations cleanly', async () => {
    const server = await testServer({ demo: false })
    const database = server.app.get(DataSource)
    for (let i = 0; i < 2; i++) await database.undoLastMigration({ transaction: 'none' })
    const left = await database.query<Record<string, string>[]>('show tables')
    expect(left.flatMap((r) => Object.values(r))).toEqual(['migrations'])
    await server.close()
  })

  it('brings a store of the first version up to date: tables, documents, history', async () => {
    const server = await testServer({ demo: false })
    const database = server.app.get(DataSource)
    await database.undoLastMigration({ transaction: 'none' })
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
    const history = await again.get(JobsRepository).wholeHistory(workshop, job)
    expect(history.map((h) => `${h.section} ${h.version}`).sort()).toEqual([
      'exhaust 1',
      'fuel 7',
      'system 1',
      'vehicle 7',
      'walkAround 1',
      'work 1',
    ])
    await again.close()
    await server.close()
  })
})
