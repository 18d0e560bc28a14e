/** One position of a switch on the board of an ECU, with what it is for. */
export interface SwitchPosition {
  readonly position: string
  readonly means: string
}

/** Positions of a market switch, each with the highest ethanol share it takes; what is no percentage is left out. */
export const readMarketSwitch = (text: string): { readonly position: string; readonly share: number }[] =>
  readSwitch(text).flatMap(({ position, means }) => {
    const share = Number(means) / 100
    return share >= 0 && share <= 1 ? [{ position, share }] : []
  })

/** Positions as the catalogue writes them: "1 return; 2 single-line". What is no pair is left out. */
export const readSwitch = (text: string): SwitchPosition[] =>
  text.split(';').flatMap((pair) => {
    const [position, means, ...more] = pair.trim().split(/\s+/)
    return position && means && more.length === 0 ? [{ position, means }] : []
  })
