/** Raised with CHANGELOG.md. */
export const VERSION = '0.2.0'
