import { useEffect } from 'react'
import { create } from 'zustand'

/** Something a person can do from here, by name. */
export interface PaletteCommand {
  readonly id: string
  readonly group: string
  readonly label: string
  /** The single key that does the same, where there is one. */
  readonly key?: string
  run(): void
}

type Source = () => readonly PaletteCommand[]

interface PaletteState {
  readonly open: boolean
  readonly sources: Readonly<Record<string, Source>>
}

export const usePalette = create<PaletteState>(() => ({ open: false, sources: {} }))

export const setPaletteOpen = (open: boolean): void => {
  usePalette.setState({ open })
}

/** Offers the commands of a screen while it is shown; they are asked for when the palette opens or a key is pressed. */
export const useCommands = (name: string, source: Source): void => {
  useEffect(() => {
    usePalette.setState((s) => ({ sources: { ...s.sources, [name]: source } }))
    return () => {
      usePalette.setState((s) => {
        const { [name]: _, ...rest } = s.sources
        return { sources: rest }
      })
    }
  }, [name, source])
}

export const commandsOf = (sources: Readonly<Record<string, Source>>): PaletteCommand[] =>
  Object.values(sources).flatMap((source) => source())

export const allCommands = (): PaletteCommand[] => commandsOf(usePalette.getState().sources)
