/** Lets everything go first that the page has to do: keys, clicks, drawing. */
export const giveWay = (): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve, 0)
  })
