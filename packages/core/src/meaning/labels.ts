import type { GroupNode, Leaf, ListNode, MaybeNode, SeatsNode, SetNode, WordNode } from '../shape/index.ts'

/** What the words of a leaf are called. */
export interface WordLabel<W extends string = string> {
  readonly label: string
  readonly words: Readonly<Record<W, string>>
}

/**
 * What people call every part of a shape; the type wants every leaf, and every word of a choice. A group's own name, under
 * "", stands before that of its parts; empty where the part's name says enough.
 */
export type Labels<N> =
  N extends WordNode<infer W>
    ? WordLabel<W>
    : N extends SetNode<WordNode<infer W>>
      ? WordLabel<W> | string
      : N extends GroupNode<infer F>
        ? { readonly '': string } & { readonly [K in keyof F]: Labels<F[K]> }
        : N extends MaybeNode<infer G>
          ? Labels<G>
          : N extends ListNode<infer G>
            ? { readonly '': string; readonly item: Labels<G> }
            : N extends SeatsNode<infer S>
              ? { readonly '': readonly string[]; readonly seat: Labels<S> }
              : N extends Leaf
                ? string
                : never
