import type { JobDocument } from '../../job/index.ts'
import type { ExhaustSection } from '../../sections/index.ts'
import { sentenceText } from '../../verdict/index.ts'
import { exhaustCase } from './exhaustCase.ts'
import { partsOfExhaust } from './partsOfExhaust.ts'
import { boss, soundExhaust, STRAIGHT } from './test/exhausts.ts'

const sound = (change: Partial<ExhaustSection> = {}): JobDocument => {
  const job = soundExhaust()
  return { ...job, exhaust: { ...job.exhaust, ...change } }
}
const spotB = { run: 'b', alongM: 0.18, clockDeg: 50 } as const

/** Two banks, the second of wider pipe, with a sensor in each; the first one's pipe is 50 mm across. */
const weldedBanks = (change: Partial<ExhaustSection>): JobDocument => {
  const { banks, spots } = soundExhaust().exhaust
  const wide = STRAIGHT.map((p) => ({ ...p, outsideM: 0.0635 }))
  const job = sound({
    sensorCount: 2,
    banks: [banks[0]!, { ...banks[0]!, pieces: wide }],
    spots: [spots[0]!, spotB],
    ...change,
  })
  return {
    ...job,
    walkAround: { ...job.walkAround, exhaust: { ...job.walkAround.exhaust, comesApart: 'welded' } },
  }
}
const ordered = (job: JobDocument, id: string) => partsOfExhaust(exhaustCase(job)).find((p) => p.id === id)

describe('parts of the exhaust that hang on a decision', () => {
  it('a flange for each end of every stretch that is made removable, to each one’s pipe', () => {
    const both = ordered(weldedBanks({ flanged: true }), 'flanges')!
    expect([both.quantity.si, sentenceText(both.specification, {})]).toEqual([
      4,
      'for 50.0\u2009mm and 63.5\u2009mm outside',
    ])
    // Two sensors one behind the other in one stretch: it comes off as one.
    const one = ordered(weldedBanks({ flanged: true, spots: [spotB, { ...spotB, alongM: 0.4 }] }), 'flanges')!
    expect([one.quantity.si, sentenceText(one.specification, {})]).toEqual([2, 'for 63.5\u2009mm outside'])
    // What prints alike is said once.
    const { banks } = soundExhaust().exhaust
    const near = { ...banks[0]!, pieces: STRAIGHT.map((p) => ({ ...p, outsideM: 0.05001 })) }
    const alike = ordered(weldedBanks({ flanged: true, banks: [banks[0]!, near] }), 'flanges')!
    expect([alike.quantity.si, sentenceText(alike.specification, {})]).toEqual([4, 'for 50.0\u2009mm outside'])
    expect(ordered(weldedBanks({ flanged: false }), 'flanges')).toBeUndefined()
  })
  it.each([
    ['stainless, welded', { material: 'stainless', joinBy: 'weld' }, true],
    ['stainless, clamped', { material: 'stainless', joinBy: 'clamp' }, false],
    ['mild steel, welded', { material: 'mild-steel', joinBy: 'weld' }, false],
  ] as const)('filler and backing gas: %s', (_, change, wanted) => {
    expect(ordered(sound(change), 'filler') !== undefined).toBe(wanted)
  })
  it.each([
    [null, 'hole for the bung'],
    [0.019, 'hole larger than any drill there'],
    [boss.holeM, undefined],
  ])('a drill where the largest one there is %s', (drillM, why) => {
    const job = sound()
    const means = { ...job.walkAround.means, drillM }
    expect(ordered({ ...job, walkAround: { ...job.walkAround, means } }, 'drill')?.why).toBe(why)
  })
})
