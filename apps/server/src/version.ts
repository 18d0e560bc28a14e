/** Raised with CHANGELOG.md. */
export const VERSION = '0.3.0'
