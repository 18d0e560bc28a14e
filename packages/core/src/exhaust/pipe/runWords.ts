import type { RunId } from '../../sections/index.ts'

/** What people call the stretches of an exhaust. */
export const RUN_WORDS: Readonly<Record<RunId, string>> = { a: 'Bank A', b: 'Bank B', common: 'Common pipe' }
