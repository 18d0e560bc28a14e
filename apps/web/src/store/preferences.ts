import { UNITS, unitOf, type Family, type Unit } from '@lochmoor/core'
import { create } from 'zustand'
import { persist } from 'zustand/middleware'

export type Theme = 'light' | 'dark'

interface Preferences {
  /** Unit id by family; a family not in it shows its first unit. */
  readonly units: Partial<Record<Family, string>>
  /** Null follows the machine. */
  readonly theme: Theme | null
}

const CUSTOMARY: Partial<Record<Family, string>> = {
  pressure: 'psi',
  volumeFlow: 'usgal/h',
  bore: 'in',
  distance: 'ft',
  temperature: '°F',
  power: 'hp',
  displacement: 'cuin',
}

/** Kept in this browser; per person once there are accounts. */
export const usePreferences = create<Preferences>()(
  persist((): Preferences => ({ units: {}, theme: null }), { name: 'lochmoor-preferences' }),
)

export const setUnit = (family: Family, id: string): void => {
  usePreferences.setState((s) => ({ units: { ...s.units, [family]: id } }))
}
export const setUnitSystem = (system: 'metric' | 'customary'): void => {
  usePreferences.setState({ units: system === 'metric' ? {} : CUSTOMARY })
}
export const setTheme = (theme: Theme): void => {
  usePreferences.setState({ theme })
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
  ] as const
)
  .map(([family, name]) => ({ family, name }))
  .filter(({ family }) => UNITS[family].length > 1)
