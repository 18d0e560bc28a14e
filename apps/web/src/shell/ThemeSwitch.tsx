import { Moon, Sun } from 'lucide-react'
import { useSyncExternalStore } from 'react'
import { setTheme, type Theme } from '../store/preferences.ts'

const query = () => matchMedia('(prefers-color-scheme: dark)')
const watch = (tell: () => void) => {
  const q = query()
  q.addEventListener('change', tell)
  return () => q.removeEventListener('change', tell)
}

/** The chosen theme, or the machine's own. */
export const useAppliedTheme = (chosen: Theme | null): Theme => {
  const machine = useSyncExternalStore(watch, () => (query().matches ? 'dark' : 'light'))
  return chosen ?? machine
}

export const ThemeSwitch = ({ applied }: { applied: Theme }) => {
  const other = applied === 'dark' ? 'light' : 'dark'
  return (
    <button
      type="button"
      onClick={() => setTheme(other)}
      className="grid size-9 place-items-center rounded hover:bg-wash"
      aria-label={`Change to the ${other} theme`}
      title={`Change to the ${other} theme`}
    >
      {applied === 'dark' ? <Sun size={18} aria-hidden /> : <Moon size={18} aria-hidden />}
    </button>
  )
}
