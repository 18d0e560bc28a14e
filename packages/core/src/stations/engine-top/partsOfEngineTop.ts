import type { PartLine } from '../../parts/index.ts'
import { fig, say } from '../../verdict/index.ts'
import type { EngineTopCase } from './engineTopCase.ts'
import { partsOfPlaces } from './partsOfPlaces.ts'

/** What must be bought for the engine top as it is entered. */
export const partsOfEngineTop = (c: EngineTopCase): PartLine[] => {
  const { entry } = c.stack
  const pieces = entry.pieces.filter((p) => p.heightM !== null)
  const gaskets = entry.pieces.filter((p) => p.kind === 'gasket')
  const spacers = pieces.filter((p) => p.kind === 'spacer')
  const on = entry.cleaner === 'on-top'
  const elementM = entry.elementM
  const heightM = c.stack.elementHeightM
  const bolts = c.bolts.flatMap((b): PartLine[] => {
    const fit = b.toBuy?.fit
    const atHand = b.group.lengthM !== null && b.answer?.fit && !b.answer.fit.bottoms && !b.answer.fit.short
    if (!fit || !b.thread || atHand) return []
    return [
      {
        id: `bolt-${b.group.id}`,
        what: 'bolt',
        name: `Bolts, ${b.group.name.toLowerCase()}`,
        quantity: fig(b.group.many, 'count'),
        specification: say`${b.thread.name}, ${fig(fit.lengthM, 'bore', 1)} under the head, ${b.group.strength ?? ''}`,
        why: 'engagement by material, longest that does not bottom',
        assumed: false,
      },
    ]
  })
  const sealants = new Set(c.bolts.flatMap((b) => (b.answer?.sealant ? [b.answer.sealant] : [])))
  const blanks = c.off.filter((p) => entry.off.find((o) => o.id === p.id)?.fate === 'blanked')
  return [
    ...(gaskets.length > 0
      ? [
          {
            id: 'gaskets',
            what: 'gasket',
            name: 'Gaskets of the stack',
            quantity: fig(gaskets.length, 'count'),
            specification: say`by the patterns of manifold, spacer and throttle body`,
            why: 'a used gasket leaks air',
            assumed: false,
          },
        ]
      : []),
    ...spacers.map((p) => ({
      id: `spacer-${p.id}`,
      what: 'spacer',
      name: 'Spacer under the throttle body',
      quantity: fig(1, 'count'),
      specification: say`${fig(p.heightM!, 'bore', 0)} high${c.top.manifold.divider === 'spacer' ? ', open' : ''}`,
      why: c.top.manifold.divider === 'spacer' ? 'space above the divider' : 'as entered in the stack',
      assumed: false,
    })),
    ...(elementM !== null && heightM !== null
      ? [
          {
            id: 'element',
            what: 'air cleaner',
            name: on ? 'Air cleaner element' : 'Remote air cleaner, with duct and elbow',
            quantity: fig(1, 'count'),
            specification: say`${fig(elementM, 'bore', 0)} across, ${fig(heightM, 'bore', 0)} high, or as much face area in another shape`,
            why: 'face velocity at full power',
            assumed: false,
          },
        ]
      : []),
    ...bolts,
    ...[...sealants].map((s) => ({
      id: s.startsWith('thread sealant that bears coolant') ? 'sealant-coolant' : s.includes('oil') ? 'sealant-oil' : 'sealant-petrol',
      what: 'sealant',
      name: s.charAt(0).toUpperCase() + s.slice(1).split(';')[0]!,
      quantity: fig(1, 'count'),
      specification: say`tube`,
      why: 'holes that open into it',
      assumed: false,
    })),
    ...(blanks.length > 0
      ? [
          {
            id: 'blanks',
            what: 'blank',
            name: 'Blanking plates with gaskets',
            quantity: fig(blanks.length, 'count'),
            specification: say`${blanks.map((p) => p.name).join(', ')}; painted before they go on`,
            why: 'holes of parts that come off',
            assumed: false,
          },
        ]
      : []),
    ...(c.top.throttle.springs !== null && c.top.throttle.springs < 2
      ? [
          {
            id: 'springs',
            what: 'spring',
            name: 'Return spring for the throttle',
            quantity: fig(2 - c.top.throttle.springs, 'count'),
            specification: say`strong enough to close the plate alone, with ends of its own`,
            why: 'springs break: two are wanted',
            assumed: false,
          },
        ]
      : []),
    ...partsOfPlaces(c),
  ]
} // prettier-ignore
