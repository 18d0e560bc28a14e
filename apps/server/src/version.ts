/** Raised with CHANGELOG.md. */
export const VERSION = '0.4.0'
