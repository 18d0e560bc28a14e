import { fig, say, worstFirst, type Figure, type Sentence, type VerdictState, plain } from '../../verdict/index.ts'
import type { ShutOff } from '../../fuel/shutOff.ts'
import { reachOf } from './linesOfJob.ts'
import type { FuelCase, FuelVerdict } from './solvedPoint.ts'
import { pluralOf } from '../../words/index.ts'

/** What the most that a pump reaches follows from, in a sentence. */
export const reachWords = ({ by, kindKnown }: ShutOff): string =>
  by === 'relief-valve'
    ? 'its relief valve opens there'
    : `${by === 'voltage-squared' ? 'data-sheet figure times voltage squared, an upper estimate' : 'by its data sheet'}${kindKnown ? '' : ', if it is a turbine pump: its data sheet does not say'}`

export const reachSource = ({ by }: ShutOff): string =>
  ({
    sheet: 'pump tables at the highest voltage',
    'voltage-squared': 'pump table, its shut-off pressure as the voltage squared: upper estimate',
    'relief-valve': 'relief valve of the pump',
    'not-known': 'the pump’s data sheet',
  })[by]

interface Bearer {
  readonly what: string
  readonly name: string
  readonly mostPa: number | null
  /** A gauge that is too small breaks; nothing else of the circuit does. */
  readonly weak: VerdictState
  readonly cure: string
}

/** Fine filter, regulator and gauge against what the pump reaches with the way on closed. */
export const judgeReach = ({ design }: FuelCase): FuelVerdict | null => {
  const reach = reachOf(design)
  if (!reach) return null
  const { filter, regulator, gaugeMostPa } = design.fuel
  const bearers: Bearer[] = [
    ...(filter
      ? [
          {
            what: 'filter',
            name: filter.name,
            mostPa: filter.mostPressurePa,
            weak: 'stop',
            cure: 'it bursts or its seam opens',
          } as const,
        ]
      : []),
    ...(regulator
      ? [
          {
            what: 'regulator',
            name: regulator.name,
            mostPa: regulator.mostPressurePa,
            weak: 'stop',
            cure: 'its diaphragm tears',
          } as const,
        ]
      : []),
    ...(gaugeMostPa === null
      ? []
      : [
          {
            what: 'gauge',
            name: 'The gauge',
            mostPa: gaugeMostPa,
            weak: 'caution',
            cure: 'use one with a higher scale',
          } as const,
        ]),
  ]
  const base = {
    ...plain,
    id: 'reach',
    title: 'Filter, regulator and gauge against pump shut-off',
    figureName: 'shut-off pressure, maximum',
    figure: reach.mostPa === null ? null : fig(reach.mostPa, 'pressure'),
    source: `${reachSource(reach)}; makers’ ratings`,
  }
  if (reach.mostPa === null)
    return {
      ...base,
      title: 'Pump shut-off pressure not known',
      state: 'stop',
      reason: say`With the line closed a roller or gerotor pump builds pressure until something gives, and the data sheet of ${design.fuel.pump!.name} gives no relief valve. Enter it in the catalogue, or fit one and enter its figure.`,
    }
  if (bearers.length === 0) return null
  const { mostPa } = reach
  const found = worstFirst(
    bearers.map((b): Bearer & { readonly state: VerdictState; readonly why: Sentence } => ({
      ...b,
      state: b.mostPa === null ? 'unknown' : b.mostPa < mostPa ? b.weak : reach.kindKnown ? 'ok' : 'unknown',
      why:
        b.mostPa === null
          ? say`The data sheet of ${b.name} gives no pressure rating; with the line closed it can see ${fig(mostPa, 'pressure')} (${reachWords(reach)}). Ask the maker and enter it in the catalogue.`
          : b.mostPa < mostPa
            ? say`${b.name} ${b.what === 'gauge' ? 'reads up to' : 'is rated'} ${fig(b.mostPa, 'pressure')} and can see ${fig(mostPa, 'pressure')} (${reachWords(reach)}): ${b.cure}.`
            : say`With the line closed at ${fig(design.figure('fuel.highV'), 'voltage')} ${wordsOf(bearers)} the most the pump can build: ${reachWords(reach)}.`,
    })),
  )
  const [worst] = found
  const limit: Figure | null = worst!.mostPa === null ? null : fig(worst!.mostPa, 'pressure')
  return {
    ...base,
    title:
      worst!.state === 'stop' || worst!.state === 'caution'
        ? `The ${worst!.what} will not take pump shut-off pressure`
        : base.title,
    state: worst!.state,
    limitName: worst!.mostPa === null ? '' : `the ${worst!.what}`,
    limit,
    margin: worst!.mostPa === null ? null : fig(worst!.mostPa - mostPa, 'pressure'),
    reason: worst!.why,
  }
}

const wordsOf = (bearers: readonly Bearer[]): string => {
  const names = bearers.map((b) => b.what)
  const list = names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : names[0]!
  return `${list} ${pluralOf(names.length, 'takes', 'take')}`
}
