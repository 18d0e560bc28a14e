import type {
  FigureNode,
  FlagNode,
  GroupNode,
  ListNode,
  MaybeNode,
  Node,
  NumeralNode,
  PartNode,
  ReferenceNode,
  SeatsNode,
  TextNode,
  WordNode,
} from './node.ts'

/** An item of a list: its own fields, and its id. */
export type ItemOf<G extends GroupNode> = { readonly id: string } & ValueOf<G>

/** The type of what a shape describes. */
export type ValueOf<N> =
  N extends FigureNode<infer E>
    ? number | E
    : N extends WordNode<infer W, infer E>
      ? W | E
      : N extends NumeralNode<infer M>
        ? M
        : N extends FlagNode<infer E>
          ? boolean | E
          : N extends TextNode<infer E>
            ? string | E
            : N extends ReferenceNode
              ? string | null
              : N extends PartNode<infer P>
                ? P | null
                : N extends { readonly is: 'set'; readonly of: infer L }
                  ? readonly NonNullable<ValueOf<L>>[]
                  : N extends GroupNode<infer F>
                    ? { readonly [K in keyof F]: ValueOf<F[K]> }
                    : N extends MaybeNode<infer G>
                      ? ValueOf<G> | null
                      : N extends ListNode<infer G>
                        ? readonly ItemOf<G>[]
                        : N extends SeatsNode<infer S>
                          ? readonly ValueOf<S>[]
                          : never

const emptyValue = (node: Node): unknown => {
  switch (node.is) {
    case 'group':
      return Object.fromEntries(Object.entries(node.fields).map(([key, field]) => [key, emptyValue(field)]))
    case 'maybe':
      return null
    case 'list':
    case 'seats':
      return []
    default:
      return node.empty
  }
}

/** The value of which nothing is known: nulls, empty lists, and what is always there as it begins. */
export const emptyOf = <N extends Node>(node: N): ValueOf<N> => emptyValue(node) as ValueOf<N>

/** A new item of a list, under the id its maker gave it. */
export const newItem = <G extends GroupNode>(item: G, id: string, more: Partial<ValueOf<G>> = {}): ItemOf<G> =>
  ({ id, ...(emptyValue(item) as object), ...more }) as ItemOf<G>
