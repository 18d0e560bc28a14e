/** Raised with CHANGELOG.md. */
export const VERSION = '0.9.0'
