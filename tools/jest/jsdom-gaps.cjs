// What browsers have and jsdom has not.
const { TextDecoder, TextEncoder } = require('node:util')

// Tests read British English, as the texts are written, unless they choose.
Object.defineProperty(globalThis.navigator, 'language', { configurable: true, value: 'en-GB' })

globalThis.TextEncoder ??= TextEncoder
globalThis.TextDecoder ??= TextDecoder
globalThis.CSS ??= { escape: (text) => text.replace(/[^\w-]/g, (c) => `\\${c}`) }
globalThis.structuredClone ??= (value) => JSON.parse(JSON.stringify(value))
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
}
Element.prototype.scrollIntoView ??= () => undefined
Element.prototype.hasPointerCapture ??= () => false
// jsdom asks every label of the page for its control, and each of them walks the whole page for it. Here a label names
// its control or holds it.
const labelsOf = function () {
  const named = this.id ? [...this.ownerDocument.querySelectorAll(`label[for="${CSS.escape(this.id)}"]`)] : []
  const around = this.closest('label')
  return around && !around.htmlFor ? [...named, around] : named
}
for (const kind of [HTMLButtonElement, HTMLInputElement, HTMLOutputElement, HTMLSelectElement, HTMLTextAreaElement])
  Object.defineProperty(kind.prototype, 'labels', { configurable: true, get: labelsOf })
