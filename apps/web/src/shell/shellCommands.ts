import { useCallback } from 'react'
import { useNavigate } from 'react-router'
import { useCommands, type PaletteCommand } from '../palette/paletteStore.ts'
import { setTheme, setUnitSystem, type Theme } from '../store/preferences.ts'

/** Commands that every screen has. */
export const useShellCommands = (applied: Theme): void => {
  const navigate = useNavigate()
  const source = useCallback((): PaletteCommand[] => {
    const other = applied === 'dark' ? 'light' : 'dark'
    return [
      { id: 'jobs', group: 'Go', label: 'To the list of jobs', run: () => void navigate('/jobs') },
      {
        id: 'catalogue',
        group: 'Go',
        label: 'To the catalogue of parts',
        run: () => void navigate('/catalogue'),
      },
      { id: 'metric', group: 'Units and look', label: 'Metric units', run: () => setUnitSystem('metric') },
      { id: 'customary', group: 'Units and look', label: 'Customary units', run: () => setUnitSystem('customary') },
      { id: 'theme', group: 'Units and look', label: `Change to the ${other} theme`, run: () => setTheme(other) },
    ]
  }, [applied, navigate])
  useCommands('shell', source)
}
