/** Raised with CHANGELOG.md. */
export const VERSION = '0.11.0'
