import type { JobDocument } from '../job/index.ts'
import type { Purchase } from '../sections/index.ts'
import { repairsFirst } from '../stations/walk-around/index.ts'
import { fig, say, type Sentence } from '../verdict/index.ts'
import { partsOfJob, type MergedPart } from './partsOfJob.ts'

export interface PurchaseFault {
  readonly state: 'stop' | 'caution'
  readonly says: Sentence
}

/** One line of what is bought: a part of the list with what is known of buying it. */
export interface PurchaseLine {
  readonly id: string
  readonly name: string
  /** Null: bought, and no longer on the list. */
  readonly part: MergedPart | null
  readonly purchase: Purchase | null
  readonly faults: readonly PurchaseFault[]
  readonly words: { readonly buy: string; readonly delivered: string; readonly tested: string; readonly fits: string }
}

export interface Purchases {
  readonly lines: readonly PurchaseLine[]
  /** As the workshop writes it; empty where nobody said. */
  readonly currency: string
  /** Of those whose price is known, in that currency. */
  readonly priceSum: number
  readonly priced: number
  readonly delivered: number
  /** Nothing but what the repair needs is bought while repairs stand first. */
  readonly repairsOpen: boolean
}

const BUY = { now: 'now', 'with-the-next': 'with the next order', last: 'last' } as const
const DELIVERED = {
  right: 'right',
  wrong: 'wrong part',
  missing: 'missing',
  double: 'double',
  damaged: 'damaged',
} as const
const DELIVERED_SAYS = {
  wrong: 'The wrong part came: send it back before it is marked.',
  missing: 'It was in the order and not in the box: claim it now.',
  double: 'It came twice: send one back.',
  damaged: 'It came damaged: photograph it with its box, and claim it.',
} as const

/** Whether the largest dimension goes into the room at its place; null where either is not known. */
const goesIn = (p: Purchase | null): boolean | null =>
  p === null || p.sizeM === null || p.roomM === null ? null : p.sizeM <= p.roomM

const faultsOf = (p: Purchase | null, onList: boolean, repairsOpen: boolean): PurchaseFault[] => {
  if (p === null) return []
  return [
    ...(goesIn(p) === false
      ? [{ state: 'stop' as const, says: say`${fig(p.sizeM!, 'bore', 0)} does not go into ${fig(p.roomM!, 'bore', 0)}.` }]
      : []),
    ...(p.tested === 'failed' ? [{ state: 'stop' as const, says: say`It failed its test before fitting: it is not fitted.` }] : []),
    ...(p.delivered !== null && p.delivered !== 'right'
      ? [{ state: p.delivered === 'double' ? ('caution' as const) : ('stop' as const), says: say`${DELIVERED_SAYS[p.delivered]}` }]
      : []),
    ...(onList ? [] : [{ state: 'caution' as const, says: say`No station asks for it any more.` }]),
    ...(repairsOpen && p.buyWhen === 'now' && p.delivered === null
      ? [{ state: 'caution' as const, says: say`Repairs stand first: nothing else is ordered before they are done.` }]
      : []),
    ...(p.weakness.trim() !== '' && p.tested === null
      ? [{ state: 'caution' as const, says: say`Known weakness: ${p.weakness.trim()}. Test it before it is fitted.` }]
      : []),
  ]
} // prettier-ignore

const lineOf = (part: MergedPart | null, purchase: Purchase | null, repairsOpen: boolean): PurchaseLine => {
  const fits = goesIn(purchase)
  return {
    id: part?.id ?? purchase!.id,
    name: part?.line.name ?? purchase!.name,
    part,
    purchase,
    faults: faultsOf(purchase, part !== null, repairsOpen),
    words: {
      buy: purchase?.buyWhen ? BUY[purchase.buyWhen] : 'not said',
      delivered: purchase?.delivered ? DELIVERED[purchase.delivered] : 'not yet',
      tested: purchase?.tested ?? 'not yet',
      fits: fits === null ? 'not measured' : fits ? 'yes' : 'no',
    },
  }
}

/** Everything that is bought for a job: each part of the merged list, and what was bought and is no longer on it. */
export const purchasesOf = (job: JobDocument): Purchases => {
  const parts = partsOfJob(job)
  const { currency, purchases } = job.orders
  const repairsOpen = repairsFirst(job).length > 0
  const lines = [
    ...parts.map((part) => lineOf(part, purchases.find((p) => p.lineId === part.id) ?? null, repairsOpen)),
    ...purchases.filter((p) => !parts.some((part) => part.id === p.lineId)).map((p) => lineOf(null, p, repairsOpen)),
  ]
  const priced = purchases.filter((p) => p.price !== null)
  return {
    lines,
    currency: currency.trim(),
    priceSum: priced.reduce((sum, p) => sum + p.price!, 0),
    priced: priced.length,
    delivered: purchases.filter((p) => p.delivered === 'right').length,
    repairsOpen,
  }
}
