import type { FigureNode, GroupNode, ListNode, MaybeNode, SeatsNode } from '../shape/index.ts'

/** Whether anything of a shape is a figure. */
type HasFigures<N> = N extends FigureNode
  ? true
  : N extends GroupNode<infer F>
    ? true extends { [K in keyof F]: HasFigures<F[K]> }[keyof F]
      ? true
      : false
    : N extends MaybeNode<infer G>
      ? HasFigures<G>
      : N extends ListNode<infer G>
        ? HasFigures<G>
        : N extends SeatsNode<infer S>
          ? HasFigures<S>
          : false

/** How every figure of a shape is measured or decided; the type wants each of them, and nothing else. */
export type Hows<N> = N extends FigureNode
  ? string
  : N extends GroupNode<infer F>
    ? { readonly [K in keyof F as HasFigures<F[K]> extends true ? K : never]: Hows<F[K]> }
    : N extends MaybeNode<infer G>
      ? Hows<G>
      : N extends ListNode<infer G>
        ? { readonly item: Hows<G> }
        : N extends SeatsNode<infer S>
          ? { readonly seat: Hows<S> }
          : never
