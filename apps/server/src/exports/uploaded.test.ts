import { existsSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { Readable } from 'node:stream'
import type { Request } from 'express'
import { withUpload } from './uploaded.ts'

/** A request without a length: nobody knows how much is to come. */
const asRequest = (chunks: number): Request =>
  Object.assign(
    Readable.from(
      (function* () {
        for (let i = 0; i < chunks; i++) yield Buffer.alloc(1000, 'x')
      })(),
    ),
    { method: 'POST', path: '/api/jobs/import' },
  ) as unknown as Request

describe('what is sent as a file', () => {
  it('is there while it is worked on, and gone after it', async () => {
    const seen: string[] = []
    const length = await withUpload(asRequest(5), 5000, async (path) => {
      seen.push(path)
      return (await readFile(path)).length
    })
    expect([length, existsSync(seen[0]!)]).toEqual([5000, false])
  })
  it('is cut off as it comes where it is too much, and nothing is worked on', async () => {
    let worked = false
    const work = () => Promise.resolve((worked = true))
    await expect(withUpload(asRequest(10_000), 5000, work)).rejects.toMatchObject({ status: 413 })
    expect(worked).toBe(false)
  })
})
