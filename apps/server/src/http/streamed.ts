import { Readable } from 'node:stream'
import { StreamableFile } from '@nestjs/common'

/**
 * An answer that is sent as it is made. Where making it fails half way the connection is broken off: an answer that just
 * ended would look whole.
 */
export const streamed = (pieces: AsyncIterable<string>, type: string, disposition?: string): StreamableFile =>
  new StreamableFile(Readable.from(pieces), {
    type,
    ...(disposition !== undefined && { disposition }),
  }).setErrorHandler((error, response) => {
    ;(response as unknown as { destroy: (error: Error) => void }).destroy(error)
  })
