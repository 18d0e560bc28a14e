import { createWriteStream } from 'node:fs'
import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Transform } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { HttpException } from '@nestjs/common'
import type { Request } from 'express'
import { tooLarge } from '../http/door/bodies.ts'

const TOO_LARGE = 413

/** Lets so many bytes through and no more. */
const upTo = (most: number, refusal: () => Error): Transform => {
  let bytes = 0
  return new Transform({
    transform(chunk: Buffer, _encoding, done) {
      bytes += chunk.length
      if (bytes > most) done(refusal())
      else done(null, chunk)
    },
  })
}

/** What a request carries, written to a file of its own as it comes, for as long as it is worked on. */
export const withUpload = async <T>(request: Request, most: number, work: (path: string) => Promise<T>): Promise<T> => {
  const folder = await mkdtemp(join(tmpdir(), 'lochmoor-upload-'))
  try {
    const path = join(folder, 'file')
    const refusal = () =>
      new HttpException({ code: 'tooLarge', message: tooLarge(request.method, request.path) }, TOO_LARGE)
    await pipeline(request, upTo(most, refusal), createWriteStream(path, { mode: 0o600 }))
    return await work(path)
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}
