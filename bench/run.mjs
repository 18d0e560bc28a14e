// @ts-check
import { endShared } from './application.mjs'
import { command } from './command.mjs'
import { computation } from './computation.mjs'
import { engineTopStation } from './engineTopStation.mjs'
import { exhaustStation } from './exhaustStation.mjs'
import { fuelStation } from './fuelStation.mjs'
import { keys } from './keys.mjs'
import { load } from './load.mjs'
import { QUICK } from './measure.mjs'
import { harnessStation } from './harnessStation.mjs'
import { networkSolver } from './networkSolver.mjs'
import { powerStation } from './powerStation.mjs'
import { screen } from './screen.mjs'
import { slowLine } from './slowLine.mjs'
import { store } from './store.mjs'
import { underLoad } from './underLoad.mjs'
import { wholeJob } from './wholeJob.mjs'

console.log(
  QUICK
    ? 'A quick run through everything: the figures mean nothing.\n'
    : 'Measured on this machine; nothing here passes or fails.\n',
)
/** What is measured, by name, in its order. @type {Readonly<Record<string, () => void | Promise<void>>>} */
const PARTS = {
  computation,
  network: networkSolver,
  fuel: fuelStation,
  exhaust: exhaustStation,
  'engine-top': engineTopStation,
  power: powerStation,
  harness: harnessStation,
  job: wholeJob,
  command,
  store,
  load,
  sheets: underLoad,
  screen,
  keys,
  line: slowLine,
}

const named = process.argv.slice(2)
const unknown = named.filter((name) => !Object.hasOwn(PARTS, name))
if (unknown.length > 0) {
  console.error(`"${unknown.join(' ')}" is not measured; measured are: ${Object.keys(PARTS).join(', ')}`)
  process.exit(2)
}
try {
  for (const [name, part] of Object.entries(PARTS)) if (named.length === 0 || named.includes(name)) await part()
} finally {
  await endShared()
}
