import { useCommands, type PaletteCommand } from '../palette/paletteStore.ts'
import { redo, undo } from '../store/commands.ts'
import { useJobStore } from '../store/jobStore.ts'

/** Undo and redo, named after the step they would take. */
const source = (): PaletteCommand[] => {
  const { past, future } = useJobStore.getState()
  const [back, forth] = [past.at(-1), future.at(-1)]
  return [
    ...(back ? [{ id: 'undo', group: 'Edit', label: `Undo ${back.label}`, run: undo }] : []),
    ...(forth ? [{ id: 'redo', group: 'Edit', label: `Redo ${forth.label}`, run: redo }] : []),
  ]
}

export const useJobCommands = (): void => useCommands('job', source)
