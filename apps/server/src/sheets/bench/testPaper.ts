import type { Paper } from '@lochmoor/contract'
import {
  barsOf,
  harnessCautions,
  oldWireTest,
  pinWords,
  proofOfLoom,
  sentenceText,
  unprovedOf,
  type HarnessCase,
  type LoomProof,
  type ProofStep,
  type UnitChoice,
} from '@lochmoor/core'
import { SheetPaper } from '../pdf/sheetPaper.ts'

const BOX = '[  ]'

/** Readings of one place of the clip, as they are touched. */
const touches = (proof: LoomProof, step: ProofStep): readonly [string, string] => {
  const words = (of: (r: ProofStep['readings'][number]) => boolean): string =>
    step.readings
      .filter(of)
      .map((r) =>
        r.probe.length === 1
          ? pinWords(proof, r.probe[0]!)
          : `bar of all ${r.because === 'supply' ? 'supplies' : 'earths'}`,
      ) // prettier-ignore
      .join('; ')
  return [words((r) => r.rings) || '-', words((r) => !r.rings) || '-']
}

/** The readings of the loom with boxes to tick, groups, old wires, plugs that fit twice, and what stays unproved. */
export const testPaper = (
  c: HarnessCase,
  paper: Paper,
  head: { readonly title: string; readonly foot: string; readonly inEnglish: (text: string) => string },
  units: UnitChoice,
): Promise<Buffer> => {
  const proof = proofOfLoom(c)!
  const sheet = new SheetPaper(paper, head.title, head.foot, head.inEnglish)
  sheet.title(head.title)
  sheet.paragraph(`${proof.plan.readings.length} readings at ${proof.steps.length} clip positions, about ${Math.ceil(proof.plan.minutes)} minutes: rule of thumb. On the bench, every plug free, before anything is connected.`, true) // prettier-ignore
  for (const says of harnessCautions().slice(0, 1)) sheet.paragraph(says)
  for (const bar of barsOf(proof)) sheet.paragraph(`Bar of ${bar.name}, tied together first: ${bar.pins}.`)
  const single = proof.steps.filter((s) => s.readings[0]!.kind !== 'group')
  sheet.heading('Clip by clip')
  sheet.table(
    [
      { head: 'Clip on', share: 0.2 },
      { head: 'Must ring at', share: 0.3 },
      { head: 'Must be silent at', share: 0.42 },
      { head: 'Right', share: 0.08 },
    ],
    single.map((s) => [pinWords(proof, s.id), ...touches(proof, s), BOX]),
  )
  const groups = proof.plan.readings.filter((r) => r.kind === 'group')
  if (groups.length > 0) {
    sheet.heading('In groups: tie each bar together, one reading between the two')
    sheet.table(
      [
        { head: 'Reading', share: 0.1 },
        { head: 'Bar one', share: 0.41 },
        { head: 'Bar two', share: 0.41 },
        { head: 'Silent', share: 0.08 },
      ],
      groups.map((r, n) => [String(n + 1), r.clip.map((p) => pinWords(proof, p)).join('; '), r.probe.map((p) => pinWords(proof, p)).join('; '), BOX]), // prettier-ignore
    )
  }
  sheet.heading('What stays unproved')
  for (const says of unprovedOf(proof)) sheet.paragraph(`${says.charAt(0).toUpperCase()}${says.slice(1)}.`)
  if (c.harness.oldWires.length > 0) {
    sheet.heading('Old wires')
    sheet.table(
      [
        { head: 'Wire', share: 0.24 },
        { head: 'Becomes', share: 0.12 },
        { head: 'Tag', share: 0.16 },
        { head: 'Test', share: 0.4 },
        { head: 'Done', share: 0.08 },
      ],
      c.harness.oldWires.map((w) => [w.name, w.fate ?? 'not decided', w.tag, sentenceText(oldWireTest(w), units), BOX]),
    )
  }
  const twins = c.harness.devices.filter((d) => d.alsoFits !== '')
  if (twins.length > 0) {
    const nameOf = (id: string) => c.plan.devices.find((d) => d.id === id)?.name ?? id
    sheet.heading('Plugs that fit more than one socket: join them in this order')
    sheet.table(
      [
        { head: 'No.', share: 0.08 },
        { head: 'Plug', share: 0.42 },
        { head: 'Also fits', share: 0.42 },
        { head: 'Tagged', share: 0.08 },
      ],
      twins.map((d, n) => [String(n + 1), nameOf(d.id), nameOf(d.alsoFits), BOX]),
    )
  }
  return sheet.finish()
}
