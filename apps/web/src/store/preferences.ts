import { englishOf, UNITS, unitOf, type English, type Family, type Unit } from '@lochmoor/core'
import { create } from 'zustand'
import { persist } from 'zustand/middleware'

export type Theme = 'light' | 'dark'

interface Preferences {
  /** Unit id by family; a family not in it shows its first unit. */
  readonly units: Partial<Record<Family, string>>
  /** Null follows the machine. */
  readonly theme: Theme | null
  /** Null follows the browser's language. */
  readonly english: English | null
  /** The person whose choice has not reached the server yet. */
  readonly unsentBy: string | null
}

/** Units as they go together; a family not in one shows its first unit, which is metric. Gallons are never mixed. */
export const UNIT_PRESETS = {
  metric: {},
  british: {
    pressure: 'psi',
    vacuum: 'inHg',
    compression: 'psi',
    volumeFlow: 'impgal/h',
    bore: 'in',
    distance: 'ft',
    power: 'hp',
    displacement: 'cc',
    mass: 'lb',
    volume: 'impgal',
    massFlow: 'lb/min',
    torque: 'lbfft',
  },
  american: {
    pressure: 'psi',
    vacuum: 'inHg',
    compression: 'psi',
    volumeFlow: 'usgal/h',
    bore: 'in',
    distance: 'ft',
    temperature: '°F',
    power: 'hp',
    displacement: 'cuin',
    mass: 'lb',
    volume: 'usgal',
    massFlow: 'lb/min',
    torque: 'lbfft',
  },
} as const satisfies Record<string, Partial<Record<Family, string>>>
export type UnitPreset = keyof typeof UNIT_PRESETS
export const PRESET_NAMES: Readonly<Record<UnitPreset, string>> = {
  metric: 'Metric',
  british: 'British',
  american: 'American',
}

/** Of the person who sits here; kept in this browser too, for guests and for the time before signing in. */
export const usePreferences = create<Preferences>()(
  persist((): Preferences => ({ units: {}, theme: null, english: null, unsentBy: null }), {
    name: 'lochmoor-preferences',
  }),
)

let onChosen: () => void = () => undefined
/** Called with every choice of the person, to be kept with the account. */
export const whenChosen = (act: () => void): void => {
  onChosen = act
}
const choose = (change: Partial<Preferences>) => {
  usePreferences.setState(change)
  onChosen()
}
export const markUnsent = (unsentBy: string | null): void => {
  usePreferences.setState({ unsentBy })
}

export const setUnit = (family: Family, id: string): void =>
  choose({ units: { ...usePreferences.getState().units, [family]: id } })
export const setUnitPreset = (preset: UnitPreset): void => choose({ units: UNIT_PRESETS[preset] })
export const setTheme = (theme: Theme): void => choose({ theme })
export const setEnglish = (english: English): void => choose({ english })

const englishNow = ({ english }: Preferences): English => english ?? englishOf(navigator.language)
/** The English that this person reads: as chosen, else as the browser's language has it. */
export const useEnglish = (): English => usePreferences(englishNow)
export const currentEnglish = (): English => englishNow(usePreferences.getState())

/** What the person chose elsewhere; units that this version does not know show the family's first. */
export const adoptPreferences = (
  kept: Pick<Preferences, 'theme' | 'english'> & { readonly units: Readonly<Record<string, string>> },
): void => {
  usePreferences.setState({ units: kept.units, theme: kept.theme, english: kept.english })
}

/** The unit in which a family is shown to this person. */
export const useUnit = (family: Family): Unit => usePreferences((s) => unitOf(family, s.units[family]))
export const unitOfFamily = (units: Preferences['units'], family: Family): Unit => unitOf(family, units[family])

/** Families with more than one unit worth choosing, with the words people use for them. */
export const CHOOSABLE_FAMILIES: readonly { family: Family; name: string }[] = (
  [
    ['pressure', 'Fuel pressure, boost'],
    ['vacuum', 'Vacuum'],
    ['compression', 'Compression'],
    ['volumeFlow', 'Flow'],
    ['bore', 'Bores, small lengths'],
    ['distance', 'Lengths'],
    ['temperature', 'Temperature'],
    ['power', 'Power'],
    ['displacement', 'Displacement'],
    ['mass', 'Weight'],
    ['volume', 'Volume'],
    ['massFlow', 'Air flow'],
    ['torque', 'Torque'],
    ['age', 'Age'],
  ] as const
)
  .map(([family, name]) => ({ family, name }))
  .filter(({ family }) => UNITS[family].length > 1)
