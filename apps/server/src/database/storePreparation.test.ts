import { pino } from 'pino'
import { DataSource } from 'typeorm'
import { createServer } from '../createServer.ts'
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
    expect(titles.map((t) => t.title)).toEqual(['Brindle Carrier van', 'Hesket Warden saloon', 'Renamed'])
    await Promise.all(again.map((a) => a.close()))
    await first.close()
  })

  it('undoes its migrations cleanly', async () => {
    const server = await testServer({ demo: false })
    const database = server.app.get(DataSource)
    await database.undoLastMigration({ transaction: 'none' })
    const left = await database.query<Record<string, string>[]>('show tables')
    expect(left.flatMap((r) => Object.values(r))).toEqual(['migrations'])
    await server.close()
  })
})
