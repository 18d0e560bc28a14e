import { withChange, type JobDocument } from '../../job/index.ts'
import { NO_PARTS } from '../../parts/test/noParts.ts'
import { sentenceText } from '../../verdict/index.ts'
import { remediesOf } from '../remedies.ts'
import { assessEngineTop } from './assessEngineTop.ts'
import { ENGINE_TOP_STATION } from './engineTopStation.ts'
import { rightJob, withBolts, withIgnition, withManifold, withPiece, withStack, withWalk } from './test/jobs.ts'

const verdict = (job: JobDocument, id: string) => assessEngineTop(job).verdicts.find((v) => v.id === id)
const { stack } = rightJob.engineTop
const [lever, inlet] = stack.points
const low = (p: typeof lever) => ({ ...p!, topM: -0.01 })
/** Nothing stands under the base that a lower one would touch. */
const nothingUnder = (job: JobDocument) => withStack({ points: [low(lever), low(inlet)] }, job)
const order = (firingOrder: string | null) => withWalk({ engine: { ...rightJob.walkAround.engine, firingOrder } })
const inPorts = (job: JobDocument): JobDocument =>
  withChange(job, { system: { chosen: { ...rightJob.system.chosen!, injection: 'port' } } })

describe('states that say what is open, and what to do about it', () => {
  it.each<[string, JobDocument, string, RegExp, RegExp]>([
    ['no firing order', order(null), 'firing unknown', /^Firing order not known$/, /not entered/],
    ['a firing order that misses a cylinder', order('1-5-3-6-2'), 'firing unknown', /^Firing order not known$/, /6/],
    ['intervals that are too few', withIgnition({ intervals: '120-120' }), 'firing unknown', /^Firing intervals cannot be$/, /6 angles above 0, together 720/],
    ['intervals that are no full turn', withIgnition({ intervals: '90-150-90-150-90-140' }), 'firing unknown', /^Firing intervals cannot be$/, /together 720/],
    ['a vee whose banks are numbered nobody knows how', withChange(rightJob, { vehicle: { ...rightJob.vehicle, layout: 'vee' } }), 'firing unknown', /^Numbering of the banks not known$/, /rail of each injector/],
    ['glue on a gasket', withManifold({ gasketHeld: 'glue' }), 'gasket-hold caution', /./, /scraped off/],
    ['a gasket nobody has thought of', withManifold({ gasketHeld: null }), 'gasket-hold unknown', /not decided$/, /stay where it is/],
    ['coolant that is still in', withManifold({ coolantOut: null, bled: null }), 'coolant unknown', /^Drain the coolant/, /locks a cylinder/],
    ['coolant that is out and not yet in', withManifold({ bled: null }), 'coolant unknown', /^Fill and bleed/, /air in the head boils/],
    ['coolant with air in it', withManifold({ bled: false }), 'coolant stop', /^Coolant not bled$/, /air in the head boils/],
    ['seals that are still in their bag', inPorts(withManifold({ sealsOiled: null })), 'seals unknown', /not fitted yet$/, /pinched/],
    ['a bonnet that nobody has measured', withStack({ clay: [] }), 'bonnet unknown', /./, /./],
    ['a tapered hole nobody has measured', withBolts({ wallM: null }, 1), 'taper-hole-coolant unknown', /hole not measured$/, /wall/],
  ])('%s', (_name, job, state, title, reason) => {
    const v = verdict(job, state.split(' ')[0]!)!
    expect([`${v.id} ${v.state}`, v.title, sentenceText(v.reason, {})]).toEqual([state, expect.stringMatching(title), expect.stringMatching(reason)]) // prettier-ignore
    expect(v.next === null ? '' : sentenceText(v.next!, {})).not.toBe('')
  })
}) // prettier-ignore

describe('remedies, each the least of its kind', () => {
  const offered = (job: JobDocument, id: string) => remediesOf(ENGINE_TOP_STATION, job, NO_PARTS).get(id) ?? []
  const cureBy = (job: JobDocument, verdictId: string, remedyId: string) => {
    const own = offered(job, verdictId)
    const remedy = own.find((r) => r.id === remedyId)
    expect([verdictId, own.map((r) => r.id)]).toEqual([verdictId, expect.arrayContaining([remedyId])])
    const next = withChange(job, remedy!.change)
    expect(verdict(next, verdictId)!.state).toBe('ok')
    return next
  }
  const pieceM = (job: JobDocument, kind: string): number => job.engineTop.stack.pieces.find((p) => p.kind === kind)!.heightM! // prettier-ignore

  it('an element that air goes too fast through: as high as it must be, by no more than a step', () => {
    const job = withStack({ elementM: 0.15 })
    const then = cureBy(job, 'air-cleaner', 'larger-element')
    const heightM = pieceM(then, 'element')
    // Air of 2.5 litres at 4,800 rpm through the open share of the element's own side: 3 m/s at most.
    const byHand = (rpm: number, ve: number) => (2.5e-3 * ve * rpm) / 120 / (Math.PI * 0.15 * 0.85 * 3)
    expect(heightM).toBeGreaterThan(pieceM(job, 'element'))
    expect(heightM).toBeGreaterThan(byHand(4800, 0.7))
    expect(heightM).toBeLessThan(byHand(4800, 1.1) + 0.005)
    expect(verdict(withPiece('element', heightM - 0.005, job), 'air-cleaner')!.state).toBe('caution')
  })
  it('a lid on the mouth: less drop, the first that clears it; or a taller element', () => {
    const job = nothingUnder(withPiece('base', -0.04))
    const before = pieceM(job, 'base')
    const less = pieceM(cureBy(job, 'mouth', 'less-drop'), 'base')
    expect(less).toBeGreaterThan(before)
    const taller = pieceM(cureBy(job, 'mouth', 'larger-element'), 'element')
    expect(taller).toBeGreaterThan(pieceM(job, 'element'))
    expect(verdict(withPiece('element', taller - 0.005, job), 'mouth')!.state).toBe('caution')
  })
  it('sealant is there but the torque is for a dry thread: the torque is changed, nothing is taken apart', () => {
    const then = cureBy(withBolts({ state: 'dry' }), 'bolt-bolts-manifold', 'torque-on-sealant')
    expect(then.engineTop.bolts[0]).toMatchObject({ sealed: true, state: 'thread sealant' })
  })
  it('a divider that is left is cut down only where no spacer does it, and never where the car is to be put back', () => {
    const left = withManifold({ divider: 'leave' })
    expect(offered(left, 'divider').map((r) => r.id)).toContain('open-spacer')
    const original = withChange(left, { system: { originality: 'can-be-undone' } })
    expect(offered(original, 'divider').map((r) => r.id)).not.toContain('cut')
  })
})
