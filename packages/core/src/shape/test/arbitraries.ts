import fc from 'fast-check'
import type { GroupNode, Leaf, Node } from '../node.ts'

const orNull = (empty: unknown, arb: fc.Arbitrary<unknown>): fc.Arbitrary<unknown> =>
  empty === null ? fc.option(arb) : arb

const ofLeaf = (leaf: Leaf): fc.Arbitrary<unknown> => {
  switch (leaf.is) {
    case 'figure': {
      const { min, max } = leaf.range
      return orNull(leaf.empty, leaf.whole ? fc.integer({ min, max }) : fc.double({ min, max, noNaN: true }))
    }
    case 'word':
      return orNull(leaf.empty, fc.constantFrom(...leaf.words))
    case 'numeral':
      return fc.constantFrom(...leaf.numerals)
    case 'flag':
      return orNull(leaf.empty, fc.boolean())
    case 'text':
      return orNull(
        leaf.empty,
        fc
          .string({ minLength: 1, maxLength: Math.min(12, leaf.most) })
          .map((t) => (leaf.least ? `n${t.trim()}`.slice(0, leaf.most) : t)),
      )
    case 'reference':
      return fc.option(fc.uuid())
    // A part's own shape is the catalogue's matter; here it is there or not.
    case 'part':
      return fc.constant(null)
    case 'set': {
      const one = leaf.of as Leaf
      return (leaf.distinct ? fc.uniqueArray : fc.array)(
        ofLeaf(one).filter((v) => v !== null),
        { maxLength: Math.min(4, leaf.most) },
      )
    }
  }
}

const fieldsOf = (group: GroupNode): Record<string, fc.Arbitrary<unknown>> =>
  Object.fromEntries(Object.entries(group.fields).map(([k, n]) => [k, arbValue(n)]))

/** Any value that a shape allows: lists of at most four items, ids from a small stock, so that two values share some. */
export const arbValue = (node: Node): fc.Arbitrary<unknown> => {
  switch (node.is) {
    case 'group':
      return fc.record(fieldsOf(node))
    case 'maybe':
      return fc.option(arbValue(node.of))
    case 'list':
      return fc.uniqueArray(
        fc.record({ id: fc.constantFrom('i-1', 'i-2', 'i-3', 'i-4', 'i-5'), ...fieldsOf(node.item) }),
        { maxLength: 4, selector: (i) => i.id },
      )
    case 'seats':
      return fc.array(arbValue(node.seat), { maxLength: Math.min(2, node.names.length) })
    default:
      return ofLeaf(node)
  }
}
