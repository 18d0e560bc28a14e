/** Raised with CHANGELOG.md. */
export const VERSION = '0.14.0'
