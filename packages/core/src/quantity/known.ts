/** A figure that was measured or decided, or null where it is not known yet. */
export type Known = number | null
