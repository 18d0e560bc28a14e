import { assumptionsOf, carSupplyOf, figureOf, loomWiresOf, type Assumption } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import { describePath, WIRE_LABELS } from '../../meaning/index.ts'
import {
  crankRigOf,
  crankTrace,
  leastChargeToStart,
  singleStops,
  solveCar,
  type CarSupply,
  type CrankTrace,
  type SolvedCar,
  type StopOutcome,
} from '../../power/index.ts'
import { WIRE_ROLES, type PowerSection, type WalkAroundSection, type WireRole } from '../../sections/index.ts'
import type { Verdict } from '../../verdict/index.ts'
import { railLeastV } from './railAtVolts.ts'
import { checkWires, type WireCheck } from './wireChecks.ts'

export type PowerVerdict = Verdict

/** Everything the judges of the station look at: they never go back to the document. */
export interface PowerCase {
  readonly power: PowerSection
  readonly found: Pick<WalkAroundSection, 'battery' | 'charging' | 'earths' | 'wiring' | 'tests'>
  /** Ballast resistor or resistance wire before the coil, as found. */
  readonly coilResistor: boolean | null
  readonly supply: CarSupply
  /** What must be changed before anything is computed; null where it is 12 V and negative earth, or not known. */
  readonly refusedBy: 'six-volts' | 'positive-earth' | 'both' | null
  /** Whether voltage and polarity are known at all. */
  readonly gateKnown: boolean
  readonly solved: SolvedCar
  /** Every wire against everything asked of it. */
  readonly wireChecks: readonly WireCheck[]
  /** What stops when one switch moves. */
  readonly stops: readonly StopOutcome[]
  /** State of charge below which it does not start cold; null: not even as it is. */
  readonly leastCharge: number | null
  /** The first moments of the coldest start. */
  readonly coldStart: CrankTrace
  readonly leastCrankRpm: number
  /** Volts at the pump from which it reaches the set pressure; null while no pump is chosen. */
  readonly railLeastV: number | null
  readonly ecuName: string | null
  readonly ecuLeastKnown: boolean
  /** Wires that the accepted loom is made with: the harness orders them. */
  readonly inLoom: readonly WireRole[]
  /** What the wires are called. */
  readonly labels: Readonly<Record<string, string>>
  readonly assumptions: readonly Assumption[]
}

/** So much of the start is followed: inrush, and two compressions of the slowest engine. */
export const FIRST_S = 0.4

const MOST_KEPT = 32
interface Worked {
  solved?: SolvedCar
  coldStart?: CrankTrace
  wireChecks?: readonly WireCheck[]
  stops?: readonly StopOutcome[]
  /** By the speed that it must be cranked at. */
  leastCharge?: { readonly rpm: number; readonly charge: number | null }
}
const kept = new Map<string, Worked>()
/** What is computed of a supply, once for the same figures and only when it is asked for. */
const workedOf = (supply: CarSupply): Worked => {
  const key = JSON.stringify(supply)
  let own = kept.get(key)
  if (own) return own
  const [oldest] = kept.keys()
  if (kept.size >= MOST_KEPT && oldest !== undefined) kept.delete(oldest)
  kept.set(key, (own = {}))
  return own
}

export const powerCase = (job: JobDocument): PowerCase => {
  const { battery, charging, earths, wiring, tests } = job.walkAround
  const supply = carSupplyOf(job)
  const six = battery.systemV === '6'
  const positive = battery.earth === 'positive'
  const { pump } = job.fuel
  const worked = workedOf(supply)
  const c = {
    power: job.power,
    found: { battery, charging, earths, wiring, tests },
    coilResistor: job.walkAround.ignition.coilResistor,
    supply,
    refusedBy: six && positive ? 'both' : six ? 'six-volts' : positive ? 'positive-earth' : null,
    gateKnown: battery.systemV !== null && battery.earth !== null,
    leastCrankRpm: figureOf(job, 'power.leastCrankRpm'),
    railLeastV: pump ? railLeastV(pump.tables, figureOf(job, 'fuel.setPressurePa')) : null,
    ecuName: job.system.controller?.name ?? null,
    ecuLeastKnown: typeof job.system.controller?.leastV === 'number',
    inLoom: WIRE_ROLES.filter((role) => loomWiresOf(job, role) !== null),
    labels: WIRE_LABELS,
    assumptions: [...assumptionsOf(job, 'power'), ...wireAssumptions(job, supply), ...ecuAssumptions(job)],
  } as const
  const solved = () => (worked.solved ??= solveCar(supply))
  return Object.defineProperties(c, {
    solved: { get: solved },
    coldStart: { get: () => (worked.coldStart ??= crankTrace(crankRigOf(solved(), 'crank-cold'), FIRST_S)) },
    wireChecks: { get: () => (worked.wireChecks ??= checkWires(solved())) },
    stops: { get: () => (worked.stops ??= singleStops(supply)) },
    leastCharge: {
      get: () => {
        if (worked.leastCharge?.rpm !== c.leastCrankRpm)
          worked.leastCharge = { rpm: c.leastCrankRpm, charge: leastChargeToStart(supply, c.leastCrankRpm) }
        return worked.leastCharge.charge
      },
    },
  }) as typeof c & Pick<PowerCase, 'solved' | 'coldStart' | 'wireChecks' | 'stops' | 'leastCharge'>
}

/** Works out, a step at a time, what takes long of a case; where it is asked for it is then there. */
export function* workOut(c: PowerCase): Generator<void> {
  if (c.refusedBy !== null || !c.gateKnown) return
  for (const what of ['solved', 'coldStart', 'wireChecks', 'stops', 'leastCharge'] as const) {
    void c[what]
    yield
  }
}

/** Sizes that nobody has decided or read off. */
const wireAssumptions = (job: JobDocument, supply: CarSupply): Assumption[] =>
  Object.entries(supply.wires).flatMap(([role, w]): Assumption[] => {
    if (!w.fitted || !w.assumed.includes('size') || w.measuredOhm !== null) return []
    if (supply.fan === 'none' && role.startsWith('fan')) return []
    const path = `power.wires.${role}.size`
    return [
      {
        field: path,
        label: describePath(path, job).label,
        si: w.sectionM2,
        family: 'section',
        why: `estimate: ${w.sizeWords}`,
      },
    ]
  })

const ecuAssumptions = (job: JobDocument): Assumption[] =>
  typeof job.system.controller?.leastV === 'number'
    ? []
    : [
        {
          field: 'system.controller',
          label: 'Voltage below which the ECU resets',
          si: carSupplyOf(job).ecu.leastV,
          family: 'voltage',
          why: 'most reset at 6 to 7 V: typical',
        },
      ]
