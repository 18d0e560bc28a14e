import { STATION_HEADS } from '@lochmoor/core'
import { useCallback } from 'react'
import { useNavigate } from 'react-router'
import { useCommands, type PaletteCommand } from '../palette/paletteStore.ts'
import { redo, undo } from '../store/commands.ts'
import { useJobStore } from '../store/jobStore.ts'
import { lastTabOf } from '../store/places.ts'
import { useSession } from '../store/sessionStore.ts'
import { PAPERS } from './papers.ts'

/** Single keys that lead to stations and papers, outside of fields. */
const PLACES: readonly (readonly [path: string, name: string, key: string])[] = [
  ...STATION_HEADS.map((s) => [s.path, s.inSentence, s.key] as const),
  ...PAPERS.map((p) => [p.path, p.title.toLowerCase(), p.key] as const),
]

/** Where a guest can go. */
export const GUEST_PAGES = [
  { path: 'summary', title: 'Summary', key: 's' },
  { path: 'log', title: 'Job log', key: 'l' },
] as const

const placesOf = (isGuest: boolean) =>
  isGuest ? GUEST_PAGES.map((p) => [p.path, p.title.toLowerCase(), p.key] as const) : PLACES

/** Undo and redo, named after the step they would take; the stations and papers of the job. */
export const useJobCommands = (): void => {
  const navigate = useNavigate()
  const source = useCallback((): PaletteCommand[] => {
    const { past, future, jobId } = useJobStore.getState()
    const [back, forth] = [past.at(-1), future.at(-1)]
    return [
      ...(back ? [{ id: 'undo', group: 'Edit', label: `Undo ${back.label}`, run: undo }] : []),
      ...(forth ? [{ id: 'redo', group: 'Edit', label: `Redo ${forth.label}`, run: redo }] : []),
      ...(jobId === null
        ? []
        : placesOf(useSession.getState().session?.state === 'guest').map(([path, name, key]) => ({
            id: `to-${path}`,
            group: 'Go',
            label: `To the ${name}`,
            key,
            run: () => void navigate(`/jobs/${jobId}/${lastTabOf(jobId, path)}`),
          }))),
    ]
  }, [navigate])
  useCommands('job', source)
}
