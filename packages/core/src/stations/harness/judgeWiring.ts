import { fig, plain, say } from '../../verdict/index.ts'
import { counted } from '../../words/index.ts'
import { CLASS_WORDS } from '../../meaning/index.ts'
import { runOf } from './exposureOfLoom.ts'
import type { HarnessCase, HarnessVerdict } from './harnessCase.ts'

/** A signal twice as large as what triggers the ECU leaves room for a cold start and a worn tooth. Rule of thumb. */
const ENOUGH = 2
/** Closer than this and flatter than that, a crossing couples like a run beside. Trade practice. */
const CLOSE_M = 0.05
const SQUARE_DEG = 60

/** Shields: one end only, and which. */
const judgeShield = (c: HarnessCase): HarnessVerdict | null => {
  const shielded = c.circuits.list.filter((x) => x.shielded)
  if (shielded.length === 0) return null
  const { shieldEarth } = c.harness.noise
  const base = { ...plain, id: 'shield', source: 'trade practice' }
  const names = [...new Set(shielded.map((x) => x.name.split(',')[0]!))].join(', ')
  const next = say`Earth each shield at the ECU’s end only, and tape back the other end`
  switch (shieldEarth) {
    case null:
      return { ...base, title: 'Where the shields are earthed is not known', state: 'unknown', next, reason: say`${names}: look at both ends.` }
    case 'ecu-end':
      return { ...base, title: 'Shields earthed at the ECU’s end only', state: 'ok', reason: say`${names}.` }
    case 'device-end':
      return { ...base, title: 'Shields earthed at the device', state: 'caution', next, reason: say`${names}: the shield rides on the engine’s earth, and hands its lift on to the signal.` }
    case 'both-ends':
      return { ...base, title: 'Shields earthed at both ends', state: 'stop', next, reason: say`${names}: the shield becomes an earth of its own and carries the engine’s current.` }
    case 'none':
      return { ...base, title: 'Shields not earthed', state: 'stop', next, reason: say`${names}: a shield that is earthed nowhere hands on what it picks up.` }
  }
} // prettier-ignore

/** HT leads. */
const judgeSuppressed = (c: HarnessCase): HarnessVerdict => {
  const { suppressedLeads } = c.ignition
  const base = { ...plain, id: 'suppressed', source: 'trade practice; three times the noise of plain copper: rule of thumb' }
  const next = say`Fit suppressed HT leads, or resistor plugs`
  if (suppressedLeads === null)
    return { ...base, title: 'HT leads suppressed: not known', state: 'unknown', next: say`Ohms along one lead: some kΩ where it is suppressed, none where it is copper`, reason: say`Pick-up is calculated as with suppressed leads until then.` }
  return suppressedLeads
    ? { ...base, title: 'HT leads suppressed', state: 'ok', reason: say`Pick-up is calculated with them.` }
    : { ...base, title: 'HT leads not suppressed', state: 'stop', next, reason: say`Plain copper disturbs pick-ups and ECU; every budget is counted against three times the noise.` }
} // prettier-ignore

/** The pick-up: its signal while cranking, and its polarity. */
const judgePickUp = (c: HarnessCase): HarnessVerdict[] => {
  if (!c.circuits.list.some((x) => x.kind === 'pick-up')) return []
  const { pickUpCrankV, pickUpNeedsV, pickUpPolarity } = c.harness.noise
  const base = { ...plain, id: 'pick-up', source: 'scope while cranking; twice what triggers: rule of thumb' }
  const times = pickUpCrankV === null || pickUpNeedsV === null ? null : pickUpCrankV / pickUpNeedsV
  const weak = times !== null && times < ENOUGH
  return [
    times === null
      ? { ...base, title: 'Pick-up signal while cranking not measured', state: 'unknown', next: say`Measure it, with the plug off the ECU`, reason: say`A weak signal is the first to drown in noise, and in the slowest crank.` }
      : {
          ...base,
          title: times < 1 ? 'Pick-up signal too weak to trigger' : weak ? 'Pick-up signal weak while cranking' : 'Pick-up signal strong enough',
          state: times < 1 ? 'stop' : weak ? 'caution' : 'ok',
          figureName: 'while cranking',
          figure: fig(pickUpCrankV!, 'voltage', 2),
          limitName: 'at least',
          limit: fig(ENOUGH * pickUpNeedsV!, 'voltage', 2),
          margin: fig(pickUpCrankV! - ENOUGH * pickUpNeedsV!, 'voltage', 2),
          next: say`Close the gap to its figure, look at run-out and at the battery, then at the wire’s way`,
          reason: say`Twice what triggers the ECU: cold oil turns it slower than today.`,
        },
    {
      ...plain,
      id: 'pick-up-polarity',
      title: pickUpPolarity === 'right' ? 'Pick-up polarity right' : pickUpPolarity === 'reversed' ? 'Pick-up wires reversed' : 'Pick-up polarity not known',
      state: pickUpPolarity === 'right' ? 'ok' : pickUpPolarity === 'reversed' ? 'stop' : 'unknown',
      next: pickUpPolarity === 'reversed' ? say`Exchange the two wires at the plug` : say`Scope: the flank that the ECU triggers on must cross zero at the tooth’s edge`,
      reason: say`Reversed, timing drifts with speed, and a missing tooth is seen in the wrong place. A Hall sensor has no polarity to exchange: its plug decides.`,
      source: 'scope, or the sensor’s data sheet',
    },
  ]
} // prettier-ignore

/** Runs that were measured: close and flat ones. */
const judgeCrossings = (c: HarnessCase): HarnessVerdict | null => {
  const runs = c.harness.crossings.flatMap((x) => {
    const run = runOf(x)
    return run ? [{ x, run, angle: x.angleDeg ?? 0 }] : []
  })
  if (runs.length === 0) return null
  const nameOf = (id: string): string => c.circuits.list.find((x) => x.id === id)?.name ?? id
  const flat = runs.filter((r) => r.run.spacingM < CLOSE_M && r.angle < SQUARE_DEG)
  const worst = flat.sort((a, b) => a.run.spacingM - b.run.spacingM)[0]
  return {
    ...plain,
    id: 'crossing-angle',
    title: worst ? `${nameOf(worst.x.circuit)} too close beside ${CLASS_WORDS[worst.x.from]}` : 'Measured runs cross squarely or keep clear',
    state: worst ? 'caution' : 'ok',
    figureName: worst ? 'spacing' : '',
    figure: worst ? fig(worst.run.spacingM, 'bore', 0) : null,
    limitName: worst ? 'at least' : '',
    limit: worst ? fig(CLOSE_M, 'bore', 0) : null,
    margin: worst ? fig(worst.run.spacingM - CLOSE_M, 'bore', 0) : null,
    next: say`Lead it across at right angles, or further away`,
    reason: worst ? say`Angle ${fig(worst.angle, 'angle', 0)}: below ${fig(SQUARE_DEG, 'angle', 0)} it counts as a run beside. Its pick-up is in the sum.` : say`${counted(runs.length, 'run')} measured; their pick-up is in the sum.`,
    source: 'trade practice',
  }
} // prettier-ignore

const SENSOR_NAMES: Readonly<Record<string, string>> = {
  coolant: 'Coolant sensor',
  air: 'Intake air sensor',
  manifold: 'Manifold pressure sensor',
  throttle: 'Throttle sensor',
  oxygen: 'Oxygen sensor',
}

/** Returns of the sensors as they were wired: the loom is made with them at the ECU. */
const judgeReturns = (c: HarnessCase): HarnessVerdict => {
  const off = Object.entries(c.returns).filter(([, to]) => to !== 'ecu')
  const reference = off.filter(([, to]) => to === 'reference')
  const names = (list: typeof off): string => list.map(([sensor]) => SENSOR_NAMES[sensor] ?? sensor).join(', ')
  return {
    ...plain,
    id: 'returns',
    title: reference.length > 0 ? `${names(reference.slice(0, 1))} returned to 5 V` : off.length > 0 ? `${names(off.slice(0, 1))} returned to the wrong earth` : 'Sensors returned to the ECU',
    state: off.length > 0 ? 'stop' : 'ok',
    next: say`Return it to the ECU’s sensor earth, in the same bundle as its signal`,
    reason: off.length === 0 ? say`Signal and return lie together: what one picks up, the other picks up too.` : reference.length > 0 ? say`${names(reference)}: both ends of the thermistor are at 5 V, and it reads the end of its range.` : say`${names(off)}: signal and return lie apart and enclose the engine bay; power tells what each reads wrongly.`,
    source: 'as the power station has it',
  }
} // prettier-ignore

/** Feeds that switch coils and injectors, and so hand their noise on. */
const NOISY_FEEDS = ['relay-box', 'ignition-coil', 'key-switch', 'battery']

/** A pick-up that is fed from the branch of coils and injectors sees them switch. */
const judgeSharedSupply = (c: HarnessCase): HarnessVerdict | null => {
  const pickUps = new Set(c.circuits.list.filter((x) => x.kind === 'pick-up').flatMap((x) => [x.from, x.to]))
  pickUps.delete('ecu')
  const shared = c.circuits.list.filter((x) => (pickUps.has(x.from) && NOISY_FEEDS.includes(x.to)) || (pickUps.has(x.to) && NOISY_FEEDS.includes(x.from)))
  const [first] = shared
  if (!first) return null
  return {
    ...plain,
    id: 'shared-supply',
    title: 'Pick-up fed from the branch of coils and injectors',
    state: 'caution',
    next: say`Feed it from the ECU, or by a branch of its own with a filter`,
    reason: say`${first.name}: it sees every coil and injector switch, however its signal is shielded.`,
    source: 'trade practice',
  }
} // prettier-ignore

/** What disturbs and what is disturbed, beside the routes themselves. */
export const judgeWiring = (c: HarnessCase): HarnessVerdict[] => {
  if (!c.systemChosen || c.plan.template === null) return []
  return [
    judgeShield(c),
    judgeSuppressed(c),
    ...judgePickUp(c),
    judgeCrossings(c),
    judgeReturns(c),
    judgeSharedSupply(c),
  ].filter((v) => v !== null)
}
