import { Fragment, useEffect, type ReactNode } from 'react'
import { useJobStore } from '../store/jobStore.ts'
import { useEnglish } from '../store/preferences.ts'
import { keepWordsOf, readIn } from './readersEnglish.ts'

useJobStore.subscribe((now, before) => {
  if (now.document !== before.document) keepWordsOf(now.document)
})

/** Everything that is shown, in the English of its reader; another English makes every screen anew. */
export const InReadersEnglish = ({ children }: { readonly children: ReactNode }) => {
  const english = useEnglish()
  readIn(english)
  useEffect(() => {
    document.documentElement.lang = english === 'american' ? 'en-US' : 'en-GB'
  }, [english])
  return <Fragment key={english}>{children}</Fragment>
}
