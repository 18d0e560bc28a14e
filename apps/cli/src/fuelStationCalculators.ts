import {
  CircuitSpreadInput,
  CircuitSpreadOutput,
  CombinationsInput,
  CombinationsOutput,
  HoseCutListInput,
  HoseCutListOutput,
  InjectorSetInput,
  InjectorSetOutput,
  ModuleFitInput,
  ModuleFitOutput,
  PrimeInput,
  PrimeOutput,
  SuctionInput,
  SuctionOutput,
  TankHeatInput,
  TankHeatOutput,
  VapourPressureInput,
  VapourPressureOutput,
  VentInput,
  VentOutput,
} from '@lochmoor/contract'
import {
  checkCombinations,
  checkFuelCircuit,
  checkPumpCurve,
  cutLengthM,
  err,
  moduleFit,
  ok,
  packOnStock,
  prime,
  rankCombinations,
  rankInjectorSets,
  spreadCircuit,
  suction,
  tankHeat,
  vapourPressure,
  vent,
} from '@lochmoor/core'
import { calculator, type Calculator } from './calculator.ts'
import { circuitRules, curveRules, pumpTableRules } from './rules.ts'

/** JSON has no infinity: what never comes about is null. */
const orNever = (n: number): number | null => (Number.isFinite(n) ? n : null)

/** The rest of the fuel station. */
export const FUEL_STATION_CALCULATORS: readonly Calculator[] = [
  calculator(
    'fuel-vapour-pressure',
    'true vapour pressure of petrol and its blends at a temperature, with its band',
    VapourPressureInput,
    VapourPressureOutput,
    (i) => ok(vapourPressure(i.fuel, i.temperatureK)),
  ),
  calculator(
    'fuel-suction',
    'pump inlet pressure against vapour pressure, by altitude, fuel level and losses',
    SuctionInput,
    SuctionOutput,
    (c) => {
      const a = suction(c)
      return a.flows
        ? ok(a)
        : err([
            {
              code: 'cannotFlow',
              field: 'pumpFlowM3S',
              value: c.pumpFlowM3S,
              allowed: `a flow whose losses leave something at the inlet; this one would lose ${a.lossPa.toFixed(0)} Pa, more than air, tank and fuel level give`,
            },
          ])
    },
    [{ field: 'pumpFlowM3S', allowed: 'a flow whose losses leave something at the inlet' }],
  ),
  calculator(
    'fuel-tank-heat',
    'temperature of the tank over a drive, from pump, return and air',
    TankHeatInput,
    TankHeatOutput,
    ({ durationS, ...c }) => {
      const a = tankHeat(c, durationS)
      return ok({ ...a, curve: [...a.curve] })
    },
  ),
  calculator(
    'injector-set',
    'sets of injectors ranked for an engine: duty, pulse at idle, dynamic range, pressure difference',
    InjectorSetInput,
    InjectorSetOutput,
    (c) => ok({ ranked: rankInjectorSets(c) }),
  ),
  calculator(
    'fuel-prime',
    'seconds and key cycles to reach pressure, lines empty and lines full',
    PrimeInput,
    PrimeOutput,
    (c) => {
      const errors = checkPumpCurve(c.curve, 'curve')
      if (errors.length > 0) return err(errors)
      const a = prime(c)
      return ok({
        dryS: orNever(a.dryS),
        dryCycles: orNever(a.dryCycles),
        wetS: orNever(a.wetS),
        wetCycles: orNever(a.wetCycles),
        trappedM3: a.trappedM3,
      })
    },
    curveRules('curve'),
  ),
  calculator(
    'fuel-circuit-spread',
    'probability that the rail stays where the injectors’ flow is within 5 %, and which input matters most',
    CircuitSpreadInput,
    CircuitSpreadOutput,
    ({ circuit, inputs, draws, seed }) => {
      const errors = checkFuelCircuit(circuit).map((e) => ({ ...e, field: `circuit.${e.field}` }))
      if (errors.length > 0) return err(errors)
      const a = spreadCircuit(circuit, inputs, { draws, seed })
      return ok({
        ...a,
        band: { ...a.band },
        inputs: [...a.inputs],
        histogram: { ...a.histogram, counts: [...a.histogram.counts] },
      })
    },
    circuitRules('circuit.'),
  ),
  calculator(
    'fuel-combinations',
    'pumps x feeds x returns x filters x regulators over all operating conditions, ranked',
    CombinationsInput,
    CombinationsOutput,
    (c) => {
      const errors = checkCombinations(c)
      if (errors.length > 0) return err(errors)
      const a = rankCombinations(c)
      return ok({ ...a, ranked: a.ranked.map((r) => ({ ...r, reserve: orNever(r.reserve) })) })
    },
    [
      ...pumpTableRules('pumps.*.tables'),
      ...['points', 'pumps', 'feeds', 'returns', 'filters', 'regulators'].map((list) => ({
        field: `${list}.*.id`,
        allowed: 'an id once',
      })),
      {
        field: 'points.*.referencePa',
        allowed: 'so that set pressure plus reference stays positive (return-type systems)',
      },
      ...['cruiseId', 'idleId', 'fullId'].map((field) => ({ field, allowed: 'the id of one of the points' })),
    ],
  ),
  calculator(
    'hose-cut-list',
    'lengths to cut from measured paths, packed on stock lengths with the least waste',
    HoseCutListInput,
    HoseCutListOutput,
    ({ stockM, cutWidthM, pieces }) => {
      const cut = pieces.map((p) => ({ name: p.name, cutM: cutLengthM(p) }))
      const errors = cut.flatMap(({ cutM }, i) =>
        cutM > stockM || cutM <= 0
          ? [
              {
                code: 'cutLength',
                field: `pieces.${i}.pathM`,
                value: pieces[i]!.pathM,
                allowed: `a length to cut above 0 and at most ${stockM} m, the stock; it comes to ${cutM.toPrecision(4)} m`,
              },
            ]
          : [],
      )
      if (errors.length > 0) return err(errors)
      const packed = packOnStock(
        cut.map((p) => p.cutM),
        stockM,
        cutWidthM,
      )
      return ok({
        pieces: cut,
        lengths: packed.bars.map((b) => ({ pieces: b.pieces.map((i) => cut[i]!.name), offcutM: b.offcutM })),
        boughtM: packed.boughtM,
        usedM: cut.reduce((sum, p) => sum + p.cutM, 0),
        leastLengths: packed.leastBars,
        proved: packed.proved,
      })
    },
    [{ field: 'pieces.*.pathM', allowed: 'so that the length to cut is above 0 and at most stockM' }],
  ),
  calculator(
    'tank-module-fit',
    'whether a pump module fits a tank: depth, hat and hose above, swing while lifting',
    ModuleFitInput,
    ModuleFitOutput,
    (c) => ok(moduleFit(c)),
  ),
  calculator(
    'vent',
    'vacuum and pressure in a tank through its vent, and the smallest bore that will do',
    VentInput,
    VentOutput,
    (c) => ok(vent(c)),
  ),
]
