import { z } from 'zod'
import { oneOf, range } from '../field/figure.ts'
import { above, nonEmpty as name, trueOrFalse as flag, wholeWithin, within } from '../field/strictFigures.ts'

export const CASE_TEMPERATURE = range(200, 500, 'K')
const temperatureK = () => within(200, 500, 'K')
const contactOhm = () => within(0, 10, 'ohm')

export const WirePart = z.strictObject({
  id: name(),
  from: name(),
  to: name(),
  lengthM: within(0, 100, 'm').optional(),
  sectionM2: above(0, 1e-3, 'm²').optional(),
  ohmPerM: above(0, 10, 'ohm/m').optional(),
  temperatureK: temperatureK().optional(),
  parallel: wholeWithin(1, 20).optional(),
  resistanceOhm: within(0, 1e6, 'ohm').optional(),
  contactOhm: within(0, 1000, 'ohm').optional(),
})

export const ContactPart = z.strictObject({
  id: name(),
  from: name(),
  to: name(),
  resistanceOhm: within(0, 1e6, 'ohm'),
  closed: flag().optional(),
})

export const FusePart = z.strictObject({
  id: name(),
  from: name(),
  to: name(),
  ratingA: above(0, 1000, 'A'),
  resistanceOhm: within(0, 10, 'ohm'),
  blown: flag().optional(),
})

/** A number, or a table by charge and temperature. */
const byCharge = <V extends z.ZodType>(value: V) =>
  z.union([
    value,
    z.strictObject({
      charges: z.array(within(0, 1, '')).min(1, { error: 'allowed: one or more entries' }),
      temperaturesK: z.array(temperatureK()).min(1, { error: 'allowed: one or more entries' }),
      values: z.array(z.array(value)),
    }),
  ])

export const BatteryPart = z.strictObject({
  id: name(),
  kind: z.literal('battery'),
  pos: name(),
  neg: name(),
  openCircuitV: byCharge(within(0, 60, 'V')),
  resistanceOhm: byCharge(above(0, 100, 'ohm')),
  chargeOhm: byCharge(above(0, 100, 'ohm')).optional(),
  charge: within(0, 1, '').optional(),
  temperatureK: temperatureK().optional(),
})

export const AlternatorPart = z.strictObject({
  id: name(),
  kind: z.literal('alternator'),
  pos: name(),
  neg: name(),
  setV: within(0, 60, 'V'),
  setPerK: within(-0.1, 0.1, 'V/K').optional(),
  temperatureK: temperatureK().optional(),
  droopOhm: above(0, 10, 'ohm'),
  limitA: z.union([
    within(0, 500, 'A'),
    z
      .array(z.tuple([within(0, 30_000, 'rpm'), within(0, 500, 'A')]))
      .min(1, { error: 'allowed: one or more pairs of speed and current' }),
  ]),
  speedRpm: within(0, 30_000, 'rpm').optional(),
  sensePos: name().optional(),
  senseNeg: name().optional(),
  mode: oneOf(['regulating', 'off', 'dump']).optional(),
  dumpV: within(0, 200, 'V').optional(),
  dumpOhm: above(0, 100, 'ohm').optional(),
})

const load = {
  id: name(),
  pos: name(),
  neg: name(),
  on: flag().optional(),
  leastV: above(0, 60, 'V').optional(),
  mostV: above(0, 200, 'V').optional(),
}
const LOADS = [
  z.strictObject({
    ...load,
    kind: z.literal('resistance'),
    ohm: above(0, 1e6, 'ohm'),
    duty: within(0, 1, '').optional(),
  }),
  z.strictObject({ ...load, kind: z.literal('current'), currentA: within(0, 2000, 'A') }),
  z.strictObject({ ...load, kind: z.literal('power'), powerW: within(0, 20_000, 'W') }),
  z.strictObject({
    ...load,
    kind: z.literal('lamp'),
    ratedV: above(0, 60, 'V'),
    ratedW: above(0, 1000, 'W'),
    exponent: within(0.3, 1, '').optional(),
    coldRatio: within(1, 30, '').optional(),
    filament: oneOf(['hot', 'cold']).optional(),
  }),
  z.strictObject({
    ...load,
    kind: z.literal('motor'),
    ratedV: above(0, 60, 'V'),
    stallA: above(0, 3000, 'A'),
    runA: above(0, 3000, 'A'),
    torque: oneOf(['constant', 'quadratic']).optional(),
    speed: z.union([z.literal('settled'), within(0, 2, 'of rated speed')]).optional(),
  }),
] as const

export const SourcePart = z.discriminatedUnion('kind', [BatteryPart, AlternatorPart], {
  error: 'allowed: "battery", "alternator"',
})
export const LoadPart = z.discriminatedUnion('kind', [...LOADS], {
  error: 'allowed: "resistance", "current", "power", "lamp", "motor"',
})

export const RelayPart = z.strictObject({
  id: name(),
  coilPos: name(),
  coilNeg: name(),
  coilOhm: above(0, 1e4, 'ohm'),
  coilTemperatureK: temperatureK().optional(),
  pullInV: above(0, 60, 'V'),
  dropOutV: above(0, 60, 'V'),
  common: name(),
  make: name().optional(),
  break: name().optional(),
  contactOhm: contactOhm().optional(),
  energised: flag().optional(),
})

export const DiodePart = z.strictObject({
  id: name(),
  anode: name(),
  cathode: name(),
  forwardV: within(0, 5, 'V'),
  resistanceOhm: within(1e-5, 100, 'ohm'),
  clampV: above(0, 500, 'V').optional(),
})

/** The schema of a part, by its list. */
export const PART_OF = {
  wires: WirePart,
  contacts: ContactPart,
  fuses: FusePart,
  sources: SourcePart,
  loads: LoadPart,
  relays: RelayPart,
  diodes: DiodePart,
} as const

export const DcNetworkInput = z.strictObject({
  reference: name(),
  temperatureK: temperatureK().optional(),
  conductor: z
    .strictObject({
      resistivityOhmM: above(0, 1, 'ohm m').optional(),
      coefficientPerK: within(-0.01, 0.01, '1/K').optional(),
    })
    .optional(),
  wires: z.array(WirePart).optional(),
  contacts: z.array(ContactPart).optional(),
  fuses: z.array(FusePart).optional(),
  sources: z.array(SourcePart).optional(),
  loads: z.array(LoadPart).optional(),
  relays: z.array(RelayPart).optional(),
  diodes: z.array(DiodePart).optional(),
  moments: z
    .array(
      z.strictObject({
        id: name(),
        changes: z.array(z.looseObject({ id: name() })).optional(),
        durationS: above(0, 1e6, 's').optional(),
      }),
    )
    .min(1, { error: 'allowed: at least one moment, or leave the field out' })
    .optional(),
})

const n = z.number()
const ids = z.array(z.string())
const Figures = z.union([
  z.strictObject({ resistanceOhm: n, currentA: n, dropV: n, lossW: n }),
  z.strictObject({ currentA: n, dropV: n, lossW: n, share: n, i2tA2S: n.nullable() }),
  z.strictObject({ currentA: n, dropV: n, lossW: n }),
  z.strictObject({
    currentA: n,
    voltageV: n,
    openCircuitV: n,
    resistanceOhm: n,
    state: z.enum(['discharging', 'charging', 'idle']),
  }),
  z.strictObject({
    currentA: n,
    voltageV: n,
    limitA: n,
    state: z.enum(['regulating', 'limited', 'idle', 'off', 'dump']),
  }),
  z.strictObject({ currentA: n, voltageV: n, powerW: n, liftV: n.nullable() }),
  z.strictObject({
    energised: z.boolean(),
    coilA: n,
    coilV: n,
    pullInV: n,
    dropOutV: n,
    makeA: n,
    breakA: n,
  }),
  z.strictObject({ currentA: n, voltageV: n, state: z.enum(['blocks', 'conducts', 'clamps']) }),
])

export const DcNetworkOutput = z.strictObject({
  moments: z.array(
    z.strictObject({
      id: z.string(),
      state: z.enum(['solved', 'collapsed', 'chatters']),
      chattering: ids,
      collapsed: ids,
      starved: ids,
      overVolted: ids,
      floating: ids,
      nodesV: z.record(z.string(), n.nullable()),
      parts: z.record(z.string(), Figures),
    }),
  ),
})
