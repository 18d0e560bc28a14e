import { MOST_PHOTO_BYTES, PHOTO_TYPES } from '@lochmoor/contract'

/** What is wrong with a file that shall be a photograph, or null. */
export const photoProblem = (file: File): string | null =>
  !(PHOTO_TYPES as readonly string[]).includes(file.type)
    ? `${file.name} is ${file.type || 'of no known kind'}; allowed: JPEG, PNG or WebP.`
    : file.size > MOST_PHOTO_BYTES
      ? `${file.name} has ${(file.size / 1024 ** 2).toFixed(1)} MB; allowed: at most ${MOST_PHOTO_BYTES / 1024 ** 2} MB.`
      : null
