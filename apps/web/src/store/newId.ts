/** The id of a new item of a list: made here, once, and never again. */
export const newId = (): string => crypto.randomUUID()
