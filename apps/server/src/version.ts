/** Raised with CHANGELOG.md. */
export const VERSION = '0.10.0'
