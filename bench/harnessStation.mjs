// @ts-check
import loadSolver from 'highs'
import {
  assessHarness,
  boardOfLoom,
  drawCar,
  exactModel,
  LoomDoctor,
  LoomFinder,
  proofOfLoom,
  RouteSearch,
} from '../packages/core/dist/index.js'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { median, often, QUICK, report, timesUs } from './measure.mjs'

/** The package's types describe its CommonJS face; what Node imports is the loader itself. */
const load = /** @type {() => Promise<import('highs').Highs>} */ (/** @type {unknown} */ (loadSolver))

/** Proofs take minutes: a run of all fifty cars is asked for by `LOCHMOOR_CARS=50`. */
const CARS = Number(process.env['LOCHMOOR_CARS'] ?? (QUICK ? 1 : 4))
const SECONDS = Number(process.env['LOCHMOOR_PROOF_S'] ?? (QUICK ? 5 : 60))
const SEARCH_MS = QUICK ? 50 : 2000
const BINDING_SHARE = 0.4

/**
 * Cars whose rules can be kept, by seed: some with holes that bind and classes kept apart, the others without.
 * @param {number} count @param {{ corridors: number, circuits: number }} size
 */
const feasibleCars = (count, size) => {
  /** @type {{ seed: number, binds: boolean, input: import('../packages/core/dist/index.js').RouteCase }[]} */
  const found = []
  const binding = Math.ceil(count * BINDING_SHARE)
  for (let seed = 1; found.length < count && seed < 5000; seed++) {
    const binds = found.filter((c) => c.binds).length < binding
    const input = drawCar({ ...size, seed, binding: binds, kits: seed % 4 === 0, candidates: 1 + (seed % 3) })
    const search = new RouteSearch(input)
    search.improve(QUICK ? 50 : 400)
    if (search.best.broken === 0) found.push({ seed, binds, input })
  }
  return found
}

/**
 * The least minutes of a case, proven over all places of the control unit; null where the time ran out.
 * @param {RouteSearch} search
 */
const provenLeast = async (search) => {
  let least = Infinity
  const from = performance.now()
  const places = search.problem.candidates.length > 0 ? search.problem.candidates.map((_, n) => n) : [-1]
  for (const place of places) {
    const model = exactModel(search.problem, place)
    if (!model) continue
    const solver = await load()
    const answer = solver.solve(model.text, { time_limit: SECONDS, mip_rel_gap: 1e-6 })
    if (answer.Status === 'Infeasible') continue
    if (answer.Status !== 'Optimal') return { least: null, ms: performance.now() - from }
    least = Math.min(least, answer.ObjectiveValue + model.constant)
  }
  return { least, ms: performance.now() - from }
}

export const harnessStation = async () => {
  console.log('Harness')
  const big = { corridors: 50, circuits: 80 }
  const first = timesUs(
    (i) => new RouteSearch(drawCar({ ...big, seed: i + 1, binding: i % 2 === 0, candidates: 3 })).best,
    30,
  )
  report('first loom, 80 circuits on 50 corridors, 3 places', `${(median(first) / 1e3).toFixed(1)} ms`, '100 ms')
  report('the slowest of them', `${(Math.max(...first) / 1e3).toFixed(1)} ms`, '100 ms')

  const job = DEMO_JOBS.find((j) => j.document.vehicle.title === 'Aldmoor Curlew GT')?.document
  if (job) {
    const finder = timesUs(() => new LoomFinder(job).proposals(), often(10))
    report('first looms of a demo car, all its ECU places', `${(median(finder) / 1e3).toFixed(1)} ms`, '100 ms')
    const carrier = DEMO_JOBS.find((j) => j.document.vehicle.title === 'Brindle Carrier van')?.document
    if (carrier) {
      const judged = timesUs(() => assessHarness(carrier), 60)
      report('the station assessed, loom accepted', `${(median(judged) / 1e3).toFixed(2)} ms`)
      const { c } = assessHarness(carrier)
      const boards = timesUs(() => boardOfLoom(c), often(10))
      report('its form board laid flat', `${(median(boards) / 1e3).toFixed(1)} ms`)
      const proof = proofOfLoom(c)
      if (proof) {
        const found = timesUs(() => new LoomDoctor(proof.loom).diagnose(proof.taken), often(5))
        report('what is wrong by two readings, every single fault tried', `${(median(found) / 1e3).toFixed(0)} ms`)
      }
    }
  }

  let worst = 0
  let proven = 0
  let open = 0
  const ratios = []
  for (const { seed, binds, input } of feasibleCars(CARS, big)) {
    const search = new RouteSearch(input)
    const from = performance.now()
    while (performance.now() - from < SEARCH_MS) search.improve(50)
    const exact = await provenLeast(new RouteSearch(input))
    if (exact.least === null) {
      open++
      continue
    }
    proven++
    const over = search.best.minutes / exact.least - 1
    worst = Math.max(worst, over)
    ratios.push(exact.ms / SEARCH_MS)
    if (process.env['LOCHMOOR_CARS']) console.log(`  car ${seed}${binds ? ', binding' : ''}: ${(100 * over).toFixed(3)} % over, proof ${(exact.ms / 1e3).toFixed(1)} s`) // prettier-ignore
  }
  report(
    `worst of ${proven} cars above the proven least, after ${SEARCH_MS / 1e3} s`,
    `${(100 * worst).toFixed(2)} %`,
    '2 %',
  )
  if (ratios.length > 0) report('an integer program alone takes so many times as long', `${median(ratios).toFixed(1)}`)
  if (open > 0) report(`not proven within ${SECONDS} s a place`, String(open))
  console.log('')
}
