// @ts-check
import { command } from './command.mjs'
import { computation } from './computation.mjs'
import { exhaustStation } from './exhaustStation.mjs'
import { fuelStation } from './fuelStation.mjs'
import { QUICK } from './measure.mjs'
import { harnessStation } from './harnessStation.mjs'
import { powerStation } from './powerStation.mjs'
import { screen } from './screen.mjs'
import { store } from './store.mjs'
import { underLoad } from './underLoad.mjs'
import { wholeJob } from './wholeJob.mjs'

console.log(
  QUICK
    ? 'A quick run through everything: the figures mean nothing.\n'
    : 'Measured on this machine; nothing here passes or fails.\n',
)
computation()
fuelStation()
exhaustStation()
powerStation()
await harnessStation()
wholeJob()
command()
await store()
await underLoad()
await screen()
