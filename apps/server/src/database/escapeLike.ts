/** Text as it stands, for a pattern of LIKE. */
export const escapeLike = (text: string): string => text.replace(/[\\%_]/g, (c) => `\\${c}`)
