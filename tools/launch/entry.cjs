// Written for any Node.js, however old, so that it can say which one is needed.
var need = [20, 19]
var have = process.versions.node.split('.').map(Number)
if (have[0] < need[0] || (have[0] === need[0] && have[1] < need[1])) {
  console.error(
    'lochmoor: this Node.js is ' +
      process.versions.node +
      '; install Node.js ' +
      need.join('.') +
      ' or newer (20 or 22 LTS) and start again.',
  )
  process.exit(1)
}
import('./main.mjs')
