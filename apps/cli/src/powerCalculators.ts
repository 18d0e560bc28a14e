import {
  asNetworkCase,
  BatteryInput,
  BatteryOutput,
  CrankSagInput,
  CrankSagOutput,
  DcNetworkInput,
  DcNetworkOutput,
  dcNetworkProblems,
} from '@lochmoor/contract'
import { batteryState, chargeAtRest, crankSag, ok, solveNetwork } from '@lochmoor/core'
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
]
