import { foundAt } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { NO_PARTS } from '../../parts/test/noParts.ts'
import { CONDITIONS, DEVICES, solveCar, type LoadFigures, type WireFigures } from '../../power/index.ts'
import { WIRE_ROLES } from '../../sections/index.ts'
import { remediesOf } from '../remedies.ts'
import { assessPower } from './assessPower.ts'
import { powerCase } from './powerCase.ts'
import { POWER_STATION } from './powerStation.ts'
import { poweredJob } from './test/powered.ts'

const verdictsOf = (job: JobDocument) => Object.fromEntries(assessPower(job).verdicts.map((v) => [v.id, v]))
const unsound = (job: JobDocument) =>
  assessPower(job)
    .verdicts.filter((v) => v.state !== 'ok')
    .map((v) => v.id)

describe('a supply as it should be', () => {
  it('has nothing against it', () => expect(unsound(poweredJob())).toEqual([]))
  it('every wire of it stands in the network, and every figure is finite', () => {
    const { solved } = powerCase(poweredJob({ 'walkAround.cooling.fan': 'electric' }))
    for (const id of CONDITIONS) {
      for (const part of Object.values(solved.at[id].parts))
        for (const n of Object.values(part)) if (typeof n === 'number') expect(Number.isFinite(n)).toBe(true)
      expect(solved.at[id].chattering).toEqual([])
    }
  })
  it('battery, cables and starter make one circuit: what the starter draws comes through its cable', () => {
    const { solved } = powerCase(poweredJob())
    const m = solved.at['crank-cold']
    const starter = (m.parts['starter'] as LoadFigures).currentA
    const cable = (m.parts['starterCable'] as WireFigures).currentA
    const rest = ['oldFeed', 'chargeCable'].reduce(
      (sum, id) => sum + Math.abs((m.parts[id] as WireFigures).currentA),
      0,
    )
    expect(cable).toBeGreaterThan(starter)
    expect(cable).toBeLessThan(starter + rest + 1)
  })
})

describe('the first gate', () => {
  it.each([
    [{ 'walkAround.battery.systemV': '6' }, /^6 V supply/],
    [{ 'walkAround.battery.earth': 'positive' }, /^Positive earth/],
    [{ 'walkAround.battery.systemV': '6', 'walkAround.battery.earth': 'positive' }, /^6 V and positive earth/],
  ])('%j is refused alone, with what must change', (places, title) => {
    const { verdicts, state } = assessPower(poweredJob(places))
    expect(state).toBe('stop')
    expect(verdicts.map((v) => v.id)).toEqual(['supply'])
    expect(verdicts[0]!.title).toMatch(title)
  })
  it('nobody has looked: nothing is claimed', () =>
    expect(assessPower(poweredJob({ 'walkAround.battery.earth': null })).verdicts.map((v) => v.state)).toEqual([
      'unknown',
    ]))
  it('a dynamo that no pulley helps is refused; one that a pulley helps is told which, and with it it covers the load', () => {
    const none = verdictsOf(poweredJob({ 'walkAround.charging.kind': 'dynamo', 'walkAround.charging.ratedA': 11 }))
    expect(none['generator']!.title).toBe('Dynamo loses at idle, whatever its pulley')
    const some = poweredJob({
      'walkAround.charging.kind': 'dynamo',
      'walkAround.charging.ratedA': 30,
      'walkAround.charging.pulleyRatio': 1.5,
      'vehicle.powerSpeedRpm': 2400,
    })
    const verdict = verdictsOf(some)['generator']!
    expect([verdict.title, verdict.state]).toEqual(['Dynamo loses at idle', 'stop'])
    const ratio = (verdict.next!.find((p) => typeof p === 'object') as { si: number }).si
    const cured = {
      ...some,
      walkAround: { ...some.walkAround, charging: { ...some.walkAround.charging, pulleyRatio: ratio } },
    }
    expect(verdictsOf(cured)['generator']!.state).not.toBe('stop')
  })
})

/** The classic faults, each as a figure: the verdict that names it, and one of the things it does elsewhere. */
const FAULTS: readonly (readonly [string, Readonly<Record<string, unknown>>, string, RegExp])[] = [
  ['ECU fed from the starter stud on a long thin cable', { 'walkAround.battery.place': 'boot', 'power.wires.starterCable.size': 'mm2-16', 'power.wires.starterCable.joints': 'fair', 'power.design.ecuFeed': 'starter-stud', 'power.design.ecuEarth': 'block' }, 'crank-sag', /^ECU resets while cranking cold/],
  ['keyed feed dead in start', { 'power.design.keyedFeed': 'run-only' }, 'keyed', /^Keyed feed dead in start/],
  ['keyed feed after the ballast', { 'walkAround.ignition.coilResistor': true, 'power.design.keyedFeed': 'after-ballast' }, 'keyed', /^Keyed feed taken after the ballast/],
  ['engine strap missing', { 'walkAround.earths.engineToBody': false }, 'earth-body', /earth strap missing/],
  ['both straps of the engine missing', { 'walkAround.earths.engineToBody': false, 'walkAround.earths.batteryToEngine': false }, 'earth-block', /earth strap missing/],
  ['pump earthed to a rusty frame', { 'power.design.pumpEarth': 'frame' }, 'pump-volts', /^Pump loses too many volts/],
  ['ECU and pump on one relay', { 'power.design.relays': 'shared' }, 'shared-relay', /^ECU and pump on one relay/],
  ['heater on the constant feed', { 'power.design.heaterFeed': 'constant' }, 'heater', /live with the key off/],
  ['gauges chained on the pump relay', { 'power.design.gaugesFeed': 'pump-relay' }, 'gauges-feed', /^Gauges chained/],
  ['pick-ups on the branch of the coils', { 'power.design.pickUpFeed': 'coil-branch' }, 'noise-path', /^Pick-ups fed from the branch/],
  ['a main lead too thin for its fuse', { 'power.wires.ecuFeed.size': 'mm2-0.75', 'power.wires.ecuFeed.fuseA': 25 }, 'thin-lead', /^ECU feed too thin for its fuse/],
  ['battery in the boot without posts at the engine', { 'walkAround.battery.place': 'boot' }, 'jump-posts', /^No jump posts/],
  ['fan on the old wiring, pulling the old feed down', { 'walkAround.cooling.fan': 'electric', 'walkAround.wiring.ammeter': true, 'power.generator.joins': 'starter-stud', 'walkAround.wiring.state': 'brittle', 'power.loads.fanA': 25 }, 'old-path', /gets hot/],
  ['relays in a hot bay', { 'power.relay.coilK': 383.15, 'power.relay.pullInV': 10.5, 'power.relay.dropOutV': 6 }, 'relay-pump-relay', /does not pull in|only just holds/],
] // prettier-ignore

describe('classic faults, in figures', () => {
  it.each(FAULTS)('%s', (_name, places, id, title) => {
    const v = verdictsOf(poweredJob(places))[id]!
    expect(v.title).toMatch(title)
    expect(v.state).not.toBe('ok')
  })
  it.each(FAULTS.filter(([, , id]) => !['old-path', 'relay-pump-relay'].includes(id)))(
    '%s: a remedy is offered, and on the whole job it cures it',
    (_name, places, id) => {
      const remedies = remediesOf(POWER_STATION, poweredJob(places), NO_PARTS)
      expect([id, remedies.has(id)]).toEqual([id, true])
    },
  )
  it('the wrong keyed lead is told apart from a weak battery by the volts at the terminals in the same start', () => {
    const reason = JSON.stringify(verdictsOf(poweredJob({ 'power.design.keyedFeed': 'run-only' }))['keyed']!.reason)
    expect(reason).toMatch(/not a weak battery/)
  })
  it('slow with high current is the starter, slow with low current the battery or its cables', () => {
    const at = (amps: number) =>
      verdictsOf(poweredJob({ 'walkAround.tests.crankingA': amps, 'walkAround.tests.crankingRpm': 90 }))[
        'measured-start'
      ]!.title
    expect(at(350)).toMatch(/starter, tight engine or wrong oil/)
    expect(at(60)).toMatch(/battery, cables or terminals/)
  })
})

describe('laws of the station', () => {
  const lifts = (places: Readonly<Record<string, unknown>>) =>
    powerCase(poweredJob(places)).solved.at['crank-cold'].nodesV['engine block']!
  it('a better strap never lifts the block more', () => {
    const all = ['mm2-4', 'mm2-10', 'mm2-25', 'mm2-50'].map((size) => lifts({ 'power.wires.batteryEarth.size': size }))
    all.slice(1).forEach((v, i) => expect(v).toBeLessThanOrEqual(all[i]!))
  })
  it('a measured drop decides over length and size', () => {
    const places = { 'walkAround.tests.crankingA': 150, 'power.wires.starterCable.crankDropV': 0.6 }
    const f = powerCase(poweredJob(places)).solved.at['crank-cold'].parts['starterCable'] as WireFigures
    expect(f.resistanceOhm).toBeCloseTo(0.6 / 150, 9)
    const moved = powerCase(poweredJob({ ...places, 'power.wires.starterCable.crankDropV': null, 'walkAround.tests.crankingPlusDropV': 0.3, 'power.battery.place': 'boot' })) // prettier-ignore
    expect(moved.supply.wires.starterCable.measuredOhm).toBeNull()
  })
  it('the pump of the fuel system has the volts of the network: assumed until its feed is measured', () => {
    const job = poweredJob({ 'power.wires.pumpFeed.lengthM': null })
    expect(foundAt(job, 'fuel.runningV')).toMatchObject({ kind: 'assumed' })
    const measured = foundAt(poweredJob(), 'fuel.runningV')
    expect(measured).toMatchObject({ kind: 'computed', from: 'power' })
    const { solved } = powerCase(poweredJob())
    expect(measured.value).toBeCloseTo((solved.at['full-load'].parts['pump'] as LoadFigures).voltageV, 6)
  })
  it('a thinner pump feed takes volts from the pump, and they are missing at the fuel system at once', () => {
    const at = (size: string) =>
      foundAt(poweredJob({ 'power.wires.pumpFeed.size': size }), 'fuel.runningV').value as number
    expect(at('mm2-0.75')).toBeLessThan(at('mm2-1.5'))
    expect(at('mm2-1.5')).toBeLessThan(at('mm2-4'))
  })
  it('every wire of the drawing carries something: taken out, some device has other volts somewhere', () => {
    const job = poweredJob({
      'walkAround.cooling.fan': 'electric',
      'walkAround.wiring.ammeter': true,
      'power.design.fan': 'relay',
      'power.design.keyedFeed': 'run-and-start',
    })
    const { supply, solved } = powerCase(job)
    for (const role of WIRE_ROLES) {
      const without = solveCar(supply, [role])
      const moved = CONDITIONS.some((id) =>
        DEVICES.some((d) => {
          const [a, b] = [solved, without].map((c) => (c.at[id].parts[d] as LoadFigures | undefined)?.voltageV)
          return a !== undefined && b !== undefined && Math.abs(a - b) > 1e-3
        }),
      )
      expect([role, moved]).toEqual([role, true])
    }
  })
  it('a car without any strap: what hangs on engine and body is named as connected to nothing', () => {
    const bare = Object.keys(
      verdictsOf(
        poweredJob({
          'walkAround.earths.batteryToEngine': false,
          'walkAround.earths.engineToBody': false,
          'walkAround.earths.batteryToBody': false,
        }),
      ),
    ).filter((id) => id.startsWith('bare-'))
    // Running, the generator still closes its own loop through engine and body.
    expect(bare).toEqual(['bare-starter', 'bare-solenoid'])
  })
  it('the worst dip of the trace is never above the steady figure of the same start', () => {
    for (const design of [{}, { ecuFeed: 'starter-stud' }, { ecuFeed: 'old-main', ecuEarth: 'body' }] as const) {
      const c = powerCase(poweredJob({}, design))
      const steady = (c.solved.at['crank-cold'].parts['ecu'] as LoadFigures).voltageV
      expect(c.coldStart.least['ecu']!.volts).toBeLessThan(steady)
    }
  })
  it('a strap that nobody has looked for is no sound one', () => {
    const job = poweredJob({ 'walkAround.earths.engineToBody': null })
    const v = verdictsOf(job)
    expect([v['earth-body']!.state, v['earth-block']!.state]).toEqual(['unknown', 'ok'])
    // Looking for it is what to do, not buying another.
    expect(remediesOf(POWER_STATION, job, NO_PARTS).has('earth-body')).toBe(false)
  })
  it('where the battery drains at night it is the load at night that the output is held against', () => {
    const v = verdictsOf(poweredJob({ 'walkAround.charging.ratedA': 30 }))['generator']!
    expect([v.title, v.limitName]).toEqual(['Battery drains at idle with everything on', 'load at night in rain'])
    expect(v.margin!.si).toBeLessThan(0)
  })
  it('a drop-out above the pull-in is refused by both figures', () => {
    const v = verdictsOf(poweredJob({ 'power.relay.pullInV': 4, 'power.relay.dropOutV': 6 }))['relay-figures']!
    expect([v.state, v.figure!.si, v.limit!.si]).toEqual(['stop', 6, 4])
  })
})
