import type { PaletteCommand } from '../../palette/paletteStore.ts'

/** Fields of the bench by their labels, as they stand on the page when asked. */
export const fieldCommands = (): PaletteCommand[] =>
  [...document.querySelectorAll<HTMLLabelElement>('#measured label')].flatMap((label, i) => {
    const entry = document.getElementById(label.htmlFor)
    const group = label.closest('fieldset')?.querySelector('legend')?.textContent ?? ''
    return entry
      ? [
          {
            id: `field-${i}`,
            group: 'Go to a field',
            label: `${label.textContent}, ${group.toLowerCase()}`,
            run: () => entry.focus(),
          },
        ]
      : []
  })
