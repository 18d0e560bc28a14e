import { emptyJob, withChange, type JobDocument } from '../../job/index.ts'
import { coolantPlace, emptyBank, emptyComesOff, emptyConsumer, emptyPort, provedWire, vacuumHose, type Architecture, type VacuumUse } from '../../sections/index.ts' // prettier-ignore
import { sentenceText } from '../../verdict/index.ts'
import { remediesOf } from '../remedies.ts'
import { assessEngineTop } from './assessEngineTop.ts'
import { ENGINE_TOP_STATION } from './engineTopStation.ts'
import { ignitionOdds } from './ignitionPractices.ts'
import { boresToBuy, partsOfPlaces } from './partsOfPlaces.ts'
import { stepsOfEngineTop } from './stepsOfEngineTop.ts'
import { rightJob, withIgnition, withSensors, withTop, withVacuum, withWalk, withWheel } from './test/jobs.ts' // prettier-ignore

const NO_PARTS = { pumps: [], injectors: [], hoses: [], fittings: [], filters: [], regulators: [], controllers: [], sensors: [], bungs: [] } as never // prettier-ignore
const unsound = (job: JobDocument): string[] =>
  assessEngineTop(job)
    .verdicts.filter((v) => v.state !== 'ok')
    .map((v) => `${v.id} ${v.state}`)
const verdict = (job: JobDocument, id: string) => assessEngineTop(job).verdicts.find((v) => v.id === id)
const { ignition, sensors, vacuum } = rightJob.engineTop
const built = (change: Partial<Architecture>, job = rightJob): JobDocument =>
  withChange(job, { system: { chosen: { ...rightJob.system.chosen!, ...change } } })
const consumers = (...more: readonly (readonly [VacuumUse, object])[]) => [
  ...vacuum.consumers,
  ...more.map(([use, change]) => ({ ...emptyConsumer(`use-${use}`, use, use), ...change })),
]
const hungOn = (id: string, portId: string) => vacuum.consumers.map((c) => (c.id === id ? { ...c, portId } : c))
const hole = (change: object) => withSensors({ holes: [{ ...sensors.holes[0]!, ...change }] })
const curve = (change: object) => withSensors({ thermistors: [{ ...sensors.thermistors[0]!, ...change }] })
const walkedEngine = (change: Partial<JobDocument['walkAround']['engine']>, job = rightJob) =>
  withWalk({ engine: { ...rightJob.walkAround.engine, ...change } }, job)
const kept = (change: Partial<typeof ignition> = {}) =>
  withIgnition({ weights: 'free', can: 'connected', tipDeg: null, tachFrom: 'coil-minus', ...change }, built({ timing: 'none', trigger: 'coil' })) // prettier-ignore
const blanked: JobDocument = withTop({ stack: { ...rightJob.engineTop.stack, off: [...rightJob.engineTop.stack.off, { ...emptyComesOff('old-distributor'), fate: 'blanked', painted: true }] } }) // prettier-ignore
const coils = (change: Partial<typeof ignition>, job = built({ timing: 'crank-trigger' }, blanked)) =>
  withIgnition({ coils: 'pairs', proved: [...ignition.proved, provedWire('coil-1', 1), provedWire('coil-2', 2), provedWire('coil-3', 4)], ...change }, job) // prettier-ignore

describe('vacuum, sensors and ignition of a job', () => {
  it('right as they are; an old ignition that stays, and a crank wheel with coils, too', () => {
    expect(unsound(rightJob)).toEqual([])
    expect(unsound(kept())).toEqual([])
    expect(unsound(coils({}))).toEqual([])
  })
  it('nothing is said of a job at which nobody has begun', () => {
    expect(assessEngineTop(emptyJob('New')).verdicts.map((v) => v.id)).toEqual(['bonnet'])
    expect(stepsOfEngineTop(assessEngineTop(emptyJob('New')).c)).toEqual([])
  })

  it.each<[string, string, JobDocument]>([
    ['no ports', 'vacuum unknown', withVacuum({ ports: [], consumers: [] })],
    ['a servo without a port', 'vacuum stop', withVacuum({ ports: vacuum.ports.slice(1), consumers: vacuum.consumers })],
    ['a gauge left off', 'vacuum caution', withVacuum({ consumers: consumers(['gauge', { mayShare: false, boreM: 0.006 }]) })],
    ['a port to be drilled', 'vacuum caution', withVacuum({ mayDrill: true, consumers: consumers(['heater', { mayShare: false }]) })],
    ['a shared port', 'vacuum caution', withVacuum({ consumers: consumers(['heater', {}], ['other', {}], ['gauge', {}]), ports: [...vacuum.ports, { ...emptyPort('port-new', 'Front of the manifold'), boreM: 0.005, kind: 'full', draws: 'plenum' }] })],
    ['a port nobody has measured', 'vacuum unknown', withVacuum({ ports: [...vacuum.ports, emptyPort('port-new', 'Front of the manifold')], consumers: consumers(['heater', { mayShare: false }]) })],
    ['a servo fixed to a small port', 'vacuum-hose-use-servo stop', withVacuum({ consumers: hungOn('use-servo', 'port-side'), ports: [...vacuum.ports, { ...emptyPort('port-new', 'Front'), boreM: 0.005, kind: 'full', draws: 'plenum' }], hoses: [{ ...vacuumHose('hose-new', 'port-new', 'use-pressure'), lengthM: 0.4 }] })],
    ['a gauge fixed to a port nobody has measured', 'vacuum-hose-use-gauge unknown', withVacuum({ ports: [...vacuum.ports, emptyPort('port-new', 'Front')], consumers: consumers(['gauge', { portId: 'port-new' }]) })],
    ['a gauge fixed to a ported port', 'vacuum-hose-use-gauge caution', withVacuum({ consumers: consumers(['gauge', { portId: 'port-edge' }]) })],
    ['a servo that shares', 'vacuum-hose-use-servo stop', withVacuum({ consumers: [...hungOn('use-servo', 'port-rear'), { ...emptyConsumer('use-heater', 'Heater', 'heater'), portId: 'port-rear' }] })],
    ['a pressure line teed under the own-port practice', 'pressure-line caution', withVacuum({ consumers: [...hungOn('use-pressure', 'port-side').map((c) => ({ ...c, mayShare: c.use === 'pressure-sensor' ? true : c.mayShare })), { ...emptyConsumer('use-regulator', 'Regulator', 'regulator'), portId: 'port-side' }] })],
    ['a pressure line nobody has measured', 'pressure-line unknown', withVacuum({ hoses: [] })],
    ['a line pinched by a tie', 'pressure-hose stop', withVacuum({ held: 'tie-tight' })],
    ['a bare hole in the bulkhead', 'pressure-hose stop', withVacuum({ grommet: false })],
    ['a line that nothing holds', 'pressure-hose caution', withVacuum({ held: 'nothing' })],
    ['a run nobody has looked at', 'pressure-hose unknown', withVacuum({ throughBulkhead: null })],
    ['an ECU far off the gauge', 'pressure-signal stop', withVacuum({ gaugePa: 66e3 })],
    ['an ECU off the gauge', 'pressure-signal caution', withVacuum({ gaugePa: 63e3 })],
    ['a signal that swings', 'pressure-signal caution', withVacuum({ idleLowPa: 37e3, idleHighPa: 45e3 })],
    ['half a measurement', 'pressure-signal unknown', withVacuum({ gaugePa: null })],
    ['a coolant sensor in a dead end', 'coolant-place stop', withSensors({ coolant: { ...sensors.coolant, placeId: 'place-rear' } })],
    ['no port for it', 'coolant-place unknown', withSensors({ coolant: { ...sensors.coolant, placeId: null } })],
    ['a port beyond the thermostat', 'coolant-place caution', withSensors({ coolant: { ...sensors.coolant, places: [{ ...sensors.coolant.places[0]!, flow: 'thermostat-open' }] } })],
    ['the port of the gauge', 'coolant-place caution', withSensors({ coolant: { ...sensors.coolant, places: [{ ...sensors.coolant.places[0]!, takenBy: 'gauge' }] } })],
    ['a gauge 9°C away', 'coolant-agrees caution', withSensors({ coolant: { ...sensors.coolant, gaugeK: 354.15 } })],
    ['a gauge 12°C away', 'coolant-agrees stop', withSensors({ coolant: { ...sensors.coolant, gaugeK: 351.15 } })],
    ['an air sensor in hot metal', 'air-place stop', withSensors({ airPlace: 'hot-metal' })],
    ['an air sensor in the plenum', 'air-place caution', withSensors({ airPlace: 'in-plenum' })],
    ['an air sensor nowhere', 'air-place unknown', withSensors({ airPlace: null })],
    ['a crank sensor that touches', 'wheel-gap stop', withWheel({ gapBM: 0.4e-3, gapAM: 0.5e-3, gapCM: 0.45e-3, gapDM: 0.5e-3 })],
    ['a crank sensor too far', 'wheel-gap caution', withWheel({ gapAM: 1.2e-3, gapBM: 1.3e-3, gapCM: 1.25e-3, gapDM: 1.2e-3 })],
    ['a wheel that runs out', 'wheel-gap caution', withWheel({ gapBM: 1.1e-3 })],
    ['the next tooth', 'wheel-tooth stop', withWheel({ toothAtTop: 10 })],
    ['a figure off by less than half a tooth', 'wheel-tooth caution', withWheel({ wantsDeg: 84 })],
    ['too many teeth', 'wheel-rate stop', withWheel({ inputHz: 3000 })],
    ['a weak crank signal', 'wheel-signal stop', withWheel({ needsV: 0.7 })],
    ['a crank signal nobody has measured', 'wheel-signal unknown', withWheel({ signalV: null })],
    ['a tooth that is missing', 'wheel unknown', withWheel({ toothAtTop: 36 })],
    ['a wheel nobody has counted', 'wheel unknown', withWheel({ teeth: null })],
    ['sequential without a cam signal', 'phase stop', withSensors({ phase: 'none' }, built({ firing: 'sequential' }))],
    ['a cam signal nobody has proved', 'phase unknown', withSensors({ phase: 'cam-sensor' }, built({ trigger: 'crank-and-cam' }))],
    ['a cam signal a turn out', 'phase stop', withSensors({ phase: 'distributor', phaseProved: false }, built({ firing: 'sequential' }))],
    ['a thin wall', 'hole-hole-water stop', hole({ acrossM: 0.019 })],
    ['a shallow hole', 'hole-hole-water caution', hole({ depthM: 0.01 })],
    ['chips in the water', 'hole-hole-water stop', hole({ chipsOut: false })],
    ['a taper without sealant', 'hole-hole-water caution', hole({ thread: 'NPT3/8', seal: 'nothing' })],
    ['a parallel thread in a taper', 'hole-hole-water stop', hole({ holeThread: 'NPT3/8' })],
    ['a hole nobody has measured', 'hole-hole-water unknown', hole({ acrossM: null })],
    ['a curve of another sensor', 'thermistor-curve-water stop', curve({ ambientOhm: 2500 })],
    ['a curve a little off', 'thermistor-curve-water caution', curve({ ambientOhm: 3200 })],
    ['points that are no thermistor', 'thermistor-curve-water stop', curve({ coldOhm: 184, hotOhm: 9423 })],
    ['a curve without its points', 'thermistor-curve-water unknown', curve({ hotOhm: null })],
    ['a rotor between two terminals', 'rotor stop', withIgnition({ pastDeg: 6 })],
    ['a rotor that hardly meets it', 'rotor caution', withIgnition({ pastDeg: 3 })],
    ['a rotor nobody has looked at', 'rotor unknown', withIgnition({ pastDeg: null })],
    ['weights that still work', 'advance-lock stop', withIgnition({ weights: 'free', canDeg: 14, seenAtDeg: 7 })],
    ['a can that still works', 'advance-lock stop', withIgnition({ can: 'connected' })],
    ['locked, and no ECU to advance it', 'advance-lock stop', kept({ weights: 'locked' })],
    ['a plain coil on a logic output', 'coil-driver stop', withIgnition({ output: 'logic' })],
    ['a coil with its driver on a coil driver', 'coil-driver stop', withIgnition({ coil: 'own-driver' })],
    ['a coil driver into a box', 'coil-driver stop', withIgnition({ box: 'external-box' })],
    ['a driver nobody has looked up', 'coil-driver unknown', withIgnition({ output: null })],
    ['an ECU on the coil of a box', 'tach stop', kept({ box: 'external-box' })],
    ['an ECU behind the ballast', 'ecu-feed stop', withIgnition({ ecuFedFrom: 'coil-plus' })],
    ['a Hall input for a coil', 'pick-up stop', withIgnition({ ecuReads: 'hall' })],
    ['a pick-up the wrong way round', 'pick-up stop', withIgnition({ polarity: 'swapped' })],
    ['coils nobody has chosen', 'coils unknown', coils({ coils: null })],
    ['number one at the wrong end', 'number-one stop', withIgnition({ labelledFrom: 'bulkhead' })],
    ['number one not proved', 'number-one unknown', walkedEngine({ numberedFrom: null })],
    ['two leads swapped', 'wires stop', withIgnition({ proved: ignition.proved.map((p) => (p.id === 'plug-2' ? { ...p, leadsTo: 3 } : p.id === 'plug-3' ? { ...p, leadsTo: 2 } : p)) })],
    ['wires nobody has followed', 'wires unknown', withIgnition({ proved: [] })],
    ['a firing order with a cylinder twice', 'firing unknown', walkedEngine({ firingOrder: '1-5-3-6-2-2' })],
    ['more cylinders than there are wires for', 'firing unknown', withChange(walkedEngine({ firingOrder: Array.from({ length: 18 }, (_, i) => i + 1).join('-') }), { vehicle: { cylinders: null } })],
    ['intervals that do not go round', 'firing unknown', withIgnition({ intervals: '90-150' })],
  ])('%s trips %s, and only that', (_name, id, job) => expect(unsound(job).filter((x) => !id.startsWith('firing') || !x.startsWith('wires'))).toEqual([id])) // prettier-ignore

  it('a shortage that a hose fixed by hand makes is not called the best there is', () => {
    const why = (job: JobDocument) => sentenceText(verdict(job, 'vacuum')!.reason, {})
    // The advance on the port that the pressure sensor needs.
    const advance = { ...emptyConsumer('use-advance', 'Advance', 'advance'), wants: 'either' as const }
    const byHand = withVacuum({ consumers: [...vacuum.consumers, { ...advance, portId: 'port-side' }] })
    expect(verdict(byHand, 'vacuum')!.state).toBe('stop')
    expect(why(byHand)).toMatch(/As the hoses are fixed by hand; freed, they share out better/)
    expect(why(withVacuum({ ports: vacuum.ports.slice(1) }))).toMatch(/No other way of sharing out/)
    expect(unsound(withVacuum({ consumers: [...vacuum.consumers, advance] }))).toEqual([])
  })
  it('a teed pressure line is right where that practice is followed', () => {
    const teed = withVacuum({
      pressureLine: 'teed',
      consumers: [...hungOn('use-pressure', 'port-side'), { ...emptyConsumer('use-regulator', 'Regulator', 'regulator'), portId: 'port-side' }],
    }) // prettier-ignore
    expect(unsound(teed)).toEqual([])
    expect(verdict(teed, 'pressure-line')!.title).toBe('Pressure line teed into the regulator’s hose')
  })
  it('every wire found at its mirror cylinder: number one is at the wrong end, the wires follow from it', () => {
    const mirrored = withIgnition({ proved: ignition.proved.map((p) => ({ ...p, leadsTo: 7 - p.leadsTo! })) })
    expect(unsound(mirrored)).toEqual(['number-one stop', 'wires stop'])
    expect(verdict(mirrored, 'wires')!.effectOf).toBe('number-one')
  })
  it('two leads that are swapped are no engine counted from the other end', () => {
    const swapped = withIgnition({ proved: [provedWire('plug-1', 6), provedWire('plug-6', 1)] })
    expect(unsound(swapped)).toEqual(['wires stop'])
  })
  it('a coil on its plug has no lead to follow', () => {
    const each = coils({ coils: 'one-each', proved: [1, 2, 3, 4, 5, 6].map((n) => provedWire(`coil-${n}`, n)) })
    expect(unsound(each)).toEqual([])
  })
  it('with the weights kept only the can’s advance moves the rotor; on timing that stays old it is looked at on request', () => {
    const wide = withIgnition({ weights: 'free', can: 'connected', canDeg: 10, seenAtDeg: 5, pastDeg: 0 })
    expect(assessEngineTop(wide).c.ignition.rotorCase).toMatchObject({ leastAdvanceDeg: 0, mostAdvanceDeg: 10 })
    expect(assessEngineTop(kept()).c.ignition.hasRotor).toBe(false)
    expect(assessEngineTop(kept({ tipDeg: 10 })).c.ignition.hasRotor).toBe(true)
  })
  it('an inline five and an odd-firing six have no companions: wasted spark is refused', () => {
    const five = withChange(walkedEngine({ firingOrder: '1-2-4-5-3' }, coils({ proved: [] })), { vehicle: { cylinders: 5 } }) // prettier-ignore
    expect(verdict(five, 'coils')).toMatchObject({ state: 'stop', title: 'Wasted spark on an engine without companions' }) // prettier-ignore
    const odd = coils({ proved: [], intervals: '90-150-90-150-90-150' })
    expect(verdict(odd, 'coils')!.state).toBe('stop')
    expect(verdict(withIgnition({ coils: 'one-each' }, odd), 'coils')!.state).toBe('ok')
  })
  it('banks by their numbering are held against those of the exhaust', () => {
    const six = (banks: readonly (readonly number[])[], numbering: 'alternating' | 'banks-in-turn') =>
      withIgnition({ numbering }, withChange(rightJob, { vehicle: { layout: 'vee' }, exhaust: { banks: banks.map((cylinders) => ({ ...emptyBank, cylinders: [...cylinders] })) } })) // prettier-ignore
    expect(unsound(six([[1, 2, 3], [4, 5, 6]], 'banks-in-turn'))).toEqual([]) // prettier-ignore
    expect(unsound(six([[4, 5, 6], [1, 2, 3]], 'banks-in-turn'))).toEqual([]) // prettier-ignore
    expect(unsound(six([[1, 2, 3], [4, 5, 6]], 'alternating'))).toEqual(['banks stop']) // prettier-ignore
    expect(unsound(six([[1, 2, 3, 4, 5, 6], []], 'alternating'))).toEqual([]) // prettier-ignore
  })
  it('a port kept by the system serves nobody else', () => {
    const ports = vacuum.ports.map((p) => (p.id === 'port-side' ? { ...p, keptFor: 'regulator' as const } : p))
    expect(unsound(withVacuum({ ports }))).toEqual(['vacuum stop'])
  })
  it('what a pick-up in the housing changes is said with the turn; on the crank it changes nothing', () => {
    const next = (job: JobDocument) => sentenceText(verdict(job, 'rotor')!.next!, {})
    const off = withIgnition({ pastDeg: 6 })
    expect(next(off)).toMatch(/^Turn the housing by 6\.0° with rotor rotation; base timing stays/)
    const inHousing = withIgnition({ pastDeg: 6, pickUp: 'variable-reluctance' }, built({ trigger: 'distributor' }))
    expect(next(inHousing)).toMatch(/tell the ECU 12\.0° less before top dead centre/)
    const fixed = withIgnition({ ...inHousing.engineTop.ignition, referenceFixed: true }, inHousing)
    // Points in a housing that sets base timing: turned for the rotor it would move the spark.
    const old = kept({ tipDeg: 10, canDeg: 10, seenAtDeg: 5, pastDeg: 8 })
    expect(next(old)).toMatch(/^The housing sets base timing, so it cannot be turned for this: move the rotor/)
    expect(assessEngineTop(old).c.ignition.rotor).toMatchObject({ how: 'rotor-or-reluctor', turnDeg: 8 })
    expect(next(fixed)).toMatch(
      /^The ECU’s angle is fixed, so it cannot be turned for this: move the rotor on its shaft by 6\.0°, against rotation/,
    )
  })
})

describe('remedies of vacuum, sensors and ignition, tried on the whole job', () => {
  const offered = (job: JobDocument, id: string): string[] =>
    (remediesOf(ENGINE_TOP_STATION, job, NO_PARTS).get(id) ?? []).map((r) => `${r.id}: ${sentenceText(r.label, {})}`)
  it.each<[string, string, JobDocument, RegExp]>([
    ['a shortage: teed before drilled before left off', 'vacuum', withVacuum({ ports: vacuum.ports.filter((p) => p.id !== 'port-edge'), consumers: consumers(['heater', { mayShare: false }], ['other', { mayShare: false }]), }), /^drill: /],
    ['a shortage that a tee mends', 'vacuum', withVacuum({ ports: [...vacuum.ports, { ...emptyPort('port-new', 'Front'), boreM: 0.005, kind: 'full', draws: 'runner' }], consumers: consumers(['heater', { mayShare: false }], ['other', { mayShare: false }]) }), /^tee: Tee .*\ndrill: /],
    ['a fixed hose on the wrong port', 'vacuum-hose-use-gauge', withVacuum({ ports: [...vacuum.ports, { ...emptyPort('port-new', 'Front'), boreM: 0.005, kind: 'full', draws: 'runner' }], consumers: consumers(['gauge', { portId: 'port-edge' }]) }), /^other-port: Gauge on the port “Front”/i],
    ['a dead end', 'coolant-place', withSensors({ coolant: { ...sensors.coolant, placeId: 'place-rear' } }), /^coolant-port: Coolant sensor in the port “Thermostat housing”/],
    ['the next tooth', 'wheel-tooth', withWheel({ toothAtTop: 10 }), /^tell-ecu-tooth: Tell the ECU 90\.0°\nmove-wheel: Wheel turned until tooth 9/],
    ['a rotor out of phase', 'rotor', withIgnition({ pastDeg: 6 }), /^turn-housing: Housing turned by 6\.0° with rotor rotation; base timing stays/],
    ['too wide a range', 'rotor', withIgnition({ mostDeg: 62, tipDeg: 8, pastDeg: 0, seenAtDeg: 34 }), /wider-rotor: Rotor with a tip of 20°, centred\nless-advance: Maximum advance 42°/],
    ['a plain coil on a logic output', 'coil-driver', withIgnition({ output: 'logic' }), /^igniter: An igniter/],
    ['weights that still work', 'advance-lock', withIgnition({ weights: 'free', canDeg: 14, seenAtDeg: 22 }), /^lock: Weights locked/],
    ['number one at the wrong end', 'number-one', withIgnition({ labelledFrom: 'bulkhead' }), /^relabel: /],
    ['the wrong threads', 'hole-hole-water', hole({ holeThread: 'M18x1.5' }), /^adapter: Adapter from M18 × 1.5 to M14 × 1.5/],
    ['a pinched line', 'pressure-hose', withVacuum({ held: 'tie-tight' }), /^secure-line: /],
  ])('%s', (_name, id, job, wants) => expect(offered(job, id).join('\n')).toMatch(wants)) // prettier-ignore
  it('a dead end with no other port offers nothing', () => {
    const only = withSensors({ coolant: { ...sensors.coolant, places: [{ ...coolantPlace('place-rear', 'Rear'), flow: 'dead-end' }], placeId: 'place-rear' } }) // prettier-ignore
    expect(offered(only, 'coolant-place')).toEqual([])
  })
})

it('caps and hoses are counted by bore; tees by what they join', () => {
  const { c } = assessEngineTop(rightJob)
  expect(boresToBuy(c)).toMatchObject({
    caps: [{ boreM: 0.005, count: 1 }],
    hoses: [
      { boreM: 0.009, count: 2, unmeasured: 2 },
      { boreM: 0.004, count: 1, lengthM: 0.45, unmeasured: 0 },
    ],
    tees: 0,
  })
  const teed = assessEngineTop(withVacuum({ consumers: [...hungOn('use-servo', 'port-rear'), { ...emptyConsumer('use-heater', 'Heater', 'heater'), portId: 'port-rear' }] })) // prettier-ignore
  expect(boresToBuy(teed.c).tees).toBe(1)
  const ids = (job: JobDocument) => partsOfPlaces(assessEngineTop(job).c).map((l) => l.id)
  expect(ids(rightJob)).toEqual(['vacuum-hose-90', 'vacuum-hose-40', 'vacuum-cap-50', 'grommet', 'tap-hole-water'])
  expect(ids(withIgnition({ box: 'igniter', output: 'logic' }))).toContain('igniter')
  expect(ids(coils({}))).toContain('coils')
})

it('steps at the car follow from it: drilled and tapped with the manifold off, wires before anything is joined', () => {
  const ids = (job: JobDocument) => stepsOfEngineTop(assessEngineTop(job).c).map((s) => s.id)
  const all = ids(rightJob)
  const before = (a: string, b: string) => all.indexOf(a) >= 0 && all.indexOf(a) < all.indexOf(b)
  for (const [a, b] of [['drain', 'tap-hole-water'], ['tap-hole-water', 'bolts'], ['bolts', 'hose-use-servo'], ['rotor', 'wires'], ['wires', 'start']] as const) expect(before(a, b)).toBe(true) // prettier-ignore
  expect(ids(kept())).not.toContain('lock')
  expect(ids(withTop({ bolts: [] }))).not.toContain('bolts')
})

it('each way of making the spark stands against the outputs of the ECU that was picked', () => {
  const of = (outputs: number | null) =>
    ignitionOdds(assessEngineTop(withChange(rightJob, { system: { controller: outputs === null ? null : ({ ignitionOutputs: outputs } as never) } })).c).map((o) => o.fits) // prettier-ignore
  expect(of(null)).toEqual(['yes', 'unknown', 'unknown', 'unknown'])
  expect(of(0)).toEqual(['yes', 'no', 'no', 'no'])
  expect(of(1)).toEqual(['yes', 'yes', 'yes', 'no'])
  expect(of(3)).toEqual(['yes', 'yes', 'yes', 'yes'])
})
