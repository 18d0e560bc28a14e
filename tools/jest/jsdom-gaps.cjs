// What browsers have and jsdom has not.
const { TextDecoder, TextEncoder } = require('node:util')

globalThis.TextEncoder ??= TextEncoder
globalThis.TextDecoder ??= TextDecoder
globalThis.structuredClone ??= (value) => JSON.parse(JSON.stringify(value))
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
}
Element.prototype.scrollIntoView ??= () => undefined
Element.prototype.hasPointerCapture ??= () => false
