import { designOf } from '../../stations/fuel/fuelDesign.ts'
import fc from 'fast-check'
import type { LineName } from '../../sections/index.ts'
import type { FittingPart, HosePart } from '../../parts/index.ts'
import { catalogue, soundJob } from '../../stations/fuel/test/jobs.ts'
import { loadOf } from '../../stations/fuel/linesOfJob.ts'
import { fittingUnfit, hoseUnfit, type LineLoad } from './hoseFitness.ts'

const hose: HosePart = {
  id: 'h',
  name: 'Hose',
  priceClass: 2,
  kind: 'lined-hose',
  boreM: 0.008,
  roughnessM: 1e-6,
  mostPressurePa: 1e6,
  mostEthanolShare: 0.15,
  dash: 6,
  outsideM: 0.013,
  leastBendRadiusM: 0.07,
  stockM: 6,
  immersible: false,
  conductive: true,
}
const end: FittingPart = {
  id: 'e',
  name: 'End',
  priceClass: 2,
  make: 'reusable',
  dash: 6,
  angleDeg: 0,
  thread: '9/16-18 UNF, 37° flare',
  fits: ['lined-hose'],
  lossK: 0.2,
  takesUpM: 0.02,
  mostPressurePa: 1e6,
}
const feed: LineLoad = { line: 'feed', mostPa: 700e3, ethanolShare: 0.1 }

describe('what a line may be made of', () => {
  it.each<[why: string, hose: Partial<HosePart>, load: Partial<LineLoad>, state: 'stop' | 'caution' | null]>([
    ['rated for both', {}, {}, null],
    ['just rated for both', { mostPressurePa: 700e3, mostEthanolShare: 0.1 }, {}, null],
    ['fuel it is not rated for', { mostEthanolShare: 0.05 }, {}, 'stop'],
    ['pressure it does not stand', { mostPressurePa: 350e3 }, {}, 'stop'],
    // The return only sees the pump's pressure when it is itself the blockage.
    ['the same in the return', { mostPressurePa: 350e3 }, { line: 'return' }, 'caution'],
    ['a liner that does not conduct', { conductive: false }, {}, 'stop'],
    ['a liner nobody knows about', { conductive: null }, {}, null],
    ['rubber needs no conducting liner', { kind: 'rubber', conductive: false }, {}, null],
    ['weak fuel hose on the vent', { mostPressurePa: 350e3 }, { line: 'vent', mostPa: 20e3 }, null],
  ])('%s', (_why, change, load, state) =>
    expect(hoseUnfit({ ...hose, ...change }, { ...feed, ...load })?.state ?? null).toBe(state),
  )

  it.each<[why: string, end: Partial<FittingPart>, hose: Partial<HosePart>, state: 'stop' | 'caution' | null]>([
    ['made for it', {}, {}, null],
    ['made for another kind', { fits: ['rubber'] }, {}, 'stop'],
    ['of another size', { dash: 8 }, {}, 'stop'],
    ['a hose that tells no size', { dash: 8 }, { dash: null }, null],
    ['too weak', { mostPressurePa: 350e3 }, {}, 'stop'],
    ['a barb at pump pressure', { make: 'barb-and-clamp', fits: ['rubber'], mostPressurePa: 350e3 }, { kind: 'rubber' }, 'stop'], // prettier-ignore
  ])('an end %s', (_why, change, onHose, state) =>
    expect(fittingUnfit({ ...end, ...change }, { ...hose, ...onHose }, feed)?.state ?? null).toBe(state),
  )

  it('more rating never makes a hose or an end unfit, more load never makes it fit', () => {
    const arb = fc.record({
      standsPa: fc.double({ min: 1e4, max: 3e6, noNaN: true }),
      share: fc.double({ min: 0, max: 1, noNaN: true }),
      mostPa: fc.double({ min: 1e4, max: 2e6, noNaN: true }),
      ethanolShare: fc.double({ min: 0, max: 1, noNaN: true }),
    })
    const stopped = (p: number, s: number, load: LineLoad) =>
      hoseUnfit({ ...hose, mostPressurePa: p, mostEthanolShare: s }, load) !== null ||
      fittingUnfit({ ...end, mostPressurePa: p }, hose, load) !== null
    fc.assert(
      fc.property(arb, ({ standsPa, share, mostPa, ethanolShare }) => {
        const load: LineLoad = { line: 'feed', mostPa, ethanolShare }
        if (!stopped(standsPa, share, load)) expect(stopped(1.2 * standsPa, Math.min(1, 1.1 * share), load)).toBe(false)
        if (stopped(standsPa, share, load))
          expect(stopped(standsPa, share, { ...load, mostPa: 1.2 * mostPa })).toBe(true)
      }),
      { seed: 41, numRuns: 400 },
    )
  })

  it('what a line can see: the pump’s shut-off pressure at the highest voltage, the tank’s air on the open side', () => {
    const job = soundJob()
    const at = (line: LineName) => loadOf(designOf(job), line)!.mostPa!
    expect(at('feed')).toBe(at('return'))
    const larger = soundJob({ pump: catalogue.pumps[2]! })
    expect(loadOf(designOf(larger), 'feed')!.mostPa).toBeGreaterThan(at('feed'))
    expect([at('suction'), at('vent')]).toEqual([20e3, 20e3])
    expect(loadOf(designOf(soundJob({ pump: null })), 'feed')).toBeNull()
  })
})
