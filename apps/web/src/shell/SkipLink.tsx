/** What can be filled in or pressed on a screen, in the order of the page. */
const FIELDS = '#measured :is(input, select, textarea):not(:disabled), main :is(input, select, textarea):not(:disabled)'

/** The first thing to fill in: of a bench what is measured, elsewhere what comes first; the content where there is nothing. */
const goToFirstField = (): void => {
  const fields = [...document.querySelectorAll<HTMLElement>(FIELDS)].filter((e) => e.checkVisibility())
  const first = fields.find((e) => e.closest('#measured')) ?? fields[0] ?? document.getElementById('main')
  first?.focus()
}

/** The first stop of the Tab key: from here one key leads to the first field, past header, rail and tabs. */
export const SkipLink = () => (
  <a
    href="#main"
    onClick={(e) => {
      e.preventDefault()
      goToFirstField()
    }}
    className="sr-only focus:not-sr-only focus:absolute focus:z-30 focus:border-2 focus:border-ink focus:bg-sheet focus:p-2"
  >
    To the first field
  </a>
)
