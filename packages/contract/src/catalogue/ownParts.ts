import type { Part } from '@lochmoor/core'
import { z } from 'zod'
import { PART_SCHEMAS, type PartKind } from '../job/parts.ts'

/** Ids of a workshop's own parts begin so; those shipped with Lochmoor never do. */
export const OWN_PART_PREFIX = 'own-'
export const isOwnPart = (part: { readonly id: string }): boolean => part.id.startsWith(OWN_PART_PREFIX)

const ID = 'allowed: "own-" and 1 to 60 small letters, figures and hyphens'
export const OwnPartId = z.string({ error: ID }).regex(/^own-[a-z0-9-]{1,60}$/, { error: ID })

/** An id for a new part, from its name; another one where it is taken. */
export const ownPartIdFor = (name: string, taken: ReadonlySet<string>): string => {
  const slug = name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 50)
  const base = `${OWN_PART_PREFIX}${slug || 'part'}`
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`
    if (!taken.has(id)) return id
  }
}

/** A workshop's own part of a kind. */
export const ownPartSchema = (kind: PartKind): z.ZodType<Part> =>
  (PART_SCHEMAS[kind] as z.ZodType<Part>).refine((p) => OwnPartId.safeParse(p.id).success, { path: ['id'], error: ID })

const MANY = 'allowed: 1 to 500 parts'
export const MOST_IMPORTED_PARTS = 500
export const ownPartsSchema = (kind: PartKind) =>
  z.strictObject({
    parts: z.array(ownPartSchema(kind)).min(1, { error: MANY }).max(MOST_IMPORTED_PARTS, { error: MANY }),
  })

export const PartUses = z.strictObject({
  jobs: z.array(
    z.strictObject({
      id: z.string(),
      title: z.string(),
      /** Whether the job's copy is other than what the catalogue says now. */
      differs: z.boolean(),
    }),
  ),
})
export type PartUses = z.infer<typeof PartUses>
export const PartsStored = z.strictObject({ stored: z.int() })
