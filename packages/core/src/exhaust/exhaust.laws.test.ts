import fc from 'fast-check'
import { withChange } from '../job/index.ts'
import { NO_PARTS } from '../parts/test/noParts.ts'
import { freeSpotsFor } from '../stations/exhaust/judgeSpots.ts'
import { EXHAUST_STATION, remediesOf } from '../stations/index.ts'
import { marchPieceOf, gasShare, sliceAt, transportS } from './gas/runHeat.ts'
import { EXHAUST_MOMENTS } from './gas/moments.ts'
import { elevationDeg, heightAtM, outwards, placeAt, tailAfterM, type Point3 } from './pipe/layOut.ts'
import { judgeSpot } from './spots/judgeSpot.ts'
import { bestSpots, spotGrid } from './spots/spotGrid.ts'
import { exhaustCase, contextOf } from '../stations/exhaust/exhaustCase.ts'
import { assessExhaust } from '../stations/exhaust/assessExhaust.ts'
import { boss, piece, twoBanks, withPieces } from '../stations/exhaust/test/exhausts.ts'
import { arbPieces } from '../stations/exhaust/test/randomExhaust.ts'

const length = (a: Point3, b: Point3): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])
const log = piece('log', 0.3)
const END = piece('open-end', 0.01)

describe('any exhaust laid out', () => {
  it('hangs together, keeps its lengths, and has unit vectors', () => {
    fc.assert(
      fc.property(arbPieces, (pieces) => {
        const [run] = exhaustCase(withPieces([log, ...pieces, END])).runs
        expect(run!.toM - run!.fromM).toBeCloseTo(
          run!.pieces.reduce((sum, p) => sum + p.lengthM, 0),
          9,
        )
        run!.pieces.forEach((p, i) => {
          const before = run!.pieces[i - 1]
          if (before) expect(length(before.end.at, p.start.at)).toBeLessThan(1e-9)
          expect(length(p.start.at, p.end.at)).toBeLessThanOrEqual(p.lengthM + 1e-9)
          for (const place of [p.start, p.end, placeAt(run!, (p.fromM + p.toM) / 2)]) {
            expect(Math.hypot(...place.along)).toBeCloseTo(1, 9)
            expect(Math.hypot(...place.top)).toBeCloseTo(1, 9)
            // The top line is the highest one, and stands square on the pipe.
            expect(place.along[0] * place.top[0] + place.along[1] * place.top[1] + place.along[2] * place.top[2]).toBeCloseTo(0, 9) // prettier-ignore
            for (const clock of [30, 90, 200, 300])
              expect(elevationDeg(place, clock)).toBeLessThanOrEqual(elevationDeg(place, 0) + 1e-6)
            expect(Math.hypot(...outwards(place, 77))).toBeCloseTo(1, 9)
          }
        })
      }),
      { seed: 61, numRuns: 120 },
    )
  })
  it('the height of a place is that of its place in space', () => {
    fc.assert(
      fc.property(arbPieces, fc.double({ min: 0, max: 1, noNaN: true }), (pieces, share) => {
        const [run] = exhaustCase(withPieces([log, ...pieces, END])).runs
        const alongM = run!.fromM + share * (run!.toM - run!.fromM)
        expect(heightAtM(run!, alongM)).toBeCloseTo(placeAt(run!, alongM).at[2], 12)
      }),
      { seed: 67, numRuns: 200 },
    )
  })
  it('the tail after a place shrinks as the place goes down', () => {
    fc.assert(
      fc.property(arbPieces, arbPieces, (bank, common) => {
        const { runs } = exhaustCase(twoBanks([log, ...bank], [piece('merge', 0.1), ...common, END]))
        expect(tailAfterM(runs, 'a', 0.1)).toBeGreaterThan(tailAfterM(runs, 'a', 0.2))
        expect(tailAfterM(runs, 'common', 0.1)).toBeLessThan(tailAfterM(runs, 'a', 0.1))
      }),
      { seed: 62, numRuns: 30 },
    )
  })
})

describe('heat of any exhaust', () => {
  it('downstream of the merge never hotter than the hottest bank, never cooler than the air', () => {
    fc.assert(
      fc.property(arbPieces, arbPieces, arbPieces, (a, b, common) => {
        const job = twoBanks([log, ...a], [piece('merge', 0.1), ...common, END])
        const banks = job.exhaust.banks.map((bank, i) => (i === 1 ? { ...bank, pieces: [log, ...b] } : bank))
        const { runs, heat, moments } = exhaustCase({ ...job, exhaust: { ...job.exhaust, banks } })
        expect(runs.slice(0, 2).reduce((sum, r) => sum + gasShare(runs, r), 0)).toBeCloseTo(1, 9)
        for (const m of moments)
          for (const end of ['low', 'typical', 'high'] as const) {
            const hottest = Math.max(heat.a![m.id][end].outK, heat.b![m.id][end].outK)
            for (const s of heat.common![m.id][end].slices) {
              expect(s.gasK).toBeLessThanOrEqual(hottest + 1e-9)
              expect(s.gasK).toBeGreaterThanOrEqual(m.ambientK - 1e-9)
              expect(s.wallK).toBeLessThanOrEqual(s.gasK + 1e-9)
            }
          }
      }),
      { seed: 63, numRuns: 20 },
    )
  })
  it('the low end of a band lies below the typical one, that below the high one; gas cools and takes its time', () => {
    fc.assert(
      fc.property(arbPieces, (pieces) => {
        const c = exhaustCase(withPieces([log, ...pieces, END]))
        const [run] = c.runs
        const at = [0.2, 0.5, 0.8].map((share) => run!.fromM + share * (run!.toM - run!.fromM))
        for (const id of EXHAUST_MOMENTS) {
          const ends = c.heat.a![id]
          const [low, typical, high] = [ends.low, ends.typical, ends.high].map((e) => at.map((m) => sliceAt(run!, e, m).gasK)) // prettier-ignore
          at.forEach((_, i) => {
            expect(low![i]!).toBeLessThan(typical![i]!)
            expect(typical![i]!).toBeLessThan(high![i]!)
          })
          expect(typical![2]!).toBeLessThanOrEqual(typical![0]!)
          const times = at.map((m) => transportS(c.runs, c.heat, 'a', m, id))
          expect(times[1]!).toBeGreaterThan(times[0]!)
          expect(times[2]!).toBeGreaterThan(times[1]!)
        }
      }),
      { seed: 64, numRuns: 40 },
    )
  })
  it('a turbine only ever takes heat out, a catalyst puts some in once it works', () => {
    const c = exhaustCase(withPieces([log, piece('pipe', 1), END]))
    const [idle, , , full] = c.moments
    const turbine = exhaustCase(withPieces([log, piece('turbine', 0.2), END])).runs[0]!.pieces[1]!
    const catalyst = exhaustCase(withPieces([log, piece('catalyst', 0.3), END])).runs[0]!.pieces[1]!
    expect(marchPieceOf(turbine, { ...full!, expansion: 1.6 }).dropK!(1100)).toBeGreaterThan(50)
    expect(marchPieceOf(turbine, { ...idle!, expansion: 1 }).dropK!(1100)).toBe(0)
    expect(marchPieceOf(catalyst, full!).dropK!(900)).toBeLessThan(0)
    expect(marchPieceOf(catalyst, idle!).dropK).toBeUndefined()
  })
})

describe('judging any exhaust', () => {
  it('never fails, and every spot that is ranked is free when it is judged by itself', () => {
    fc.assert(
      fc.property(arbPieces, (pieces) => {
        const job = withPieces([log, ...pieces, END])
        const { verdicts } = assessExhaust(job, { bungs: [boss] })
        expect(verdicts.length).toBeGreaterThan(0)
        for (const v of verdicts) if (v.figure) expect(Number.isFinite(v.figure.si)).toBe(true)
        const ctx = contextOf(exhaustCase(job), 'a')!
        for (const s of bestSpots(ctx, spotGrid(ctx)))
          expect(judgeSpot(ctx, s.alongM, s.clockDeg).forbidden).toEqual([])
      }),
      { seed: 65, numRuns: 15 },
    )
  })
  it('a remedy for a spot that fails always leads to one that does not', () => {
    fc.assert(
      fc.property(arbPieces, fc.integer({ min: 0, max: 359 }), (pieces, clockDeg) => {
        const job = withPieces([log, ...pieces, END], { spots: [{ run: 'a', alongM: 0.05, clockDeg }] })
        const of = (j: typeof job) => assessExhaust(j, { bungs: [boss] }).verdicts.find((v) => v.id === 'spot-a')!
        for (const { change } of remediesOf(EXHAUST_STATION, job, { ...NO_PARTS, bungs: [boss] }).get('spot-a') ?? [])
          expect(of(withChange(job, change)).state).not.toBe('stop')
      }),
      { seed: 66, numRuns: 30 },
    )
  })
  it('where a spot is free, sound or poor, one is offered to a sensor without any, unless all of them fail something', () => {
    let poor = 0
    fc.assert(
      fc.property(arbPieces, (pieces) => {
        const job = withPieces([log, ...pieces, END], { spots: [] })
        const states = (j: typeof job) => assessExhaust(j, { bungs: [boss] }).verdicts
        const failing = new Set(states(job).flatMap((v) => (v.state === 'stop' ? [v.id] : [])))
        const free = freeSpotsFor(exhaustCase(job), 0, 8).map(({ run, alongM, clockDeg }) => ({
          run,
          alongM,
          clockDeg,
        }))
        const fit = free.filter((spot) =>
          states(withChange(job, { exhaust: { spots: [spot] } })).every((v) => v.state !== 'stop' || failing.has(v.id)),
        )
        const all = remediesOf(EXHAUST_STATION, job, { ...NO_PARTS, bungs: [boss] }).get('spot-a') ?? []
        // Another header is for a pipe on which nothing is free.
        const offered = all.filter((r) => r.change.exhaust!.banks === undefined)
        expect(all.length > offered.length && free.length > 0).toBe(false)
        expect(offered.map((r) => r.change.exhaust!.spots![0])).toEqual(fit.slice(0, 1))
        const after = offered[0] && states(withChange(job, offered[0].change)).find((v) => v.id === 'spot-a')
        if (after?.state === 'caution') poor++
      }),
      { seed: 68, numRuns: 25 },
    )
    expect(poor).toBeGreaterThan(0)
  })
})
