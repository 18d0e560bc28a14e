import { withChange, type JobDocument } from '../../job/index.ts'
import { worstState } from '../../verdict/index.ts'
import { assessPower, judgePower } from './assessPower.ts'
import { powerCase } from './powerCase.ts'
import { poweredJob } from './test/powered.ts'

const OLD = { 'walkAround.wiring.ammeter': true, 'walkAround.wiring.state': 'brittle' }
const FAN = { 'walkAround.cooling.fan': 'electric', 'power.design.fan': 'old-switch', 'power.loads.fanA': 22 }
const LONG = { 'walkAround.battery.place': 'boot', 'power.wires.starterCable.size': 'mm2-16', 'power.wires.starterCable.joints': 'fair', 'power.design.jumpPosts': true } // prettier-ignore
const cut = (place: string) => ({ 'power.design.ecuFeed': place })
type Places = Readonly<Record<string, unknown>>
const designed = (design: Partial<JobDocument['power']['design']>) => (j: JobDocument) =>
  withChange(j, { power: { design: { ...j.power.design, ...design } } })
const wired = (role: 'ecuFeed' | 'pumpEarth', w: object) => (j: JobDocument) =>
  withChange(j, { power: { wires: { ...j.power.wires, [role]: { ...j.power.wires[role], ...w } } } })
const strapped = (earths: object) => (j: JobDocument) =>
  withChange(j, { walkAround: { earths: { ...j.walkAround.earths, ...earths } } })

/** Each electrical mistake of the trade's list: the cause, some of what it does, and what undoes it alone. */
const MISTAKES: readonly (readonly [string, Places, cause: string, effects: readonly string[], undo: (j: JobDocument) => JobDocument])[] = [
  ['ECU fed from the starter stud', { ...LONG, ...cut('starter-stud') }, 'ecu-feed', ['crank-sag'], designed({ ecuFeed: 'battery' })],
  ['ECU fed from the kill switch', { ...LONG, ...OLD, ...cut('kill-switch'), 'power.old.killSwitch': 'ignition' }, 'ecu-feed', ['crank-sag'], designed({ ecuFeed: 'battery' })],
  ['ECU fed from the old fuse box', { ...LONG, ...OLD, ...cut('old-main') }, 'ecu-feed', ['crank-sag'], designed({ ecuFeed: 'battery' })],
  ['ECU on the shared ignition feed, a fan on it too', { ...OLD, ...FAN, ...cut('ignition') }, 'fan-feed', ['fan-dip', 'stop-logic'], designed({ fan: 'relay' })],
  ['keyed feed dead in start', { 'power.design.keyedFeed': 'run-only' }, 'keyed', ['crank-sag', 'relay-pump-relay', 'stop-logic'], designed({ keyedFeed: 'relay' })],
  ['keyed feed after the ballast', { 'walkAround.ignition.coilResistor': true, 'power.design.keyedFeed': 'after-ballast' }, 'keyed', ['relay-pump-relay'], designed({ keyedFeed: 'relay' })],
  ['engine strap missing', { 'walkAround.earths.engineToBody': false }, 'earth-body', ['earth-block'], strapped({ engineToBody: true })],
  ['battery strap missing', { 'walkAround.earths.batteryToEngine': false }, 'earth-block', ['earth-body'], strapped({ batteryToEngine: true })],
  ['ECU and pump on one relay', { 'power.design.relays': 'shared' }, 'shared-relay', ['stop-logic'], designed({ relays: 'separate' })],
] // prettier-ignore
/** Mistakes that hurt nothing else at this station. */
const ALONE: readonly (readonly [string, Places, string, (j: JobDocument) => JobDocument])[] = [
  ['pump earthed to rust', { 'power.design.pumpEarth': 'frame' }, 'pump-volts', designed({ pumpEarth: 'body' })],
  ['main lead too thin for its fuse', { 'power.wires.ecuFeed.size': 'mm2-1', 'power.wires.ecuFeed.fuseA': 25 }, 'thin-lead', wired('ecuFeed', { size: 'mm2-4' })],
  ['a clean point made rusty', { 'power.wires.pumpEarth.joints': 'rusty' }, 'pump-volts', wired('pumpEarth', { joints: 'good' })],
] // prettier-ignore

const verdictsOf = (job: JobDocument) => assessPower(job).verdicts

describe('the cause first, its effects beneath it', () => {
  it.each(MISTAKES)('%s', (_name, places, cause, effects, undo) => {
    const job = poweredJob(places)
    const all = verdictsOf(job)
    expect(all[0]!.id).toBe(cause)
    const beneath = all.filter((v) => v.effectOf === cause)
    expect(beneath.map((v) => v.id)).toEqual(expect.arrayContaining([...effects]))
    // Right beneath it, and never better than what they follow from.
    expect(all.slice(1, 1 + beneath.length)).toEqual(beneath)
    expect(all[0]!.state).toBe(worstState([all[0]!.state, ...beneath.map((v) => v.state)]))
    // Undone alone, by another hand than that which sought it: all of it is gone, and nothing else is worse.
    const after = new Map(verdictsOf(undo(job)).map((v) => [v.id, v.state]))
    for (const id of [cause, ...effects]) expect([id, after.get(id) ?? 'ok']).toEqual([id, 'ok'])
  })
  it.each(ALONE)('%s stands alone, and undone it is gone', (_name, places, cause, undo) => {
    const job = poweredJob(places)
    expect(verdictsOf(job)[0]!.id).toBe(cause)
    expect(verdictsOf(undo(job)).filter((v) => v.state !== 'ok')).toEqual([])
  })
  it('nothing is lost or judged anew by the order', () => {
    for (const [, places] of MISTAKES) {
      const job = poweredJob(places)
      const judged = judgePower(powerCase(job))
      expect(verdictsOf(job).map((v) => v.id).sort()).toEqual(judged.map((v) => v.id).sort()) // prettier-ignore
    }
  })
  it('a sound car has neither', () => expect(verdictsOf(poweredJob()).some((v) => v.effectOf)).toBe(false))
})
