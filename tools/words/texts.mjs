// Every text of the program that may meet a reader, with the file it stands in: read from the sources, so that a new
// sentence is looked at without anybody thinking of it.
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'

export const ROOT = join(import.meta.dirname, '..', '..')

/** Attributes that nobody reads. */
const SILENT = new Set([
  'className',
  'd',
  'viewBox',
  'strokeDasharray',
  'transform',
  'type',
  'role',
  'key',
  'id',
  'htmlFor',
])
/** More than one word, or one that begins as a label does. @param {string} text */
const isText = (text) => /[A-Za-z]{2}/.test(text) && (/\s/.test(text.trim()) || /^[A-Z][a-z]/.test(text.trim()))
/** @param {string} text */
const isStyle = (text) =>
  /^(?:-?[a-z\d]+(?:[-:[\]/.()%_,=\d][^\s]*)?\s+)*-?[a-z\d]+[-:[][^\s]*(?:\s|$)/.test(text) && !/[.!?’“]/.test(text)

/** @param {string} file @param {string} source */
const ofSource = (file, source) => {
  /** @type {string[]} */
  const texts = []
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true, kind)
  /** @param {string} text */
  const add = (text) => {
    const plain = text.replace(/\s+/g, ' ').trim()
    if (isText(plain) && !isStyle(plain)) texts.push(plain)
  }
  /** @param {ts.Node} node */
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return
    if (ts.isJsxAttribute(node) && SILENT.has(node.name.getText())) return
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node) || ts.isJsxText(node)) add(node.text)
    else if (ts.isTemplateExpression(node))
      // What is put in stands for something that can be read: "…".
      add([node.head.text, ...node.templateSpans.map((s) => s.literal.text)].join('…'))
    ts.forEachChild(node, visit)
  }
  visit(tree)
  return texts
}

/** Prose of a page: without code, addresses and the marks of its format. @param {string} source */
const ofPage = (source) =>
  source
    .replace(/```[\s\S]*?```/g, '')
    .replace(/`[^`]*`/g, '…')
    .replace(/\]\([^)]*\)/g, ']')
    .split(/\n\s*\n/)
    .map((text) =>
      text
        .replace(/[*_#|>[\]!]/g, ' ')
        .replace(/\s+/g, ' ')
        .trim(),
    )
    .filter(isText)

/** Pages for users; notes for developers and the history of changes speak of code. */
const PAGES = /^(?:README\.md|docs\/(?:user-guide|fuel|exhaust-sensor|formulas)\.md)$/
const SOURCES = /^(?:apps|packages)\/.*\.tsx?$/
const NOT_READ = /\.test\.|\/test\/|\/migrations\/|\.d\.ts$|vite\.config/

/** Every page and source that may have texts. @returns {{ file: string, source: string }[]} */
export const sources = () =>
  execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], { cwd: ROOT, encoding: 'utf8' })
    .split('\n')
    .filter((file) => PAGES.test(file) || (SOURCES.test(file) && !NOT_READ.test(file)))
    .map((file) => ({ file, source: readFileSync(join(ROOT, file), 'utf8') }))

/** @returns {{ file: string, text: string }[]} */
export const allTexts = () =>
  sources().flatMap(({ file, source }) =>
    (file.endsWith('.md') ? ofPage(source) : ofSource(file, source)).map((text) => ({ file, text })),
  )
