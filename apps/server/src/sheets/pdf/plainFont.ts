import { inflateSync } from 'node:zlib'

const WOFF = 0x774f4646
const [HEAD, ENTRY] = [44, 20]
const [PLAIN_HEAD, PLAIN_ENTRY] = [12, 16]
const padded = (length: number): number => Math.ceil(length / 4) * 4

/**
 * A font with its tables unpacked. In a packed one every letter that is drawn unpacks the table of all letters again.
 * @param woff a file of the format WOFF 1.0 (W3C Recommendation, 13 December 2012)
 * @returns the same font as OpenType, its tables in the order of the file
 * @throws Error where it is no such file
 */
export const plainFont = (woff: Buffer): Buffer => {
  if (woff.length < HEAD || woff.readUInt32BE(0) !== WOFF) throw new Error('this is no font of the format WOFF 1.0')
  const count = woff.readUInt16BE(12)
  const tables = Array.from({ length: count }, (_, i) => {
    const at = HEAD + i * ENTRY
    const [offset, packedLength, length] = [4, 8, 12].map((k) => woff.readUInt32BE(at + k)) as [number, number, number]
    const bytes = woff.subarray(offset, offset + packedLength)
    const data = packedLength < length ? inflateSync(bytes) : bytes
    if (data.length !== length) throw new Error(`table ${i} of the font is ${data.length} bytes long, not ${length}`)
    return { tag: woff.subarray(at, at + 4), checksum: woff.readUInt32BE(at + 16), data }
  })
  const power = Math.floor(Math.log2(count))
  const range = 16 * 2 ** power
  const start = PLAIN_HEAD + count * PLAIN_ENTRY
  const font = Buffer.alloc(start + tables.reduce((sum, t) => sum + padded(t.data.length), 0))
  woff.copy(font, 0, 4, 8)
  for (const [i, value] of [count, range, power, 16 * count - range].entries()) font.writeUInt16BE(value, 4 + 2 * i)
  let offset = start
  for (const [i, { checksum, data, tag }] of tables.entries()) {
    const at = PLAIN_HEAD + i * PLAIN_ENTRY
    tag.copy(font, at)
    font.writeUInt32BE(checksum, at + 4)
    font.writeUInt32BE(offset, at + 8)
    font.writeUInt32BE(data.length, at + 12)
    data.copy(font, offset)
    offset += padded(data.length)
  }
  return font
}
