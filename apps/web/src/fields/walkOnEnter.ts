import type { KeyboardEvent } from 'react'

/** Enter goes down the column, Shift-Enter up. */
export const walkOnEnter = (e: KeyboardEvent<HTMLDivElement>) => {
  if (e.key !== 'Enter' || !(e.target instanceof HTMLInputElement)) return
  e.preventDefault()
  const entries = [...e.currentTarget.querySelectorAll<HTMLElement>('[data-entry]')].filter(
    (entry) => !entry.closest('details:not([open])'),
  )
  entries[entries.indexOf(e.target) + (e.shiftKey ? -1 : 1)]?.focus()
}
