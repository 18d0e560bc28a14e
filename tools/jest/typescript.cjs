// TypeScript for Jest. A test runs in a context of its own, where every look at a global goes through an interceptor:
// `Math.sqrt` costs some fifteen times what it costs outside, and the computation does little else. So each module
// takes what it looks at most once, into constants of its own.
const { createTransformer } = require('@swc/jest').default ?? require('@swc/jest')

const TAKEN = ['Math', 'Number', 'Infinity', 'NaN', 'Object', 'Array', 'Map', 'Set', 'JSON', 'String', 'Error']
/** Comments may stand before it. */
const STRICT = /^(?:\s|\/\*[\s\S]*?\*\/|\/\/.*\n)*"use strict";/

/** Only what the module uses and does not name itself. */
const taking = (code) => {
  const names = TAKEN.filter(
    (n) =>
      new RegExp(`\\b${n}\\b`).test(code) && !new RegExp(`\\b(?:const|let|var|class|function)\\s+${n}\\b`).test(code),
  )
  return names.length === 0 ? '' : `const {${names.join(',')}} = globalThis;`
}

const withConstants = (made) => ({
  ...made,
  code: made.code.replace(STRICT, (strict) => `${strict}${taking(made.code)}`),
})

module.exports = {
  createTransformer: (options) => {
    const swc = createTransformer(options)
    return {
      ...swc,
      getCacheKey: (...args) => `constants-3-${swc.getCacheKey(...args)}`,
      process: (...args) => withConstants(swc.process(...args)),
    }
  },
}
