import { runCalculator } from './runCalculator.ts'
import { ENGINE_TOP_EXAMPLES } from './test/engineTopExamples.ts'

const answer = (name: string, change: object = {}) => {
  const { code, err, out } = runCalculator([name], () => JSON.stringify({ ...(ENGINE_TOP_EXAMPLES[name] as object), ...change })) // prettier-ignore
  return code === 0 ? JSON.parse(out) : err
}
const { driven, driver } = (ENGINE_TOP_EXAMPLES['throttle-linkage'] as { links: Record<string, object>[] }).links[0]!

describe('calculators of the engine top', () => {
  it('give the figures of the pocket calculator', () => {
    expect(answer('bonnet-clearance')).toMatchObject({ corners: [{ gapM: expect.closeTo(0.015, 9) }], tallerByM: expect.closeTo(0.005, 9) }) // prettier-ignore
    expect(answer('air-cleaner-flow')).toMatchObject({ airM3S: expect.closeTo(0.14875, 6), leastHeightM: expect.closeTo(0.0526, 4), dropPa: null }) // prettier-ignore
    expect(answer('bolt')).toMatchObject({ fit: { lengthM: expect.closeTo(0.045, 9), engagementM: expect.closeTo(0.015, 9), bottoms: false, short: false }, torqueNm: expect.closeTo(25.48, 1) }) // prettier-ignore
    expect(answer('tightening-order')).toMatchObject({ order: [{ place: 0 }, { place: 2 }, { place: 1 }, { place: 3 }], passesNm: [8, 16, 24] }) // prettier-ignore
    expect(answer('throttle-linkage')).toMatchObject({ share: expect.closeTo(0.5, 6), fullAtM: null, binds: null })
  })
  it('a plate that opens halfway: every remedy opens it to its stop', () => {
    const { remedies } = answer('throttle-linkage', { pedalRad: 1 })
    expect(remedies.map((r: { change: string }) => r.change)).toContain('driven arm')
    for (const r of remedies) expect(r.share).toBeCloseTo(1.01, 2)
  })
  it.each([
    ['bolt', { threadDepthM: 0.05 }, /threadDepthM is 0\.05; allowed: at most 0\.022/],
    ['bolt', { thread: { form: 'iso', majorM: 0.004, pitchM: 0.003 } }, /thread\.pitchM is 0\.003; allowed: below 0\.002/],
    ['bolt', { boltClass: '12' }, /boltClass is "12"; allowed: "5\.8", "8\.8"/],
    ['throttle-linkage', { links: [{ kind: 'rod', driver, driven: { ...driven, shaft: [0, 0, 0] } }] }, /links\.0\.driven\.shaft is "0, 0, 0"; allowed: a direction/],
    ['throttle-linkage', { links: [{ kind: 'rod', driver, driven, rodM: 1.5 }] }, /links\.0\.rodM is 1\.5; allowed: a length with which it reaches/],
    ['bonnet-clearance', { rock: { rockRad: 1, axisUpM: -0.3 } }, /rock\.rockRad is 1; allowed: a number, 0 to 0\.2/],
    ['tightening-order', { pattern: { kind: 'star' } }, /pattern\.?\w* is .*allowed: kind "places", "rows" or "circle"/],
  ])('%s refuses by field, value and range', (name, change, said) => expect(answer(name, change)).toMatch(said)) // prettier-ignore
})
