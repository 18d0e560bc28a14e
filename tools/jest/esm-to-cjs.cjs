// Jest runs CommonJS here (it can require ES modules only from Node 24.9), so dependencies that ship ES modules are
// turned into CommonJS; files that are CommonJS already pass through.
const { transformSync } = require('@swc/core')

const ES_MODULE = /^\s*(?:import|export)[\s{*"']|\bimport\.meta\b/m

module.exports = {
  process(code, filename) {
    if (!ES_MODULE.test(code)) return { code }
    return transformSync(code, {
      filename,
      sourceMaps: 'inline',
      configFile: false,
      swcrc: false,
      isModule: true,
      jsc: { target: 'es2022', parser: { syntax: 'ecmascript' } },
      module: { type: 'commonjs', ignoreDynamic: false },
    })
  },
}
