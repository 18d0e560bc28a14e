import { UNITS, unitOf, type Family, type Unit } from '@lochmoor/core'
import { create } from 'zustand'
import { persist } from 'zustand/middleware'

export type Theme = 'light' | 'dark'

interface Preferences {
  /** Unit id by family; a family not in it shows its first unit. */
  readonly units: Partial<Record<Family, string>>
  /** Null follows the machine. */
  readonly theme: Theme | null
  /** The person whose choice has not reached the server yet. */
  readonly unsentBy: string | null
}

const CUSTOMARY: Partial<Record<Family, string>> = {
  pressure: 'psi',
  volumeFlow: 'usgal/h',
  bore: 'in',
  distance: 'ft',
  temperature: '°F',
  power: 'hp',
  displacement: 'cuin',
  mass: 'lb',
  volume: 'usgal',
  massFlow: 'lb/min',
}

/** Of the person who sits here; kept in this browser too, for guests and for the time before signing in. */
export const usePreferences = create<Preferences>()(
  persist((): Preferences => ({ units: {}, theme: null, unsentBy: null }), { name: 'lochmoor-preferences' }),
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
export const setUnitSystem = (system: 'metric' | 'customary'): void =>
  choose({ units: system === 'metric' ? {} : CUSTOMARY })
export const setTheme = (theme: Theme): void => choose({ theme })

/** What the person chose elsewhere; units that this version does not know show the family's first. */
export const adoptPreferences = (kept: { units: Readonly<Record<string, string>>; theme: Theme | null }): void => {
  usePreferences.setState({ units: kept.units, theme: kept.theme })
}

/** The unit in which a family is shown to this person. */
export const useUnit = (family: Family): Unit => usePreferences((s) => unitOf(family, s.units[family]))
export const unitOfFamily = (units: Preferences['units'], family: Family): Unit => unitOf(family, units[family])

/** Families with more than one unit worth choosing, with the words people use for them. */
export const CHOOSABLE_FAMILIES: readonly { family: Family; name: string }[] = (
  [
    ['pressure', 'Pressure'],
    ['volumeFlow', 'Flow'],
    ['bore', 'Bore'],
    ['distance', 'Length'],
    ['temperature', 'Temperature'],
    ['power', 'Power'],
    ['displacement', 'Displacement'],
    ['mass', 'Weight'],
    ['volume', 'Volume'],
    ['massFlow', 'Air flow'],
    ['age', 'Age'],
  ] as const
)
  .map(([family, name]) => ({ family, name }))
  .filter(({ family }) => UNITS[family].length > 1)
