import { repointField } from './repointRecords.ts'

const fuel = (...legs: string[]) => ({ feed: { legs: legs.map((name) => ({ name, lengthM: 1 })) } })
const exhaust = (...pieces: string[]) => ({
  banks: [{ pieces: pieces.map((name) => ({ name })) }],
  common: pieces.map((name) => ({ name })),
  obstacles: pieces.map((name) => ({ name })),
})
const from = (...values: object[]) => values.map((value, i) => ({ at: `2026-05-0${i + 1}T08:00:00.000Z`, value }))
/** Made between the first and the second version. */
const MADE = '2026-05-01T12:00:00.000Z'

describe('entries of the job log made before items had ids', () => {
  it.each([
    ['fuel.feed.legs.1.lengthM', [fuel('A', 'B')], 'fuel.feed.legs.feed-leg-1.lengthM'],
    ['fuel.feed.legs.0.bendRadiusM', [fuel('A', 'B'), fuel('A', 'B')], 'fuel.feed.legs.feed-leg-0.bendRadiusM'],
    ['exhaust.banks.0.pieces.1.lengthM', [exhaust('A', 'B')], 'exhaust.banks.a.pieces.bank-a-piece-1.lengthM'],
    ['exhaust.common.0.roundM', [exhaust('A')], 'exhaust.common.common-piece-0.roundM'],
    ['exhaust.obstacles.0.gapM', [exhaust('A')], 'exhaust.obstacles.obstacle-0.gapM'],
  ])('%s is pointed to its item where nothing ever moved', (field, values, now) =>
    expect(repointField(field, MADE, from(...values))).toBe(now),
  )
  it.each([
    ['the leg was moved since', [fuel('A', 'B'), fuel('B', 'A')]],
    ['a leg was put in before it since', [fuel('A', 'B'), fuel('C', 'A', 'B')]],
    ['it was moved and moved back', [fuel('A', 'B'), fuel('B', 'A'), fuel('A', 'B')]],
    ['two legs are called the same', [fuel('A', 'A')]],
    ['it was taken out', [fuel('A', 'B'), fuel('A')]],
    ['no such leg was there', [fuel('A')]],
    ['nothing is known of that time', []],
    ['the section was stored in another shape', [{ feed: {} }]],
  ])('is left as it stands, which leads nowhere, where %s', (_why, values) =>
    expect(repointField('fuel.feed.legs.1.lengthM', MADE, from(...values))).toBe('fuel.feed.legs.1.lengthM'),
  )
  it('what happened before it was made makes nothing uncertain', () =>
    expect(
      repointField('fuel.feed.legs.1.lengthM', '2026-05-02T09:00:00.000Z', from(fuel('B', 'A'), fuel('A', 'B'))),
    ).toBe('fuel.feed.legs.feed-leg-1.lengthM'))
  it.each(['walkAround.tests.restingV', 'walkAround.tests.compressionPa.2', 'fuel.feed.lengthM'])(
    '%s is nobody’s item and stays',
    (field) => expect(repointField(field, MADE, [])).toBe(field),
  )
  it('a bank is named by its letter', () =>
    expect(repointField('exhaust.banks.1.portHeightM', MADE, [])).toBe('exhaust.banks.b.portHeightM'))
})
