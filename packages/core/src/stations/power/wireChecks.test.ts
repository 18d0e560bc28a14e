import { NO_PARTS } from '../../parts/test/noParts.ts'
import { withChange } from '../../job/index.ts'
import { remediesOf } from '../remedies.ts'
import { POWER_STATION } from './powerStation.ts'
import fc from 'fast-check'
import { CONDITIONS, NODE, type BatteryFigures } from '../../power/index.ts'
import { WIRE_ROLES } from '../../sections/index.ts'
import { sentenceText } from '../../verdict/index.ts'
import { assessPower } from './assessPower.ts'
import { powerCase } from './powerCase.ts'
import { sensedErrors } from './sensorReturns.ts'
import { poweredJob } from './test/powered.ts'
import { bearsA, checkWires, fusesOf, shortCurrentA } from './wireChecks.ts'

const caseOf = (places: Readonly<Record<string, unknown>> = {}) => powerCase(poweredJob(places))
const verdict = (places: Readonly<Record<string, unknown>>, id: string) =>
  assessPower(poweredJob(places)).verdicts.find((v) => v.id === id)!
const FAN = { 'walkAround.cooling.fan': 'electric', 'power.design.fan': 'relay' }

describe('every wire of the design', () => {
  it('has the currents and the drop that the network gives', () => {
    const c = caseOf(FAN)
    for (const w of c.wireChecks) {
      const amps = CONDITIONS.map((id) => Math.abs((c.solved.at[id].parts[w.role] as { currentA: number }).currentA))
      expect(w.continuousA).toBeLessThanOrEqual(Math.max(...amps) + 1e-9)
      expect(amps).toContainEqual(w.continuousA)
    }
    expect(c.wireChecks.map((w) => w.role)).toEqual([...WIRE_ROLES])
  })
  it('the size that is proposed, fitted out and back, keeps to its limits in the solved network', () => {
    const c = caseOf({ ...FAN, 'power.wires.pumpFeed.size': 'mm2-0.75', 'power.wires.pumpFeed.lengthM': 6 })
    const pump = c.wireChecks.find((w) => w.role === 'pumpFeed')!
    expect(pump.dropV).toBeGreaterThan(pump.limitV)
    const id = pump.least.mm2!.size.id
    const after = caseOf({ ...FAN, 'power.wires.pumpFeed.size': id, 'power.wires.pumpEarth.size': id, 'power.wires.pumpFeed.lengthM': 6 }) // prettier-ignore
    const fitted = after.wireChecks.find((w) => w.role === 'pumpFeed')!
    expect(fitted.dropV).toBeLessThanOrEqual(fitted.limitV + 0.02)
    expect(fitted.bearsA).toBeGreaterThanOrEqual(fitted.fuse!.ratingA)
  })
  it('a short at the far end: the battery through all that lies between, by hand', () => {
    const c = caseOf()
    const amps = shortCurrentA(c.solved, 'ecuFeed')
    const battery = c.solved.at.prime.parts['battery'] as BatteryFigures
    // Feed, its fuse, the short, and the body back: between the feed alone and the feed with half its resistance again.
    const feed = c.solved.at.prime.parts['ecuFeed'] as { resistanceOhm: number }
    const alone = battery.openCircuitV / (battery.resistanceOhm + feed.resistanceOhm + 3.4e-3 + 1e-3)
    expect(amps).toBeLessThan(alone)
    expect(amps).toBeGreaterThan(0.6 * alone)
  })
  it('no fuse that passes is above what the thinnest wire behind it bears, and its short clears', () =>
    fc.assert(
      fc.property(
        fc.record({
          size: fc.constantFrom('mm2-0.5', 'mm2-1', 'mm2-2.5', 'mm2-6', 'awg-14', 'sae-12'),
          earth: fc.constantFrom('mm2-0.5', 'mm2-1.5', 'mm2-4'),
          fuseA: fc.constantFrom(5, 10, 20, 30, 60),
          lengthM: fc.double({ min: 0.3, max: 9, noNaN: true }),
          loaded: fc.integer({ min: 1, max: 12 }),
          insulation: fc.constantFrom('pvc', 'xlpe'),
          shared: fc.boolean(),
        }),
        ({ size, earth, fuseA, lengthM, loaded, insulation, shared }) => {
          const places = {
            'power.wires.ecuFeed.size': size,
            'power.wires.ecuFeed.fuseA': fuseA,
            'power.wires.ecuFeed.lengthM': lengthM,
            'power.wires.ecuFeed.loadedWires': loaded,
            'power.wires.ecuFeed.insulation': insulation,
            'power.wires.ecuEarth.size': earth,
            'power.design.relays': shared ? 'shared' : 'separate',
          }
          const c = caseOf(places)
          const by = Object.fromEntries(assessPower(poweredJob(places)).verdicts.map((v) => [v.id, v]))
          const sound = fusesOf(c.solved).every((f) => f.behind.every((r) => bearsA(c.supply.wires[r]) >= f.ratingA))
          expect(by['thin-lead']!.state === 'ok').toBe(sound)
          if (by['fuse-short']!.state === 'ok')
            for (const w of checkWires(c.solved)) if (w.fuse) expect(w.fuse.short.clears).toBe(true)
        },
      ),
      { seed: 23, numRuns: 40 },
    ))
  it('the wires behind a fuse are those that its current reaches', () => {
    const behind = (places: Readonly<Record<string, unknown>>) =>
      Object.fromEntries(fusesOf(caseOf(places).solved).map((f) => [f.role, f.behind]))
    expect(behind({})['ecuFeed']).toEqual(['ecuFeed', 'ecuEarth'])
    expect(behind({})['keyedFeed']).toEqual(['keyedFeed'])
    expect(behind({ 'power.design.coilFeed': 'relay' })['keyedFeed']).toEqual(['keyedFeed', 'ignitionFeed'])
    expect(behind({ 'power.design.coilFeed': 'relay', 'power.wires.keyedFeed.fuseA': 3 })).toMatchObject({ keyedFeed: ['keyedFeed'], ignitionFeed: ['ignitionFeed'] }) // prettier-ignore
    expect(behind({ 'power.design.keyedFeed': 'run-and-start' })['keyedFeed']).toBeUndefined()
    expect(behind({ 'power.design.relays': 'shared' })['ecuFeed']).toEqual(['ecuFeed', 'ecuEarth', 'pumpFeed', 'pumpEarth']) // prettier-ignore
  })
  it.each([
    ['too small for its load', { 'power.wires.pumpFeed.fuseA': 3 }, 'fuse-load', 'stop'],
    ['just too small', { 'power.wires.pumpFeed.fuseA': 5 }, 'fuse-load', 'caution'],
    ['tired by a fan', { ...FAN, 'power.wires.fanFeed.fuseA': 15, 'power.loads.fanA': 16 }, 'fuse-inrush', 'caution'],
    ['too far away for its fuse', { 'power.wires.pumpFeed.size': 'mm2-0.5', 'power.wires.pumpFeed.lengthM': 19, 'power.wires.pumpFeed.fuseA': 20 }, 'fuse-short', 'stop'],
    ['a charging cable that drops', { 'power.wires.chargeCable.size': 'mm2-2.5', 'power.wires.chargeCable.lengthM': 2 }, 'wire-drop', 'caution'],
  ] as const)('%s', (_name, places, id, state) => expect(verdict(places, id).state).toBe(state)) // prettier-ignore
})

describe('the fuse of the keyed relay', () => {
  it('is held against everything that flows through it and every wire behind it', () => {
    const c = caseOf({ 'power.design.coilFeed': 'relay' })
    const keyed = c.wireChecks.find((w) => w.role === 'keyedFeed')!
    // ECU input, relay coils, heater and the ignition coils: more than its own wire carries.
    expect(keyed.fuse!.continuousA).toBeGreaterThan(4)
    expect(keyed.fuse!.continuousA).toBeGreaterThan(keyed.continuousA)
    expect(verdict({ 'power.design.coilFeed': 'relay', 'power.wires.ignitionFeed.size': 'mm2-0.5' }, 'thin-lead')).toMatchObject({ state: 'stop', title: 'Ignition feed too thin for its fuse' }) // prettier-ignore
  })
})

describe('returns of the sensors', () => {
  it('one returned to the ECU has none of a lifted power earth, whichever school it follows', () => {
    for (const ecuEarth of ['battery', 'block', 'head', 'body'] as const) {
      const c = caseOf({ 'power.design.ecuEarth': ecuEarth, 'walkAround.earths.engineToBody': false })
      for (const s of sensedErrors(c.solved, c.power.sensors))
        for (const a of s.at) expect([a.liftV, Math.abs(a.error!) < 1e-9]).toEqual([0, true])
    }
  })
  it('one returned to the block reads by the potential between block and ECU earth, signed', () => {
    const c = caseOf({ 'power.sensors.coolant': 'block' })
    const [coolant] = sensedErrors(c.solved, c.power.sensors)
    const crank = coolant!.at.find((a) => a.condition === 'crank-cold')!
    const { nodesV } = c.solved.at['crank-cold']
    expect(crank.liftV).toBeCloseTo(nodesV[NODE.block]! - nodesV[NODE.ecuEarth]!, 9)
    // The engine stands above the battery while cranking: the thermistor seems cooler.
    expect([Math.sign(crank.liftV), Math.sign(crank.error!)]).toEqual([1, -1])
  })
  it.each([
    ['block', 'stop', /Coolant temperature returned to the engine block/],
    ['reference', 'stop', /returned to 5 V/],
    ['battery', 'stop', /returned to the battery terminal/],
  ] as const)('coolant returned to %s: %s', (to, state, title) => {
    const v = verdict({ 'power.sensors.coolant': to }, 'sensor-earth')
    expect([v.state, title.test(v.title)]).toEqual([state, true])
  })
  it('says which way it reads: injectors lift the ECU’s earth above the block, so a return there reads low', () => {
    const v = verdict({ 'power.sensors.manifold': 'block' }, 'sensor-earth')
    expect(v.figureName).toBe('return below the ECU’s sensor earth')
    expect(sentenceText(v.reason, {})).toMatch(/kPa too low/)
  })
})

describe('at rest', () => {
  it('a heater on the constant feed empties the battery within days', () => {
    const good = verdict({}, 'rest')
    const bad = verdict({ 'power.design.heaterFeed': 'constant' }, 'rest')
    expect([good.state, bad.state]).toEqual(['ok', 'stop'])
    expect(bad.figure!.si).toBeLessThan(1)
  })
})

describe('remedies of wires and fuses', () => {
  it.each([
    ['thin-lead', { 'power.wires.ecuFeed.size': 'mm2-0.5', 'power.wires.ecuFeed.fuseA': 20 }],
    ['fuse-load', { 'power.wires.pumpFeed.fuseA': 4 }],
    ['wire-drop', { 'power.wires.chargeCable.size': 'mm2-2.5', 'power.wires.chargeCable.lengthM': 2 }],
    ['sensor-earth', { 'power.sensors.air': 'body' }],
    ['stop-logic', { 'power.old.killSwitch': 'battery' }],
    ['rest', { 'power.design.heaterFeed': 'constant' }],
  ] as const)('%s: what is offered cures it on the whole job', (id, places) => {
    const job = poweredJob(places)
    const [remedy] = remediesOf(POWER_STATION, job, NO_PARTS).get(id) ?? []
    expect(remedy).toBeDefined()
    const after = assessPower(withChange(job, remedy!.change)).verdicts
    expect(after.find((v) => v.id === id)!.state).toBe('ok')
  })
})

describe('what was measured, against limits and figures', () => {
  it.each([
    ['engineStrap', 0.15, 'ok', /Measured drops/],
    ['engineStrap', 0.3, 'caution', /^Engine to body strap: measured drop too high/],
    ['bodyStrap', 0.6, 'stop', /^Battery to body strap/],
    ['starterCable', 0.45, 'ok', /Measured drops/],
    ['starterCable', 1.2, 'stop', /^Starter cable/],
  ] as const)('%s %d V: %s', (role, dropV, state, title) => {
    const v = verdict({ [`power.wires.${role}.crankDropV`]: dropV }, 'measured-leg')
    expect([v.state, title.test(v.title)]).toEqual([state, true])
  })
  it('the worst against its own limit is named, not the largest', () =>
    expect(verdict({ 'power.wires.starterCable.crankDropV': 0.4, 'power.wires.engineStrap.crankDropV': 0.25 }, 'measured-leg').title).toMatch(/^Engine to body/)) // prettier-ignore
  it('a meter below the figures is believed', () => {
    const { solved } = caseOf()
    const computed = solved.at['night-rain'].nodesV[NODE.post]!
    const at = (v: number) => verdict({ 'walkAround.tests.idleChargingV': v }, 'measured-charging')
    expect(at(computed).state).toBe('ok')
    expect(at(computed - 0.7)).toMatchObject({ state: 'caution', title: 'Charges less than its figures say' })
    expect(at(computed + 0.7)).toMatchObject({ state: 'ok', title: 'Charges more than its figures say' })
  })
  it('a dynamo that no pulley helps: the smallest alternator that does is named, and the size below it does not', () => {
    const job = poweredJob({ 'walkAround.charging.kind': 'dynamo', 'walkAround.charging.ratedA': 11 })
    const next = assessPower(job).verdicts.find((v) => v.id === 'generator')!.next!
    const named = (next.find((p) => typeof p === 'object') as { si: number }).si
    const stateWith = (ratedA: number) => verdict({ 'walkAround.charging.ratedA': ratedA }, 'generator').state
    expect(stateWith(named)).toBe('ok')
    expect(stateWith(named - 10)).not.toBe('ok')
  })
  it('an alternator that loses: a larger one is tried on the whole job', () => {
    const job = poweredJob({ 'walkAround.charging.ratedA': 18, 'walkAround.charging.pulleyRatio': 1.8 })
    expect(assessPower(job).verdicts.find((v) => v.id === 'generator')!.state).toBe('stop')
    const remedy = remediesOf(POWER_STATION, job, NO_PARTS)
      .get('generator')!
      .find((r) => r.id === 'alternator')!
    expect(assessPower(withChange(job, remedy.change)).verdicts.find((v) => v.id === 'generator')!.state).toBe('ok')
  })
})

describe('what nobody has looked for', () => {
  it.each([
    'power.old.killSwitch',
    'power.old.fusibleLink',
    'power.old.chargeLamp',
    'walkAround.wiring.ammeter',
    'walkAround.ignition.coilResistor',
  ])('%s left open is not known, and named', (path) => {
    const v = verdict({ [path]: null }, 'old-wiring')
    expect([v.state, verdict({}, 'old-wiring').state]).toEqual(['unknown', 'ok'])
  })
  it('two outputs at one speed are told, the same twice is not', () => {
    const points = (amps: number) =>
      [0, 1].map((i) => ({ id: `p-${i}`, speedRpm: 2000, currentA: i === 0 ? 30 : amps }))
    const said = (amps: number) => assessPower(poweredJob({ 'power.generator.output': points(amps) })).verdicts.some((v) => v.id === 'output-points') // prettier-ignore
    expect([said(40), said(30)]).toEqual([true, false])
  })
})
