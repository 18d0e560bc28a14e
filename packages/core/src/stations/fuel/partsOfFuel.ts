import type { FuelDesign } from './fuelDesign.ts'
import type { PartLine } from '../../parts/index.ts'
import { LINE_NAMES, type LineName } from '../../sections/index.ts'
import type { Part } from '../../parts/index.ts'
import { fig, say, type Figure, type Sentence } from '../../verdict/index.ts'
import { cutListOf } from './linesOfJob.ts'
import { piecesOfLine } from './linesOfJob.ts'
import { HEAT_GAP_M } from '../../fuel/lines/legs.ts'
import { linesInUse } from './linesOfJob.ts'
import { lengthOfLine } from './lineOfDesign.ts'

const line = (
  id: string,
  what: string,
  name: string,
  quantity: Figure,
  specification: Sentence,
  why: string,
  assumed = false,
): PartLine => ({ id, what, name, quantity, specification, why, assumed })

const one = (n = 1): Figure => fig(n, 'count')

const mainParts = (design: FuelDesign): PartLine[] => {
  const { fuel } = design
  const part = <P extends Part>(
    id: string,
    value: P | null,
    quantity: Figure,
    spec: (p: P) => Sentence,
    why: string,
    assumed = false,
  ): PartLine[] => (value ? [line(id, id, value.name, quantity, spec(value), why, assumed)] : [])
  return [
    ...part(
      'strainer',
      fuel.strainer,
      one(fuel.pumpCount),
      (f) => say`${fig(f.finenessM * 1e6, 'count')} micron, before the pump`,
      'keeps grit from the pump',
    ),
    ...part(
      'pump',
      fuel.pump,
      one(fuel.pumpCount),
      (p) => say`${p.mount}, must maintain ${fig(design.figure('fuel.setPressurePa'), 'pressure')}`,
      design.sizedForLater()
        ? 'demand at the planned power, with a 15 % reserve'
        : 'demand at full load with a 15 % reserve',
    ),
    ...part(
      'fine filter',
      fuel.filter,
      one(),
      (f) =>
        say`${fig(f.finenessM * 1e6, 'count')} micron, ${fuel.filterPosition === 'after-regulator' ? 'after the regulator' : 'after the pump'}${f.directional ? ', arrow towards the engine' : ''}`,
      'keeps dust from the injectors',
    ),
    ...part(
      'regulator',
      fuel.regulator,
      one(),
      (r) =>
        say`${r.type === 'return' ? 'at the engine' : 'at the tank'}, set to ${fig(design.figure('fuel.setPressurePa'), 'pressure')}${fuel.referenced ? ', hose to the manifold' : ''}`,
      'set pressure, and all the pump delivers with the engine using none',
    ),
    ...part(
      'injectors',
      fuel.injector,
      fig(design.figure('fuel.injectorCount'), 'count'),
      (i) => say`${fig(i.ratedFlowM3S, 'volumeFlow')} at ${fig(i.ratedPressurePa, 'pressure')}`,
      'duty at full load, pulse width at idle',
      fuel.injectorCount === null,
    ),
  ]
}

const LINE_WORDS: Readonly<Record<LineName, string>> = {
  feed: 'feed line',
  return: 'return line',
  suction: 'suction line',
  vent: 'vent line',
}

/** Lines in one figure, where they are not described leg by leg. */
const plainLines = (design: FuelDesign): PartLine[] =>
  linesInUse(design).flatMap((name) => {
    const { hose, legs, lengthM } = design.fuel[name]
    return hose && legs.length === 0 && design.fuel.oldLine.keeps !== name
      ? [
          line(
            LINE_WORDS[name],
            LINE_WORDS[name],
            hose.name,
            fig(lengthOfLine(design, name), 'distance'),
            say`bore ${fig(hose.boreM, 'bore')}, by the metre`,
            'its length',
            lengthM === null,
          ),
        ]
      : []
  })

/** Clips of lines in one figure, a hand's breadth more often than every half metre. Rule of thumb. */
const PLAIN_CLIP_M = 0.375

/** Ends and clips of lines that nobody has described leg by leg: two ends each, clips by their length. Assumed. */
const plainPieces = (design: FuelDesign): PartLine[] => {
  const plain = linesInUse(design).filter((name) => {
    const { hose, legs } = design.fuel[name]
    return hose !== null && legs.length === 0 && design.fuel.oldLine.keeps !== name
  })
  if (plain.length === 0) return []
  const names = plain.map((name) => LINE_WORDS[name])
  const clips = plain.reduce((n, name) => n + Math.ceil(lengthOfLine(design, name) / PLAIN_CLIP_M), 0)
  return [
    line(
      'plain ends',
      'hose ends',
      'Fittings for lines not described leg by leg',
      one(2 * plain.length),
      say`two each: ${names.join(', ')}; type and angle depend on the legs`,
      'the lines as entered',
      true,
    ),
    line(
      'plain clips',
      'clips',
      'Lined P-clip, lines not described leg by leg',
      one(clips),
      say`one every 300 to 450 mm`,
      'their length',
      true,
    ),
  ]
}

/** Hoses on the lengths they are sold in, ends, clips, sleeves and grommets of the lines described leg by leg. */
const legParts = (design: FuelDesign): PartLine[] => {
  const used = linesInUse(design)
  const pieces = LINE_NAMES.filter((l) => used.includes(l)).flatMap((l) => piecesOfLine(design, l))
  const list = cutListOf(design)
  const hoses = list.ok
    ? list.value.map(({ hose, key, packing, pieces: own, stockM }) =>
        line(
          `hose ${key}`,
          'hose or tube',
          hose.name,
          fig(packing.boughtM, 'distance'),
          say`${fig(packing.bars.length, 'count')} × ${fig(stockM, 'distance')} for ${fig(own.length, 'count')} pieces`,
          'the cut list',
          own.some((p) => p.assumed !== null),
        ),
      )
    : []
  const ends = new Map<string, { n: number; part: NonNullable<(typeof pieces)[0]['leg']['start']> }>()
  for (const end of pieces.flatMap((p) => [p.leg.start, p.leg.end])) {
    if (!end) continue
    const known = ends.get(end.id)
    ends.set(end.id, { part: end, n: (known?.n ?? 0) + 1 })
  }
  const sum = (of: (p: (typeof pieces)[0]) => number) => pieces.reduce((n, p) => n + of(p), 0)
  const [clips, sleeveM, grommets] = [sum((p) => p.clips), sum((p) => p.sleeveM), sum((p) => p.grommets)]
  return [
    ...hoses,
    ...[...ends.values()].map(({ n, part }) =>
      line(
        `end ${part.id}`,
        'hose end',
        part.name,
        one(n),
        say`${fig(part.angleDeg, 'angle')}, ${part.thread}`,
        'fittings of the legs',
      ),
    ),
    ...(clips > 0
      ? [
          line(
            'clips',
            'clips',
            'Lined P-clip',
            one(clips),
            say`one every 300 to 450 mm`,
            'lengths clipped to the body',
          ),
        ]
      : []),
    ...(sleeveM > 0
      ? [
          line(
            'sleeve',
            'heat sleeve',
            'Heat sleeve for hose',
            fig(sleeveM, 'distance'),
            say`closer than ${fig(HEAT_GAP_M, 'bore')} to the exhaust`,
            'distance from the exhaust',
          ),
        ]
      : []),
    ...(grommets > 0
      ? [
          line(
            'grommets',
            'grommets',
            'Rubber grommet',
            one(grommets),
            say`one in each panel passed through`,
            'panels passed through',
          ),
        ]
      : []),
  ]
}

const safetyParts = (design: FuelDesign): PartLine[] => {
  if (!design.fuel.pump) return []
  const { inertiaSwitch } = design.fuel.safety
  return [
    ...(inertiaSwitch !== true
      ? [
          line(
            'inertia switch',
            'inertia switch',
            'Inertia switch',
            one(),
            say`in the pump relay coil feed`,
            'cuts the pump after a crash',
          ),
        ]
      : []),
    ...(design.fuel.tank.rollOverValve === false
      ? [
          line(
            'roll-over valve',
            'roll-over valve',
            'Roll-over valve',
            one(),
            say`in the vent`,
            'keeps fuel in if the car ends up on its roof',
          ),
        ]
      : []),
    ...(design.inTank
      ? [
          line(
            'hat seal',
            'seal of the hat',
            'Fuel-proof gasket and studs',
            one(),
            say`for the module’s hole`,
            'the hole in the tank',
          ),
        ]
      : []),
    ...(design.loop === 'return' && design.fuel.referenced && !design.referenceAtEngineTop
      ? [
          line(
            'reference hose',
            'reference hose',
            'Vacuum hose',
            fig(0.5, 'distance'),
            say`regulator to manifold, as short as possible`,
            'regulator follows the manifold',
            true,
          ),
        ]
      : []),
  ]
}

/** The parts that follow from the fuel design as it stands, in the order of the flow. Lines that are kept are not in it. */
export const partsOfFuel = (design: FuelDesign): PartLine[] => [
  ...mainParts(design),
  ...plainLines(design),
  ...legParts(design),
  ...plainPieces(design),
  ...safetyParts(design),
]
