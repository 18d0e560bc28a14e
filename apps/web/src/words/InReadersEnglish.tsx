import type { Part } from '@lochmoor/core'
import { Fragment, useEffect, type ReactNode } from 'react'
import { useJobStore } from '../store/jobStore.ts'
import { useCatalogue } from '../store/catalogueStore.ts'
import { useEnglish, usePreferences } from '../store/preferences.ts'
import { keepNames, keepWordsOf, readIn } from './readersEnglish.ts'

useJobStore.subscribe((now, before) => {
  if (now.document !== before.document) keepWordsOf(now.document)
})

useCatalogue.subscribe(({ catalogue }) =>
  keepNames(
    catalogue ? Object.values(catalogue).flatMap((parts: readonly Part[]) => parts.map((part) => part.name)) : [],
  ),
)

/** Everything that is shown, in the English and units of its reader; another English makes every screen anew. */
export const InReadersEnglish = ({ children }: { readonly children: ReactNode }) => {
  const english = useEnglish()
  const units = usePreferences((s) => s.units)
  readIn(english, units)
  useEffect(() => {
    document.documentElement.lang = english === 'american' ? 'en-US' : 'en-GB'
  }, [english])
  return <Fragment key={english}>{children}</Fragment>
}
