import { useEffect } from 'react'
import { redo, undo } from '../store/commands.ts'

/** Ctrl/Cmd-Z and Ctrl-Y or Shift-Z, outside text that is being edited by the browser itself. */
export const useUndoKeys = (): void => {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.altKey) return
      const key = e.key.toLowerCase()
      const command = key === 'z' ? (e.shiftKey ? redo : undo) : key === 'y' ? redo : null
      if (!command) return
      e.preventDefault()
      // A field that is open shows its draft; leaving it lets the stored figure show.
      if (document.activeElement instanceof HTMLInputElement) document.activeElement.blur()
      command()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [])
}
