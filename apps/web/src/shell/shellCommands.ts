import { useCallback } from 'react'
import { useNavigate } from 'react-router'
import { useCommands, type PaletteCommand } from '../palette/paletteStore.ts'
import {
  currentEnglish,
  PRESET_NAMES,
  setEnglish,
  setTheme,
  setUnitPreset,
  UNIT_PRESETS,
  type Theme,
  type UnitPreset,
} from '../store/preferences.ts'

/** Commands that every screen has. */
export const useShellCommands = (applied: Theme): void => {
  const navigate = useNavigate()
  const source = useCallback((): PaletteCommand[] => {
    const english = currentEnglish()
    const other = applied === 'dark' ? 'light' : 'dark'
    return [
      { id: 'jobs', group: 'Go', label: 'To the list of jobs', run: () => void navigate('/jobs') },
      {
        id: 'catalogue',
        group: 'Go',
        label: 'To the catalogue of parts',
        run: () => void navigate('/catalogue'),
      },
      ...(Object.keys(UNIT_PRESETS) as UnitPreset[]).map((preset) => ({
        id: `units-${preset}`,
        group: 'Units and look',
        label: `${PRESET_NAMES[preset]} units`,
        run: () => setUnitPreset(preset),
      })),
      {
        id: 'english',
        group: 'Units and look',
        label: `Read ${english === 'british' ? 'American' : 'British'} English`,
        run: () => setEnglish(english === 'british' ? 'american' : 'british'),
      },
      { id: 'theme', group: 'Units and look', label: `Change to the ${other} theme`, run: () => setTheme(other) },
    ]
  }, [applied, navigate])
  useCommands('shell', source)
}
