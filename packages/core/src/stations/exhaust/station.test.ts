import { evaluateStep } from '../../verdict/test/evaluateStep.ts'
import { withChange, type JobDocument } from '../../job/index.ts'
import { NO_PARTS } from '../../parts/test/noParts.ts'
import { EXHAUST_STATION, remediesOf } from '../index.ts'
import { withSpot } from './judgeSpots.ts'
import type { ExhaustSection } from '../../sections/index.ts'
import { sentenceText } from '../../verdict/index.ts'
import {
  boss,
  clamp,
  jobWith,
  obstacle,
  piece,
  sensor,
  soundExhaust,
  STRAIGHT,
  twoBanks,
  withPieces,
} from './test/exhausts.ts'
import { worstState } from '../../verdict/index.ts'
import { assessExhaust, judgeExhaust } from './assessExhaust.ts'
import { exhaustCase } from './exhaustCase.ts'
import { exhaustWorking, EXHAUST_WORKINGS } from './exhaustWorkings.ts'
import { heatAtSpot, reversionAt } from './heatAtSpot.ts'
import { leakAt, leakPlaceShare } from './leaksOfCase.ts'
import { leakPlan } from './leakPlan.ts'
import { partsOfExhaust } from './partsOfExhaust.ts'
import { permissionOf } from './permissionOfCase.ts'
import { sensorAdvice } from './sensorAdvice.ts'

const bungs = [boss, clamp]
const verdicts = (job: JobDocument) => assessExhaust(job, { bungs }).verdicts
const remediesFor = (job: JobDocument, id: string) =>
  remediesOf(EXHAUST_STATION, job, { ...NO_PARTS, bungs }).get(id) ?? []
const of = (job: JobDocument, id: string) => verdicts(job).find((v) => v.id === id)
const sound = (change: Partial<ExhaustSection> = {}): JobDocument => {
  const job = soundExhaust()
  return { ...job, exhaust: { ...job.exhaust, ...change } }
}
const log = piece('log', 0.3)
const spotB = { run: 'b', alongM: 0.18, clockDeg: 50 } as const
const END = piece('open-end', 0.01)

describe('the exhaust sensor station of a sound job', () => {
  it('has nothing against it', () => {
    expect(verdicts(sound()).filter((v) => v.state !== 'ok').map((v) => [v.id, v.state])).toEqual([]) // prettier-ignore
    expect(worstState(judgeExhaust(exhaustCase(sound()), { bungs }).map((v) => v.state))).toBe('ok')
  })
  it('an empty one asks for the exhaust and judges nothing else', () => {
    const [first, ...more] = verdicts(withPieces([], { banks: [] }))
    expect(first).toMatchObject({ id: 'pipe', state: 'unknown' })
    expect(more).toEqual([])
  })
})

describe('each judge', () => {
  it.each([
    ['spot-a', 'no spot yet', { spots: [] }, 'unknown'],
    ['spot-a', 'below level', { spots: [{ run: 'a', alongM: 0.18, clockDeg: 120 }] }, 'stop'],
    ['spot-a', 'far off the band', { spots: [{ run: 'a', alongM: 1.6, clockDeg: 75 }] }, 'caution'],
    ['gas-a', 'a sensor for cooler gas', { sensor: { ...sensor, mostGasK: 700, mostGasShortK: 1300 } }, 'caution'],
    ['gas-a', 'a sensor for much cooler gas', { sensor: { ...sensor, mostGasK: 600, mostGasShortK: 700 } }, 'stop'],
    ['hexagon-a', 'a housing for 500 °C', { sensor }, 'caution'],
    ['tail-a', 'half a metre of tail', { spots: [{ run: 'a', alongM: 2.5, clockDeg: 50 }] }, 'caution'],
    ['tail-a', 'a hand of tail', { spots: [{ run: 'a', alongM: 2.8, clockDeg: 50 }] }, 'stop'],
    ['leaks', 'not checked', { banks: [{ ...soundExhaust().exhaust.banks[0]!, pieces: STRAIGHT.map((p) => ({ ...p, joint: 'flange', jointState: null })) }] }, 'unknown'],
    ['leaks', 'leaking', { banks: [{ ...soundExhaust().exhaust.banks[0]!, pieces: STRAIGHT.map((p) => ({ ...p, joint: 'flange', jointState: 'leaks', leakM: 0.003 })) }] }, 'stop'],
    ['foreign-air', 'not looked at', { airInjection: null }, 'unknown'],
    ['foreign-air', 'air pump', { airInjection: 'ports' }, 'stop'],
    ['foreign-air', 'seized flap', { heatRiser: 'seized', heatRiserBank: 'a' }, 'caution'],
    ['steering', 'air pump', { airInjection: 'ports' }, 'stop'],
    ['way', 'not decided', { joinBy: null }, 'unknown'],
    ['way', 'cast', { material: 'cast' }, 'stop'],
    ['way', 'clamp although somebody welds', { joinBy: 'clamp', bung: clamp }, 'caution'],
    ['bung-a', 'none', { bung: null }, 'unknown'],
    ['bung-a', 'of the other kind', { bung: clamp }, 'stop'],
    ['bung-a', 'clamp for thicker pipe', { joinBy: 'clamp', bung: { ...clamp, leastPipeM: 0.06, mostPipeM: 0.067 } }, 'stop'],
    ['bung-a', 'clamp for thinner pipe', { joinBy: 'clamp', bung: { ...clamp, leastPipeM: 0.041, mostPipeM: 0.048 } }, 'stop'],
    ['bung-a', 'clamp that fits', { joinBy: 'clamp', bung: { ...clamp, leastPipeM: 0.047, mostPipeM: 0.053 } }, 'ok'],
    ['bung-a', 'boss for thicker pipe', { bung: { ...boss, leastPipeM: 0.06 } }, 'stop'],
    ['cable', 'not measured', { cablePathM: null }, 'unknown'],
    ['cable', 'too short', { cablePathM: 0.98 }, 'stop'],
    ['cable', 'on the pipe', { cableGapM: 0.01 }, 'caution'],
    ['sensor-type', 'plugged in first', { typeSet: false }, 'stop'],
    ['sensor-type', 'not said', { typeSet: null }, 'unknown'],
    ['fuel', 'leaded', { leadedFuel: true }, 'caution'],
    ['fuel', 'not asked', { leadedFuel: null }, 'unknown'],
    ['count', 'two in one pipe', { sensorCount: 2 }, 'caution'],
    ['obstacles', 'one not measured', { obstacles: [obstacle({ gapM: null, alongM: 1 })] }, 'unknown'],
    ['obstacles', 'all measured', { obstacles: [obstacle({ alongM: 1 })] }, 'ok'],
    ['bung-a', 'a boss of another thread', { bung: { ...boss, thread: 'M12 x 1.25' } }, 'stop'],
    ['bung-a', 'mild steel on stainless', { material: 'stainless' }, 'caution'],
  ] as const)('%s: %s', (id, _n, change, state) => expect(of(sound(change as Partial<ExhaustSection>), id)?.state).toBe(state)) // prettier-ignore

  it('a leak found stops the station before any spot is chosen', () => {
    const [bank] = soundExhaust().exhaust.banks
    const pieces = bank!.pieces.map((p) => ({ ...p, joint: 'flange' as const, jointState: 'leaks' as const }))
    expect(of(sound({ spots: [], banks: [{ ...bank!, pieces }] }), 'leaks')).toMatchObject({ state: 'stop' })
    expect(of(sound({ spots: [] }), 'leaks')).toBeUndefined()
  })
  it('water: how the sensor stands, and on what pipe, is said', () => {
    expect(sentenceText(of(sound(), 'water-a')!.reason, {})).toMatch(/40° above level on a pipe that is level/)
  })
  it('a wild cam must not steer at idle', () => {
    const job = sound()
    const wild = { ...job, walkAround: { ...job.walkAround, tests: { ...job.walkAround.tests, idleVacuumPa: 25e3 } } }
    expect(of(wild, 'steering')).toMatchObject({ state: 'caution' })
    expect(sentenceText(of(wild, 'steering')!.reason, {})).toMatch(/overlap/)
  })
  it('nobody welds and a weld was chosen', () => {
    const job = sound()
    expect(of({ ...job, system: { ...job.system, welder: 'none' } }, 'way')?.state).toBe('stop')
    expect(of({ ...job, system: { ...job.system, welder: null } }, 'way')?.state).toBe('unknown')
  })
  it('a pipe that hangs below the line', () => {
    const [bank] = soundExhaust().exhaust.banks
    const low = (groundClearanceM: number) => of(sound({ groundClearanceM, banks: [{ ...bank!, portHeightM: 0.2 }] }), 'ground') // prettier-ignore
    expect(low(0.15)?.state).toBe('ok')
    expect(low(0.18)?.state).toBe('caution')
    expect(of(sound({ groundClearanceM: 0.18 }), 'ground')).toBeUndefined()
  })
  it('the diameter of a pipe that nobody measured is asked for', () => {
    const [bank] = soundExhaust().exhaust.banks
    const pieces = bank!.pieces.map((p) => ({ ...p, outsideM: null }))
    expect(of(sound({ banks: [{ ...bank!, pieces }] }), 'bung-a')?.state).toBe('unknown')
  })
})

describe('one sensor, two, or none', () => {
  const bank = [log, piece('pipe', 1)]
  const common = [piece('merge', 0.1), piece('pipe', 2), END]
  const port = (job: JobDocument): JobDocument => ({ ...job, fuel: { ...job.fuel, injectionPlace: 'port' } })
  it.each([
    ['one pipe', jobWith({}), 1],
    ['a vee on a throttle body into one pipe', twoBanks(bank, common), 1],
    ['a vee on a throttle body with two pipes', twoBanks([...bank, piece('pipe', 2), END], []), 1],
    ['a vee with injectors in its ports', port(twoBanks([...bank, piece('pipe', 2), END], [])), 2],
    ['two banks into one turbine', port(twoBanks(bank, [piece('turbine', 0.15), piece('pipe', 2), END])), 1],
    ['open stubs', withPieces([piece('primaries', 0.3, { count: 4 }), piece('merge', 0.1), END]), 0],
  ] as const)('%s', (_n, job, count) => expect(sensorAdvice(exhaustCase(job)).count).toBe(count))

  it('two on a throttle body are the averages them, and pass; one for two trimmed banks too', () => {
    const apart = twoBanks([...bank, piece('pipe', 2), END], [], { sensorCount: 2 })
    expect(of(apart, 'count')).toMatchObject({ state: 'ok' })
    expect(sentenceText(of(apart, 'count')!.reason, {})).toMatch(/averages them/)
    const blind = port(twoBanks([...bank, piece('pipe', 2), END], [], { sensorCount: 1 }))
    expect(sentenceText(of(blind, 'count')!.reason, {})).toMatch(/follows blindly/)
  })
  it('two behind one turbine are stopped, and the remedy is one', () => {
    const job = twoBanks(bank, [piece('turbine', 0.15), piece('pipe', 2), END], { sensorCount: 2 })
    const count = of(job, 'count')!
    expect(count).toMatchObject({ state: 'stop', title: 'Two sensors after one turbo' })
    expect(of(withChange(job, remediesFor(job, 'count')[0]!.change), 'count')!.state).toBe('ok')
  })
  const two = (more: Partial<ExhaustSection>) =>
    port(
      twoBanks([...bank, piece('pipe', 2), END], [], {
        sensorCount: 2,
        sensor,
        spots: [{ run: 'a', alongM: 0.18, clockDeg: 50 }, spotB],
        ...more,
      }),
    )
  it.each([
    ['not proved', {}, 'unknown'],
    ['wired straight and proved', { steers: { a: 'a', b: 'b' }, bankTest: 'own-went-lean' }, 'ok'],
    ['wired across', { steers: { a: 'b', b: 'a' } }, 'stop'],
    ['found across', { steers: { a: 'a', b: 'b' }, bankTest: 'other-went-lean' }, 'stop'],
  ] as const)('bank leads %s', (_n, more, state) => expect(of(two(more), 'crossing')?.state).toBe(state))
  it('sensor B is placed before sensor A: what is stored has no hole', () => {
    const none = two({ spots: [] })
    const [remedy] = remediesFor(none, 'spot-b')
    expect(remedy!.change.exhaust!.spots!.map((s) => s.run)).toEqual(['a', 'b'])
    expect(withSpot(none.exhaust, 1, spotB).spots).toEqual([spotB, spotB])
  })
  it('a sensor in the other bank is stopped', () => {
    const crossed = two({ spots: [spotB, { ...spotB, run: 'a' }] })
    expect([of(crossed, 'spot-a')!.state, of(crossed, 'spot-b')!.state]).toEqual(['stop', 'stop'])
  })
  it('no sensor: pipe, count and what blows in are judged, and nothing of a sensor', () =>
    expect(
      verdicts(sound({ sensorCount: 0, spots: [] }))
        .map((v) => v.id)
        .sort(),
    ).toEqual(['count', 'foreign-air', 'pipe']))
})

describe('remedies', () => {
  it.each([
    ['no spot yet', sound({ spots: [] }), 'spot-a'],
    ['a spot below level', sound({ spots: [{ run: 'a', alongM: 0.18, clockDeg: 120 }] }), 'spot-a'],
    ['a spot that is blocked', sound({ obstacles: [obstacle({ alongM: 0.18 })] }), 'spot-a'],
    [
      'a clamp that is too short',
      sound({ joinBy: 'clamp', bung: { ...clamp, leastPipeM: 0.041, mostPipeM: 0.048 } }),
      'bung-a',
    ],
    ['no boss', sound({ bung: null }), 'bung-a'],
    ['way not decided', sound({ joinBy: null }), 'way'],
  ] as const)('%s: each of them cures', (_n, job, id) => {
    const verdict = of(job, id)!
    expect(verdict.state).not.toBe('ok')
    const found = remediesFor(job, id)
    expect(found.length).toBeGreaterThan(0)
    for (const { change } of found) expect(of(withChange(job, change), id)!.state).toBe('ok')
  })
})

describe('figures at a spot', () => {
  const c = exhaustCase(sound())
  const at = (alongM: number) => ({ run: 'a' as const, alongM, clockDeg: 45 })
  it('further down it is cooler and later, with more load hotter and sooner', () => {
    for (const moment of ['idle', 'cruise', 'hard', 'full'] as const) {
      const near = heatAtSpot(c, at(0.1), moment)!
      const far = heatAtSpot(c, at(1.5), moment)!
      expect(far.gasK.typical).toBeLessThan(near.gasK.typical)
      expect(far.delay.transportS).toBeGreaterThan(near.delay.transportS)
      for (const h of [near, far]) {
        expect(h.gasK.low).toBeLessThan(h.gasK.typical)
        expect(h.gasK.typical).toBeLessThan(h.gasK.high)
        expect(h.wallK.typical).toBeLessThan(h.gasK.typical)
      }
    }
    expect(heatAtSpot(c, at(0.2), 'full')!.gasK.typical).toBeGreaterThan(heatAtSpot(c, at(0.2), 'idle')!.gasK.typical)
    expect(heatAtSpot(c, at(0.2), 'full')!.delay.transportS).toBeLessThan(
      heatAtSpot(c, at(0.2), 'idle')!.delay.transportS,
    )
  })
  it('air comes back 80 to 180 mm at idle on a common small pipe', () => {
    const { displacementM } = reversionAt(c, at(0.2), 'idle')!
    expect(displacementM).toBeGreaterThan(0.06)
    expect(displacementM).toBeLessThan(0.18)
  })
  it('a longer tail never worsens the margin against outside air', () => {
    const margin = (tailM: number) => {
      const job = withPieces([...STRAIGHT.slice(0, 2), piece('pipe', tailM), END])
      return reversionAt(exhaustCase(job), at(0.2), 'idle')!.marginM
    }
    const margins = [0.4, 0.6, 1, 2, 4, 6].map(margin)
    for (let i = 1; i < margins.length; i++) expect(margins[i]!).toBeGreaterThan(margins[i - 1]!)
  })
  it('behind a turbine under boost the gas is cooler than before it', () => {
    const turbo = jobWith(
      { banks: [{ ...sound().exhaust.banks[0]!, pieces: [log, piece('turbine', 0.15), piece('pipe', 2), END] }] },
      { aspiration: 'turbocharged', boostPa: 100e3 },
    )
    const plain = { ...turbo, vehicle: { ...turbo.vehicle, boostPa: 0 } }
    const gas = (job: JobDocument) => heatAtSpot(exhaustCase(job), at(0.2), 'full')!.gasK.typical
    expect(gas(turbo)).toBeLessThan(gas(plain) - 60)
  })
  it('a hole counts by its place: all of it ahead, fading behind, none before a turbine under boost', () => {
    const spot = at(0.3)
    const idle = c.moments[0]!
    const share = (atM: number) => leakPlaceShare(c, spot, { run: 'a', atM }, idle)
    expect([share(-0.5), share(0.29)]).toEqual([1, 1])
    // Half a metre behind is the reach: 30 mm count nearly in full, half of it half.
    expect([share(0.33), share(0.55), share(0.8)]).toEqual([0.94, 0.5, 0].map((x) => expect.closeTo(x, 9)))
    expect(leakPlaceShare(c, spot, { run: 'a', atM: 0.31 }, c.moments[3]!)).toBe(0)
    const turbo = exhaustCase(
      jobWith(
        { banks: [{ ...sound().exhaust.banks[0]!, pieces: [log, piece('turbine', 0.15), piece('pipe', 2), END] }] },
        { aspiration: 'turbocharged', boostPa: 60e3 },
      ),
    )
    const [atIdle, atFull] = [turbo.moments[0]!, turbo.moments[3]!]
    expect(leakPlaceShare(turbo, at(0.2), { run: 'a', atM: -0.4 }, atIdle)).toBe(1)
    expect(leakPlaceShare(turbo, at(0.2), { run: 'a', atM: -0.4 }, atFull)).toBe(0)
    expect(leakAt(c, 'a', 0.003, idle, undefined, 0.25).share.typical).toBeCloseTo(
      leakAt(c, 'a', 0.003, idle).share.typical / 4,
      9,
    )
  })
  it('a map of speed and load exists with a spot, and none without', () => {
    expect(permissionOf(c)!.cells).toHaveLength(72)
    expect(permissionOf(exhaustCase(sound({ spots: [] })))).toBeNull()
  })
})

describe('leak plan and parts', () => {
  const jointed = sound({
    banks: [
      {
        ...sound().exhaust.banks[0]!,
        pieces: [
          piece('primaries', 0.5, { count: 4, joint: 'gasket', jointState: null }),
          piece('merge', 0.1, { joint: 'slip', jointState: null }),
          piece('pipe', 2, { joint: 'one-piece' }),
          piece('silencer', 0.5, { joint: 'clamped', jointState: null }),
          END,
        ],
      },
    ],
  })
  it('lists the joints from the ports on, upstream ones marked, each with its way to test', () => {
    const plan = leakPlan(exhaustCase(jointed))
    expect(plan.map((l) => [l.joint.kind, l.joint.count, l.side])).toEqual([
      ['gasket', 4, 'upstream'],
      ['slip', 1, 'upstream'],
      ['clamped', 1, 'downstream'],
    ])
    // Nearer than half a metre behind, the clamp is read at idle too.
    const near = leakPlan(
      exhaustCase({ ...jointed, exhaust: { ...jointed.exhaust, spots: [{ run: 'a', alongM: 1.6, clockDeg: 50 }] } }),
    )
    expect([near[2]!.side, near[2]!.behindM]).toEqual(['behind', expect.closeTo(0.4, 9)])
    expect(plan.every((l) => l.how.length > 10)).toBe(true)
    const none = { ...jointed, exhaust: { ...jointed.exhaust, sensorCount: 0 } }
    expect(leakPlan(exhaustCase(none)).every((l) => l.side === 'no-spot')).toBe(true)
    expect(leakPlan(exhaustCase({ ...jointed, exhaust: { ...jointed.exhaust, spots: [] } }))[0]!.side).toBe('no-spot')
  })
  it('orders sensor, boss, plug, drill, gaskets for joints ahead that are not proved, and a sleeve', () => {
    const parts = partsOfExhaust(exhaustCase(jointed))
    expect(parts.map((p) => [p.id, p.quantity.si])).toEqual([
      ['sensor', 1],
      ['bung', 1],
      ['plug', 1],
      ['drill', 1],
      ['joint-gasket', 4],
      ['joint-slip', 1],
      ['joint-clamped', 1],
      ['sleeve', 0.7],
    ])
    expect(partsOfExhaust(exhaustCase(sound({ spots: [] })))).toEqual([])
  })
})

describe('workings', () => {
  const job = sound({ joinBy: 'clamp', bung: { ...clamp, leastPipeM: 0.047, mostPipeM: 0.053 } })
  it.each(EXHAUST_WORKINGS)('%s: every formula gives its own result with its own numbers', (id) => {
    for (const moment of ['idle', 'cruise', 'hard', 'full']) {
      const { steps } = exhaustWorking(exhaustCase(job), id, 0, moment)
      expect(steps.length).toBeGreaterThan(0)
      for (const step of steps)
        expect(evaluateStep(step) / (step.result || 1)).toBeCloseTo(step.result === 0 ? 0 : 1, 6)
    }
  })
})
