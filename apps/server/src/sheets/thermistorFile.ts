import {
  engineTopCase,
  fromSi,
  UNITS,
  unitOf,
  type JobDocument,
  type ThermistorEntry,
  type UnitChoice,
} from '@lochmoor/core'
import { HttpException } from '@nestjs/common'
import Papa from 'papaparse'
import { FORMULA } from '../http/csv.ts'

const assumedOf = ({ bits, supplyV }: ThermistorEntry): string =>
  [supplyV === null ? 'supply' : '', bits === null ? 'bits' : ''].filter(Boolean).join(' ')

/** Tables of the thermistors as CSV: figures without their units, which stand in the head, so that a tuning program reads them. */
export const thermistorFile = (job: JobDocument, units: UnitChoice, say: (text: string) => string): { name: string; bytes: Buffer } => {
  const known = engineTopCase(job).sensors.thermistors.filter((t) => t.table !== null)
  if (known.length === 0)
    throw new HttpException({ code: 'noThermistor', message: 'No thermistor table yet: enter three points and the bias resistor on tab “Sensors and threads” of the engine top.' }, 409) // prettier-ignore
  const { temperature, resistance } = { temperature: unitOf('temperature', units.temperature), resistance: UNITS.resistance[0]! }
  const fields = [say('thermistor'), `${say('temperature')}, ${temperature.label}`, `${say('resistance')}, ${resistance.label}`, `${say('voltage')}, V`, say('counts'), say('assumed')]
  const data = known.flatMap((t) =>
    // Figures as figures: a text that begins with a minus would be made safe from being a formula, and read by no program.
    t.table!.map((r) => [t.entry.name, Math.round(fromSi(r.temperatureK, temperature)), Math.round(r.ohm), Number(r.voltageV.toFixed(3)), r.counts, assumedOf(t.entry)]),
  )
  const csv = Papa.unparse({ fields, data }, { newline: '\r\n', escapeFormulae: FORMULA })
  return { name: `${job.vehicle.title}, thermistors`, bytes: Buffer.from(csv, 'utf8') }
} // prettier-ignore
