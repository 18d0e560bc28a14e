import { inflateSync } from 'node:zlib'
import type supertest from 'supertest'

/** A request whose answer is bytes, not text. */
export const asBytes = (request: supertest.Test): supertest.Test =>
  request.buffer(true).parse((response, done) => {
    const parts: Buffer[] = []
    response.on('data', (part: Buffer) => parts.push(part))
    response.on('end', () => done(null, Buffer.concat(parts)))
  })

/** What the pages are made of: the compressed streams that open. */
export const streams = (pdf: Buffer): string[] => {
  const texts: string[] = []
  const raw = pdf.toString('latin1')
  for (const match of raw.matchAll(/stream\r?\n/g)) {
    const from = match.index + match[0].length
    const to = raw.indexOf('endstream', from)
    // Fonts and pictures are packed otherwise; only what is deflated is looked into.
    if (pdf[from] === 0x78) texts.push(inflateSync(pdf.subarray(from, to)).toString('latin1'))
  }
  return texts
}

/** Sizes of its pages, points. */
export const boxes = (pdf: Buffer): Set<string | undefined> =>
  new Set([...pdf.toString('latin1').matchAll(/\/MediaBox \[([^\]]+)\]/g)].map((m) => m[1]))
