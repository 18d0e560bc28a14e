/** Raised with CHANGELOG.md. */
export const VERSION = '0.16.0'
