import type { StationValue } from '@lochmoor/core'
import type { PaletteCommand } from '../../palette/paletteStore.ts'

/** The tabs of a station by their names. */
export const tabCommands = (station: StationValue, navigate: (to: string) => unknown): PaletteCommand[] =>
  station.tabs.map(({ path, title }) => ({
    id: `sheet-${path}`,
    group: 'Go to a tab',
    label: `${station.title}: ${title.toLowerCase()}`,
    run: () => void navigate(path === '' ? `../${station.path}` : `../${station.path}/${path}`),
  }))
