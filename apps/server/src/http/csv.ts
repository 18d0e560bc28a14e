/**
 * What a spreadsheet would take for a formula: by its first character, whatever follows, line breaks included. Such a cell
 * gets an apostrophe before it.
 */
export const FORMULA = /^[=+\-@\t\r\n|%＝＋－＠]/
