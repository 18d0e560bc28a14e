import { designOf } from './fuelDesign.ts'
import { figureOf, fuelLoopOf } from '../../figures/index.ts'
import { type JobDocument } from '../../job/index.ts'
import { type FuelLoop } from '../../sections/index.ts'
import type { Catalogue, RegulatorPart } from '../../parts/index.ts'
import { fig, worstFirst, worstState, type Figure, type VerdictState } from '../../verdict/index.ts'
import { mostHeldDemandM3S } from '../../fuel/limits.ts'
import { judgeAll } from './judgeAll.ts'
import { lengthOfLine } from './lineOfDesign.ts'
import { tightestPoint } from './spreadOfJob.ts'
import type { OperatingPoint } from '../../engine/index.ts'
import { fuelCase, type FuelCase, type FuelVerdict, type SolvedPoint } from './solvedPoint.ts'
import { hotSoakOf, tankHeatOf } from './vapourOfJob.ts'

export interface LoopDesign {
  readonly loop: FuelLoop
  readonly job: JobDocument
  /** The regulator taken for it: the job's own, else the nearest of the catalogue. */
  readonly regulator: RegulatorPart | null
  readonly state: VerdictState
  readonly verdicts: readonly FuelVerdict[]
  readonly idle: OperatingPoint
}

export interface LoopRow {
  readonly what: string
  readonly why: string
  readonly figures: readonly [Figure | string, Figure | string]
  /** Whether the two differ by more than rounding. */
  readonly differs: boolean
}

export interface LoopComparison {
  /** With a return, then as a single line. */
  readonly designs: readonly [LoopDesign, LoopDesign]
  readonly rows: readonly LoopRow[]
}

/** The same car with the other kind of loop; the regulator is sought anew where the own one is made for the other. */
export const asLoop = (job: JobDocument, catalogue: Pick<Catalogue, 'regulators'>, loop: FuelLoop): JobDocument => {
  if (fuelLoopOf(job) === loop && job.fuel.regulator?.type === loop) return job
  const setPa = figureOf(job, 'fuel.setPressurePa')
  const fits = catalogue.regulators.filter((r) => r.type === loop && r.leastPa <= setPa && setPa <= r.mostPa)
  const regulator = [...fits].sort((a, b) => a.priceClass - b.priceClass)[0] ?? null
  return {
    ...job,
    fuel: {
      ...job.fuel,
      systemType: loop,
      regulator,
      referenced: loop === 'return' && job.fuel.referenced && (regulator?.referencePort ?? false),
      filterPosition: 'before-regulator',
      // A return that was never described is taken as the feed the other way.
      return:
        loop === 'return' && job.fuel.return.hose === null && job.fuel.return.measuredBoreM === null
          ? { ...job.fuel.feed, riseM: job.fuel.feed.riseM === null ? null : -job.fuel.feed.riseM, legs: [] }
          : job.fuel.return,
    },
  }
}

const idleOf = (c: FuelCase): OperatingPoint => {
  const idle = c.engine.points.find((p) => p.id === 'idle')
  if (!idle) throw new Error('an engine has an idle')
  return idle
}

/** Both kinds of loop of one car side by side, with everything that follows. */
export const compareLoops = (job: JobDocument, catalogue: Pick<Catalogue, 'regulators'>): LoopComparison => {
  const designs = (['return', 'single-line'] as const).map((loop) => {
    const own = asLoop(job, catalogue, loop)
    const c = fuelCase(own)
    const verdicts = worstFirst(judgeAll(c))
    return {
      c,
      design: {
        loop,
        job: own,
        regulator: own.fuel.regulator,
        state: worstState(verdicts.map((v) => v.state)),
        verdicts,
        idle: idleOf(c),
      },
    }
  })
  const [back, single] = designs as [(typeof designs)[0], (typeof designs)[0]]
  const at = (d: typeof back, id: string): SolvedPoint | undefined => d.c.solved.find((s) => s.point.id === id)
  const row = (what: string, why: string, of: (d: typeof back) => Figure | string | null): LoopRow => {
    const figures = [of(back) ?? 'not known', of(single) ?? 'not known'] as const
    const [a, b] = figures
    const differs =
      typeof a === 'string' || typeof b === 'string'
        ? a !== b
        : Math.abs(a.si - b.si) > 1e-3 * Math.max(Math.abs(a.si), Math.abs(b.si))
    return { what, why, figures, differs }
  }
  const railAt = (id: string) => (d: typeof back) => {
    const pa = at(d, id)?.answer.railPa
    return typeof pa === 'number' ? fig(pa, 'pressure') : null
  }
  const rows = [
    row('Line to run, feed and return', 'Returnless needs no line back.', (d) =>
      fig(
        lengthOfLine(designOf(d.design.job), 'feed') +
          (d.design.loop === 'return' ? lengthOfLine(designOf(d.design.job), 'return') : 0),
        'distance',
      ),
    ),
    row(
      'Flow through the feed at idle',
      'With a return, the feed always carries everything the pump delivers.',
      (d) => {
        const flow = at(d, 'idle')?.answer.feedFlowM3S
        return typeof flow === 'number' ? fig(flow, 'volumeFlow') : null
      },
    ),
    row('Returned at idle', 'Returnless sends it back at the tank, cold.', (d) => {
      const s = at(d, 'idle')
      return s ? (d.design.loop === 'return' ? fig(s.answer.returnFlowM3S, 'volumeFlow') : 'at the tank') : null
    }),
    row('Rail at idle', 'Above set here, the return is too small: the trap at idle.', railAt('idle')),
    row('Rail at full load', 'In a returnless system the drop of feed and filter is lost here.', railAt('full')),
    row(
      'Maximum demand met, worst condition',
      'With the regulator at the tank the feed does not load the pump.',
      (d) => {
        const s = tightestPoint(d.c.solved)
        return s ? fig(mostHeldDemandM3S(s.circuit) / s.point.demandM3S - 1, 'share') : null
      },
    ),
    row('Tank temperature after an hour, low tank', 'Fuel sent to a warm engine bay and back warms the tank.', (d) => {
      const heat = tankHeatOf({ design: designOf(d.design.job), solved: d.c.solved })
      return heat ? fig(heat.endK, 'temperature') : null
    }),
    row(
      'Rail margin above boiling after a hot stop',
      'A return sweeps vapour out on restart; a dead end traps it.',
      (d) => fig(hotSoakOf(designOf(d.design.job)).marginPa, 'pressure'),
    ),
    row(
      'Regulator follows the manifold',
      'A regulator at the tank has no hose to the engine and cannot follow boost.',
      (d) => (d.design.loop === 'return' && d.design.job.fuel.referenced ? 'yes' : 'no'),
    ),
    row(
      'Regulator',
      'Cheapest in the catalogue that can be set to it, where the chosen one does not suit.',
      (d) => d.design.regulator?.name ?? 'none suits',
    ),
  ]
  return { designs: [back.design, single.design], rows }
}
