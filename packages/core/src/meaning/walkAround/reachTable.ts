import type { WALK_AROUND } from '../../sections/walkAround.ts'
import type { Hows } from '../hows.ts'
import type { Labels } from '../labels.ts'

type Reach = (typeof WALK_AROUND)['fields']['reach']

const PLACES = {
  tank: 'the tank',
  'fuel-lines': 'the fuel lines',
  exhaust: 'the exhaust',
  manifold: 'the manifold',
  bulkhead: 'the bulkhead',
  ecu: 'the ECU’s place',
  battery: 'the battery',
  earths: 'earths and straps',
} as const

/** Rows of the walk-around: what stands in them is called and measured by this table, not by that of the entries. */
export const REACH_LABELS: Labels<Reach> = {
  '': '',
  inTheWay: {
    '': 'In the way',
    item: {
      '': '',
      name: 'name',
      place: { label: 'to reach', words: PLACES },
      takesS: 'time out and in again',
    },
  },
  fasteners: {
    '': 'Fastener',
    item: {
      '': '',
      name: 'name',
      place: { label: 'at', words: PLACES },
      state: {
        label: 'state',
        words: { seized: 'seized', rounded: 'rounded', stripped: 'thread stripped', missing: 'missing' },
      },
      count: 'number of them',
    },
  },
}

export const REACH_HOWS: Hows<Reach> = {
  inTheWay: {
    item: { takesS: 'From the last time it was out, or double what it looks like. Out and in again together.' },
  },
  fasteners: { item: { count: 'Count them on the car, alike ones together.' } },
}
