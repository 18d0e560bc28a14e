import { designOf } from './fuelDesign.ts'
import { type JobDocument } from '../../job/index.ts'
import { emptyLeg, type FuelSection, type LineLeg } from '../../sections/index.ts'
import type { HosePart } from '../../parts/index.ts'
import { sentenceText, type VerdictState } from '../../verdict/index.ts'
import { cutListOf } from './linesOfJob.ts'
import { orderItems } from './orderItems.ts'
import { partsOfFuel } from './partsOfFuel.ts'
import { assessFuel } from './assessFuel.ts'
import { fuelCautions } from './cautions.ts'
import { asLoop, compareLoops } from './compareLoops.ts'
import { pressureLever } from './injectorSetsOfJob.ts'
import { lineFindings } from './judgeLines.ts'
import { leakTestOf } from './leakTest.ts'
import { catalogue, soundJob } from './test/jobs.ts'

const sound = soundJob().fuel
const hanging = { ...catalogue.pumps[1]!, mount: 'module' as const, hangerM: 0.24, hatHeightM: 0.03 }
/** A measured tank under a boot floor. */
const inTank = (fuel: Partial<FuelSection> = {}, gapAboveM = 0.07): JobDocument => {
  const job = soundJob({ pump: hanging, ...fuel })
  return {
    ...job,
    walkAround: { ...job.walkAround, tank: { ...job.walkAround.tank, depthM: 0.22, gapAboveM, volumeM3: 0.05 } },
  }
}
const tank = (change: Partial<FuelSection['tank']>) => ({ ...sound.tank, ...change })
const floor = { floorLengthM: 0.5, floorWidthM: 0.7, fromFrontM: 0.25, fromLeftM: 0.35 }
const old = (change: Partial<FuelSection['oldLine']>): Partial<FuelSection> => ({
  oldLine: { keeps: 'return', outsideM: 8e-3, wallM: 0.7e-3, joints: 'flared', provedPa: 1e6, ...change },
})
const stateOf = (job: JobDocument, id: string): VerdictState | undefined =>
  assessFuel(job).verdicts.find((v) => v.id === id)?.state

describe('the station judges tank, vapour, lines and safety', () => {
  it.each<[why: string, job: JobDocument, id: string, state: VerdictState | undefined]>([
    ['room above the hat', inTank(), 'module-above', 'ok'],
    ['a hat 5 mm too high with 30 mm of gap', inTank({}, 0.05), 'module-above', 'stop'],
    ['nobody measured the gap', soundJob({ pump: hanging }), 'module-above', 'unknown'],
    ['an in-line pump asks for no hat', soundJob(), 'module-above', undefined],
    [
      'a top that swings into a rib',
      inTank({ tank: tank({ hingeToHatM: 0.4, tiltDeg: 20, swingRoomM: 0.01 }) }),
      'module-above',
      'stop',
    ],
    ['a hanger that reaches', inTank(), 'module-below', 'ok'],
    ['a hanger too short', inTank({ tank: tank({ hangerM: 0.15, mostHangerM: 0.16 }) }), 'module-below', 'caution'],
    ['a shallow pool without a pot', inTank({ tank: tank({ ...floor, lowM3: 6e-3 }) }), 'starvation', 'caution'],
    ['the same with a pot', inTank({ tank: tank({ ...floor, lowM3: 6e-3, potM3: 2e-3 }) }), 'starvation', 'ok'],
    ['a floor nobody measured', inTank(), 'starvation', 'unknown'],
    ['a vent that ends inside', soundJob({ tank: tank({ ventEnds: 'inside' }) }), 'vent', 'stop'],
    ['no roll-over valve', soundJob({ tank: tank({ rollOverValve: false }) }), 'vent', 'caution'],
    ['no loop', soundJob({ tank: tank({ ventLoop: false }) }), 'vent', 'caution'],
    [
      '2 mm of vent over 15 m',
      soundJob({ vent: { ...sound.vent, measuredBoreM: 0.002, lengthM: 15 } }),
      'vent',
      'caution',
    ],
    ['nobody described it', soundJob({ vent: { ...sound.vent, hose: null } }), 'vent', 'unknown'],
    [
      'a sender that runs backwards',
      soundJob({ tank: tank({ senderEmptyOhm: 10, senderFullOhm: 180, gaugeEmptyOhm: 180, gaugeFullOhm: 10 }) }),
      'sender',
      'caution',
    ],
    [
      'sender and gauge of one make',
      soundJob({ tank: tank({ senderEmptyOhm: 240, senderFullOhm: 33, gaugeEmptyOhm: 240, gaugeFullOhm: 33 }) }),
      'sender',
      'ok',
    ],
    ['cool fuel at sea level', soundJob({ hotFuelK: 300, altitudeM: 0 }), 'suction', 'ok'],
    ['fuel at 60 °C', soundJob({ hotFuelK: 333.15 }), 'suction', 'stop'],
    ['winter fuel on a warm pass', soundJob({ reidPa: 100e3, hotFuelK: 308, altitudeM: 3000 }), 'suction', 'stop'],
    [
      'a pump that lifts a metre and a half of warm fuel',
      soundJob({ inletHeadM: -1.6, hotFuelK: 319, reidPa: 60e3, ethanolShare: 0 }),
      'suction',
      'caution',
    ],
    ['300 kPa kept in the rail', soundJob(), 'hot-soak', 'ok'],
    ['60 kPa kept in the rail', soundJob({ setPressurePa: 60e3 }), 'hot-soak', 'caution'],
    [
      'a return that cooks two litres',
      soundJob({ tank: tank({ lowM3: 2e-3, returnWarmerK: 15 }) }),
      'tank-heat',
      'caution',
    ],
    ['the same car on one line', soundJob({ systemType: 'single-line', regulator: catalogue.regulators[1]!, tank: tank({ lowM3: 8e-3 }) }), 'tank-heat', 'ok'], // prettier-ignore
    ['a relay that stays', soundJob({ safety: { ...sound.safety, stopsWithEngine: false } }), 'safety', 'stop'],
    ['no inertia switch', soundJob({ safety: { ...sound.safety, inertiaSwitch: false } }), 'safety', 'stop'],
    ['a fuse nobody looked for', soundJob({ safety: { ...sound.safety, fused: null } }), 'safety', 'unknown'],
    ['an old flared line that was proved', soundJob(old({})), 'old-line', 'ok'],
    ['not proved yet', soundJob(old({ provedPa: null })), 'old-line', 'caution'],
    ['hose and clips', soundJob(old({ joints: 'hose-and-clip' })), 'old-line', 'stop'],
    ['a wall as thin as its rust', soundJob(old({ wallM: 0.25e-3, keeps: 'feed' })), 'old-line', 'stop'],
    ['a wall nobody measured', soundJob(old({ wallM: null })), 'old-line', 'unknown'],
    ['a fine prime', soundJob(), 'prime', 'ok'],
    ['a prime of a hundredth of a second', soundJob({ primeS: 0.001 }), 'prime', 'caution'],
    [
      'an injector whose coil gives up',
      soundJob({ injector: { ...catalogue.injectors[0]!, mostPressurePa: 200e3 } }),
      'injector-pressure',
      'stop',
    ],
    [
      'two pumps side by side hold what one does not',
      soundJob({ pump: catalogue.pumps[0]!, pumpCount: 2 }),
      'held',
      'ok',
    ],
    ['one of them alone', soundJob({ pump: catalogue.pumps[0]! }), 'held', 'stop'],
  ])('%s', (_why, job, id, state) => expect(stateOf(job, id)).toBe(state))
})

const leg = (change: Partial<LineLeg> = {}): LineLeg => ({ ...emptyLeg('leg-0', 'leg'), lengthM: 1, ...change })
const withLegs = (...legs: LineLeg[]) => soundJob({ feed: { ...sound.feed, hose: catalogue.hoses[2]!, legs } })
const rubber: HosePart = { ...catalogue.hoses[2]!, id: 'rubber', name: 'Rubber', kind: 'rubber', conductive: null }

describe('legs of a line', () => {
  it.each<[string, LineLeg, RegExp | null]>([
    ['nothing wrong', leg({ start: catalogue.fittings[0]!, end: catalogue.fittings[1]! }), null],
    ['not measured', leg({ lengthM: null }), /Not measured yet/],
    ['a hose too weak', leg({ hose: catalogue.hoses[3]! }), /Hose weak is rated/],
    ['a hose for less ethanol', leg({ hose: { ...rubber, mostEthanolShare: 0 } }), /the liner swells/],
    ['a liner that does not conduct', leg({ hose: { ...catalogue.hoses[2]!, conductive: false } }), /does not conduct/],
    ['an end of another size', leg({ start: { ...catalogue.fittings[0]!, dash: 8 } }), /size dash 8/],
    ['an end for another hose', leg({ hose: rubber, end: catalogue.fittings[0]! }), /is not made for rubber hose/],
    ['an end too weak', leg({ end: { ...catalogue.fittings[0]!, mostPressurePa: 3e5 } }), /is rated/],
    ['a kink', leg({ bendRadiusM: 0.02 }), /kinks Hose 9/],
    ['hard tube at the engine', leg({ hose: { ...rubber, kind: 'hard-tube' }, moves: 'engine' }), /work-hardens/],
    ['common hose in the tank', leg({ moves: 'inside' }), /not rated for use in fuel/],
    ['40 mm from the exhaust', leg({ exhaustGapM: 0.04, sleeved: true }), /a sleeve is not enough/],
    ['120 mm, bare', leg({ exhaustGapM: 0.12 }), /sleeve it/],
    ['120 mm, sleeved', leg({ exhaustGapM: 0.12, sleeved: true }), null],
    ['by the fan', leg({ nearMotion: true }), /something that moves/],
  ])('%s', (_why, one, says) => {
    const found = lineFindings(designOf(withLegs(one))).map((f) => f.why.filter((w) => typeof w === 'string').join(''))
    if (says === null) expect(found).toEqual([])
    else expect(found.join(' ')).toMatch(says)
  })

  it('the loss is that of the very legs and ends: three legs lose what one of their length does, and ends add', () => {
    const railAt = (job: JobDocument) => assessFuel(job).solved.find((s) => s.point.id === 'full')!.answer.feedDropPa!
    const lossless = { ...catalogue.fittings[0]!, lossK: 0 }
    const piece = (lengthM: number) => leg({ lengthM, start: lossless, end: lossless })
    expect(railAt(withLegs(piece(1), piece(1), piece(1))) / railAt(withLegs(piece(3)))).toBeCloseTo(1, 6)
    const [straight, bent] = [catalogue.fittings[0]!, catalogue.fittings[1]!]
    expect(railAt(withLegs(leg({ lengthM: 3, start: bent, end: bent })))).toBeGreaterThan(
      railAt(withLegs(leg({ lengthM: 3, start: straight, end: straight }))),
    )
  })

  it('a piece longer than its stock is refused by the leg', () => {
    const list = cutListOf(designOf(withLegs(leg(), leg({ lengthM: 3.5 }))))
    expect(list).toMatchObject({ ok: false, error: [{ field: 'fuel.feed.legs.1.lengthM', line: 'feed' }] })
    // Its hose is on no list then, and the order says so.
    const order = orderItems(designOf(withLegs(leg({ lengthM: 3.5, start: catalogue.fittings[0]!, end: catalogue.fittings[0]! })))) // prettier-ignore
    const feed = order.find((i) => i.id === 'feed')!
    expect([feed.state, sentenceText(feed.says, {})]).toEqual([
      'stop',
      expect.stringMatching(/is sold in lengths of 3.*split the leg/),
    ])
    const [end] = catalogue.fittings
    expect(cutListOf(designOf(withLegs(leg({ lengthM: 0.03, start: end!, end: end! }))))).toMatchObject({
      ok: false,
      error: [{ code: 'shorterThanEnds', field: 'fuel.feed.legs.0.lengthM', value: 0.03 }],
    })
    const [hose] = [catalogue.hoses[0]!]
    const mixed = withLegs(leg({ hose: { ...hose, stockM: 6 }, lengthM: 4 }), leg({ hose: { ...hose, stockM: 2 }, lengthM: 1 })) // prettier-ignore
    const both = cutListOf(designOf(mixed))
    // One hose in two copies that are sold in two lengths: two orders, told apart.
    expect(both).toMatchObject({ ok: true, value: [{ stockM: 6 }, { stockM: 2 }] })
    expect(partsOfFuel(designOf(mixed)).filter((l) => l.what === 'hose or tube')).toHaveLength(2)
    const fine = cutListOf(designOf(withLegs(leg(), leg(), leg({ moves: 'tank' }))))
    expect(fine).toMatchObject({ ok: true, value: [{ packing: { boughtM: 6, proved: true } }] })
  })
})

describe('both kinds of loop', () => {
  it('stand beside each other; the one that is chosen is the job itself', () => {
    const job = soundJob()
    const { designs, rows } = compareLoops(job, catalogue)
    expect(designs.map((d) => d.loop)).toEqual(['return', 'single-line'])
    expect(designs[0].job).toBe(job)
    expect(designs[1].job.fuel).toMatchObject({ systemType: 'single-line', referenced: false })
    expect(designs[1].regulator?.type).toBe('single-line')
    const laid = rows.find((r) => r.what.startsWith('Line to run'))!
    expect(laid.figures.map((f) => (typeof f === 'string' ? f : f.si))).toEqual([8, 4])
  })
  it('there and back again keeps the lines', () => {
    const there = asLoop(soundJob(), catalogue, 'single-line')
    const back = asLoop(there, catalogue, 'return')
    expect(back.fuel.return).toEqual(sound.return)
    expect(back.fuel.regulator?.type).toBe('return')
  })
})

describe('proof and lever', () => {
  it('the leak test is at one and a half times the set pressure, never above the weakest part', () => {
    expect(leakTestOf(designOf(soundJob())).testPa).toBeCloseTo(450e3, 6)
    const weak = leakTestOf(designOf(soundJob({ feed: { ...sound.feed, hose: catalogue.hoses[3]! } })))
    expect([weak.testPa, weak.weakestPa]).toEqual([350e3, 350e3])
  })
  it('5 % richer takes 10 % more pressure; out of the regulator’s range it says so', () => {
    expect(pressureLever(soundJob(), 1.05, 1).setPressurePa).toBeCloseTo(330_750, 3)
    expect(pressureLever(soundJob(), 1, 1)).toEqual({ setPressurePa: 300e3, against: [] })
    expect(pressureLever(soundJob({ setPressurePa: 590e3 }), 1.05, 1).against).toContain(
      'Set pressure outside the regulator’s range',
    )
  })
  it('cautions of the tank are for those who open one', () => {
    const where = (job: JobDocument) => fuelCautions(job).map((c) => c.where)
    expect(where(soundJob())).not.toContain('tank')
    expect(where(inTank())).toContain('tank')
    expect(where(soundJob(old({})))).toContain('old-line')
  })
})
