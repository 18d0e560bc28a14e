import {
  asNetworkCase,
  BatteryInput,
  BatteryOutput,
  ChargingBalanceInput,
  ChargingBalanceOutput,
  CrankSagInput,
  CrankSagOutput,
  DcNetworkInput,
  DcNetworkOutput,
  dcNetworkProblems,
  EarthLiftInput,
  EarthLiftOutput,
  FuseInput,
  FuseOutput,
  RelayHoldInput,
  RelayHoldOutput,
  WireSizeInput,
  WireSizeOutput,
} from '@lochmoor/contract'
import {
  ampacityA,
  balanceOf,
  batteryState,
  chargeAtRest,
  crankSag,
  err,
  fusesFor,
  inrushWear,
  leastFuseA,
  leastWire,
  ok,
  relayHold,
  restTimeS,
  sensorError,
  shortAtEnd,
  solveNetwork,
  TYPICAL_THERMISTOR,
  wireOhm,
  type WireDemand,
  type WireKind,
} from '@lochmoor/core'
import { calculator, type Calculator } from './calculator.ts'

/** The power station. */
export const POWER_CALCULATORS: readonly Calculator[] = [
  calculator(
    'dc-network',
    'voltages and currents of a vehicle’s electrical system in each operating condition',
    DcNetworkInput,
    DcNetworkOutput,
    (c) =>
      ok({
        moments: [
          ...solveNetwork(asNetworkCase(c)).moments.map((m) => ({
            ...m,
            chattering: [...m.chattering],
            collapsed: [...m.collapsed],
            starved: [...m.starved],
            overVolted: [...m.overVolted],
            floating: [...m.floating],
          })),
        ],
      }),
    [
      { field: 'wires.*.sectionM2', allowed: 'exactly one of sectionM2 and ohmPerM, or resistanceOhm alone' },
      { field: 'wires.*.to', allowed: 'another node than the part’s other end' },
      { field: 'wires.*.id', allowed: 'an id of its own among all parts' },
      { field: 'reference', allowed: 'a node that a part touches' },
      { field: 'relays.*.make', allowed: 'a node here or for "break"' },
      { field: 'relays.*.dropOutV', allowed: 'below pullInV' },
      { field: 'loads.*.runA', allowed: 'below stallA' },
      { field: 'sources.*.speedRpm', allowed: 'given where limitA is a table' },
      { field: 'sources.*.dumpV', allowed: 'given, with dumpOhm, in mode "dump"' },
      { field: 'sources.*.openCircuitV', allowed: 'tables with ascending axes and a value for each pair' },
      { field: 'moments.*.changes.*.id', allowed: 'the id of a part; fields that name nodes, kind and energised stay' },
    ],
    { problems: dcNetworkProblems, pathsFirst: true },
  ),
  calculator(
    'crank-sag',
    'volts at the ECU over the first second of a start: inrush, compression, resets',
    CrankSagInput,
    CrankSagOutput,
    (c) => {
      const { battery, trace } = crankSag(c)
      const lowest = trace.least['ecu']!
      const every = Math.max(1, Math.round(0.01 / c.stepS))
      return ok({
        batteryResistanceOhm: battery.resistanceOhm,
        lowestEcuV: lowest.volts,
        lowestAtS: lowest.atS,
        resets: trace.resets.map(({ atS }) => ({ atS })),
        peakStarterA: trace.peakStarterA,
        meanStarterA: trace.meanStarterA,
        meanRpm: trace.meanRpm,
        turns: trace.turns,
        trace: trace.timeS.flatMap((timeS, i) =>
          i % every === 0
            ? [
                {
                  timeS,
                  rpm: trace.rpm[i]!,
                  starterA: trace.starterA[i]!,
                  batteryV: trace.batteryV[i]!,
                  ecuV: trace.watchedV['ecu']![i]!,
                },
              ]
            : [],
        ),
      })
    },
  ),
  calculator(
    'battery',
    'open-circuit voltage and resistance of a 12 V battery from its rating, age, voltage at rest and temperature',
    BatteryInput,
    BatteryOutput,
    ({ restingV, ...label }) => {
      const charge = chargeAtRest(restingV)
      return ok({ charge, ...batteryState({ ...label, charge }) })
    },
  ),
  calculator(
    'wire-size',
    'least standard wire, metric and gauge, by drop, heat, fuse and a short at its far end',
    WireSizeInput,
    WireSizeOutput,
    ({ sourceV, otherOhm, ...asked }) => {
      const demand: WireDemand = { ...asked, short: { volts: sourceV, otherOhm } }
      const least = (kind: WireKind) => {
        const found = leastWire(demand, kind)
        return (
          found && {
            size: found.size.words,
            sectionM2: found.size.sectionM2,
            ohmPerM: found.size.ohmPerM,
            dropV: asked.currentA * (wireOhm(found.size, asked.lengthM, asked.ambientK) + asked.jointOhm),
            bearsA: ampacityA(found.size.sectionM2, asked.ambientK, asked),
            governs: [...found.governs],
          }
        )
      }
      return ok({ mm2: least('mm2'), awg: least('awg'), sae: least('sae') })
    },
  ),
  calculator(
    'fuse',
    'standard fuses between load and wire, with inrush and a short at the far end',
    FuseInput,
    FuseOutput,
    ({ continuousA, wire, inrush, sourceV, otherOhm }) => {
      const wireBearsA = ampacityA(wire.sectionM2, wire.ambientK, wire)
      const shortA = sourceV / (otherOhm + wire.ohm)
      return ok({
        leastA: leastFuseA(continuousA, wire.ambientK),
        wireBearsA,
        shortA,
        choices: fusesFor(continuousA, wire.ambientK, wireBearsA).map((ratingA) => {
          const short = shortAtEnd(shortA, ratingA, wire.sectionM2, wire.insulation)
          return {
            ratingA,
            inrushWear: inrush ? inrushWear({ ...inrush, settlesAtA: continuousA }, ratingA) : 0,
            opensWithinS: Number.isFinite(short.opensWithinS) ? short.opensWithinS : null,
            wireBearsS: short.wireBearsS,
            shortClears: short.clears,
          }
        }),
      })
    },
  ),
  calculator(
    'relay-hold',
    'whether a warm relay pulls in, holds through a sag and pulls in again, and how long its release takes',
    RelayHoldInput,
    RelayHoldOutput,
    ({ supplyV, sagV, damping, inductanceH, ...coil }) =>
      coil.dropOutV < coil.pullInV
        ? ok(relayHold(coil, { supplyV, sagV, damping, inductanceH }))
        : err([{ code: 'outOfRange', field: 'dropOutV', value: coil.dropOutV, allowed: 'below pullInV' }]),
    [{ field: 'dropOutV', allowed: 'below pullInV' }],
  ),
  calculator(
    'earth-lift',
    'what a sensor reads wrongly where its return is not at the potential of the ECU’s sensor earth',
    EarthLiftInput,
    EarthLiftOutput,
    ({ sensor, returnV, sensorEarthV, thermistor }) => {
      const liftV = returnV - sensorEarthV
      const unit = { coolant: 'K', air: 'K', manifold: 'Pa', throttle: 'share', oxygen: 'lambda' } as const
      return ok({ liftV, error: sensorError(sensor, liftV, thermistor ?? TYPICAL_THERMISTOR), unit: unit[sensor] })
    },
  ),
  calculator(
    'charging-balance',
    'what generator and battery give in each way of driving, how long until it starts no more, and weeks at rest',
    ChargingBalanceInput,
    ChargingBalanceOutput,
    ({ battery: { restingV, capacityC, ...label }, drives, generator, leastCharge, restA }) => {
      const speeds = generator.output.map((p) => p.speedRpm)
      const unordered = speeds.findIndex((rpm, i) => i > 0 && rpm <= speeds[i - 1]!)
      if (unordered > 0)
        return err([{ code: 'outOfRange', field: `generator.output.${unordered}.speedRpm`, value: speeds[unordered]!, allowed: 'above the speed of the point before' }]) // prettier-ignore
      const charge = chargeAtRest(restingV)
      const bank = { ...label, charge, temperatureK: 298.15 }
      return ok({
        charge,
        drives: drives.map(({ name, engineRpm, loadA }) => {
          const { untilNoStartS, ...now } = balanceOf(bank, capacityC, generator, { engineRpm, loadA }, leastCharge)
          return { name, ...now, untilNoStartS: Number.isFinite(untilNoStartS) ? untilNoStartS : null }
        }),
        restS: restTimeS({ drainA: restA, capacityC, charge, leastCharge }),
      })
    },
    [{ field: 'generator.output.*.speedRpm', allowed: 'above the speed of the point before' }],
  ),
]
