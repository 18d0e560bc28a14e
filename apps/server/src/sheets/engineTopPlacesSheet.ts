import { fig, figureText, isTapered, sentenceText, stepsOfEngineTop, type ConsumerOfJob, type EngineTopCase, type UnitChoice } from '@lochmoor/core' // prettier-ignore
import { drawPortMap } from './pdf/portMapDrawing.ts'
import { drawRotor } from './pdf/rotorDrawing.ts'
import type { SheetPaper } from './pdf/sheetPaper.ts'

const BY_WORDS = { own: 'own port', tee: 'by a tee', drilled: 'port to be drilled', dropped: 'left off', nothing: 'no port' } as const // prettier-ignore

/** Vacuum, sensors and ignition on the working sheet of the engine top. */
export const writePlaces = (sheet: SheetPaper, c: EngineTopCase, units: UnitChoice): void => {
  vacuum(sheet, c, units)
  sensors(sheet, c, units)
  ignition(sheet, c, units)
  const steps = stepsOfEngineTop(c)
  if (steps.length === 0) return
  sheet.heading('Steps at the car')
  for (const s of steps) sheet.step(sentenceText(s.says, units))
}

/** What it asks of its port, and whether that is only what its use usually asks. */
const needOf = (x: ConsumerOfJob): string => {
  const { mayShare, plenumOnly, wants } = x.entry
  const kind = { full: 'full vacuum', ported: 'ported', either: 'either' }[x.wants]
  const says = [kind, x.plenumOnly ? 'whole plenum' : '', x.mayShare ? 'may share' : 'alone'].filter(Boolean).join(', ')
  return wants === null || plenumOnly === null || mayShare === null ? `${says} (as usual)` : says
}

const vacuum = (sheet: SheetPaper, c: EngineTopCase, units: UnitChoice): void => {
  const v = c.vacuum
  if (!v.begun) return
  const mm = (si: number, decimals = 1): string => figureText(fig(si, 'bore', decimals), units)
  sheet.heading('Who gets which vacuum port', 120)
  drawPortMap(sheet, v, units)
  sheet.table(
    [
      { head: 'Consumer', share: 0.22 },
      { head: 'Needs', share: 0.24 },
      { head: 'Port', share: 0.2 },
      { head: 'How', share: 0.14 },
      { head: 'Bore', share: 0.1, right: true },
      { head: 'Hose', share: 0.1, right: true },
    ],
    v.hoses.map((h) => [
      h.consumer.entry.name,
      needOf(h.consumer),
      h.port === null ? '' : v.nameOf(h.port.id),
      h.why ?? BY_WORDS[h.by],
      `${h.consumer.entry.boreM === null ? 'assumed ' : ''}${mm(h.consumer.boreM)}`,
      h.lengthM === null ? '' : mm(h.lengthM, 0),
    ]),
  )
  if (v.capped.length > 0)
    sheet.paragraph(`Capped: ${v.capped.map((p) => `${v.nameOf(p.id)} (${mm(p.boreM)})`).join(', ')}.`)
}

const sensors = (sheet: SheetPaper, c: EngineTopCase, units: UnitChoice): void => {
  const { entry, holes, thermistors } = c.sensors
  const mm = (si: number, decimals = 1): string => figureText(fig(si, 'bore', decimals), units)
  const place = entry.coolant.places.find((p) => p.id === entry.coolant.placeId)
  if (place) {
    sheet.heading('Sensors')
    sheet.paragraph(`Coolant sensor: ${place.name}. The gauge keeps its own sender.`)
  }
  if (holes.length > 0) {
    sheet.heading('Which sensor into which hole')
    sheet.table(
      [
        { head: 'Sensor', share: 0.28 },
        { head: 'Thread', share: 0.18 },
        { head: 'Hole', share: 0.18 },
        { head: 'Drill', share: 0.12, right: true },
        { head: 'Wall left', share: 0.12, right: true },
        { head: 'Seals by', share: 0.12 },
      ],
      holes.map((h) => [
        h.hole.name,
        h.thread?.name ?? 'not known',
        h.hole.holeThread === null ? 'plain metal' : (h.holeThread?.name ?? ''),
        h.tapped ? mm(h.tapped.drillM, 2) : '',
        h.tapped ? mm(h.tapped.wallM) : '',
        h.thread === null ? '' : isTapered(h.thread) ? 'its taper' : 'a washer',
      ]),
    )
  }
  for (const t of thermistors) {
    if (t.table === null) continue
    sheet.heading(`${t.entry.name}: what the ECU sees`)
    sheet.table(
      [
        { head: 'Temperature', share: 0.25, right: true },
        { head: 'Resistance', share: 0.25, right: true },
        { head: 'At the input', share: 0.25, right: true },
        { head: `Counts of ${2 ** t.bits}`, share: 0.25, right: true },
      ],
      t.table.map((r) => [
        figureText(fig(r.temperatureK, 'temperature', 0), units),
        figureText(fig(r.ohm, 'resistance', 0), units),
        figureText(fig(r.voltageV, 'voltage', 2), units),
        String(r.counts),
      ]),
    )
  }
}

const ignition = (sheet: SheetPaper, c: EngineTopCase, units: UnitChoice): void => {
  const { firing, order, placeOf, rotor } = c.ignition
  if (rotor) {
    sheet.heading('Rotor under the cap, as number one fires', 240)
    drawRotor(sheet, c.ignition, units)
    const degrees = (deg: number): string => figureText(fig(deg, 'angle', 1), units)
    sheet.paragraph(
      rotor.how === 'housing'
        ? `Housing turned by ${degrees(rotor.turnDeg)} with rotor rotation centres it; ${rotor.referenceDeg === 0 ? 'base timing stays, the pick-up is on the crank' : `the ECU’s angle before top dead centre is then less by ${degrees(rotor.referenceDeg)}`}. Overlap at both ends then ${degrees(rotor.centredOverlapDeg)}.`
        : `The housing stays: rotor or reluctor is moved on its shaft by ${degrees(rotor.turnDeg)} against rotation. Overlap at both ends then ${degrees(rotor.centredOverlapDeg)}.`,
    )
  }
  if (firing === null || order === null) return
  const mateOf = (n: number) => firing.companions?.flatMap(([a, b]) => (a === n ? [b] : b === n ? [a] : []))[0]
  sheet.heading('Firing groups')
  sheet.table(
    [
      { head: 'Fires', share: 0.1, right: true },
      { head: 'Cylinder', share: 0.12, right: true },
      { head: 'Crank', share: 0.14, right: true },
      { head: 'Batch group', share: 0.16 },
      { head: 'Companion', share: 0.14, right: true },
      { head: 'Sits', share: 0.34 },
    ],
    order.map((n, i) => [
      String(i + 1),
      String(n),
      figureText(fig(firing.atDeg[i]!, 'angle', 0), units),
      firing.groups[0]!.includes(n) ? 'A' : 'B',
      String(mateOf(n) ?? 'none'),
      placeOf(n),
    ]),
  )
}
