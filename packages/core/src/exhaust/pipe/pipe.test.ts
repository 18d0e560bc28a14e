import { exhaustCase } from '../../stations/exhaust/exhaustCase.ts'
import { type JobDocument } from '../../job/index.ts'
import { emptyBank, emptyExhaust, type ExhaustPiece } from '../../sections/index.ts'
import { gasShare } from '../gas/runHeat.ts'
import { jobWith, piece, STRAIGHT, twoBanks, withPieces } from '../../stations/exhaust/test/exhausts.ts'
import { stripXMm } from '../fitting/drillTemplate.ts'
import { sentenceText } from '../../verdict/index.ts'
import { pipeDoubts } from './checkPipe.ts'
import { exhaustFromWalkAround, usualBanks } from '../../stations/exhaust/fromWalkAround.ts'
import { jointsOf, openLeaks } from './joints.ts'
import { elevationDeg, inclinationDeg, layOut, outwards, placeAt, tailAfterM } from './layOut.ts'
import { sizedPieces } from './pieceFigures.ts'

const runsOf = (pieces: readonly ExhaustPiece[]) =>
  layOut({
    ...emptyExhaust,
    banks: [{ ...emptyBank, cylinders: [1, 2, 3, 4], portHeightM: 0.5, portAcrossM: 0, pieces }],
  })
const lastOf = (pieces: readonly ExhaustPiece[]) => runsOf(pieces)[0]!.pieces.at(-1)!.end

describe('an exhaust laid out', () => {
  it('runs rearwards and level where nothing else is said, and begins its measure at the merge', () => {
    const [run] = runsOf(STRAIGHT)
    expect(run!.fromM).toBeCloseTo(-0.6, 9)
    expect(run!.mergedM).toBeCloseTo(0, 12)
    expect(run!.toM).toBeCloseTo(3.01, 9)
    const at = placeAt(run!, 1)
    expect([...at.at].map((x) => Number(x.toFixed(9)))).toEqual([1.6, 0, 0.5])
    expect(tailAfterM([run!], 'a', 1)).toBeCloseTo(2.01, 9)
  })
  it('a bend of 90° down with a radius of 0.1 m ends 0.1 back and 0.1 down, and the pipe stands upright', () => {
    const end = lastOf([piece('pipe', (Math.PI / 2) * 0.1, { bendDeg: 90, bendRadiusM: 0.1, bendClockDeg: 180 })])
    expect(end.at[0]).toBeCloseTo(0.1, 9)
    expect(end.at[2]).toBeCloseTo(0.4, 9)
    expect(inclinationDeg(end)).toBeCloseTo(-90, 5)
  })
  it('there and back again is level', () => {
    const bends = [
      piece('pipe', 0.1, { bendDeg: 40, bendClockDeg: 180 }),
      piece('pipe', 0.3),
      piece('pipe', 0.1, { bendDeg: 40, bendClockDeg: 0 }),
    ]
    expect(inclinationDeg(lastOf(bends))).toBeCloseTo(0, 6)
  })
  it('a bend to 90° clock position turns a rearward pipe to the right of the car', () => {
    const end = lastOf([piece('pipe', 0.157, { bendDeg: 90, bendClockDeg: 90 })])
    expect(end.along[1]).toBeCloseTo(1, 6)
  })
  it('an inclination entered counts from its piece on', () => {
    const end = lastOf([piece('pipe', 1), piece('pipe', 2, { inclinationDeg: -30 }), piece('pipe', 1)])
    expect(end.at[2]).toBeCloseTo(0.5 - 3 * Math.sin(Math.PI / 6), 9)
    expect(end.at[0]).toBeCloseTo(1 + 3 * Math.cos(Math.PI / 6), 9)
  })

  const level = placeAt(runsOf(STRAIGHT)[0]!, 1)
  it.each([
    [0, 90],
    [90, 0],
    [45, 45],
    [270, 0],
    [180, -90],
    [80, 10],
  ])('on a level pipe %d° by the clock stands %d° above level', (clock, above) =>
    expect(elevationDeg(level, clock)).toBeCloseTo(above, 6),
  )
  it('on a pipe that falls by 60° the top line stands 30° above level', () => {
    const [run] = runsOf([piece('pipe', 1, { inclinationDeg: -60 })])
    expect(elevationDeg(placeAt(run!, 0.5), 0)).toBeCloseTo(30, 6)
    expect(elevationDeg(placeAt(run!, 0.5), 90)).toBeCloseTo(0, 6)
  })
  it('90° by the clock on a rearward pipe points to the right of the car, and the printed strip agrees', () => {
    const right = outwards(level, 90)
    expect(right[1]).toBeCloseTo(1, 9)
    // The strip lies on top, printed side up, its lower edge downstream: page right × page up = out of the page.
    const [ax, ay, az] = level.along
    const [tx, ty, tz] = level.top
    const pageRight = [-(ay * tz - az * ty), -(az * tx - ax * tz), -(ax * ty - ay * tx)]
    expect(pageRight[1]).toBeCloseTo(right[1], 9)
    expect(stripXMm(0.05, 90)).toBeGreaterThan(stripXMm(0.05, 0))
  })
  it('behind a turbine the measure begins anew, and what lies before it has not all met', () => {
    const [run] = runsOf([...STRAIGHT.slice(0, 2), piece('pipe', 0.3), piece('turbine', 0.15), piece('pipe', 2)])
    expect(run!.fromM).toBeCloseTo(-1.05, 9)
    expect(run!.mergedM).toBeCloseTo(-0.45, 9)
    expect(run!.toM).toBeCloseTo(2, 9)
  })
  it('two banks join into a common pipe that has its own measure and all the cylinders', () => {
    const runs = layOut(
      twoBanks([piece('log', 0.3), piece('pipe', 0.5)], [piece('merge', 0.1), piece('pipe', 2)]).exhaust,
    )
    expect(runs.map((r) => r.id)).toEqual(['a', 'b', 'common'])
    expect(runs[2]).toMatchObject({ cylinders: [1, 2, 3, 4] })
    expect(runs[2]!.fromM).toBeCloseTo(-0.1, 9)
    expect(tailAfterM(runs, 'a', 0.2)).toBeCloseTo(0.3 + 2.1, 9)
  })
  it('which cylinders have met where: one in a primary, two in a secondary, all after the last merge', () => {
    const [run] = runsOf([
      piece('primaries', 0.4, { count: 4 }),
      piece('merge', 0.08, { count: 2 }),
      piece('pipe', 0.4, { count: 2 }),
      piece('merge', 0.1),
      piece('pipe', 2),
    ])
    expect(run!.pieces.map((p) => p.cylindersEach)).toEqual([1, 2, 2, 4, 4])
    expect(run!.fromM).toBeCloseTo(-0.98, 9)
  })
  it('an exhaust of nothing has no runs', () => expect(layOut(emptyExhaust)).toEqual([]))
})

describe('pieces not measured', () => {
  it('follow the pipe before them, and are named', () => {
    const [first, second] = sizedPieces([
      piece('pipe', 1, { outsideM: 0.0476, wallM: null }),
      piece('pipe', 1, { lengthM: null, outsideM: null }),
    ])
    expect(first).toMatchObject({ outsideM: 0.0476, wallM: 0.0015, assumed: ['wall'] })
    expect(first!.boreM).toBeCloseTo(0.0446, 9)
    expect(second).toMatchObject({ outsideM: 0.0476, lengthM: 0.5, assumed: ['length', 'diameter'] })
  })
})

describe('what does not fit together', () => {
  const doubtsOf = (pieces: readonly ExhaustPiece[], cylinders = 4) =>
    pipeDoubts(runsOf(pieces), cylinders).map((s) => sentenceText(s, {}))
  it.each([
    ['a bend longer than its arc', [piece('pipe', 0.5, { bendDeg: 90, bendRadiusM: 0.1 })], /90\s?° around/],
    ['tape against caliper', [piece('pipe', 1, { roundM: 0.17 })], /the tape gives 54\.1/],
    ['a wall that fills the pipe', [piece('pipe', 1, { outsideM: 0.03, wallM: 0.009 })], /hardly any bore/],
  ])('%s', (_n, pieces, says) => expect(doubtsOf(pieces)[0]).toMatch(says))
  it('cylinders missing or given twice', () => {
    expect(doubtsOf(STRAIGHT, 6)[0]).toMatch(/4 cylinders feed the banks; the engine has 6/)
    const twice = jobWith({ banks: [{ ...emptyBank, cylinders: [1, 2], pieces: STRAIGHT }, { ...emptyBank, cylinders: [2, 3], pieces: STRAIGHT }] }) // prettier-ignore
    expect(sentenceText(pipeDoubts(layOut(twice.exhaust), 4)[0]!, {})).toMatch(/Cylinder 2 feeds two banks/)
  })
  it('a chain that fits has no doubts', () => expect(doubtsOf(STRAIGHT)).toEqual([]))
})

describe('joints', () => {
  it('are the upstream ends that are joints, in the order of the flow', () => {
    const runs = runsOf([
      piece('log', 0.4, { joint: 'gasket' }),
      piece('pipe', 1, { joint: 'flange', jointState: 'leaks', leakM: 0.002 }),
      piece('pipe', 1),
      piece('silencer', 0.5, { joint: 'clamped' }),
      piece('open-end', 0.01, { joint: 'welded' }),
    ])
    expect(jointsOf(runs).map((j) => [j.kind, Number(j.atM.toFixed(6))])).toEqual([
      ['gasket', -0.4],
      ['flange', 0],
      ['clamped', 2],
    ])
    expect(openLeaks(runs).map((j) => j.name)).toEqual(['pipe'])
  })
})

const newIds = () => {
  let made = 0
  return () => `piece-${made++}`
}

describe('a first chain from the walk-around', () => {
  const walked = (
    merge: 'one' | 'per-bank' | 'banks-joined',
    layout: 'inline' | 'vee',
    manifold: 'cast' | 'tubular',
  ) => {
    const job = jobWith({}, { layout, cylinders: 6 })
    const exhaust = { ...job.walkAround.exhaust, merge, manifold, pipeDiameterM: 0.0476, tailLengthM: 3, primaryLengthM: 0.4, catalyst: true } // prettier-ignore
    return exhaustFromWalkAround({ ...job, walkAround: { ...job.walkAround, exhaust } }, newIds())
  }
  it.each([
    ['one', 'inline', 'cast', 1, 0],
    ['per-bank', 'vee', 'tubular', 2, 0],
    ['banks-joined', 'vee', 'cast', 2, 5],
    ['one', 'vee', 'cast', 1, 0],
  ] as const)('%s, %s, %s', (merge, layout, manifold, banks, common) => {
    const made = walked(merge, layout, manifold)
    expect([made.banks.length, made.common.length]).toEqual([banks, common])
    expect(made.banks.flatMap((b) => [...b.cylinders]).sort()).toEqual([1, 2, 3, 4, 5, 6])
    expect(pipeDoubts(layOut({ ...emptyExhaust, ...made }), 6)).toEqual([])
  })
  it('the tail is as long as it was measured', () => {
    const runs = layOut({ ...emptyExhaust, ...walked('one', 'inline', 'tubular') })
    expect(runs[0]!.toM).toBeCloseTo(3, 9)
  })
  it('banks without any word: first half and second half', () => {
    expect(usualBanks(6, 2)).toEqual([[1, 2, 3], [4, 5, 6]]) // prettier-ignore
    expect(usualBanks(3, 1)).toEqual([[1, 2, 3]])
  })
  it('an empty job still gets a chain to start from', () => {
    const { banks } = exhaustFromWalkAround(withPieces([]), newIds())
    expect(banks[0]!.pieces.map((p) => p.kind)).toContain('open-end')
  })
})

describe('a bank whose cylinders nobody has named', () => {
  const job = twoBanks([piece('log', 0.4), piece('pipe', 1)], [piece('merge', 0.1), piece('pipe', 1)])
  const unnamed: JobDocument = {
    ...job,
    exhaust: { ...job.exhaust, banks: job.exhaust.banks.map((b, i) => (i === 1 ? { ...b, cylinders: [] } : b)) },
  }
  const runs = layOut(unnamed.exhaust)
  it('is asked for, and carries as much gas as the other until then', () => {
    expect(pipeDoubts(runs, null).map((d) => sentenceText(d, {}))).toEqual([
      'Bank B: name the cylinders that feed it; until then it is assumed to carry as much gas as the other.',
    ])
    expect(runs.map((r) => [r.id, gasShare(runs, r)])).toEqual([
      ['a', 0.5],
      ['b', 0.5],
      ['common', 1],
    ])
  })
  it('cools no faster than the other bank of the same pieces', () => {
    const { heat } = exhaustCase(unnamed)
    for (const moment of ['idle', 'cruise', 'full'] as const)
      expect(heat.b![moment].typical.outK).toBeCloseTo(heat.a![moment].typical.outK, 6)
  })
})
