import { photosAt, type PhotoEntry } from '@lochmoor/core'
import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react'
import { useBook } from './useBook.ts'

interface Photos {
  readonly of: ReadonlyMap<string, readonly PhotoEntry[]>
  /** Why they could not be had; null where they could. */
  readonly why: string | null
  readonly ask: () => void
}

const NONE: readonly PhotoEntry[] = []
const QUERY = { kind: 'photo', search: '' } as const
const Context = createContext<Photos>({ of: new Map(), why: null, ask: () => undefined })

/** Photographs of the open job by field: fetched once, when the first field that shows them is seen. */
export const FieldPhotos = ({ children }: { children: ReactNode }) => {
  const [wanted, setWanted] = useState(false)
  const { more, records, why } = useBook(QUERY, wanted)
  useEffect(() => more?.(), [more])
  const of = useMemo(() => photosAt(records), [records])
  const photos = useMemo(() => ({ of, why, ask: () => setWanted(true) }), [of, why])
  return <Context value={photos}>{children}</Context>
}

/** The photographs of one field, latest first. */
export const useFieldPhotos = (
  field: string,
): { readonly photos: readonly PhotoEntry[]; readonly why: string | null } => {
  const { ask, of, why } = useContext(Context)
  useEffect(ask, [ask])
  return { photos: of.get(field) ?? NONE, why }
}
