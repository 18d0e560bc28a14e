import { fromSi, toSi, UNITS, unitOf, type Family, type Unit } from '../quantity/index.ts'
import type { UnitChoice } from './sentenceText.ts'

/** Units that stand in the texts themselves, and what they measure there. */
const FAMILIES: Readonly<Record<string, Family>> = {
  mm: 'bore',
  kPa: 'pressure',
  '°C': 'temperature',
  'N m': 'torque',
  kW: 'power',
}
// A plain space: figures that were worked out stand in the reader's unit already, with a thin one.
const IN_TEXT = /(\d+(?:\.\d+)?)(?: to (\d+(?:\.\d+)?))? (mm|kPa|°C|N m|kW)\b/g

/** As roughly as it is said: two digits, without needless noughts. */
const roughly = (value: number, metric: Unit, shown: Unit): string => {
  const figure = fromSi(toSi(value, metric), shown)
  return String(Number(figure.toPrecision(Math.abs(figure) >= 100 ? 3 : 2)))
}

/**
 * A text of the program with the metric figures that stand in it in the reader's units: "10 mm cold" as "0.39 in cold".
 * Rules of thumb, so as roughly as they are said; what is exact, as the figures of a drill template, has a thin space.
 * What a person has written, and names of parts, are given as `own` and stay.
 */
export const inUnits = (text: string, units: UnitChoice, own: readonly string[] = []): string => {
  if (!/\d (?:mm|kPa|°C|N m|kW)\b/.test(text)) return text
  const kept = own.filter((name) => /\d (?:mm|kPa|°C|N m|kW)\b/.test(name) && text.includes(name))
  return text.replace(IN_TEXT, (all: string, from: string, to: string | undefined, label: string, at: number) => {
    if (kept.some((name) => text.indexOf(name) <= at && at < text.indexOf(name) + name.length)) return all
    const family = FAMILIES[label]!
    const metric = UNITS[family].find((u) => u.label === label)!
    const shown = unitOf(family, units[family])
    if (shown.label === label) return all
    const figures =
      to === undefined
        ? roughly(Number(from), metric, shown)
        : `${roughly(Number(from), metric, shown)} to ${roughly(Number(to), metric, shown)}`
    return `${figures} ${shown.label}`
  })
}
