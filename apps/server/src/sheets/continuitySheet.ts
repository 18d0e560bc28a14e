import type { Paper } from '@lochmoor/contract'
import { engineTopCase, type JobDocument, type WireToProve } from '@lochmoor/core'
import { beginPaper, type SheetHead } from './stationSheetHead.ts'
import { TICK } from './pdf/sheetPaper.ts'

const KINDS = ['injector', 'coil', 'plug'] as const
const TITLES = { injector: 'Injector wires', coil: 'Coil wires', plug: 'HT leads' } as const
const NAMES = { injector: 'Injector', coil: 'Coil', plug: 'HT lead' } as const

/** Every wire to be traced before anything is joined: where it must lead, where that is, room for what was found. */
export const continuitySheet = (job: JobDocument, head: SheetHead, paper: Paper): Promise<Buffer> => {
  const { ignition, numberedFrom } = engineTopCase(job)
  const { firing, order, placeOf, wires } = ignition
  const { title } = job.vehicle
  const sheet = beginPaper(job, head, paper, 'continuity sheet')
  sheet.title(`${title}: continuity sheet`)
  const from = numberedFrom === null ? 'which end number one is at is not known' : `numbered from the ${numberedFrom === 'front' ? 'front' : 'bulkhead end'}` // prettier-ignore
  sheet.paragraph(`Firing order ${order?.join('-') ?? 'not known'}, ${from}.`, true)
  sheet.paragraph('Battery off, every plug apart. One wire at a time: meter from the loom’s end to the plug; it must beep there and at no other plug. Write down what is found, not what is expected.') // prettier-ignore
  if (firing && order) {
    sheet.heading('Firing groups')
    sheet.paragraph(`Batch groups that alternate: ${firing.groups.map((g) => g.join('-')).join(' and ')}. Companions: ${firing.companions?.map((p) => p.join(' and ')).join(', ') ?? 'none: no wasted spark'}. Sequential: output 1 fires ${order.map((n, i) => (i === 0 ? `cylinder ${n}` : `${i + 1} fires ${n}`)).join(', ')}.`) // prettier-ignore
  }
  for (const kind of KINDS) {
    const own = wires.filter((w) => w.kind === kind)
    if (own.length === 0) continue
    sheet.heading(TITLES[kind], 60)
    sheet.table(
      [
        { head: 'Wire', share: 0.16 },
        { head: 'Leads to cylinder', share: 0.17, right: true },
        { head: 'It sits', share: 0.33 },
        { head: 'Found at', share: 0.12, right: true },
        { head: 'Nowhere else', share: 0.12 },
        { head: 'Labelled', share: 0.1 },
      ],
      own.map((w) => [`${NAMES[kind]} ${w.number}`, w.leadsTo.join(' or '), placeOf(w.leadsTo[0]!), foundText(w), TICK, TICK]), // prettier-ignore
    )
  }
  sheet.heading('After it')
  sheet.step('Results into the job log, by the tab “Ignition” of the engine top.')
  sheet.step('Number one proved: thumb over its plug hole, turned to compression; the timing light’s clamp goes on this lead.') // prettier-ignore
  return sheet.finish()
}

const foundText = (w: WireToProve): string =>
  w.found === null ? '........' : w.right === true ? String(w.found) : `${w.found} (wrong)`
