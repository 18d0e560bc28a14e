/** Raised with CHANGELOG.md. */
export const VERSION = '0.17.0'
