import { useEffect } from 'react'
import { allCommands, setPaletteOpen, usePalette } from './paletteStore.ts'

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement

/** Ctrl/Cmd-K opens the palette; outside of fields the single keys of the commands work. */
export const usePaletteKeys = (): void => {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'k') {
        e.preventDefault()
        setPaletteOpen(!usePalette.getState().open)
        return
      }
      const free = !e.ctrlKey && !e.metaKey && !e.altKey && !typing(e.target)
      if (!free || document.querySelector('[role="dialog"]')) return
      const command = allCommands().find((c) => c.key === e.key)
      if (!command) return
      e.preventDefault()
      command.run()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [])
}
