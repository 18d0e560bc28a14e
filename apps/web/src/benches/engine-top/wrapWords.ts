/** A name in lines of so many letters at most; a longer word keeps its line to itself. */
export const wrapWords = (text: string, most: number): string[] =>
  text.split(' ').reduce<string[]>((lines, word) => {
    const last = lines.at(-1)
    return last !== undefined && last.length + 1 + word.length <= most
      ? [...lines.slice(0, -1), `${last} ${word}`]
      : [...lines, word]
  }, [])
