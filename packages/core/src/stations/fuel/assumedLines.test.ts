import { seededRandom } from '../../numeric/seededRandom.ts'
import { legBends, legLengthsM } from '../../fuel/lines/legs.ts'
import { emptyLeg, emptyLine, USUAL_COUNTS, type LineDesign, type LineLeg } from '../../sections/index.ts'
import { assessFuel } from './assessFuel.ts'
import { designOf } from './fuelDesign.ts'
import { lengthOfLine, lineCounts, lineOfDesign } from './lineOfDesign.ts'
import { piecesOfLine } from './linesOfJob.ts'
import { soundJob } from './test/jobs.ts'

const sound = soundJob().fuel
const withFeed = (feed: Partial<LineDesign>) => soundJob({ feed: { ...sound.feed, ...feed } })
const sum = (all: readonly number[]) => all.reduce((a, b) => a + b, 0)

describe('a line described leg by leg', () => {
  it('from an assumed 4 m it stays 4 m, however many legs nobody has measured', () => {
    for (const count of [1, 2, 5]) {
      const legs = Array.from({ length: count }, (_, i) => emptyLeg(`leg-${i}`, `Leg ${i}`))
      const design = designOf(withFeed({ lengthM: null, legs }))
      expect(lengthOfLine(design, 'feed')).toBeCloseTo(4, 9)
      const line = lineOfDesign(design, 'feed')!
      expect(sum([line, ...(line.then ?? [])].map((p) => p.lengthM))).toBeCloseTo(4, 9)
    }
  })
  it('what was measured stays, the rest is shared; no leg is shorter than a hand', () => {
    const random = seededRandom(16)
    for (let n = 0; n < 300; n++) {
      const legs = Array.from({ length: 1 + Math.floor(random() * 6) }, (_, i) => ({
        ...emptyLeg(`leg-${i}`, 'Leg'),
        lengthM: random() < 0.5 ? null : 0.1 + random(),
      }))
      const lineM = 1 + 4 * random()
      const lengths = legLengthsM(legs, lineM)
      legs.forEach((leg, i) => leg.lengthM !== null && expect(lengths[i]).toBe(leg.lengthM))
      expect(Math.min(...lengths)).toBeGreaterThanOrEqual(0.1)
      const knownM = sum(legs.map((l) => l.lengthM ?? 0))
      const open = legs.filter((l) => l.lengthM === null).length
      if (open > 0 && lineM - knownM >= 0.1 * open) expect(sum(lengths)).toBeCloseTo(lineM, 9)
    }
  })
  it('a leg that is the whole line has the bends the line is assumed to have; its cut has none that nobody counted', () => {
    const legs = [emptyLeg('leg-0', 'Whole line')]
    const feed = { ...sound.feed, bends90: null, bends45: null, lengthM: 1, legs }
    expect(legBends(feed, legs[0]!)).toEqual({ bends90: USUAL_COUNTS.bends90, bends45: USUAL_COUNTS.bends45 })
    expect(piecesOfLine(designOf(withFeed(feed)), 'feed')[0]).toMatchObject({ bendsDeg: 0, assumed: 'length' })
  })

  it('nothing is cut before its length is measured and its bends are counted', () => {
    const assumedOf = (change: Partial<LineLeg>) =>
      piecesOfLine(designOf(withFeed({ legs: [{ ...emptyLeg('leg-0', 'Leg'), ...change }] })), 'feed')[0]!.assumed
    expect(assumedOf({})).toBe('length')
    expect(assumedOf({ lengthM: 1 })).toBe('bends')
    expect(assumedOf({ lengthM: 1, bends90: 1 })).toBe('bends')
    expect(assumedOf({ lengthM: 1, bends90: 1, bends45: 0 })).toBeNull()
    expect(assumedOf({ bends90: 1, bends45: 0 })).toBe('length')
  })

  it('legs whose bends nobody counted keep the bends of the whole line between them, until those counted are more', () => {
    const bends = (counts: readonly (number | null)[]) => {
      const legs = counts.map((bends90, i) => ({ ...emptyLeg(`leg-${i}`, `Leg ${i}`), bends90 }))
      return legs.map((leg) => legBends({ ...sound.feed, bends90: 5, legs }, leg).bends90)
    }
    expect(bends([null, null, null])).toEqual([2, 2, 1])
    expect(bends([3, null, null])).toEqual([3, 1, 1])
    expect(bends([null, 0])).toEqual([5, 0])
    expect(bends([7, null])).toEqual([7, 0])
  })
})

describe('bends and connectors that nobody has counted', () => {
  const counts = { bends90: null, bends45: null, connectors: null }
  it('are assumed, are said to be, and lose what a typical line does', () => {
    const job = withFeed(counts)
    expect(lineCounts(designOf(job), 'feed')).toEqual(USUAL_COUNTS)
    const same = withFeed({ ...USUAL_COUNTS })
    expect(lineOfDesign(designOf(job), 'feed')).toEqual(lineOfDesign(designOf(same), 'feed'))
    const assumed = (j: typeof job) => assessFuel(j).assumptions.filter((a) => a.field.startsWith('fuel.feed.')).map((a) => a.field) // prettier-ignore
    expect(assumed(job)).toEqual(['fuel.feed.bends90', 'fuel.feed.bends45', 'fuel.feed.connectors'])
    expect(assumed(same)).toEqual([])
  })
  it('of a suction or vent line too', () =>
    expect(lineCounts(designOf(soundJob({ vent: emptyLine })), 'vent')).toEqual(USUAL_COUNTS))
  it('count no more once the line is described leg by leg', () => {
    const job = withFeed({ ...counts, legs: [{ ...emptyLeg('leg-0', 'Leg'), lengthM: 4, bends90: 1, bends45: 0 }] })
    expect(assessFuel(job).assumptions.filter((a) => a.field.startsWith('fuel.feed.'))).toEqual([])
  })
  it('count still while the bends of a leg are not counted', () => {
    const job = withFeed({ ...counts, legs: [{ ...emptyLeg('leg-0', 'Leg'), lengthM: 4, bends45: 0 }] })
    const assumed = assessFuel(job).assumptions.map((a) => a.field)
    expect(assumed.filter((field) => field.startsWith('fuel.feed.'))).toEqual(['fuel.feed.bends90'])
  })
})
