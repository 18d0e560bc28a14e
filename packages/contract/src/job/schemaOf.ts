import { ITEM_ID, MOST_ITEM_ID, type GroupNode, type Node, type ValueOf } from '@lochmoor/core/job-shape'
import { z } from 'zod'
import { figure, oneOf, wholeFigure } from '../field/figure.ts'
import { PART_SCHEMAS, type PartKind } from './parts.ts'

const flag = z.boolean({ error: 'allowed: true or false' })
const seen = z.boolean({ error: 'allowed: true, false or null' }).nullable()
const ID = 'allowed: an id of small letters and figures with hyphens, as the list’s own items have'
const itemId = z.string({ error: ID }).regex(ITEM_ID, { error: ID }).max(MOST_ITEM_ID, { error: ID })

const textOf = (least: 0 | 1, most: number) => {
  const message = least === 1 ? `allowed: 1 to ${most} characters` : `allowed: text of at most ${most} characters`
  const read = z.string({ error: message })
  return least === 1
    ? read.trim().min(1, { error: message }).max(most, { error: message })
    : read.max(most, { error: message })
}
const isDistinct = (list: readonly unknown[]) => new Set(list).size === list.length

const fieldsOf = (node: GroupNode): Record<string, z.ZodType> =>
  Object.fromEntries(Object.entries(node.fields).map(([key, field]) => [key, schema(field)]))

const schema = (node: Node): z.ZodType => {
  switch (node.is) {
    case 'figure': {
      const one = node.whole ? wholeFigure(node.range) : figure(node.range)
      return node.empty === null ? one.nullable() : one
    }
    case 'word':
      return node.empty === null ? oneOf(node.words).nullable() : oneOf(node.words)
    case 'numeral':
      return z.literal([...node.numerals], { error: `allowed: ${node.numerals.join(' or ')}` })
    case 'flag':
      return node.empty === null ? seen : flag
    case 'text':
      return node.empty === null ? textOf(node.least, node.most).nullable() : textOf(node.least, node.most)
    case 'reference':
      return z.uuid({ error: `allowed: the id of ${node.to}, a UUID` }).nullable()
    case 'part':
      return PART_SCHEMAS[node.kind as PartKind].nullable()
    case 'set': {
      const one = schema(node.of as Node)
      const list = z
        .array(one instanceof z.ZodNullable ? (one.unwrap() as z.ZodType) : one)
        .max(node.most, { error: `allowed: at most ${node.most}` })
      return node.distinct ? list.refine(isDistinct, { error: 'allowed: each once' }) : list
    }
    case 'group':
      return z.strictObject(fieldsOf(node))
    case 'maybe':
      return schema(node.of).nullable()
    case 'list':
      return z
        .array(z.strictObject({ id: itemId, ...fieldsOf(node.item) }))
        .max(node.most, { error: `allowed: at most ${node.most} ${node.one}s` })
        .refine((items) => isDistinct(items.map((i) => i.id)), { error: `allowed: every ${node.one} once, by its id` })
    case 'seats':
      return z
        .array(schema(node.seat))
        .max(node.names.length, { error: `allowed: at most ${node.names.length} ${node.one}s` })
  }
}

/** The schema that follows from a shape: unknown keys, wrong kinds and figures out of range are refused, each by name. */
export const schemaOf = <N extends Node>(node: N): z.ZodType<ValueOf<N>> => schema(node) as z.ZodType<ValueOf<N>>
