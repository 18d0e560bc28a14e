// @ts-check

/** Something a person can mend: one sentence that says what is wrong and what to do, printed without a stack. */
export class Sorry extends Error {}
