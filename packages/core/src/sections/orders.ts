import { entered, figure, group, listOf, name, newItem, text, word, type ItemOf, type ValueOf } from '../shape/index.ts'

/** When a part is bought: models change and sellers vanish, so not before it is needed. */
export const BUY_WHEN = ['now', 'with-the-next', 'last'] as const
export const DELIVERED = ['right', 'wrong', 'missing', 'double', 'damaged'] as const

/** What is known of buying one line of the parts list. */
const PURCHASE = group({
  /** What the line is called, so that it can be read where the list no longer has it. */
  name: name(160),
  /** Which line of the whole list it belongs to. */
  lineId: entered(120),
  supplier: text(80),
  /** Of all of it, in the currency of the order list. */
  price: figure('money', 0, 1e6, 'in the currency of the list'),
  buyWhen: word(...BUY_WHEN),
  delivered: word(...DELIVERED),
  /** Before it was fitted. */
  tested: word('passed', 'failed'),
  /** Of the part where it is largest, and of the place it goes to. */
  sizeM: figure('bore', 0.001, 3, 'm'),
  roomM: figure('bore', 0.001, 3, 'm'),
  weakness: text(300),
})
export type Purchase = ItemOf<typeof PURCHASE>
export const emptyPurchase = (id: string, called: string, lineId: string): Purchase =>
  newItem(PURCHASE, id, { name: called, lineId })

/** How the parts of the job are bought. */
export const ORDERS = group({
  /** What the workshop pays in, as it writes it. */
  currency: text(8),
  purchases: listOf(PURCHASE, 160, 'purchase'),
})
export type OrdersSection = ValueOf<typeof ORDERS>
