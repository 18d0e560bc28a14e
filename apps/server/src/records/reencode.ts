import { err, ok, type Result } from '@lochmoor/core'
import sharp from 'sharp'
import { Turns } from '../threads/turns.ts'

// One thread: on two cores the other one goes on answering.
sharp.concurrency(1)

const LONG_SIDE = 2400
const THUMB_SIDE = 320
const MOST_PIXELS = 40_000_000
/** One picture is opened at a time: forty million pixels are 160 MB. */
const ONE_BY_ONE = new Turns(1, 40, 10)
const FORMATS = new Set(['jpeg', 'png', 'webp'])

export interface Reencoded {
  readonly image: Buffer
  readonly thumb: Buffer
  readonly width: number
  readonly height: number
}

export type PhotoError = { readonly code: 'notAPhoto'; readonly found: string }

/**
 * A photograph as JPEG, upright, its long side at most 2400 px, with a thumbnail. Everything the camera wrote about
 * itself and the place is left behind. What is not JPEG, PNG or WebP, is broken, or holds over 40 million pixels is
 * refused, whatever its name or type says.
 */
export const reencode = (bytes: Buffer): Promise<Result<Reencoded, PhotoError>> => ONE_BY_ONE.take(() => decode(bytes))

const decode = async (bytes: Buffer): Promise<Result<Reencoded, PhotoError>> => {
  try {
    const source = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    const { format } = await source.metadata()
    if (!FORMATS.has(format)) return err({ code: 'notAPhoto', found: format })
    const upright = source.rotate().flatten({ background: '#ffffff' })
    const fit = (side: number) => ({ width: side, height: side, fit: 'inside' as const, withoutEnlargement: true })
    const whole = await upright.resize(fit(LONG_SIDE)).jpeg({ quality: 84 }).toBuffer({ resolveWithObject: true })
    // Made of the smaller one: a picture is opened whole only once.
    const small = await sharp(whole.data).resize(fit(THUMB_SIDE)).jpeg({ quality: 74 }).toBuffer()
    return ok({ image: whole.data, thumb: small, width: whole.info.width, height: whole.info.height })
  } catch (error) {
    return err({ code: 'notAPhoto', found: error instanceof Error ? error.message : 'unreadable data' })
  }
}

/** Whether a picture is a JPEG without anything written about camera or place: such as `reencode` makes. */
export const isBare = async (bytes: Buffer): Promise<boolean> => {
  const { format, exif, iptc, xmp } = await sharp(bytes).metadata()
  return format === 'jpeg' && exif === undefined && iptc === undefined && xmp === undefined
}
