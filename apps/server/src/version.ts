/** Raised with CHANGELOG.md. */
export const VERSION = '0.15.0'
