import {
  CrankWheelInput,
  CrankWheelOutput,
  FiringGroupsInput,
  FiringGroupsOutput,
  RotorPhasingInput,
  RotorPhasingOutput,
  ThermistorInput,
  ThermistorOutput,
  ThreadTappingInput,
  ThreadTappingOutput,
  VacuumPortsInput,
  VacuumPortsOutput,
} from '@lochmoor/contract'
import {
  ALL_THREADS,
  checkFiring,
  crankWheel,
  err,
  falls,
  firingGroups,
  ok,
  rotorPhasing,
  steinhartHart,
  tapping,
  thermistorTable,
  vacuumPorts,
  type InputError,
} from '@lochmoor/core'
import { calculator, type Calculator } from './calculator.ts'

const refused = (fault: Omit<InputError, 'code'>) => err([{ code: 'refused', ...fault }])
const NAMED = 'from a port to a consumer of this case'
const ONCE = 'each named once'
const FALLING = 'three points of one thermistor that falls as it gets warmer'
const WITHIN = 'a tooth of the wheel'
const RANGE = 'at least the least advance'

/** A name that stands twice, if one does. */
const twice = (items: readonly { readonly id: string }[]): string | null =>
  items.find((x, i) => items.findIndex((y) => y.id === x.id) !== i)?.id ?? null

/** Ports, sensors and ignition of the engine top. */
export const ENGINE_TOP_PLACES: readonly Calculator[] = [
  calculator(
    'vacuum-ports',
    'who gets which vacuum port, exactly: with the fewest tees, drilled ports and consumers left off where they are short',
    VacuumPortsInput,
    VacuumPortsOutput,
    (c) => {
      for (const list of ['ports', 'consumers'] as const) {
        const again = twice(c[list])
        if (again !== null) return refused({ field: list, value: again, allowed: ONCE })
      }
      const stray = c.hoses.find(
        (h) => !c.ports.some((p) => p.id === h.port) || !c.consumers.some((x) => x.id === h.consumer),
      )
      if (stray) return refused({ field: 'hoses', value: `${stray.port} to ${stray.consumer}`, allowed: NAMED })
      const { cost: _cost, served, ...a } = vacuumPorts(c)
      return ok({
        ...a,
        capped: [...a.capped],
        served: served.map((s) => ({ ...s, why: s.port === null ? s.why : null })),
      })
    },
    [
      { field: 'ports', allowed: ONCE },
      { field: 'consumers', allowed: ONCE },
      { field: 'hoses', allowed: NAMED },
    ],
  ),
  calculator(
    'thread-tapping',
    'drill, thread and metal left beside the hole of a sensor, parallel or tapered, metric or inch',
    ThreadTappingInput,
    ThreadTappingOutput,
    ({ thread, ...c }) => ok(tapping({ ...c, thread: ALL_THREADS.find((t) => t.id === thread)! })),
  ),
  calculator(
    'crank-wheel',
    'a toothed wheel on the crank: tooth at top dead centre, run-out of the gap, frequency, signal while cranking',
    CrankWheelInput,
    CrankWheelOutput,
    (c) =>
      c.toothAtTop > c.places - c.missing
        ? refused({ field: 'toothAtTop', value: c.toothAtTop, allowed: WITHIN })
        : ok(crankWheel(c)),
    [{ field: 'toothAtTop', allowed: WITHIN }],
  ),
  calculator(
    'thermistor',
    'coefficients of a thermistor from three points, and what the ECU reads over its bias resistor',
    ThermistorInput,
    ThermistorOutput,
    ({ bits, biasOhm, points, supplyV, temperaturesK }) => {
      const s = steinhartHart(points)
      if (!Number.isFinite(s.a + s.b + s.c) || !falls(s))
        return refused({ field: 'points', value: points.map((p) => p.ohm).join(', '), allowed: FALLING })
      const table = thermistorTable(s, temperaturesK, { biasOhm, supplyV, bits })
      return table.every((r) => Number.isFinite(r.ohm) && Number.isFinite(r.voltageV))
        ? ok({ ...s, table })
        : refused({ field: 'points', value: points.map((p) => p.ohm).join(', '), allowed: FALLING })
    },
    [{ field: 'points', allowed: FALLING }],
  ),
  calculator(
    'rotor-phasing',
    'where the rotor stands under its terminal over the range of advance, and the turn that brings it to the middle',
    RotorPhasingInput,
    RotorPhasingOutput,
    (c) => {
      if (c.mostAdvanceDeg < c.leastAdvanceDeg)
        return refused({ field: 'mostAdvanceDeg', value: c.mostAdvanceDeg, allowed: RANGE })
      const { ends, ...a } = rotorPhasing(c)
      return ok({ ...a, ends: [...ends] as const })
    },
    [{ field: 'mostAdvanceDeg', allowed: RANGE }],
  ),
  calculator(
    'firing-groups',
    'companions for wasted spark, groups that alternate, outputs in firing order, and each rail counted',
    FiringGroupsInput,
    FiringGroupsOutput,
    (c) => {
      const fault = checkFiring(c)
      if (fault) return refused(fault as Omit<InputError, 'code'>)
      const a = firingGroups(c)
      return ok({
        ...a,
        atDeg: [...a.atDeg],
        companions: a.companions && a.companions.map(([x, y]): [number, number] => [x, y]),
        groups: a.groups.map((g) => [...g]),
        onRail: a.onRail.map((r) => [...r]),
        outputs: [...a.outputs],
      })
    },
    [
      { field: 'order', allowed: 'each cylinder from 1 on once' },
      { field: 'intervalsDeg', allowed: 'one for each firing, together 720' },
      { field: 'rails', allowed: 'each cylinder on one rail' },
    ],
  ),
]
