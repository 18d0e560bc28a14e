/** Raised with CHANGELOG.md. */
export const VERSION = '0.13.0'
