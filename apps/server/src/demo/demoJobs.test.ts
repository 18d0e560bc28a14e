import {
  designOf,
  assessExhaust,
  assessFuel,
  assessSystem,
  assessWalkAround,
  cutListOf,
  emptyJob,
  FUEL_STATION,
  isWorse,
  readinessOf,
  remediesOf,
  sentenceText,
  spreadCasesOf,
  spreadOverMoments,
  STATION_LIST,
  withChange,
  type FuelAssessment,
  type JobDocument,
} from '@lochmoor/core'
import { DEMO_STORY, JobDocumentSchema } from '@lochmoor/contract'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { DEMO_JOBS } from './demoJobs.ts'

const jobOf = (title: string) => DEMO_JOBS.find((j) => j.document.vehicle.title === title)!.document
const assess = (title: string): FuelAssessment => assessFuel(jobOf(title))
const remedyKinds = (title: string, verdictId: string) =>
  (remediesOf(FUEL_STATION, jobOf(title), STOCK_CATALOGUE).get(verdictId) ?? []).map((r) => r.id)
const pointOf = (a: FuelAssessment, id: string) => a.solved.find((s) => s.point.id === id)!.answer

describe('demo jobs', () => {
  it('are valid documents', () => {
    for (const { document } of DEMO_JOBS) expect(JobDocumentSchema.parse(document)).toEqual(document)
  })

  it.each(STATION_LIST.map((s) => [s.id, s] as const))(
    '%s is begun in one of them, and nobody has begun it in another',
    (_id, station) => {
      const begun = DEMO_JOBS.map(({ document }) => !station.untouched(document, emptyJob(document.vehicle.title)))
      expect(begun).toContain(true)
      if (station.id !== 'walkAround') expect(begun).toContain(false)
    },
  )

  it.each([
    ['Aldmoor Curlew GT', 'watch', ['oil-smoke', 'tank-inside'], []],
    ['Hesket Warden saloon', 'fit', [], []],
    [
      'Brindle Carrier van',
      'repair',
      ['battery-resting', 'battery-cranking', 'vacuum-leak', 'tank-inside'],
      ['supply', 'cranking-drops', 'compression', 'exhaust-leak', 'exhaust-repairs', 'charging'],
    ],
    ['Thornkeld Plover tourer', 'not-tested', [], []],
  ])('%s: walk-around says %s', (title, state, watched, repaired) => {
    const { fitness, fit: said } = assessWalkAround(jobOf(title))
    const of = (s: string) => fitness.filter((f) => f.state === s).map((f) => f.test.id)
    expect([said, of('watch'), of('repair')]).toEqual([state, watched, repaired])
  })

  it.each(['Aldmoor Curlew GT', 'Hesket Warden saloon', 'Brindle Carrier van'])('%s: its system suits it', (title) => {
    const { chosen, choice } = assessSystem(jobOf(title), STOCK_CATALOGUE)
    expect([choice, chosen?.controller]).toEqual(['chosen', expect.anything()])
  })

  it('each is there for a reason that the board says in a sentence', () => {
    expect(Object.keys(DEMO_STORY).sort()).toEqual(DEMO_JOBS.map((j) => j.id).sort())
    for (const says of Object.values(DEMO_STORY)) expect(says).toMatch(/^[A-Z].{20,160}\.$/)
  })

  it.each([
    ['Aldmoor Curlew GT', 'fuel', 'not-lifted', /return line is too small/],
    ['Aldmoor Curlew GT', 'exhaust', 'spot-a', /Gearbox linkage/],
    ['Hesket Warden saloon', 'power', null, /ECU resets while cranking cold/],
    ['Brindle Carrier van', 'harness', null, /Loom is wired wrongly/],
    ['Marrick Heron estate', 'fuel', null, /Feed line drops all the pressure at full load/],
    ['Tolland Linnet roadster', 'power', null, /Dynamo loses at idle/],
  ])('%s: what its sentence says of %s is what the station finds', (title, station, id, says) => {
    const { verdicts } = STATION_LIST.find((s) => s.id === station)!.assess(jobOf(title), STOCK_CATALOGUE)
    const failed = verdicts.filter((v) => v.state === 'stop' && (id === null || v.id === id))
    expect(failed.map((v) => `${v.title}: ${sentenceText(v.reason, {})}`).join(' ')).toMatch(says)
  })

  it('the saloon that was handed over: every station is built, OK, and has nothing left to do', () => {
    const job = jobOf('Aldmoor Turnstone saloon')
    const { nextAction, repairs, stations } = readinessOf(job, STOCK_CATALOGUE)
    expect([nextAction, repairs, new Set(stations.map((s) => `${s.stage} ${s.verdict}`))]).toEqual(['All stations built', [], new Set(['built ok'])]) // prettier-ignore
    for (const s of STATION_LIST)
      expect([s.id, s.assess(job, STOCK_CATALOGUE).verdicts.filter((v) => v.state !== 'ok')]).toEqual([s.id, []])
  })

  it('the estate in build: nothing fails, and its loom is half proved', () => {
    const job = jobOf('Aldmoor Whimbrel estate')
    const states = STATION_LIST.flatMap((s) => s.assess(job, STOCK_CATALOGUE).verdicts.map((v) => v.state))
    expect(states).not.toContain('stop')
    expect(readinessOf(job, STOCK_CATALOGUE).nextAction).toBe('Prove the loom on the bench')
    const { done } = job.harness.proof
    const all = jobOf('Aldmoor Turnstone saloon').harness.proof.done
    expect([done.length > 0.5 * all.length, done.length < 0.7 * all.length]).toEqual([true, true])
  })

  it('the van: positive earth, a dead lead, a dynamo without ripple, and an exhaust that touches the floor', () => {
    const van = jobOf('Brindle Carrier van')
    const { fitness } = assessWalkAround(van)
    expect(fitness.find((f) => f.test.id === 'supply')?.repair).toBe('Convert to negative earth')
    expect(sentenceText(fitness.find((f) => f.test.id === 'battery-cranking')!.reason, {})).toMatch(/wrong lead/)
    expect(fitness.map((f) => f.test.id)).not.toContain('ripple')
    const touch = assessExhaust(van, STOCK_CATALOGUE).verdicts.find((v) => v.id === 'room-around')
    expect([touch?.state, touch?.title]).toEqual(['stop', 'The exhaust touches the car'])
  })

  it('the grand tourer: the return lifts the rail at idle', () => {
    const a = assess('Aldmoor Curlew GT')
    expect(pointOf(a, 'idle')).toMatchObject({ state: 'lifted', cause: 'return' })
    expect(a.verdicts[0]).toMatchObject({ id: 'not-lifted', state: 'stop', pointId: 'cold-idle' })
    expect(remedyKinds('Aldmoor Curlew GT', 'not-lifted')).toEqual(expect.arrayContaining(['return', 'pump']))
  })

  it('the saloon: sound in every respect', () => {
    const a = assess('Hesket Warden saloon')
    expect(a.state).toBe('ok')
    expect(a.solved.map((s) => s.answer.state)).toEqual(Array(11).fill('in-control'))
    expect(a.assumptions).toEqual([])
    expect(cutListOf(designOf(jobOf('Hesket Warden saloon')))).toMatchObject({ ok: true })
  })

  it('the van: the pump is enough with the engine charging and short at low voltage', () => {
    const a = assess('Brindle Carrier van')
    expect(pointOf(a, 'full').state).toBe('in-control')
    expect(pointOf(a, 'full-low')).toMatchObject({ state: 'not-held', cause: 'pump' })
    expect(a.verdicts[0]).toMatchObject({ id: 'held', state: 'stop', pointId: 'full-low' })
    expect(remedyKinds('Brindle Carrier van', 'held')).toEqual(expect.arrayContaining(['voltage', 'pump']))
  })

  it.each([
    ['Marrick Heron estate', 'full', 'starved', 'feed-loss'],
    ['Tolland Linnet roadster', 'idle', 'lifted', 'not-lifted'],
  ] as const)(
    '%s: at %s it is %s, and the probability that the rail keeps its band is nothing',
    (title, id, state, verdict) => {
      const a = assess(title)
      expect(pointOf(a, id).state).toBe(state)
      expect(a.verdicts.find((v) => v.id === verdict)!.state).toBe('stop')
      const cases = spreadCasesOf(designOf(jobOf(title)), a.solved).map(({ solved: s, inputs }) => ({ circuit: s.circuit, inputs, tipPa: s.point.tipPa })) // prettier-ignore
      expect(spreadOverMoments(cases, { draws: 2000, seed: 3 })!.probability).toBeLessThan(0.01)
    },
  )

  it.each(DEMO_JOBS.map((j) => j.document.vehicle.title))(
    '%s: every remedy offered at any station cures, and nothing in the whole job gets worse',
    (title) => {
      const job = jobOf(title)
      const judge = (j: JobDocument) =>
        STATION_LIST.flatMap((s) =>
          s.assess(j, STOCK_CATALOGUE).verdicts.map((v) => [`${s.id} ${v.id}`, v.state] as const),
        )
      /** To spare where a verdict is of the same state as before: a better spot beyond a limit is better all the same. */
      const marginOf = (j: JobDocument, s: (typeof STATION_LIST)[number], id: string) =>
        s.assess(j, STOCK_CATALOGUE).verdicts.find((v) => v.id === id)?.margin?.si ?? -Infinity
      const before = new Map(judge(job))
      for (const station of STATION_LIST)
        for (const [verdictId, remedies] of remediesOf(station, job, STOCK_CATALOGUE))
          for (const { change, id } of remedies) {
            const after = new Map(judge(withChange(job, change)))
            const was = before.get(`${station.id} ${verdictId}`)!
            const is = after.get(`${station.id} ${verdictId}`)!
            const more =
              is === was && marginOf(withChange(job, change), station, verdictId) > marginOf(job, station, verdictId)
            expect([title, verdictId, id, is === 'ok' || isWorse(was, is) || more]).toEqual([
              title,
              verdictId,
              id,
              true,
            ])
            for (const [of, state] of before)
              if (after.has(of)) expect([title, id, of, isWorse(after.get(of)!, state)]).toEqual([title, id, of, false])
          }
    },
  )

  it('a job of which nothing is known asks for a pump and lists what to measure', () => {
    const a = assessFuel(emptyJob('New'))
    expect(a.verdicts[0]).toMatchObject({ id: 'circuit', state: 'unknown', reason: ['', 'Choose a pump.', ''] })
    expect(a.assumptions.length).toBeGreaterThan(10)
  })
})
