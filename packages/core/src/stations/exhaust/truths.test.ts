import type { JobDocument } from '../../job/index.ts'
import type { ExhaustPiece, ExhaustSection, RunId } from '../../sections/index.ts'
import { sentenceText } from '../../verdict/index.ts'
import { DATUM_WORDS, datumOf, placeWords } from '../../exhaust/pipe/datum.ts'
import { filledM } from '../../exhaust/gas/reversion.ts'
import { marchPipe, pipeHeat } from '../../exhaust/gas/pipeHeat.ts'
import { wallWarmUpS } from '../../exhaust/gas/wallWarmUp.ts'
import { templateSvg } from '../../exhaust/fitting/drillTemplate.ts'
import { judgeSpot } from '../../exhaust/spots/judgeSpot.ts'
import { NO_PARTS } from '../../parts/test/noParts.ts'
import { remediesOf } from '../remedies.ts'
import { assessExhaust } from './assessExhaust.ts'
import { exhaustCase } from './exhaustCase.ts'
import { EXHAUST_STATION } from './exhaustStation.ts'
import { reversionAt, warmUpAtSpot } from './heatAtSpot.ts'
import { freeSpotsFor, runsForSensor } from './judgeSpots.ts'
import { sensorAdvice } from './sensorAdvice.ts'
import { templateOfJob, TEMPLATE_WARNINGS } from './templateOfJob.ts'
import { boss, contextFor, jobWith, obstacle, piece, sensor, soundExhaust, STRAIGHT, twoBanks, withPieces } from './test/exhausts.ts' // prettier-ignore

const END = piece('open-end', 0.01)
const log = piece('log', 0.3)
const turbo = (more: Partial<ExhaustPiece> = {}) => [log, piece('turbine', 0.15, { wastegateReturnM: 0.02, ...more }), piece('pipe', 2), END] // prettier-ignore
const spot = (alongM: number, run: RunId = 'a') => ({ run, alongM, clockDeg: 50 })
const verdictOf = (job: JobDocument, id: string) => {
  const v = assessExhaust(job, { bungs: [boss] }).verdicts.find((x) => x.id === id)
  return v && { ...v, says: sentenceText(v.reason, {}) }
}
const sound = (more: Partial<ExhaustSection>): JobDocument => {
  const job = soundExhaust()
  return { ...job, exhaust: { ...job.exhaust, ...more } }
}

describe('the datum of a place', () => {
  it.each<[string, JobDocument, RunId, string]>([
    ['a collector', jobWith({}), 'a', 'the merge'],
    ['a turbine behind the log', withPieces(turbo()), 'a', 'the turbo outlet'],
    ['a turbine in the pipe of both banks', twoBanks([log, piece('pipe', 0.5)], turbo().slice(1)), 'common', 'the turbo outlet'],
    ['a pipe of both banks without a merge', twoBanks([log, piece('pipe', 0.5)], [piece('pipe', 2), END]), 'common', 'the point where the banks join'],
    ['a merge in the pipe of both banks', twoBanks([log], [piece('merge', 0.1), piece('pipe', 2), END]), 'common', 'the merge'],
    ['one pipe of a single port', withPieces([piece('pipe', 2), END]), 'a', 'the ports'],
  ])('%s', (_what, job, id, words) => {
    const run = exhaustCase(job).runs.find((r) => r.id === id)!
    expect(DATUM_WORDS[datumOf(run)]).toBe(words)
    expect(sentenceText(placeWords(run, 0.18), {})).toMatch(new RegExp(`^180\\s*mm after ${words}$`))
    expect(sentenceText(placeWords(run, -0.05), {})).toMatch(new RegExp(`^50\\s*mm before ${words}$`))
  }) // prettier-ignore

  it('template, SVG and remedy of a turbo car all name the turbo outlet, and warn alike', () => {
    const job = { ...withPieces(turbo(), { bung: boss, spots: [spot(0.2)] }) }
    const made = templateOfJob(exhaustCase(job), 0)
    if (!made.ok) throw new Error(made.error)
    const svg = templateSvg(made.value.template, 'T', made.value.warnings)
    expect(JSON.stringify(made.value.template.marks)).toContain('after the turbo outlet')
    expect(svg).toContain('200\u2009mm after the turbo outlet')
    expect(svg).not.toContain('merge')
    const label = remediesOf(EXHAUST_STATION, { ...job, exhaust: { ...job.exhaust, spots: [] } }, { ...NO_PARTS, bungs: [boss] }).get('spot-a')![0]!.label // prettier-ignore
    expect(sentenceText(label, {})).toMatch(/after the turbo outlet/)
    const unmeasured = templateOfJob(exhaustCase(withPieces([log, piece('turbine', 0.15), piece('pipe', 2, { outsideM: null }), END], { bung: boss, spots: [{ ...spot(0.01), clockDeg: 180 }] })), 0) // prettier-ignore
    expect(unmeasured).toEqual({ ok: false, error: 'noDiameter' })
    const below = templateOfJob(exhaustCase(withPieces([log, piece('turbine', 0.15), piece('pipe', 2), END], { bung: boss, spots: [{ ...spot(0.01), clockDeg: 180 }] })), 0) // prettier-ignore
    if (!below.ok) throw new Error(below.error)
    expect(below.value.warnings).toEqual([TEMPLATE_WARNINGS.forbidden])
    expect(templateSvg(below.value.template, 'T', below.value.warnings)).toContain(TEMPLATE_WARNINGS.forbidden)
  })
})

describe('drying in the pipe of both banks', () => {
  const bank = [piece('log', 0.4, { wallM: 0.005 }), piece('pipe', 0.9)]
  const c = exhaustCase(twoBanks(bank, [piece('pipe', 2.5), END]))
  it('never sooner than the end of either bank, which dries with its own gas alone', () => {
    const bankEnd = warmUpAtSpot(c, spot(c.runs[0]!.toM))!
    for (const m of [0, 0.1, 0.5, 1]) expect(warmUpAtSpot(c, spot(m, 'common'))!).toBeGreaterThanOrEqual(bankEnd)
    expect(warmUpAtSpot(c, spot(1, 'common'))!).toBeGreaterThan(warmUpAtSpot(c, spot(0.1, 'common'))!)
  })
  it('two alike feeds of half the gas are one chain of two pipes side by side', () => {
    const p = { boreM: 0.047, cover: 'bare', wallM: 0.0015 } as const
    const air = { inK: 650, ambientK: 283, outsideWM2K: 10, wantedK: 325 }
    const own = { pieces: [{ ...p, lengthM: 0.6, count: 1 }], massKgS: 0.006 }
    const feed = { pieces: [{ ...p, lengthM: 0.5, count: 1 }], massKgS: 0.003 }
    const asTwo = wallWarmUpS({ ...own, ...air, pieces: [{ ...p, lengthM: 0.5, count: 2 }, ...own.pieces] })
    expect(wallWarmUpS({ ...own, ...air, feeds: [feed, feed] })).toBe(asTwo)
  })
})

describe('two turbines, one a bank', () => {
  const twin = (sensorCount: 1 | 2) => twoBanks(turbo(), [], { sensorCount })
  it('are not one turbine with two sensors', () => {
    const job = { ...twin(2), fuel: { ...twin(2).fuel, injectionPlace: 'port' as const } }
    expect(sensorAdvice(exhaustCase(job)).count).toBe(2)
    expect(verdictOf(job, 'count')!.state).toBe('ok')
  })
  it('one turbine for both is', () => {
    const job = twoBanks([log, piece('pipe', 0.5)], turbo().slice(1), { sensorCount: 2 })
    expect(verdictOf(job, 'count')).toMatchObject({ state: 'stop', title: 'Two sensors after one turbo' })
  })
})

describe('outside air fills the real tail', () => {
  const area = (boreM: number) => (Math.PI / 4) * boreM ** 2
  it.each([
    ['one bore', [{ lengthM: 2, areaM2: 2e-3 }], 1e-4, 0.05],
    ['through a wide tip into the pipe', [{ lengthM: 0.01, areaM2: 6e-3 }, { lengthM: 2, areaM2: 1.5e-3 }], 2e-4, 0.01 + (2e-4 - 6e-5) / 1.5e-3],
    ['beyond all that is described', [{ lengthM: 0.1, areaM2: 1e-3 }], 3e-4, 0.3],
  ])('%s', (_what, tail, m3, m) => expect(filledM(tail, m3)).toBeCloseTo(m, 12)) // prettier-ignore
  it('a 10 mm tip of twice the bore hides no more than its own volume', () => {
    const tail = (tip: ExhaustPiece) => withPieces([...STRAIGHT.slice(0, 3), tip])
    const reach = (job: JobDocument) => reversionAt(exhaustCase(job), spot(0.3), 'idle')!.displacementM
    const [plain, wide] = [reach(tail(END)), reach(tail(piece('open-end', 0.01, { outsideM: 0.1 })))]
    const bore = 0.047
    expect(plain - wide).toBeCloseTo(0.01 * (area(0.097) / area(bore) - 1), 5)
    expect(wide).toBeGreaterThan(0.6 * plain)
  })
})

describe('a leak by its side', () => {
  const leaking = (atM: number) =>
    sound({
      banks: [
        {
          ...soundExhaust().exhaust.banks[0]!,
          pieces: [...STRAIGHT.slice(0, 2), piece('pipe', atM), { ...piece('pipe', 3 - atM, { joint: 'flange', jointState: 'leaks', leakM: 0.003 }), id: 'late' }, END], // prettier-ignore
        },
      ],
    })
  it('30 mm behind the sensor it is named so, and counts', () => {
    const v = verdictOf(leaking(0.21), 'leaks')!
    expect(v).toMatchObject({ state: 'stop', title: 'A joint downstream of the sensor leaks' })
    expect(v.says).toMatch(/30\s*mm downstream of the sensor/)
  })
  it('450 mm behind it still counts, 550 mm no more', () => {
    expect(verdictOf(leaking(0.63), 'leaks')!.state).toBe('stop')
    expect(verdictOf(leaking(0.73), 'leaks')!.state).toBe('ok')
  })
  it('ahead of it, it is ahead', () =>
    expect(verdictOf(leaking(0.1), 'leaks')!.title).toBe('A joint ahead of the sensor leaks'))
})

describe('heat along the pipe', () => {
  const at = { massKgS: 0.02, boreM: 0.05, gasK: 900, ambientK: 300, outsideWM2K: 20, cover: 'bare' as const }
  it('the outer film works on the outside diameter: heat in is heat out', () => {
    const h = pipeHeat({ ...at, outsideM: 0.06 })
    const radiationWM2K = 0.8 * 5.670374419e-8 * (h.wallK ** 2 + 300 ** 2) * (h.wallK + 300)
    const inW = h.insideWM2K * Math.PI * 0.05 * (900 - h.wallK)
    const outW = (20 + radiationWM2K) * Math.PI * 0.06 * (h.wallK - 300)
    expect(inW / outW).toBeCloseTo(1, 6)
    expect(h.wallK).toBeLessThan(pipeHeat(at).wallK)
  })
  it('gas colder than the air is warmed by the pipe', () => {
    const pieces = [{ lengthM: 1, boreM: 0.05, count: 1, cover: 'bare' as const, dropK: () => 200 }, { lengthM: 2, boreM: 0.05, count: 1, cover: 'bare' as const }] // prettier-ignore
    const { slices, outK } = marchPipe({ pieces, massKgS: 0.02, inK: 420, ambientK: 300, outsideWM2K: 20 })
    const behind = slices.filter((s) => s.piece === 1)
    expect(behind[0]!.gasK).toBeLessThan(300)
    expect(behind.at(-1)!.gasK).toBeGreaterThan(behind[0]!.gasK)
    expect(outK).toBeLessThan(300)
  })
  it('what nobody knows of the inside film widens the band of gas and wall', () => {
    const run = { pieces: [{ lengthM: 2, boreM: 0.05, count: 1, cover: 'bare' as const }], massKgS: 0.02, inK: 900, ambientK: 300, outsideWM2K: 20 } // prettier-ignore
    const [poor, good] = [marchPipe({ ...run, insideShare: 0.75 }), marchPipe({ ...run, insideShare: 1.25 })]
    expect(poor.outK).toBeGreaterThan(good.outK)
    // The wall of the hot end has gas that lost little behind a film that gives much.
    const hot = marchPipe({ ...run, insideShare: 0.75, wallInsideShare: 1.25 })
    expect(hot.slices.at(-1)!.wallK).toBeGreaterThan(Math.max(poor.slices.at(-1)!.wallK, good.slices.at(-1)!.wallK))
  })
})

describe('what is assumed of a spot', () => {
  const title = (job: JobDocument) => verdictOf(job, 'spot-a')!.title
  it.each<[string, Partial<ExhaustSection>, string, string]>([
    ['no sensor chosen', { sensor: null }, 'exhaust.sensor', 'sensor is not chosen'],
    ['an obstacle without a length', { obstacles: [obstacle({ gapM: 0.5, lengthM: null })] }, 'exhaust.obstacles.thing-0.lengthM', 'its length along'],
    ['a moving one with one end of its travel', { obstacles: [obstacle({ gapM: 0.5, moves: true })] }, 'exhaust.obstacles.thing-0.otherGapM', 'other end of its travel'],
    ['the ground without a port height', { groundClearanceM: 0.05 }, 'exhaust.banks.a.portHeightM', 'height of the first port'],
    ['a wastegate', { banks: [{ ...soundExhaust().exhaust.banks[0]!, pieces: turbo({ wastegateReturnM: null }) }], spots: [spot(0.25)], sensor: { ...sensor, mostHexagonK: 1100 } }, 'exhaust.banks.a.pieces.piece-0.wastegateReturnM', 'wastegate'],
  ])('%s: listed as assumed, and the spot is conditional', (_what, more, field, words) => {
    const job = sound(more)
    // A usual sensor’s housing is hot there as well: then the condition follows the reason.
    if (more.sensor !== null) expect(title(job)).toBe('Sensor: position OK if the assumptions hold')
    expect(verdictOf(job, 'spot-a')!.says).toContain(words)
    expect(assessExhaust(job, { bungs: [boss] }).assumptions.map((a) => a.field)).toContain(field)
  }) // prettier-ignore
  it('measured in full it stands, and the obstacles count', () => {
    expect(title(sound({}))).toBe('Sensor: position OK')
    const whole = { obstacles: [obstacle({ gapM: 0.5, moves: true, otherAlongM: 0.3, otherClockDeg: 45, otherGapM: 0.5 })] } // prettier-ignore
    expect(verdictOf(sound(whole), 'obstacles')).toMatchObject({ state: 'ok', says: expect.stringMatching(/each fully measured/) }) // prettier-ignore
    expect(verdictOf(sound({ obstacles: [obstacle({ gapM: 0.5, widthDeg: null })] }), 'obstacles')!.state).toBe('unknown') // prettier-ignore
  })
})

describe('one proposal, one severity', () => {
  it('the remedy proposes the first of the unrolled pipe’s best', () => {
    const job = sound({ spots: [] })
    const [best] = freeSpotsFor(exhaustCase(job), 0, 5)
    const [offered] = remediesOf(EXHAUST_STATION, job, { ...NO_PARTS, bungs: [boss] }).get('spot-a')!
    expect(offered!.change.exhaust!.spots).toEqual([best])
  })
  it('a housing that gets too hot is no sound spot, whatever the score', () => {
    const job = sound({ sensor: { ...sensor, mostHexagonK: 700 } })
    const judged = judgeSpot(contextFor(job), 0.18, 50)
    expect([judged.state, verdictOf(job, 'spot-a')!.state, verdictOf(job, 'hexagon-a')!.state]).toEqual(['caution', 'caution', 'caution']) // prettier-ignore
    expect(verdictOf(job, 'spot-a')!.says).toMatch(/Housing at/)
  })
  it.each(['working', 'seized'] as const)('a flap %s in bank B: bank A is proposed, and a sensor there is left in peace', (heatRiser) => {
    const job = twoBanks([log, piece('pipe', 2), END], [], { heatRiser, heatRiserBank: 'b', airInjection: 'none', sensorCount: 1 })
    expect(runsForSensor(exhaustCase(job), 0)).toEqual(['a', 'b'])
    const here = (run: RunId) => verdictOf({ ...job, exhaust: { ...job.exhaust, spots: [spot(0.18, run)] } }, 'foreign-air')!.state
    expect([here('a'), here('b')]).toEqual(['ok', 'caution'])
  }) // prettier-ignore
  it('a pipe of both banks is named only where there is one', () => {
    const says = (job: JobDocument, run: RunId) =>
      judgeSpot(contextFor(job, run), 0.3, 50).losses.filter((l) => l.rule === 'one-bank').map((l) => sentenceText(l.says, {}))[0] // prettier-ignore
    expect(says(twoBanks([log, piece('pipe', 2), END], [], { sensorCount: 1 }), 'a')).not.toMatch(/common pipe/)
    expect(says(twoBanks([log, piece('pipe', 2)], [piece('pipe', 2), END], { sensorCount: 1 }), 'a')).toMatch(/common pipe/) // prettier-ignore
  })
})

describe('header and pipe against the car', () => {
  const near = (gapM: number | null, more: Parameters<typeof obstacle>[0] = {}) =>
    verdictOf(sound({ obstacles: [obstacle({ name: 'Starter', gapM, lengthM: 0.1, widthDeg: 40, alongM: 1.5, clockDeg: 200, ...more })] }), 'room-around') // prettier-ignore
  it.each([
    ['touches', 0, {}, 'stop', /Starter touches/],
    ['stands 9 mm off', 0.009, {}, 'caution', /Starter is 9/],
    ['stands 10 mm off', 0.01, {}, 'ok', /Closest/],
    ['moves, 19 mm off', 0.04, { moves: true, otherAlongM: 1.5, otherClockDeg: 200, otherGapM: 0.019 }, 'caution', /nearer end/],
    ['moves, 20 mm off', 0.04, { moves: true, otherAlongM: 1.5, otherClockDeg: 200, otherGapM: 0.02 }, 'ok', /25/],
    ['touches at the other end', 0.04, { moves: true, otherAlongM: 1.5, otherClockDeg: 200, otherGapM: 0 }, 'stop', /one end of its travel/],
    ['moves, other end not measured', 0.04, { moves: true, otherAlongM: 1.5, otherClockDeg: 200, otherGapM: null }, 'unknown', /one end only/],
  ] as const)('a starter that %s', (_what, gapM, more, state, says) => {
    const v = near(gapM, more)!
    expect(v.state).toBe(state)
    expect(v.says).toMatch(says)
  }) // prettier-ignore
  it('a touch holds the station, wherever the sensor sits', () => {
    const job = sound({ obstacles: [obstacle({ name: 'Steering arm', gapM: 0, lengthM: 0.05, widthDeg: 20, alongM: 1.6, clockDeg: 180 })] }) // prettier-ignore
    expect(verdictOf(job, 'spot-a')?.state).toBe('ok')
    expect(assessExhaust(job, { bungs: [boss] }).state).toBe('stop')
  })
  it.each([
    ['one without a distance beside one that clears', { name: 'Floor', gapM: null }, /^The gap to Floor/],
    [
      'one that moves, measured at its other end only',
      { name: 'Floor', gapM: null, moves: true, otherGapM: 0.2 },
      /^Floor moves and was measured at one end only/,
    ],
  ] as const)('clear is not said with %s', (_what, more, says) => {
    const job = sound({ obstacles: [obstacle({ name: 'Starter', gapM: 0.1 }), { ...obstacle(more), id: 'thing-1' }] })
    expect(verdictOf(job, 'room-around')).toMatchObject({ state: 'unknown', says: expect.stringMatching(says) })
  })
  it('a distance nobody measured is judged by nobody', () => expect(near(null)).toBeUndefined())
  it.each([
    [
      'whose place is not measured',
      sound({ obstacles: [obstacle({ name: 'Starter', gapM: 0, alongM: null, clockDeg: null })] }),
    ],
    ['of a bank that is not entered', sound({ obstacles: [obstacle({ name: 'Starter', gapM: 0 }, 'b')] })],
    [
      'before there is a pipe',
      sound({ banks: [], common: [], spots: [], obstacles: [obstacle({ name: 'Starter', gapM: 0 })] }),
    ],
    [
      'measured at the other end of its travel only',
      sound({ obstacles: [obstacle({ name: 'Starter', gapM: null, moves: true, otherGapM: 0 })] }),
    ],
  ])('a touch %s is a stop all the same', (_what, job) => {
    expect(verdictOf(job, 'room-around')).toMatchObject({
      state: 'stop',
      says: expect.stringMatching(/^Starter touches/),
    })
  })
})
