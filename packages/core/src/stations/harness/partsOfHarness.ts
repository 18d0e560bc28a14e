import type { PartLine } from '../../parts/index.ts'
import { wireSizeOf } from '../../parts/index.ts'
import { fig, say } from '../../verdict/index.ts'
import { bundlesOfLoom, coveringOf } from './bundlesOfLoom.ts'
import { cutOfLoom } from './cutOfLoom.ts'
import type { HarnessCase } from './harnessCase.ts'
import { MOST_CLIP_M } from './judgeFixing.ts'
import { SLEEVE_FROM_K } from './routeCaseOfJob.ts'
import { spliceSpots } from './spliceSpots.ts'
import { wireListOf } from './wireList.ts'
import { wholeCorridor } from './planOfJob.ts'

/** Cut from spools with so much over. Trade practice. */
const WASTE = 1.1

/** What must be bought for the accepted loom; nothing before one is accepted. */
export const partsOfHarness = (c: HarnessCase): readonly PartLine[] => {
  const { accepted: a } = c
  if (!a) return []
  const assumed = c.assumptions.some((x) => x.field.endsWith('.lengthM'))
  const sizes = new Map(c.harness.loom!.wires.map((w) => [w.id, w.size]))
  const spools = new Map<string, { words: string; colour: string; lengthM: number; sectionM2: number }>()
  for (const r of a.route.routes) {
    const circuit = a.circuits.get(r.id)!
    // Leads of a kit are there; what they lack is bought.
    const kit = a.input.circuits.find((x) => x.id === r.id)?.kit
    const lengthM = r.wireM === null ? 0 : kit ? (r.shortfallM ?? 0) : r.wireM
    if (lengthM === 0) continue
    const size = wireSizeOf(sizes.get(r.id) ?? circuit.size)
    const key = `${size.id} ${circuit.colour}`
    const own = spools.get(key) ?? { words: size.words, colour: circuit.colour, lengthM: 0, sectionM2: size.sectionM2 }
    own.lengthM += lengthM
    spools.set(key, own)
  }
  const wires = wireListOf(c)
  const bought = cutOfLoom(c)
  const boughtM = new Map(bought.spools.map((s) => [s.key, s.packing.boughtM]))
  const tally = new Map<string, number>()
  for (const w of wires)
    for (const end of w.kit ? [] : [w.fromWork, w.toWork]) {
      // Wires of a splice share one crimp, counted below.
      if (end.termination !== 'splice') tally.set(end.terminal, (tally.get(end.terminal) ?? 0) + 1)
      if (end.seal !== null) tally.set(end.seal, (tally.get(end.seal) ?? 0) + 1)
    }
  const splices = spliceSpots(c).length
  const sleeved = new Map<number, number>()
  if (coveringOf(c).kind === 'braid' || coveringOf(c).kind === 'conduit')
    for (const b of bundlesOfLoom(c))
      if (b.sleeveM !== null) sleeved.set(b.sleeveM, (sleeved.get(b.sleeveM) ?? 0) + b.lengthM)
  const sleeves = a.input.corridors.filter(
    (e) => e.temperatureK >= SLEEVE_FROM_K && a.route.bundles.some((b) => b.corridor === e.id),
  )
  const used = new Set(a.route.bundles.map((b) => wholeCorridor(b.corridor)))
  const clips = c.plan.corridors
    .filter((x) => used.has(x.id) && x.lengthM !== null)
    .reduce((sum, x) => sum + Math.ceil(x.lengthM! / Math.min(MOST_CLIP_M, x.clipM)), 0)
  const grommets = c.plan.corridors.filter((x) => used.has(x.id) && x.panel !== 'none' && x.boreM !== null)
  return [
    ...[...spools.entries()]
      .sort(([, x], [, y]) => y.sectionM2 - x.sectionM2 || x.colour.localeCompare(y.colour))
      .map(([key, s]) => ({
        id: `wire-${key.replaceAll(' ', '-')}`,
        what: 'Wire',
        name: `${s.words}, ${s.colour}`,
        quantity: bought.spoolAssumed
          ? fig(s.lengthM * WASTE, 'distance', 1)
          : fig(boughtM.get(key) ?? 0, 'distance', 1),
        specification: say`thin-wall, cross-linked, 125 °C`,
        why: bought.spoolAssumed ? 'accepted loom, and a tenth over' : 'cut list, in the lengths that it is bought in',
        assumed,
      })),
    ...[...tally]
      .sort(([x], [y]) => (x < y ? -1 : 1))
      .map(([name, many]) => ({
        id: name.replace(/[^a-z0-9]+/gi, '-').toLowerCase(),
        what: name.startsWith('seal') || name.startsWith('no single') ? 'Seal' : 'Terminal',
        name: name.charAt(0).toUpperCase() + name.slice(1),
        quantity: fig(Math.ceil(many * WASTE), 'count'),
        specification: say`to fit the plug or stud: look into its sheet`,
        why: 'wire list, and a tenth over',
        assumed: true,
      })),
    ...(splices === 0
      ? []
      : [
          {
            id: 'splice-crimps',
            what: 'Splice',
            name: 'Splice crimps with lined heat-shrink',
            quantity: fig(splices, 'count'),
            specification: say`by the wires that meet in each`,
            why: 'splices of the loom',
            assumed: false,
          },
        ]),
    ...[...sleeved]
      .sort(([x], [y]) => x - y)
      .map(([sleeveM, lengthM]) => ({
        id: `sleeve-${(sleeveM * 1e3).toFixed(0)}`,
        what: 'Sleeve',
        name: coveringOf(c).kind === 'braid' ? 'Braided sleeve' : 'Split conduit',
        quantity: fig(lengthM * WASTE, 'distance', 1),
        specification: say`nominal ${fig(sleeveM, 'bore', 0)}`,
        why: 'bundles by their diameter, and a tenth over',
        assumed,
      })),
    ...(sleeves.length === 0
      ? []
      : [
          {
            id: 'heat-sleeve',
            what: 'Heat sleeve',
            name: 'Heat sleeve',
            quantity: fig(sleeves.reduce((sum, e) => sum + e.lengthM, 0) * WASTE, 'distance', 1),
            specification: say`glass or aramid, over the whole bundle`,
            why: 'corridors from 100 °C on',
            assumed,
          },
        ]),
    ...grommets.map((x) => ({
      id: `grommet-${x.id}`,
      what: 'Grommet',
      name: `Grommet, ${x.name.toLowerCase()}`,
      quantity: fig(1, 'count'),
      specification: say`bore ${fig(x.boreM!, 'bore', 0)}`,
      why: 'holes that the loom takes',
      assumed: x.assumed.includes('boreM'),
    })),
    ...(c.harness.design.roadSpeed === 'adapter'
      ? [
          {
            id: 'road-speed-adapter',
            what: 'Adapter',
            name: 'Road-speed adapter for the old drive',
            quantity: fig(1, 'count'),
            specification:
              c.harness.design.pulsesPerRev === null
                ? say`pulses per turn not known yet`
                : say`${fig(c.harness.design.pulsesPerRev, 'count')} pulses per turn`,
            why: 'the ECU wants road speed',
            assumed: c.harness.design.pulsesPerRev === null,
          },
        ]
      : []),
    {
      id: 'clips',
      what: 'Clips',
      name: 'Clips with a stud or a screw',
      quantity: fig(clips, 'count'),
      specification: say`lined, for the bundle’s diameter`,
      why: 'every 200 to 300 mm along the loom',
      assumed: true,
    },
  ]
}
