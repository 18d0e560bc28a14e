import type { JobDocument } from '../job/index.ts'
import { USUAL_COUNTS, type LineCount, type LineDesign, type Station } from '../sections/index.ts'
import { pumpVolts, type PumpVolts } from '../power/index.ts'
import { SUPPLY_USES, supplyOfJob } from './supplyOfJob.ts'
import { assumed, computed, entered, type FigureRule, type Source } from './figureRule.ts'

const FUEL: readonly Station[] = ['fuel']
const own = (path: string): Source<number> => entered(path)
const simple = (path: string, value: number, why: string): FigureRule<number> => ({
  usedBy: FUEL,
  sources: [own(path), assumed(why, value)],
})

/** Length of a line: of its legs where there are some, null while one of them is not measured. */
const legsM = (line: LineDesign): number | null =>
  line.legs.length === 0
    ? null
    : line.legs.reduce<number | null>(
        (sum, leg) => (sum === null || leg.lengthM === null ? null : sum + leg.lengthM),
        0,
      )
/** A line that has legs is as long as they are: what stands at its own length counts no more. */
const lengthOf = (line: 'feed' | 'return'): Source<number>[] => [
  computed<number>('sum of its legs', [], (j) => legsM(j.fuel[line])),
  {
    ...own(`fuel.${line}.lengthM`),
    read: (j: JobDocument) => (j.fuel[line].legs.length > 0 ? null : j.fuel[line].lengthM),
  },
]
/** A single line has nothing that comes back. */
const noReturn = computed<number>('returnless: none', ['fuel.systemType'], (_, given) =>
  given.word('fuel.systemType') === 'return' ? null : 0,
)

/**
 * Whether a count of the whole line matters: legs have fittings and bends of their own, but those whose bends nobody
 * counted share the bends of the line.
 */
const countMatters = (design: LineDesign, name: LineCount): boolean =>
  design.legs.length === 0 || (name !== 'connectors' && design.legs.some((leg) => leg[name] === null))

const counted = <L extends 'feed' | 'return'>(line: L) => {
  const rule = (name: LineCount): FigureRule<number> => ({
    usedBy: FUEL,
    matters: (j, find) => countMatters(j.fuel[line], name) && (line === 'feed' || find('fuel.systemType') === 'return'),
    sources: [own(`fuel.${line}.${name}`), assumed('a typical line', USUAL_COUNTS[name])],
  })
  return {
    [`fuel.${line}.bends90`]: rule('bends90'),
    [`fuel.${line}.bends45`]: rule('bends45'),
    [`fuel.${line}.connectors`]: rule('connectors'),
  } as Record<`fuel.${L}.${LineCount}`, FigureRule<number>>
}

/** No pump turns on less, and no battery charges on more, V. */
const [LEAST_V, MOST_V] = [6, 16]

/** Volts at the pump from the solved supply of the car; assumed as long as nobody has measured its feed. */
const fromNetwork = (which: keyof PumpVolts, when: string): FigureRule<number> => {
  const read: Source<number>['read'] = (j, given) =>
    Math.min(MOST_V, Math.max(LEAST_V, pumpVolts(supplyOfJob(j, (id) => given.number(id)))[which]))
  return {
    usedBy: FUEL,
    sources: [
      own(`fuel.${which}`),
      {
        ...computed<number>(`by the solved supply, ${when}`, SUPPLY_USES, (j, given) =>
          j.power.wires.pumpFeed.lengthM === null ? null : read(j, given),
        ),
        from: 'power',
      },
      assumed(`by the solved supply, ${when}; length of the pump feed not measured`, read, SUPPLY_USES),
    ],
  }
}

/** What the fuel station computes its circuit with, in the order a person would measure it. */
export const FUEL_FIGURES = {
  'fuel.ethanolShare': {
    usedBy: ['walkAround', 'fuel', 'exhaust'],
    sources: [own('fuel.ethanolShare'), assumed('pump petrol; have it tested', 0.1)],
  },
  'fuel.fuelTemperatureK': {
    usedBy: ['walkAround', 'fuel'],
    sources: [own('fuel.fuelTemperatureK'), assumed('a warm tank', 303.15)],
  },
  'fuel.setPressurePa': {
    usedBy: ['fuel', 'power'],
    sources: [
      own('fuel.setPressurePa'),
      assumed(
        'usual for the chosen system and injector location',
        (j, given) =>
          given.word('fuel.injectionPlace') === 'port'
            ? 300e3
            : j.system.chosen?.injection === 'throttle-body-high'
              ? 400e3
              : 100e3,
        ['fuel.injectionPlace'],
      ),
    ],
  },
  'fuel.feed.lengthM': { usedBy: FUEL, sources: [...lengthOf('feed'), assumed('tank at the back', 4)] },
  'fuel.feed.riseM': simple('fuel.feed.riseM', 0.4, 'tank under the floor'),
  ...counted('feed'),
  'fuel.return.lengthM': {
    usedBy: FUEL,
    sources: [
      noReturn,
      ...lengthOf('return'),
      assumed('as the feed', (_, given) => given.number('fuel.feed.lengthM'), ['fuel.feed.lengthM']),
    ],
  },
  'fuel.return.riseM': {
    usedBy: FUEL,
    sources: [
      noReturn,
      own('fuel.return.riseM'),
      assumed('the feed the other way', (_, given) => -given.number('fuel.feed.riseM'), ['fuel.feed.riseM']),
    ],
  },
  ...counted('return'),
  'fuel.injectorCount': {
    usedBy: ['fuel', 'power', 'harness'],
    sources: [
      own('fuel.injectorCount'),
      assumed(
        'one per cylinder, or four on a throttle body',
        (_, given) => (given.word('fuel.injectionPlace') === 'port' ? given.number('vehicle.cylinders') : 4),
        ['fuel.injectionPlace', 'vehicle.cylinders'],
      ),
    ],
  },
  'fuel.openingsPerCycle': {
    usedBy: FUEL,
    sources: [
      own('fuel.openingsPerCycle'),
      assumed('sequential one, batch two per cycle', (j) => (j.system.chosen?.firing === 'sequential' ? 1 : 2)),
    ],
  },
  'fuel.lowV': fromNetwork('lowV', 'idling at night in rain'),
  'fuel.runningV': fromNetwork('runningV', 'at full load'),
  'fuel.highV': fromNetwork('highV', 'at full load, regulator cold'),
} satisfies Record<string, FigureRule<number>>
