import fc from 'fast-check'
import { z } from 'zod'
import { CALCULATORS } from './calculators.ts'
import { ENGINE_TOP_EXAMPLES } from './test/engineTopExamples.ts'
import { EXHAUST_EXAMPLES } from './test/exhaustExamples.ts'
import { FUEL_STATION_EXAMPLES } from './test/fuelStationExamples.ts'
import { HARNESS_EXAMPLES } from './test/harnessExamples.ts'
import { POWER_EXAMPLES } from './test/powerExamples.ts'
import { runCalculator } from './runCalculator.ts'

const circuit = {
  fluid: { densityKgM3: 745, kinematicViscosityM2S: 6e-7 },
  strainer: { flowM3S: 5e-5, dropPa: 1500 },
  pump: {
    curve: [
      { pressurePa: 0, flowM3S: 6e-5 },
      { pressurePa: 3e5, flowM3S: 5e-5 },
      { pressurePa: 5e5, flowM3S: 3.5e-5 },
    ],
  },
  filter: { flowM3S: 5e-5, dropPa: 8000, linearShare: 0.8 },
  feed: { boreM: 0.0079, lengthM: 4, roughnessM: 1.5e-6, minorK: 4, riseM: 0.4 },
  return: { boreM: 0.0079, lengthM: 4, roughnessM: 1.5e-6, minorK: 4, riseM: -0.4 },
  demandM3S: 1e-5,
  regulator: { type: 'return', setPressurePa: 3e5, fullOpen: { flowM3S: 5e-5, dropPa: 2e4 } },
}
const call = (args: string[], input: unknown = null) =>
  runCalculator(args, () => (typeof input === 'string' ? input : JSON.stringify(input)))
const answerOf = (name: string, input: unknown) => {
  const { code, out, err } = call([name], input)
  expect({ code, err }).toEqual({ code: 0, err: '' })
  return JSON.parse(out)
}

interface JsonSchema {
  readonly type?: string
  readonly properties?: Record<string, JsonSchema>
  readonly items?: JsonSchema
  readonly anyOf?: readonly JsonSchema[]
  readonly enum?: readonly string[]
  readonly minimum?: number
  readonly maximum?: number
  readonly minItems?: number
  readonly maxItems?: number
  readonly exclusiveMinimum?: number
  readonly const?: unknown
  readonly oneOf?: readonly JsonSchema[]
  readonly prefixItems?: readonly JsonSchema[]
}

/** Values that a JSON Schema of ours allows, with the ends of ranges as likely as the middle. */
const arbOf = (s: JsonSchema, most = 6): fc.Arbitrary<unknown> => {
  if (s.const !== undefined) return fc.constant(s.const)
  if (s.prefixItems) return fc.tuple(...s.prefixItems.map((p) => arbOf(p, most)))
  if (s.oneOf) return fc.oneof(...s.oneOf.map((a) => arbOf(a, most)))
  if (s.anyOf) return fc.oneof(...s.anyOf.map((a) => arbOf(a, most)))
  if (s.enum) return fc.constantFrom(...s.enum)
  switch (s.type) {
    case 'object':
      return fc.record(Object.fromEntries(Object.entries(s.properties ?? {}).map(([k, v]) => [k, arbOf(v, most)])))
    case 'array':
      return fc.array(arbOf(s.items!, most), {
        minLength: s.minItems ?? 0,
        maxLength: Math.max(s.minItems ?? 0, Math.min(most, s.maxItems ?? most)),
      })
    case 'integer':
      return fc.integer({ min: s.minimum!, max: s.maximum! })
    case 'number': {
      const min = s.minimum ?? s.exclusiveMinimum! + Number.MIN_VALUE
      return fc.oneof(fc.constantFrom(min, s.maximum!), fc.double({ min, max: s.maximum!, noNaN: true }))
    }
    case 'string':
      return fc.constantFrom('a', 'b', 'c', 'd', 'e')
    case 'boolean':
      return fc.boolean()
    default:
      return fc.constant(null)
  }
}

const EXAMPLES: Record<string, unknown> = {
  'fuel-circuit': circuit,
  'fuel-properties': { ethanolShare: 0.1, temperatureK: 293.15 },
  'fuel-demand': {
    fuel: { ethanolShare: 0, temperatureK: 293.15 },
    power: { powerW: 1e5, basis: 'flywheel-net', aspiration: 'natural' },
    air: {
      displacementM3: 3e-3,
      speedRpm: 5000,
      manifoldPa: 101_325,
      chargeTemperatureK: 303,
      volumetricEfficiency: 0.82,
      lambda: 0.87,
    },
  },
  injector: {
    set: { count: 6, ratedFlowM3S: 4e-6, ratedPressurePa: 3e5, deadTimeS: 1e-3 },
    point: { railPa: 3e5, tipPa: 0, fuelDensityKgM3: 745, demandKgS: 6e-3, speedRpm: 5000, openingsPerCycle: 1 },
  },
  'pump-at-voltage': {
    tables: [
      {
        voltageV: 13.5,
        points: [
          { pressurePa: 0, flowM3S: 6e-5, currentA: 4 },
          { pressurePa: 4e5, flowM3S: 3e-5, currentA: 7 },
        ],
      },
    ],
    voltageV: 12,
  },
  ...FUEL_STATION_EXAMPLES,
  ...EXHAUST_EXAMPLES,
  ...ENGINE_TOP_EXAMPLES,
  ...POWER_EXAMPLES,
  ...HARNESS_EXAMPLES,
}

/** Those that solve many circuits for one answer are tried less often, with shorter lists. */
const SLOW: Record<string, { readonly runs: number; readonly longestList?: number }> = {
  'fuel-circuit-spread': { runs: 15 },
  'fuel-combinations': { runs: 150, longestList: 2 },
  'sensor-spots': { runs: 25, longestList: 3 },
  'crank-sag': { runs: 60 },
  'form-board': { runs: 60 },
}

describe('calculators as commands', () => {
  it('lists them with a line each', () => {
    const { code, out } = call([])
    expect(code).toBe(0)
    expect(
      out
        .trim()
        .split('\n')
        .map((l) => l.split(' ')[0]),
    ).toEqual(Object.keys(EXAMPLES))
  })

  it.each(CALCULATORS.map((c) => [c.name, c] as const))(
    '%s answers within its own output schema, one case and many',
    (name, calculator) => {
      const one = answerOf(name, EXAMPLES[name])
      expect(calculator.output.safeParse(one).error).toBeUndefined()
      expect(answerOf(name, [EXAMPLES[name], EXAMPLES[name]])).toEqual([one, one])
      expect(answerOf(name, [])).toEqual([])
    },
  )

  it.each(CALCULATORS.map((c) => [c.name] as const))('%s prints the JSON Schema of both sides', (name) => {
    const schema = JSON.parse(call([name, '--schema']).out)
    expect(schema).toMatchObject({ name, input: { type: 'object' }, output: { type: 'object' } })
    expect(JSON.stringify(schema.input)).toMatch(/"minimum"|"minItems"/)
  })

  it.each([
    // Reid 60 kPa at 40 °C: 68.3 kPa, AP-42.
    ['fuel-vapour-pressure', (a: never) => (a as { vapourPa: number }).vapourPa / 1e3, 68.3, 1],
    // 0.6 m path + 90 degrees of 14 mm hose (0.011 m) + 0.12 m, 2 % longer, less 0.03 m.
    [
      'hose-cut-list',
      (a: never) => (a as { pieces: { cutM: number }[] }).pieces[0]!.cutM,
      (0.6 + 0.011 + 0.12) * 1.02 - 0.03,
      3,
    ],
    // 250 - 8 mm under the hat; 25 + 20 mm above it, 10 mm of air, 50 mm of gap: 5 mm too high.
    ['tank-module-fit', (a: never) => (a as { foulsByM: number }).foulsByM * 1e3, 5, 6],
    // 0.3 l of line, filter and rail at 0.06 l/s, then 0.6 ml at 60 falling to 30 ml/s: ln 2 x 600/300 x 0.6/60.
    ['fuel-prime', (a: never) => (a as { dryS: number }).dryS, 5 + 2 * Math.LN2 * 0.01, 6],
    // pi x 63.5 mm.
    ['drill-template', (a: never) => (a as { stripLengthMm: number }).stripLengthMm, 199.4911, 3],
    // pi (50.8 - 48)/2 mm less 3 mm of drawing.
    ['clamp-fit', (a: never) => (a as { toSpareM: number }).toSpareM * 1e3, 1.3982, 3],
    // 0.62 x 7.069 mm² x sqrt(2 x 1.2 x 1000) x 0.5 over 3 g/s.
    ['exhaust-leak', (a: never) => (a as { share: { typical: number } }).share.typical, 0.03578, 4],
    // 12 V over 1.4 ohm.
    [
      'dc-network',
      (a: never) => (a as { moments: { parts: { lamp: { currentA: number } } }[] }).moments[0]!.parts.lamp.currentA,
      12 / 1.4,
      6,
    ],
    // (12.6 - 7.5 V)/510 A.
    ['battery', (a: never) => (a as { resistanceOhm: number }).resistanceOhm, 0.01, 9],
    // The lowest figure is that of the trace's finer steps: never above any of its points.
    [
      'crank-sag',
      (a: never) =>
        Math.sign(
          Math.max(
            0,
            (a as { lowestEcuV: number }).lowestEcuV -
              Math.min(...(a as { trace: { ecuV: number }[] }).trace.map((t) => t.ecuV)),
          ),
        ),
      0,
      9,
    ],
    // 120/750, and 4 L of gas at 680 K (0.5161 kg/m³) over 5 g/s.
    ['sensor-delay', (a: never) => (a as { deadS: { typical: number } }).deadS.typical, 0.16 + 0.4129, 3],
  ] as const)('%s gives the figure of the pocket calculator', (name, of, expected, digits) =>
    expect(of(answerOf(name, EXAMPLES[name]) as never)).toBeCloseTo(expected, digits),
  )

  it('answers 24 cases in one call', () => {
    const cases = Array.from({ length: 24 }, (_, i) => ({ ...circuit, demandM3S: i * 2.5e-6 }))
    const answers = answerOf('fuel-circuit', cases) as { state: string; railPa: number }[]
    expect(answers).toHaveLength(24)
    expect(new Set(answers.map((a) => a.state))).toEqual(new Set(['in-control', 'not-held']))
  })

  it.each([
    ['what is not JSON', ['fuel-circuit'], '{"fluid":', /standard input is not JSON/],
    ['an unknown calculator', ['fuel-magic'], '', /"fuel-magic" is not a calculator; allowed, one of:\nfuel-circuit/],
    ['an unknown option', ['fuel-circuit', '--fast'], '', /--fast is not an option; allowed: --schema/],
    [
      'a bad field',
      ['fuel-circuit'],
      { ...circuit, feed: { ...circuit.feed, boreM: -1 } },
      /^fuel-circuit: feed\.boreM is -1; allowed: a number, 0\.0005 to 0\.1 m\n$/,
    ],
    [
      'a bad field of the second case',
      ['fuel-circuit'],
      [circuit, { ...circuit, demandM3S: 'x' }],
      /\[1\]\.demandM3S is "x"/,
    ],
    [
      'a curve that rises',
      ['fuel-circuit'],
      { ...circuit, pump: { curve: [...circuit.pump.curve].reverse() } },
      /pump\.curve\.1\.pressurePa is 300000; allowed: above 500000/,
    ],
    [
      'vacuum beyond the set pressure',
      ['fuel-circuit'],
      { ...circuit, regulator: { ...circuit.regulator, setPressurePa: 5e4, referencePa: -6e4 } },
      /regulator\.referencePa is -60000; allowed: above -50000/,
    ],
    [
      'a filter after a return regulator',
      ['fuel-circuit'],
      { ...circuit, filter: { ...circuit.filter, position: 'after-regulator' } },
      /filter\.position is "after-regulator"/,
    ],
    [
      'a rail below the tip',
      ['injector'],
      {
        ...(EXAMPLES['injector'] as object),
        point: { ...(EXAMPLES['injector'] as { point: object }).point, tipPa: 4e5 },
      },
      /point\.railPa is 300000; allowed: at least 1 Pa above tipPa/,
    ],
    [
      'a voltage out of range',
      ['pump-at-voltage'],
      { ...(EXAMPLES['pump-at-voltage'] as object), voltageV: 30 },
      /voltageV is 30; allowed: a number, 5 to 18 V/,
    ],
    [
      'spots on a stretch that is not there',
      ['sensor-spots'],
      { ...(EXAMPLES['sensor-spots'] as object), run: 'b' },
      /run is "b"; allowed: a run of exhaust that has pieces/,
    ],
    [
      'a band of suction out of order',
      ['exhaust-leak'],
      { ...(EXAMPLES['exhaust-leak'] as object), suctionPa: { low: 500, typical: 100, high: 3000 } },
      /suctionPa\.typical is 100; allowed: between low and high/,
    ],
    [
      'a clamp that ends before it begins',
      ['clamp-fit'],
      { ...(EXAMPLES['clamp-fit'] as object), mostPipeM: 0.04 },
      /mostPipeM is 0\.04; allowed: at least leastPipeM, 0\.048/,
    ],
    [
      'a piece longer than the stock',
      ['hose-cut-list'],
      { ...(FUEL_STATION_EXAMPLES['hose-cut-list'] as object), stockM: 0.5 },
      /pieces\.0\.pathM is 0\.6; allowed: a length to cut above 0 and at most 0\.5 m/,
    ],
    [
      'combinations with a pump whose flow rises',
      ['fuel-combinations'],
      (() => {
        const c = FUEL_STATION_EXAMPLES['fuel-combinations'] as { pumps: { tables: { points: object[] }[] }[] }
        const [pump] = c.pumps
        return {
          ...c,
          pumps: [{ ...pump, tables: [{ voltageV: 13.5, points: [...pump!.tables[0]!.points].reverse() }] }],
        }
      })(),
      /pumps\.0\.tables\.0\.points\.1\.pressurePa is 0; allowed: above 400000/,
    ],
    [
      'a cruise that is no point',
      ['fuel-combinations'],
      { ...(FUEL_STATION_EXAMPLES['fuel-combinations'] as object), cruiseId: 'x' },
      /cruiseId is "x"; allowed: the id of one of the points/,
    ],
    [
      'a suction that leaves less than nothing',
      ['fuel-suction'],
      {
        ...(FUEL_STATION_EXAMPLES['fuel-suction'] as object),
        pumpFlowM3S: 0.01,
        strainer: { flowM3S: 1e-4, dropPa: 1e4 },
      },
      /pumpFlowM3S is 0\.01; allowed: a flow whose losses leave something at the inlet/,
    ],
    [
      'a prime of no time',
      ['fuel-prime'],
      { ...(FUEL_STATION_EXAMPLES['fuel-prime'] as object), primeS: 0 },
      /primeS is 0; allowed: a number, 0\.1 to 60 s/,
    ],
  ])('refuses %s with exit code 2 and nothing on standard output', (_name, args, input, expected) => {
    const { code, out, err } = call(args, input)
    expect({ code, out }).toEqual({ code: 2, out: '' })
    expect(err).toMatch(expected)
  })

  it('--schema names every condition between fields: those of the schemas, found on their own, and those of the core', () => {
    const rules = Object.fromEntries(
      CALCULATORS.map((c) => [c.name, (JSON.parse(call([c.name, '--schema']).out) as { rules: { field: string; allowed: string }[] }).rules]), // prettier-ignore
    )
    for (const all of Object.values(rules))
      for (const { field, allowed } of all) expect([field, allowed.length > 5]).toEqual([field, true])
    expect(rules['injector']).toEqual([
      { field: 'point.railPa', allowed: 'at least 1 Pa above tipPa' },
      { field: 'point.railPa', allowed: 'above point.tipPa' },
    ])
    expect(rules['injector-set']!.map((r) => r.field)).toContain('candidates.*.deadTimes')
    expect(rules['fuel-circuit']!.map((r) => r.field)).toEqual(
      expect.arrayContaining(['feed.roughnessM', 'pump.curve.*.flowM3S', 'filter.position']),
    )
    expect(rules['fuel-combinations']!.map((r) => r.field)).toEqual(
      expect.arrayContaining(['pumps', 'regulators.*.mostPa', 'pumps.*.tables.1.voltageV', 'idleId']),
    )
  })

  it.each<[string, (example: never) => object, string]>([
    ['pump-at-voltage', (e: { tables: object[] }) => ({ ...e, tables: [e.tables[0], e.tables[0]] }), 'tables.1.voltageV'],
    ['fuel-circuit', (e: object) => ({ ...e, filter: { flowM3S: 5e-5, dropPa: 8000, position: 'after-regulator' } }), 'filter.position'],
    ['fuel-circuit', (e: typeof circuit) => ({ ...e, regulator: { ...e.regulator, referencePa: -101_325, setPressurePa: 1e5 } }), 'regulator.referencePa'],
    ['injector', (e: { point: object }) => ({ ...e, point: { ...e.point, tipPa: 3e5 } }), 'point.railPa'],
    ['fuel-combinations', (e: { pumps: object[] }) => ({ ...e, pumps: [e.pumps[0], e.pumps[0]] }), 'pumps.*.id'],
    ['hose-cut-list', (e: object) => ({ ...e, stockM: 0.1 }), 'pieces.*.pathM'],
    ['clamp-fit', (e: { leastPipeM: number }) => ({ ...e, mostPipeM: e.leastPipeM / 2 }), 'mostPipeM'],
  ])('%s refuses what its rules forbid at %3$s', (name, change, field) => {
    const { code, err } = call([name], change(EXAMPLES[name] as never))
    expect(code).toBe(2)
    const { rules } = JSON.parse(call([name, '--schema']).out) as { rules: { field: string }[] }
    expect(rules.map((r) => r.field)).toContain(field)
    expect(err).toMatch(new RegExp(field.replaceAll('.', '\\.').replaceAll('*', '\\d+')))
  }) // prettier-ignore

  it.each(CALCULATORS.map((c) => [c.name, c] as const))(
    '%s answers or refuses whatever its ranges allow, never with a fault of ours',
    (name, calculator) => {
      const schema = z.toJSONSchema(calculator.input, { io: 'input' }) as JsonSchema
      fc.assert(
        fc.property(arbOf(schema, SLOW[name]?.longestList), (input) => {
          const { code, err } = call([name], input)
          expect({ code: code === 1 ? err : 'fine' }).toEqual({ code: 'fine' })
        }),
        { seed: 63, numRuns: SLOW[name]?.runs ?? 600 },
      )
    },
  )

  it('no JSON whatever makes it throw', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.constantFrom(...CALCULATORS.map((c) => c.name)), (input, name) => {
        expect([0, 2]).toContain(call([name], input).code)
      }),
      { seed: 61, numRuns: 500 },
    )
  })

  it('no damaged circuit makes it throw', () => {
    const paths = ['fluid', 'pump', 'feed', 'return', 'regulator', 'strainer', 'filter', 'demandM3S']
    const odd = fc.oneof(fc.jsonValue(), fc.constantFrom(0, -1, 1e300, 1e-300, '', null, [], {}))
    fc.assert(
      fc.property(fc.constantFrom(...paths), odd, (path, value) => {
        expect([0, 2]).toContain(call(['fuel-circuit'], { ...circuit, [path]: value }).code)
      }),
      { seed: 62, numRuns: 500 },
    )
  })
})
