import { type LineName } from '../../sections/index.ts'
import type { FittingPart, HosePart } from '../../parts/index.ts'
import { fig, say, type Sentence } from '../../verdict/index.ts'

/** What a line may see: the pump's shut-off pressure at the highest voltage with the way on closed. */
export interface LineLoad {
  readonly line: LineName
  /** Null: nobody can say what this pump reaches. */
  readonly mostPa: number | null
  readonly ethanolShare: number
}

/** What a tank may stand under. */
export const OPEN_PA = 20e3
/** The return only sees the pump's pressure when it is itself the blockage. */
const mayBeWeaker = (line: LineName) => line === 'return'

export interface Unfit {
  readonly state: 'stop' | 'caution'
  readonly why: Sentence
}

/** Why a hose or tube may not carry this line, or null where it may. The worst reason first. */
export const hoseUnfit = (hose: HosePart, load: LineLoad): Unfit | null => {
  const { mostPa } = load
  if (hose.mostEthanolShare < load.ethanolShare)
    return {
      state: 'stop',
      why: say`${hose.name} is rated for ${fig(hose.mostEthanolShare, 'share')} ethanol and the fuel contains ${fig(load.ethanolShare, 'share')}: the liner swells and leaks.`,
    }
  if (mostPa === null) return { state: 'stop', why: reachNotKnown(`${hose.name} is rated`, hose.mostPressurePa) }
  if (hose.mostPressurePa < mostPa)
    return {
      state: mayBeWeaker(load.line) ? 'caution' : 'stop',
      why: say`${hose.name} is rated ${fig(hose.mostPressurePa, 'pressure')} and this line can see ${fig(mostPa, 'pressure')}: old low-pressure hose bursts.`,
    }
  if (hose.kind === 'lined-hose' && hose.conductive === false)
    return {
      state: 'stop',
      why: say`The liner of ${hose.name} does not conduct: flowing fuel charges it until a spark punctures it. Use one with a conductive liner.`,
    }
  return null
}

const reachNotKnown = (stands: string, mostPressurePa: number): Sentence =>
  say`${stands} ${fig(mostPressurePa, 'pressure')}, but this pump’s shut-off pressure is not known: a roller or gerotor pump builds pressure until something gives. Enter its relief valve in the catalogue, or fit one and enter its figure.`

/** Why a fitting does not go on a hose or under this load, or null. */
export const fittingUnfit = (fitting: FittingPart, hose: HosePart, load: LineLoad): Unfit | null => {
  if (!fitting.fits.includes(hose.kind))
    return { state: 'stop', why: say`${fitting.name} is not made for ${KIND_WORDS[hose.kind]}: it will not stay on.` }
  if (hose.dash !== null && fitting.dash !== hose.dash)
    return {
      state: 'stop',
      why: say`${fitting.name} is of size dash ${String(fitting.dash)} and ${hose.name} of dash ${String(hose.dash)}.`,
    }
  if (load.mostPa === null)
    return { state: 'stop', why: reachNotKnown(`${fitting.name} is rated`, fitting.mostPressurePa) }
  if (fitting.mostPressurePa < load.mostPa)
    return {
      state: mayBeWeaker(load.line) ? 'caution' : 'stop',
      why: say`${fitting.name} is rated ${fig(fitting.mostPressurePa, 'pressure')} and this line can see ${fig(load.mostPa, 'pressure')}.${fitting.make === 'barb-and-clamp' ? ' A barb with a hose clip is not fit for injection pressure.' : ''}`,
    }
  return null
}

export const KIND_WORDS: Readonly<Record<HosePart['kind'], string>> = {
  rubber: 'rubber hose',
  'lined-hose': 'lined hose',
  'hard-tube': 'hard tube',
}
