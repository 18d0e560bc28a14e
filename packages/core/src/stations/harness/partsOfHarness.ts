import type { PartLine } from '../../parts/index.ts'
import { wireSizeOf } from '../../parts/index.ts'
import { fig, say } from '../../verdict/index.ts'
import type { HarnessCase } from './harnessCase.ts'
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
  const sleeves = a.input.corridors.filter(
    (e) => e.temperatureK >= 373.15 && a.route.bundles.some((b) => b.corridor === e.id),
  )
  const used = new Set(a.route.bundles.map((b) => wholeCorridor(b.corridor)))
  const clips = c.plan.corridors
    .filter((x) => used.has(x.id) && x.lengthM !== null)
    .reduce((sum, x) => sum + Math.ceil(x.lengthM! / Math.min(0.3, x.clipM)), 0)
  const grommets = c.plan.corridors.filter((x) => used.has(x.id) && x.panel !== 'none' && x.boreM !== null)
  return [
    ...[...spools.entries()]
      .sort(([, x], [, y]) => y.sectionM2 - x.sectionM2 || x.colour.localeCompare(y.colour))
      .map(([key, s]) => ({
        id: `wire-${key.replaceAll(' ', '-')}`,
        what: 'Wire',
        name: `${s.words}, ${s.colour}`,
        quantity: fig(s.lengthM * WASTE, 'distance', 1),
        specification: say`thin-wall, cross-linked, 125 °C`,
        why: 'accepted loom, and a tenth over',
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
