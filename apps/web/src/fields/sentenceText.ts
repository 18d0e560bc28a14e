import { formatQuantity, unitOf, type Family, type Sentence } from '@lochmoor/core'

/** A sentence of the core as plain text, its figures in these units. */
export const sentenceText = (sentence: Sentence, units: Partial<Record<Family, string>>): string =>
  sentence
    .map((part) =>
      typeof part === 'string' ? part : formatQuantity(part.si, unitOf(part.family, units[part.family]), part.decimals),
    )
    .join('')
