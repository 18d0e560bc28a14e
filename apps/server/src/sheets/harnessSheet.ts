import type { Paper } from '@lochmoor/contract'
import {
  CLASS_WORDS,
  ECU,
  fig,
  figureText,
  HARNESS_STATION,
  HARNESS_WORKINGS,
  harnessCautions,
  harnessWorking,
  netOfEnd,
  partsOfHarness,
  wholeCorridor,
  wireListOf,
  wireSizeOf,
  type Catalogue,
  type HarnessCase,
  type JobDocument,
  type UnitChoice,
  type WireClass,
} from '@lochmoor/core'
import { beginSheet, type SheetHead } from './stationSheetHead.ts'
import { writeAssumptions, writeFormulas, writeJudgement, writeParts } from './pdf/commonParts.ts'
import { INK, type SheetPaper } from './pdf/sheetPaper.ts'

/** The working sheet of the harness station: judgement, wires with their ways, corridors and holes, parts, formulas. */
export const harnessSheet = async (
  job: JobDocument,
  catalogue: Catalogue,
  head: SheetHead,
  paper: Paper,
  units: UnitChoice,
): Promise<Buffer> => {
  const { assumptions, c, verdicts } = HARNESS_STATION.assess(job, catalogue)
  const sheet = beginSheet(job, head, paper, 'Harness', units)
  writeJudgement(sheet, verdicts, units)
  sheet.heading('Before the first wire')
  for (const says of harnessCautions()) sheet.step(says)
  wires(sheet, c, units)
  if (c.plan.template !== null) corridors(sheet, c, units)
  if (c.accepted) {
    bundles(sheet, c, units)
    writeParts(sheet, partsOfHarness(c), units)
  }
  template(sheet, c)
  writeAssumptions(sheet, assumptions, units)
  if (c.accepted) {
    const judged = new Set(verdicts.flatMap((v) => v.workings))
    const told = HARNESS_WORKINGS.filter((id) => judged.has(id)).map((id) => harnessWorking(c, id))
    writeFormulas(sheet, '', told, units)
  }
  return sheet.finish()
}

const wires = (sheet: SheetPaper, c: HarnessCase, units: UnitChoice): void => {
  if (c.circuits.list.length === 0) return
  sheet.heading(c.accepted ? `Wires, ECU: ${c.accepted.placeName}` : 'Wires; no loom is accepted: no lengths')
  const nameOf = (end: string): string =>
    end === ECU ? 'ECU' : netOfEnd(end) !== null ? 'splice' : (c.plan.devices.find((d) => d.id === end)?.name ?? end)
  const laid = new Map(c.harness.loom?.wires.map((w) => [w.id, w]) ?? [])
  const cut = new Map(wireListOf(c).map((w) => [w.circuit.id, w]))
  sheet.table(
    [
      { head: 'Wire', share: 0.25 },
      { head: 'From - to', share: 0.27 },
      { head: 'ECU pin', share: 0.08 },
      { head: 'Size', share: 0.1 },
      { head: 'Colour', share: 0.13 },
      { head: 'Length', share: 0.17, right: true },
    ],
    c.circuits.list.map((x) => {
      const own = laid.get(x.id)
      return [
        x.name,
        `${nameOf(x.from)} - ${nameOf(x.to)}`,
        x.ecuPin ?? (x.ecuDoes === null ? '' : 'not known'),
        `${wireSizeOf(own?.size ?? x.size).words}${x.sizeAssumed ? ' (assumed)' : ''}`,
        x.colour,
        cut.has(x.id)
          ? `${figureText(fig(cut.get(x.id)!.lengthM, 'distance', 2), units)}${cut.get(x.id)!.lengthAssumed ? ' (assumed)' : ''}`
          : '',
      ]
    }),
  )
}

const HEAT_WORDS = {
  cabin: 'cabin',
  bay: 'engine bay',
  hot: 'near the exhaust',
  exhaust: 'against the exhaust',
} as const

const corridors = (sheet: SheetPaper, c: HarnessCase, units: UnitChoice): void => {
  sheet.heading('Corridors: measure them by string')
  sheet.table(
    [
      { head: 'No.', share: 0.07, right: true },
      { head: 'Corridor', share: 0.41 },
      { head: 'Length', share: 0.22, right: true },
      { head: 'Heat', share: 0.18 },
      { head: 'Hole', share: 0.12, right: true },
    ],
    c.plan.corridors.map((x, n) => [
      String(n + 1),
      x.name,
      x.lengthM === null
        ? 'not known'
        : `${figureText(fig(x.lengthM, 'distance', 2), units)}${x.assumed.includes('lengthM') ? ' (assumed)' : ''}`,
      HEAT_WORDS[x.heat],
      x.boreM === null ? '' : figureText(fig(x.boreM, 'bore', 0), units),
    ]),
  )
}

const MM = 72 / 25.4
const RULER_MM = 50

/** The ECU's case with its fixing holes at true scale, where it goes on the paper. */
const template = (sheet: SheetPaper, c: HarnessCase): void => {
  const { lengthM, widthM, holesLengthM, holesWidthM } = c.harness.unit
  if (lengthM === null || widthM === null || lengthM * 1e3 * MM > sheet.width) return
  const [length, width] = [lengthM * 1e3 * MM, widthM * 1e3 * MM]
  sheet.ensure(width + 80)
  sheet.heading('Fixing template, 1:1')
  sheet.paragraph('Print at 100 %, and check the 50 mm with a rule. Look behind the panel before you drill.')
  sheet.drawing(width + 24, (doc) => {
    doc.lineWidth(0.6).rect(0, 0, length, width).stroke(INK)
    if (holesLengthM !== null)
      for (const along of [-0.5, 0.5])
        for (const across of holesWidthM ? [-0.5, 0.5] : [0]) {
          const [x, y] = [
            length / 2 + along * holesLengthM * 1e3 * MM,
            width / 2 + across * (holesWidthM ?? 0) * 1e3 * MM,
          ]
          doc
            .circle(x, y, 5)
            .moveTo(x - 10, y)
            .lineTo(x + 10, y)
            .moveTo(x, y - 10)
            .lineTo(x, y + 10)
            .stroke(INK)
        }
    doc
      .moveTo(0, width + 14)
      .lineTo(RULER_MM * MM, width + 14)
      .stroke(INK)
    sheet.label(doc, '50 mm', RULER_MM * MM + 6, width + 10)
  })
}

const bundles = (sheet: SheetPaper, c: HarnessCase, units: UnitChoice): void => {
  const a = c.accepted!
  sheet.heading('Bundles')
  sheet.table(
    [
      { head: 'Corridor', share: 0.42 },
      { head: 'Class', share: 0.26 },
      { head: 'Wires', share: 0.12, right: true },
      { head: 'Diameter, bare', share: 0.2, right: true },
    ],
    a.route.bundles.map((b) => [
      c.plan.corridors.find((x) => x.id === wholeCorridor(b.corridor))?.name ?? b.corridor,
      CLASS_WORDS[b.class as WireClass],
      String(b.circuits.length),
      figureText(fig(b.diameterM, 'bore', 1), units),
    ]),
  )
}
