import type { JobDocument } from '../../job/index.ts'
import type { Catalogue } from '../../parts/index.ts'
import { rankCombinations } from '../../fuel/choose/combinations.ts'
import { withHose } from '../../fuel/lines/withHose.ts'
import { assessFuel } from './assessFuel.ts'
import { choiceOf } from './choiceOfParts.ts'
import { combinationCaseOf } from './combinationsOfJob.ts'
import { catalogue, soundJob } from './test/jobs.ts'

const [small, middle, large] = catalogue.pumps
const hanging = { ...middle!, id: 'hanging', name: 'Hanging pump', mount: 'in-tank' as const, hangerM: 0.21, hatHeightM: 0.03 } // prettier-ignore
const tall = { ...hanging, id: 'tall', name: 'Tall hat', hatHeightM: 0.06 }
const short = { ...hanging, id: 'short', name: 'Short hanger', hangerM: 0.12 }
const aModule = { ...hanging, id: 'module', name: 'Module', mount: 'module' as const }
const crossing = { ...middle!, id: 'crossing', name: 'Crossing tables', tables: [...middle!.tables].reverse().map((t, i) => ({ ...t, voltageV: 12 + 1.5 * i })) } // prettier-ignore
const sock = { ...catalogue.filters[0]!, id: 'sock', name: 'Sock', mount: 'sock' as const }
const forModule = { ...catalogue.regulators[1]!, id: 'in-module', name: 'In the module', sits: 'module' as const }
const stock: Catalogue = {
  ...catalogue,
  pumps: [small!, middle!, large!, hanging, tall, short, aModule, crossing],
  filters: [...catalogue.filters, sock],
  regulators: [...catalogue.regulators, forModule],
}
const ARCHITECTURE = { injection: 'port', build: 'from-parts', firing: 'batch', timing: 'none', trigger: 'coil', oxygenSensors: 1, fuelLoop: 'return' } as const // prettier-ignore

/** A tank of 200 mm with a gap above it. */
const job = (pumpPlace: 'in-tank' | 'in-line' | null, gapAboveM: number | null = 0.07): JobDocument => {
  const sound = soundJob()
  return {
    ...sound,
    system: { ...sound.system, chosen: pumpPlace && { ...ARCHITECTURE, pumpPlace } },
    walkAround: { ...sound.walkAround, tank: { ...sound.walkAround.tank, depthM: 0.2, gapAboveM } },
  }
}
const ids = (parts: readonly { readonly id: string }[]) => parts.map((p) => p.id)
const leftOut = (j: JobDocument, kind: string) =>
  Object.fromEntries(
    choiceOf(j, stock)
      .leftOut.filter((g) => g.kind === kind)
      .map((g) => [g.why.split(':')[0], g.parts.map((p) => p.name)]),
  )

describe('what of the catalogue comes into question', () => {
  // 30 mm of hat, 20 of fittings and 5 of air under 70 mm; with 60 mm of hat it is 15 too high. 192 mm under the hat.
  it('of pumps: what fits the tank and the chosen system, each of the rest with its reason', () => {
    expect(ids(choiceOf(job(null), stock).pumps)).toEqual(['small', 'middle', 'large', 'hanging', 'module'])
    expect(leftOut(job(null), 'pumps')).toEqual({
      'the hat fouls the floor above': ['Tall hat'],
      'the module is too short for this tank': ['Short hanger'],
      'the data sheet cannot be used': ['Crossing tables'],
    })
    const tallBy = choiceOf(job(null), stock).leftOut.find((g) => g.why.startsWith('the hat'))!.parts[0]!.by!
    expect(tallBy.si).toBeCloseTo(0.015, 9)
    expect(ids(choiceOf(job('in-line'), stock).pumps)).toEqual(['small', 'middle', 'large'])
    expect(ids(choiceOf(job('in-tank'), stock).pumps)).toEqual(['hanging', 'module'])
  })
  it('a gap that no hat fits under leaves no hanging pump; one that nobody measured is said', () => {
    expect(ids(choiceOf(job(null, 0.02), stock).pumps)).toEqual(['small', 'middle', 'large'])
    expect(choiceOf(job(null, null), stock).notJudged).toMatch(/not measured/)
    expect(choiceOf(job('in-line', null), stock).notJudged).toBeNull()
    expect(choiceOf(job(null), stock).notJudged).toBeNull()
  })
  it('of regulators: those of this system type, one for a module only where a module is tried', () => {
    const single = (j: JobDocument): JobDocument => ({ ...j, fuel: { ...j.fuel, systemType: 'single-line' } })
    expect(ids(choiceOf(job(null), stock).regulators)).toEqual(['r'])
    expect(ids(choiceOf(single(job(null)), stock).regulators)).toEqual(['s', 'in-module'])
    expect(ids(choiceOf(single(job('in-line')), stock).regulators)).toEqual(['s'])
    expect(leftOut(single(job('in-line')), 'regulators')).toEqual({
      'made for a return-type system': ['Regulator r'],
      'made for a pump module, and none is in the ranking': ['In the module'],
    })
  })
  it('a strainer for each place: the job’s own where it goes there, else the cheapest that does', () => {
    const choice = choiceOf(job(null), stock)
    expect([choice.strainer?.id, choice.sock?.id]).toEqual(['mesh', 'sock'])
    expect(choiceOf(job(null), catalogue).sock).toBeNull()
  })
  it('only some of the parts: the rest is left out as not our own', () => {
    const only = choiceOf(job(null), stock, (p) => ['middle', '7', 'ten', 'r'].includes(p.id))
    expect([only.pumps, only.feeds, only.filters, only.regulators].map(ids)).toEqual([['middle'], ['7'], ['ten'], ['r']]) // prettier-ignore
    expect(only.leftOut.some((g) => g.why === 'not one of our own' && g.kind === 'hoses')).toBe(true)
  })
  it('every part of the catalogue is tried or named', () => {
    for (const place of [null, 'in-tank', 'in-line'] as const) {
      const { pumps, feeds, filters, regulators, leftOut: out } = choiceOf(job(place), stock)
      const tried = pumps.length + feeds.length + filters.length + regulators.length
      const fine = stock.filters.filter((f) => f.use === 'fine').length
      const all = stock.pumps.length + stock.hoses.length + fine + stock.regulators.length
      expect(tried + out.reduce((n, g) => n + g.parts.length, 0)).toBe(all)
    }
  })
  it('whatever passes can be fitted: once taken, nothing of it fails for place, tank or pressure', () => {
    const j = job(null)
    const choice = choiceOf(j, stock)
    const passing = rankCombinations(combinationCaseOf(j, choice)).ranked.filter((r) => r.fails === null)
    expect(new Set(passing.map((r) => r.pumpId)).has('hanging')).toBe(true)
    for (const r of passing) {
      const find = <P extends { readonly id: string }>(parts: readonly P[], id: string) => parts.find((p) => p.id === id)! // prettier-ignore
      const pump = find(stock.pumps, r.pumpId)
      const taken: JobDocument = {
        ...j,
        fuel: {
          ...j.fuel,
          pump,
          strainer: pump.mount === 'in-line' ? choice.strainer : choice.sock,
          filter: find(stock.filters, r.filterId),
          regulator: find(stock.regulators, r.regulatorId),
          feed: withHose(j.fuel.feed, find(stock.hoses, r.feedId)),
          return: withHose(j.fuel.return, find(stock.hoses, r.returnId!)),
        },
      }
      const bad = assessFuel(taken).verdicts.filter((v) => v.state === 'stop').map((v) => v.id) // prettier-ignore
      expect(bad.filter((id) => ['held', 'not-lifted', 'regulator', 'hoses', 'reach', 'strainer', 'filter', 'module-above', 'module-below', 'circuit'].includes(id))).toEqual([]) // prettier-ignore
    }
  })
})
