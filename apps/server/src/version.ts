/** Raised with CHANGELOG.md. */
export const VERSION = '0.12.0'
