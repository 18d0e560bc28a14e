/** One position of a switch on the board of an ECU, with what it is for. */
export interface SwitchPosition {
  readonly position: string
  readonly means: string
}

/** Positions as the catalogue writes them: "1 return; 2 single-line". What is no pair is left out. */
export const readSwitch = (text: string): SwitchPosition[] =>
  text.split(';').flatMap((pair) => {
    const [position, means, ...more] = pair.trim().split(/\s+/)
    return position && means && more.length === 0 ? [{ position, means }] : []
  })
